import { useSyncExternalStore } from 'react';
import type { Workbox } from 'workbox-window';
import { call } from '../api/api';
import { keptAnswer } from './keptAnswers';

/** How often a page that stays open asks whether there is a newer one. */
const ASK_EVERY_MS = 3600_000;
const DAY_MS = 24 * 3600_000;

let workbox: Workbox | null = null;
let isNewer = false;
const listeners = new Set<() => void>();

/**
 * Keeps the pages on this device, where the line is a safe one, so that they open without it. A newer one waits until
 * the person takes it: no page changes while it is used.
 */
export async function registerServiceWorker(): Promise<void> {
  if (!import.meta.env.PROD || !window.isSecureContext || !('serviceWorker' in navigator)) return;
  const { Workbox } = await import('workbox-window');
  workbox = new Workbox('/sw.js');
  workbox.addEventListener('waiting', () => {
    isNewer = true;
    for (const listener of listeners) listener();
  });
  // A browser that keeps nothing, or a certificate it does not trust: the page works with a line.
  const registration = await workbox.register().catch(() => undefined);
  if (!registration) return;
  void keepReference();
  setInterval(() => void registration.update().catch(() => undefined), ASK_EVERY_MS);
}

/** What the look-up shows is fetched before anybody looks it up, once a day. */
async function keepReference(): Promise<void> {
  const kept = await keptAnswer('readReference');
  if (kept && Date.now() - kept.at < DAY_MS) return;
  await call('readReference').catch(() => undefined);
}

/** Applies the update. Another open page stays as it is until it is reloaded. */
export function applyUpdate(): void {
  workbox?.addEventListener('controlling', () => window.location.reload());
  workbox?.messageSkipWaiting();
}

/** For a page that broke: it may be too old for the house it talks to. */
export function reloadApp(): void {
  if (isNewer) applyUpdate();
  else window.location.reload();
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useUpdateAvailable = (): boolean => useSyncExternalStore(subscribe, () => isNewer);
