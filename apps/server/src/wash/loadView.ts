import type { HeapPiece, LoadView } from '@feverfew/contracts';
import {
  adviceOf,
  choresOf,
  clothKindOf,
  compartmentsOf,
  costOfLoad,
  type DrumPiece,
  dryerFor,
  effortOf,
  entryIdOf,
  type Household,
  joiningOf,
  type Load,
  type Machine,
  massOf,
  type Prices,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import type { ReadLine } from './heap.service.js';

export interface House {
  readonly household: Household;
  readonly prices: Prices;
  readonly machine: Machine;
  readonly dryerG: number;
  readonly knowledge: Knowledge;
}

/** One load as a hand needs it. */
export function loadView(load: Load, { household, prices, machine, dryerG, knowledge }: House): LoadView {
  const { drum, pieces } = load;
  const { programme, limits } = drum;
  const effort = effortOf(drum, household.taps.coldC);
  const compartments = compartmentsOf(load, household, knowledge);
  const { before, main, oxygen, lastRinse } = compartments;
  const poured = [before, main, oxygen, lastRinse].filter((dose) => dose !== null);
  return {
    pieceIds: pieces.map(({ id }) => id),
    programme: { id: programme.id, name: programme.name, capacityG: programme.capacityG },
    tempC: drum.tempC,
    spinRpm: drum.spinRpm,
    ...effort,
    cost: costOfLoad(effort, poured, prices),
    massG: limits.massG,
    givenUpGC: drum.givenUpGC,
    limits: {
      maxC: limits.maxC,
      programme: limits.programme,
      spinRpm: limits.spinRpm,
      oxygen: limits.oxygen,
    },
    joining: asSent(joiningOf(load, machine)),
    compartments,
    chores: asSent(choresOf(pieces, knowledge)),
    advice: adviceOf(pieces, knowledge),
    dryer: household.hasDryer ? dryerView(pieces, dryerG, knowledge) : null,
  };
}

function dryerView(
  pieces: readonly DrumPiece[],
  dryerG: number,
  knowledge: Knowledge,
): NonNullable<LoadView['dryer']> {
  const advice = dryerFor(pieces, dryerG, knowledge);
  return { ...asSent(advice), greasy: pieces.some(({ ownLoad }) => ownLoad !== null) };
}

/** Lists that are only read, as the contract's own. */
const asSent = <T>(value: T): Sent<T> => value as Sent<T>;
type Sent<T> = T extends readonly (infer One)[]
  ? Sent<One>[]
  : T extends object
    ? { -readonly [Key in keyof T]: Sent<T[Key]> }
    : T;

/** A line of the heap, or a part of it, as it is shown. */
export function heapPiece(line: ReadLine, piece: DrumPiece | null, knowledge: Knowledge): HeapPiece {
  const { entry, row, assumed } = line;
  const facts = entry.facts.piece;
  return {
    id: piece?.id ?? entry.id,
    lineId: entryIdOf(entry.id),
    pieceId: row.pieceId,
    name: entry.name,
    count: piece?.count ?? entry.count,
    massG: piece?.massG ?? massOf(entry, knowledge),
    weave: clothKindOf(facts.itemId, knowledge).weave,
    colour: facts.colour,
    fibreIds: [...new Set(facts.parts.flatMap(({ fibres }) => fibres.map(({ fibreId }) => fibreId)))],
    maxC: piece && { value: piece.maxC.value, by: piece.maxC.by },
    oxygen: piece?.oxygen.value ?? 'never',
    lint: piece?.lint ?? 'neither',
    bleeds: facts.fastness === 'failed',
    slow: (piece?.spinRpm.by ?? null) !== null,
    flat: piece?.flat ?? false,
    solvent: entry.solvent,
    openMarkIds: [...entry.facts.markIds],
    assumed,
    told: row.line,
  };
}
