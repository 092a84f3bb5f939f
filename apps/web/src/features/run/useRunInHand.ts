import { type RunEvent, type RunView, replayRun } from '@feverfew/contracts';
import { useMemo } from 'react';
import { useOutbox } from '../../app/offline/outbox';
import type { HeldTap } from '../../app/offline/tapStore';
import { useRun } from '../../queries/runQueries';

/** A run as this device has it: the server's, with the taps that wait for a line played on top by the same rules. */
export function useRunInHand(runId: string) {
  const query = useRun(runId);
  const { held } = useOutbox();
  const run = query.data;
  const offsetMs = run ? Date.parse(run.now) - query.dataUpdatedAt : 0;
  const inHand = useMemo(
    () =>
      run
        ? withHeld(
            run,
            held.filter((tapped) => tapped.runId === run.id),
            offsetMs,
          )
        : undefined,
    [run, held, offsetMs],
  );
  return { query, run: inHand, offsetMs };
}

/** Plays held taps on a run; one that does not fit is left to the server to refuse. */
export function withHeld(run: RunView, held: readonly HeldTap[], offsetMs: number): RunView {
  let { events, state } = run;
  for (const { event, tappedAt } of held) {
    // Which products a kept mix holds only the server knows; it changes no step.
    if (event.kind === 'mixUsed') continue;
    const next = [...events, { ...event, at: new Date(tappedAt + offsetMs).toISOString() } as RunEvent];
    const replayed = replayRun(next, run.plan);
    if (!replayed.ok) continue;
    ({ state } = replayed);
    events = next as typeof events;
  }
  return { ...run, events, state };
}
