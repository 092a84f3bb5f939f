import type { DrumPiece } from '../load/drumPiece.js';
import type { HeapEntry } from '../load/heapEntry.js';
import { commonMachine } from '../load/machine.js';
import { readEntry } from '../load/readEntry.js';
import { sortHeap } from '../load/sortHeap.js';
import { splitToFit } from '../load/splitToFit.js';
import { EMPTY_FACTS } from '../trouble/troubleFacts.js';
import { household, knowledge, piece } from './fixtures.js';

export const machine = commonMachine(8000, knowledge);
type Facts = Parameters<typeof piece>[2];
/** One line of the heap, dye proven fast. */
export const line = (
  name: string,
  itemId: string,
  fibres: Record<string, number>,
  facts: Facts,
  more: Partial<HeapEntry> = {},
): HeapEntry => ({
  id: name.replaceAll(' ', ''),
  name,
  facts: { ...EMPTY_FACTS, piece: piece(itemId, fibres, { fastness: 'proven', ...facts }) },
  count: 1,
  massG: null,
  soil: 'usual',
  use: null,
  solvent: 'none',
  fuel: false,
  inTreatment: false,
  set: null,
  ...more,
});
export const read = (entry: HeapEntry) => readEntry(entry, machine, household, knowledge);
/** @throws Error where it goes into no drum */
export function inDrum(entry: HeapEntry): DrumPiece {
  const answer = read(entry);
  if (answer.to === 'stays') throw new Error(`${entry.name}: ${answer.reason.code}`);
  return answer.piece;
}
/** The loads of these lines. @param best 0: as few loads as can be; 1: each at its best */
export const sorted = (entries: readonly HeapEntry[], best = 0) =>
  sortHeap(
    entries.flatMap((entry) => splitToFit(inDrum(entry), machine)),
    machine,
    best,
  );
