import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { compartmentsOf } from '../load/dose.js';
import type { DrumPiece } from '../load/drumPiece.js';
import type { HeapEntry } from '../load/heapEntry.js';
import type { Machine } from '../load/machine.js';
import { readEntry } from '../load/readEntry.js';
import { type Load, sortHeap } from '../load/sortHeap.js';
import { entryIdOf, splitToFit } from '../load/splitToFit.js';
import { checkLoad, type ToldLoad } from '../safety/checkLoads.js';
import { heapCase, heapEntryCase } from './heapCase.js';

export interface HeapSweep {
  readonly heaps: number;
  readonly loads: number;
  readonly stays: number;
  readonly unproven: number;
  /** What the checker found, by its words without names; and the first heaps it found them in. */
  readonly faults: Readonly<Record<string, number>>;
  readonly examples: readonly number[];
  /** Longest and middle time of one sorting, ms. */
  readonly worstMs: number;
  readonly medianMs: number;
  /** Heaps of which it is not proved that their loads are the fewest. */
  readonly gaps: number;
  /** Loads that at most could be fewer, over all heaps. */
  readonly atMostFewer: number;
}

interface Read {
  readonly entry: HeapEntry;
  readonly pieces: readonly DrumPiece[];
}

/** Sorts and checks heaps of `size` lines with numbers from `from` up to but not including `to`. */
export function sweepHeaps(
  {
    from,
    to,
    size,
    pool,
    best,
  }: { from: number; to: number; size: readonly [number, number]; pool: number; best: number },
  machine: Machine,
  household: Household,
  knowledge: Knowledge,
  now: () => number,
): HeapSweep {
  const known = new Map<number, Read>();
  const read = (number: number): Read => {
    const found = known.get(number);
    if (found) return found;
    const entry = heapEntryCase(number);
    const answer = readEntry(entry, machine, household, knowledge);
    const made = { entry, pieces: answer.to === 'drum' ? splitToFit(answer.piece, machine) : [] };
    known.set(number, made);
    return made;
  };
  const faults: Record<string, number> = {};
  const examples: number[] = [];
  const times: number[] = [];
  let loads = 0;
  let stays = 0;
  let unproven = 0;
  let atMostFewer = 0;
  let gaps = 0;
  for (let number = from; number < to; number += 1) {
    const lines = size[0] + (number % (size[1] - size[0] + 1));
    const heap = heapCase(number, lines, pool).map(read);
    const byId = new Map(heap.map(({ entry }) => [entry.id, entry]));
    const pieces = heap.flatMap((one) => one.pieces);
    stays += heap.filter((one) => one.pieces.length === 0).length;
    const start = now();
    const sorting = sortHeap(pieces, machine, best);
    times.push(now() - start);
    loads += sorting.loads.length;
    atMostFewer += sorting.atMostFewer;
    if (!sorting.proven) unproven += 1;
    if (sorting.atMostFewer > 0) gaps += 1;
    const found = sorting.loads.flatMap((load) =>
      checkLoad(toldOf(load, byId, household, knowledge), machine, knowledge),
    );
    const placed = sorting.loads.flatMap((load) => load.pieces.map(({ id }) => id));
    if (new Set(placed).size !== pieces.length || placed.length !== pieces.length)
      found.push('a piece lost or doubled');
    for (const text of found) {
      const kind = text.replace(/\w+ \d+/g, '…');
      faults[kind] = (faults[kind] ?? 0) + 1;
    }
    if (found.length > 0 && examples.length < 20) examples.push(number);
  }
  times.sort((a, b) => a - b);
  return {
    heaps: to - from,
    loads,
    stays,
    unproven,
    faults,
    examples,
    gaps,
    atMostFewer,
    worstMs: times.at(-1) ?? 0,
    medianMs: times[Math.floor(times.length / 2)] ?? 0,
  };
}

/** A load as the checker reads it. */
function toldOf(
  load: Load,
  byId: ReadonlyMap<string, HeapEntry>,
  household: Household,
  knowledge: Knowledge,
): ToldLoad {
  const { oxygen, lastRinse } = compartmentsOf(load, household, knowledge);
  return {
    members: load.pieces.flatMap(({ id, count }) => {
      const entry = byId.get(entryIdOf(id));
      return entry ? [{ entry, count }] : [];
    }),
    programmeId: load.drum.programme.id,
    tempC: load.drum.tempC,
    spinRpm: load.drum.spinRpm,
    oxygen: oxygen !== null,
    softener:
      knowledge.agents.find(({ id }) => id === lastRinse?.agentId)?.chemistries.includes('softener') ?? false,
  };
}
