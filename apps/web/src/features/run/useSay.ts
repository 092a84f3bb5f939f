import type { GivenRunEvent } from '@feverfew/contracts';
import { tap, useOutbox } from '../../app/offline/outbox';
import { useMay } from '../../queries/deviceQueries';

export interface Say {
  readonly send: (event: GivenRunEvent['event']) => void;
  /** No tap is taken now: one is on its way and has a line, or this device only looks. */
  readonly pending: boolean;
  /** Taps that wait on this device for a line to the server. */
  readonly waiting: number;
  /** The device keeps none of them: they live as long as the page is open. */
  readonly isUnkept: boolean;
  readonly error: string | null;
  /** This device only looks: it taps nothing. */
  readonly onlyLooks: boolean;
}

/** Reports what was done; each tap has a key of its own, so a retry after a lost answer counts once. */
export function useSay(runId: string): Say {
  const { held, refused, isCut, isUnkept } = useOutbox();
  const own = held.filter((tapped) => tapped.runId === runId).length;
  const onlyLooks = !useMay('tub');
  const pending = onlyLooks || (own > 0 && !isCut);
  return {
    send: (event) => {
      if (!pending) tap(runId, event);
    },
    pending,
    waiting: isCut ? own : 0,
    isUnkept,
    onlyLooks,
    error: refused?.runId === runId ? refused.message : null,
  };
}
