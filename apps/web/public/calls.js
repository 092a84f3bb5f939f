/* Part of the service worker: a call that is tapped leads to its run. */
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  const { path = '/' } = event.notification.data ?? {};
  event.waitUntil(
    self.clients.matchAll({ type: 'window', includeUncontrolled: true }).then(async (pages) => {
      const there = pages.find((page) => new URL(page.url).pathname === path) ?? pages[0];
      if (!there) return self.clients.openWindow(path);
      await there.focus();
      // A page of before this worker cannot be led anywhere: it is at least in front.
      if (new URL(there.url).pathname !== path) await there.navigate(path).catch(() => undefined);
    }),
  );
});
