import type { ChangeNews } from '@feverfew/contracts';
import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { CHANGING, STALE_AFTER } from '../queries/staleAfter';
import { request } from './api';
import { flushOutbox } from './outbox';

/**
 * Fetches anew what has become stale. A page's first fetching is not broken off by that, and what it brings may be
 * older than the news: it is fetched once more as soon as it has come.
 *
 * @param queryKey what became stale; everything where it is left out
 */
function outdate(client: QueryClient, queryKey?: readonly string[]): void {
  const filter = queryKey ? { queryKey } : {};
  for (const query of client.getQueryCache().findAll({ ...filter, fetchStatus: 'fetching' }))
    if (query.state.data === undefined)
      void query.fetch().then(
        () => client.invalidateQueries({ queryKey: query.queryKey, exact: true }),
        () => undefined,
      );
  void client.invalidateQueries(filter);
}

/**
 * Keeps this device in step with the server by its line of changes. The line is held only while the page is seen: a
 * browser gives a server few lines at a time. Coming back, or after the line was lost, everything is fetched anew;
 * so is what changes when the line first opens, since what was told between a page's own fetching
 * and then is told nobody.
 */
export function useChanges(): void {
  const client = useQueryClient();
  useEffect(() => {
    let line: EventSource | null = null;
    const hear = (event: MessageEvent<string>) => {
      const { topic } = JSON.parse(event.data) as ChangeNews;
      for (const key of STALE_AFTER[topic]) outdate(client, [key]);
      // A clash may begin or end on a run that did not itself change.
      if (topic === 'run') outdate(client, ['runs']);
    };
    const catchUp = () => {
      void flushOutbox();
      outdate(client);
    };
    const open = () => {
      if (line || document.hidden) return;
      line = new EventSource('/api/changes');
      line.addEventListener('news', hear);
      // Refused, and not only cut: asked aloud, it shows whether this device was put out.
      line.addEventListener('error', () => {
        if (line?.readyState === EventSource.CLOSED)
          void request('GET', '/devices/me').catch(() => undefined);
      });
      let wasOpen = false;
      line.addEventListener('open', () => {
        if (wasOpen) catchUp();
        else for (const key of CHANGING) outdate(client, [key]);
        wasOpen = true;
      });
    };
    const turn = () => {
      if (!document.hidden) {
        open();
        catchUp();
      } else {
        line?.close();
        line = null;
      }
    };
    // Taps of before a reload are sent first.
    void flushOutbox();
    open();
    document.addEventListener('visibilitychange', turn);
    window.addEventListener('online', catchUp);
    return () => {
      document.removeEventListener('visibilitychange', turn);
      window.removeEventListener('online', catchUp);
      line?.close();
    };
  }, [client]);
}
