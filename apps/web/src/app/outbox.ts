import { type GivenRunEvent, MOST_HELD_MS, type RunView } from '@feverfew/contracts';
import { useSyncExternalStore } from 'react';
import { queryClient } from '../queries/queryClient';
import { ApiProblem, request } from './api';

/** A tap that the server has not taken yet. Kept on the device, so that neither a reload nor a lost line loses it. */
export interface HeldTap {
  readonly runId: string;
  readonly key: string;
  readonly event: GivenRunEvent['event'];
  readonly tappedAt: number;
}

export interface Refused {
  readonly runId: string;
  readonly message: string;
}

interface Outbox {
  readonly held: readonly HeldTap[];
  readonly refused: Refused | null;
  /** The last attempt found no server. */
  readonly isCut: boolean;
}

const KEPT = 'feverfew.outbox';
const RETRY_MS = 3000;

let outbox: Outbox = { held: readKept(), refused: null, isCut: false };
const listeners = new Set<() => void>();
let sending: Promise<void> | null = null;
let retry: ReturnType<typeof setTimeout> | null = null;

function readKept(): HeldTap[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT) ?? '[]');
    return Array.isArray(kept) ? (kept as HeldTap[]) : [];
  } catch {
    return [];
  }
}

function change(next: Partial<Outbox>): void {
  outbox = { ...outbox, ...next };
  localStorage.setItem(KEPT, JSON.stringify(outbox.held));
  for (const listener of listeners) listener();
}

export function tap(runId: string, event: GivenRunEvent['event']): void {
  const held = { runId, key: crypto.randomUUID(), event, tappedAt: Date.now() };
  change({ held: [...outbox.held, held], refused: null });
  void flushOutbox();
}

/** Sends what is held, in order, one at a time; stops where the line is cut, to try again soon. */
export function flushOutbox(): Promise<void> {
  sending ??= send().finally(() => {
    sending = null;
  });
  return sending;
}

async function send(): Promise<void> {
  if (retry) clearTimeout(retry);
  retry = null;
  for (let next = outbox.held[0]; next; next = outbox.held[0]) {
    const { runId, key, event, tappedAt } = next;
    try {
      const heldMs = Math.min(MOST_HELD_MS, Math.max(0, Date.now() - tappedAt));
      const run = await request<RunView>('POST', `/runs/${runId}/events`, { key, event, heldMs });
      queryClient.setQueryData(['runs', runId], run);
      change({ held: outbox.held.filter((tapped) => tapped.key !== key), isCut: false });
    } catch (error) {
      if (!(error instanceof ApiProblem) || error.status === 0 || error.status >= 500) {
        change({ isCut: true });
        retry = setTimeout(() => void flushOutbox(), RETRY_MS);
        return;
      }
      // It does not fit where the run stands: what was tapped after it was meant for another state, and goes too.
      change({
        held: outbox.held.filter((tapped) => tapped.runId !== runId),
        refused: { runId, message: error.message },
        isCut: false,
      });
      await queryClient.invalidateQueries({ queryKey: ['runs', runId] });
    }
  }
  void queryClient.invalidateQueries({ queryKey: ['today'] });
  void queryClient.invalidateQueries({ queryKey: ['pieces'] });
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useOutbox = (): Outbox => useSyncExternalStore(subscribe, () => outbox);
