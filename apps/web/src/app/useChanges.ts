import type { ChangeNews } from '@feverfew/contracts';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { flushOutbox } from './outbox';

/** What a device has fetched of each topic. */
const STALE: Readonly<Record<ChangeNews['topic'], readonly string[]>> = {
  run: ['today', 'pieces', 'troubles', 'whatWorks', 'preview'],
  book: ['today', 'pieces', 'troubles', 'trials', 'whatWorks', 'preview'],
  household: ['household', 'preview', 'mix', 'tableAnswer', 'savedMixes', 'today', 'whatWorks'],
};

/** Everything that any change makes stale. */
const CHANGING = [...new Set([...Object.values(STALE).flat(), 'runs'])];

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
      for (const key of STALE[topic]) void client.invalidateQueries({ queryKey: [key] });
      // A clash may begin or end on a run that did not itself change.
      if (topic === 'run') void client.invalidateQueries({ queryKey: ['runs'] });
    };
    const catchUp = () => {
      void flushOutbox();
      void client.invalidateQueries();
    };
    const open = () => {
      if (line || document.hidden) return;
      line = new EventSource('/api/changes');
      line.addEventListener('news', hear);
      let wasOpen = false;
      line.addEventListener('open', () => {
        if (wasOpen) catchUp();
        else for (const key of CHANGING) void client.invalidateQueries({ queryKey: [key] });
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
