import type { GivenRunEvent } from '@feverfew/contracts';
import { tap, useOutbox } from '../../app/outbox';

export interface Say {
  readonly send: (event: GivenRunEvent['event']) => void;
  /** A tap is on its way: the next one waits for it, unless there is no line. */
  readonly pending: boolean;
  /** Taps that wait on this device for a line to the server. */
  readonly waiting: number;
  /** The device keeps none of them: they live as long as the page is open. */
  readonly isUnkept: boolean;
  readonly error: string | null;
}

/** Reports what was done; each tap has a key of its own, so a retry after a lost answer counts once. */
export function useSay(runId: string): Say {
  const { held, refused, isCut, isUnkept } = useOutbox();
  const own = held.filter((tapped) => tapped.runId === runId).length;
  const pending = own > 0 && !isCut;
  return {
    send: (event) => {
      if (!pending) tap(runId, event);
    },
    pending,
    waiting: isCut ? own : 0,
    isUnkept,
    error: refused?.runId === runId ? refused.message : null,
  };
}
