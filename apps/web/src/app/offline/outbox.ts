import { type AfterTap, type GivenRunEvent, MAX_HELD_MS, type RunView } from '@feverfew/contracts';
import { useSyncExternalStore } from 'react';
import { v4 as newKey } from 'uuid';
import { queryClient, showAnswer } from '../../queries/queryClient';
import { keyOf } from '../../queries/routeQuery';
import { ApiProblem, call } from '../api/api';
import { keepAnswer } from './keptAnswers';
import { dropTap, type HeldTap, heldTaps, isAnyInMemory, keepTap, onOtherPage } from './tapStore';

export interface RefusedTap {
  readonly runId: string;
  readonly message: string;
}

interface Outbox {
  readonly held: readonly HeldTap[];
  readonly refused: RefusedTap | null;
  /** The last attempt found no server. */
  readonly isCut: boolean;
  /** The storage of this device takes no tap: what is held lives as long as the page is open. */
  readonly isUnkept: boolean;
}

const RETRY_MS = 3000;
/** However long a server asks to be left alone: a tap waits no longer than this. */
const MAX_RETRY_MS = 60_000;
/** No line, not let in (any more, or yet again), too much at once, or a server in trouble: none is lost by it. */
const isForLater = (status: number): boolean =>
  status === 0 || status === 401 || status === 429 || status >= 500;
/** Only one page of a device sends at a time, where the browser has such a lock; the keys make repeats count once. */
const LOCK = 'feverfew.outbox';

let outbox: Outbox = { held: heldTaps(), refused: null, isCut: false, isUnkept: false };
const listeners = new Set<() => void>();
let sending: Promise<void> | null = null;
let retry: ReturnType<typeof setTimeout> | null = null;

onOtherPage(() => change({}));

function change(next: Partial<Outbox>): void {
  outbox = { ...outbox, ...next, held: heldTaps(), isUnkept: isAnyInMemory() };
  for (const listener of listeners) listener();
}

export function tap(runId: string, event: GivenRunEvent['event']): void {
  keepTap({ runId, key: newKey(), event, tappedAt: Date.now() });
  change({ refused: null });
  void flushOutbox();
}

/** Sends what is held, in order, one at a time; stops where the line is cut, to try again soon. */
export function flushOutbox(): Promise<void> {
  sending ??= alone(send).finally(() => {
    sending = null;
    // What was tapped while the lock was being let go of.
    if (!outbox.isCut && heldTaps().length > 0) void flushOutbox();
  });
  return sending;
}

/** The lock is there only where the page came over a safe line. */
const alone = async (work: () => Promise<void>): Promise<void> => {
  await ('locks' in navigator ? navigator.locks.request(LOCK, work) : work());
};

async function send(): Promise<void> {
  if (retry) clearTimeout(retry);
  retry = null;
  for (let next = heldTaps()[0]; next; next = heldTaps()[0]) {
    const { runId, key, event, tappedAt } = next;
    try {
      const heldMs = Math.min(MAX_HELD_MS, Math.max(0, Date.now() - tappedAt));
      const after = await call('addRunEvent', {
        params: { id: runId },
        body: { key, event, heldMs },
        query: { plan: 'none' },
      });
      dropTap(key);
      await standsAt(after);
      change({ isCut: false });
    } catch (error) {
      if (!(error instanceof ApiProblem) || isForLater(error.status)) {
        change({ isCut: true });
        const asked = error instanceof ApiProblem ? error.againAfterMs : null;
        retry = setTimeout(() => void flushOutbox(), Math.min(MAX_RETRY_MS, asked ?? RETRY_MS));
        return;
      }
      // It does not fit the state of the run. Later taps were meant for another state, so they go too.
      for (const tapped of heldTaps()) if (tapped.runId === runId) dropTap(tapped.key);
      change({ refused: { runId, message: error.message }, isCut: false });
      await queryClient.invalidateQueries({ queryKey: keyOf('readRun', { params: { id: runId } }) });
    }
  }
  void queryClient.invalidateQueries({ queryKey: ['today'] });
  void queryClient.invalidateQueries({ queryKey: ['pieces'] });
}

/** Shows a run as it is after a tap, with the plan this device has; where it has none, or another, all is fetched. */
async function standsAt(after: AfterTap): Promise<void> {
  const input = { params: { id: after.id } };
  const queryKey = keyOf('readRun', input);
  const known = queryClient.getQueryData<RunView>(queryKey);
  if (!known || known.planId !== after.planId) {
    const run = await call('readRun', input).catch(() => null);
    if (run) await showAnswer(queryClient, queryKey, run);
    return;
  }
  const run = { ...after, plan: known.plan };
  await showAnswer(queryClient, queryKey, run);
  void keepAnswer('readRun', input, run);
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useOutbox = (): Outbox => useSyncExternalStore(subscribe, () => outbox);
