import { type GivenRunEvent, renameOldKeys } from '@feverfew/contracts';

/** A tap that the server has not taken yet. */
export interface HeldTap {
  readonly runId: string;
  readonly key: string;
  readonly event: GivenRunEvent['event'];
  readonly tappedAt: number;
  /** Its place among the taps of this device: a clock may be set back, this never is. */
  readonly nth: number;
}

/*
 * Every tap lies under a name of its own. One list for all would be written over by a second page of the same device,
 * and a tap with it; the persisted mutations of the query library are such a list, so they are not used for this.
 */
const PREFIX = 'feverfew.tap.';
/** The storage key under which earlier pages kept all taps in one list. */
const LIST_OF_BEFORE = 'feverfew.outbox';

/** Taps that the storage of the device did not take: it is full, or shut. They live as long as the page. */
const inMemory = new Map<string, HeldTap>();

/** Taps of all pages of this device, in the order they were tapped. */
export function heldTaps(): HeldTap[] {
  return [...stored(), ...inMemory.values()].sort(
    (a, b) => a.nth - b.nth || a.tappedAt - b.tappedAt || a.key.localeCompare(b.key),
  );
}

export const isAnyInMemory = (): boolean => inMemory.size > 0;

/** Keeps a tap as the last one. */
export function keepTap(tap: Omit<HeldTap, 'nth'>): void {
  const held = { ...tap, nth: (heldTaps().at(-1)?.nth ?? 0) + 1 };
  if (!write(held)) inMemory.set(held.key, held);
}

export function dropTap(key: string): void {
  inMemory.delete(key);
  try {
    localStorage.removeItem(PREFIX + key);
  } catch {
    // A storage that is shut holds nothing.
  }
}

/** Calls back when another page of this device keeps or drops a tap. */
export function onOtherPage(changed: () => void): void {
  window.addEventListener('storage', ({ key }) => {
    if (key === null || key.startsWith(PREFIX)) changed();
  });
}

function write(tap: HeldTap): boolean {
  try {
    localStorage.setItem(PREFIX + tap.key, JSON.stringify(tap));
    return true;
  } catch {
    return false;
  }
}

function stored(): HeldTap[] {
  try {
    takeOverList();
    return Object.keys(localStorage)
      .filter((name) => name.startsWith(PREFIX))
      .flatMap((name) => parsed(localStorage.getItem(name)) ?? []);
  } catch {
    return [];
  }
}

/** The list of an earlier page, one key for each tap. */
function takeOverList(): void {
  const list = localStorage.getItem(LIST_OF_BEFORE);
  if (list === null) return;
  const taps: unknown = JSON.parse(list);
  if (Array.isArray(taps))
    for (const [nth, tap] of taps.entries())
      if (isTap(tap)) localStorage.setItem(PREFIX + tap.key, JSON.stringify({ ...tap, nth: nth + 1 }));
  localStorage.removeItem(LIST_OF_BEFORE);
}

function parsed(text: string | null): HeldTap | null {
  try {
    const tap: unknown = JSON.parse(text ?? 'null');
    return isTap(tap) ? { ...tap, event: renameOldKeys(tap.event) as HeldTap['event'] } : null;
  } catch {
    return null;
  }
}

const isTap = (value: unknown): value is HeldTap =>
  typeof value === 'object' &&
  value !== null &&
  ['runId', 'key', 'event', 'tappedAt'].every((field) => field in value);
