import { addressOf, type ChangeNews } from '@feverfew/contracts';
import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { STALE_AFTER, STALE_AFTER_ANY } from '../../queries/staleAfter';
import { flushOutbox } from '../offline/outbox';
import { call } from './api';

/**
 * Fetches stale data again. A first fetch in flight is not cancelled, but its answer may be older than the event: it is
 * repeated as soon as it has arrived.
 *
 * @param queryKey the stale data; everything if it is left out
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
 * Keeps this device in step with the server by its event stream. The stream is open only while the page is visible,
 * because a browser limits the connections to one server. When the page becomes visible again, or after the stream was
 * lost, everything is fetched again. The same holds when the stream first opens: an event sent between the fetch and
 * the subscription would be missed.
 */
export function useChanges(): void {
  const client = useQueryClient();
  useEffect(() => {
    let line: EventSource | null = null;
    const hear = (event: MessageEvent<string>) => {
      const { topic } = JSON.parse(event.data) as ChangeNews;
      for (const key of STALE_AFTER[topic]) outdate(client, [key]);
    };
    const catchUp = () => {
      void flushOutbox();
      outdate(client);
    };
    const open = () => {
      if (line || document.hidden) return;
      line = new EventSource(addressOf('listenToChanges'));
      line.addEventListener('news', hear);
      // Refused, and not only cut: asked aloud, it shows whether this device was put out.
      line.addEventListener('error', () => {
        if (line?.readyState === EventSource.CLOSED) void call('readRequester').catch(() => undefined);
      });
      let wasOpen = false;
      line.addEventListener('open', () => {
        if (wasOpen) catchUp();
        else for (const key of STALE_AFTER_ANY) outdate(client, [key]);
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
    // Taps from before a reload are sent first.
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
