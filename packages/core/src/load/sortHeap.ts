import { partition } from '../partition/partition.js';
import { clashOf } from './clash.js';
import { type Drum, drumOf, isDrum, unclashedDrum } from './drum.js';
import type { DrumPiece } from './drumPiece.js';
import type { Machine } from './machine.js';

/** A load with what it is washed at. */
export interface Load {
  readonly pieces: readonly DrumPiece[];
  readonly drum: Drum;
}

export interface Sorting {
  readonly loads: readonly Load[];
  /** Nothing is better by what was asked. */
  readonly proven: boolean;
  /** How many loads fewer are possible at most; 0 = the fewest. */
  readonly atMostFewer: number;
}

/** g·°C one load more may save at most where few loads and each at its best weigh alike: 3 kg times 20 °C. */
const DEAREST_LOAD_GC = 60_000;
/** Fewest loads whatever they give up: more than a hundred kilograms can lose. */
const MIN_GC = 1e8;

/**
 * What one more load is worth, g·°C.
 * @param best 0 = as few loads as possible, 1 = everything at its best
 */
const priceOfLoad = (best: number): number =>
  best <= 0 ? MIN_GC : Math.max(1, Math.round(DEAREST_LOAD_GC * (1 - best) ** 2));

/**
 * Puts pieces into loads: least cost by degrees given up and number of loads, then sets together, then the fullest
 * drums. (Sets before full drums, for two drums are never equally full to the gram, so that sets would never count.)
 * Neither the order of the pieces nor their ids change anything: pieces that differ in nothing else are alike.
 * @param best 0 = as few loads as possible … 1 = everything at its best
 */
export function sortHeap(
  given: readonly DrumPiece[],
  machine: Machine,
  best: number,
  shouldStop?: () => boolean,
): Sorting {
  const pieces = inOneOrder(given);
  const at = (index: number): DrumPiece => {
    const piece = pieces[index];
    if (!piece) throw new Error(`no piece ${index}`);
    return piece;
  };
  const meets = pieces.map((one) => pieces.map((other) => one === other || clashOf(one, other) === null));
  const roomG = Math.max(...machine.programmes.map(({ capacityG }) => capacityG));
  const { loads, proven, atMostFewer } = partition({
    size: pieces.length,
    perLoad: priceOfLoad(best),
    fewestFirst: best <= 0,
    mayMeet: (one, other) => meets[one]?.[other] ?? false,
    costOf: (members) => {
      const drum = unclashedDrum(members.map(at), machine);
      return isDrum(drum) ? drum.givenUpGC : null;
    },
    tieOf: (members) => tieOf(members.map(at), roomG),
    fewestFor: (members) => {
      const sum = (of: (piece: DrumPiece) => number) =>
        members.reduce((all, index) => all + of(at(index)), 0);
      const rooms = Math.max(sum(({ massG }) => massG) / roomG, sum(({ litres }) => litres) / machine.drumL);
      return Math.max(1, Math.ceil(rooms - 1e-9));
    },
    ...(shouldStop ? { shouldStop } : {}),
  });
  return { proven, atMostFewer, loads: inOrder(loads.map((load) => loadOf(load.map(at), machine))) };
}

/** By what they are; alike ones by their ids. */
function inOneOrder(pieces: readonly DrumPiece[]): DrumPiece[] {
  const keyed = pieces.map((piece) => ({ piece, key: contentOf(piece) }));
  const compare = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);
  return keyed
    .sort((a, b) => compare(a.key, b.key) || compare(a.piece.id, b.piece.id))
    .map(({ piece }) => piece);
}

const contentOf = ({ id: _, ...piece }: DrumPiece): string => JSON.stringify(piece);

/** Each set counts once in every load it is spread over; then fuller drums, by the square so that full ones pay. */
function tieOf(pieces: readonly DrumPiece[], roomG: number): number {
  const sets = new Set(pieces.flatMap(({ set }) => set ?? [])).size;
  const filled = pieces.reduce((sum, { massG }) => sum + massG, 0) / roomG;
  return Math.min(sets, 20) * 4e-5 + (1 - Math.min(1, filled) ** 2) * 1e-5;
}

/** @throws Error where these may not be one load */
export function loadOf(pieces: readonly DrumPiece[], machine: Machine): Load {
  const drum = drumOf(pieces, machine);
  if (!isDrum(drum)) throw new Error(`no load: ${drum.code}`);
  return { pieces, drum };
}

/** Clean things first, the hottest of them last; then germs, dyes that run, what solvent was in: nothing follows them. */
const inOrder = (loads: readonly Load[]): Load[] =>
  [...loads].sort(
    (a, b) =>
      dirtOf(a) - dirtOf(b) ||
      b.drum.limits.massG - a.drum.limits.massG ||
      (firstOf(a) < firstOf(b) ? -1 : 1),
  );

const firstOf = ({ pieces: [first] }: Load): string => (first ? contentOf(first) + first.id : '');

const dirtOf = ({ pieces }: Load): number =>
  pieces.some(({ alone }) => alone)
    ? 3
    : pieces.some(({ fastness }) => fastness === 'failed')
      ? 2
      : pieces.some(({ ownLoad }) => ownLoad !== null)
        ? 1
        : 0;

/**
 * Loads as arranged by a person. Pieces that may no longer be together drop out, and pieces in no load are put where it
 * costs least, or into a load of its own. Pieces named twice count where they are named first.
 */
export function keepArrangement(
  groups: readonly (readonly string[])[],
  pieces: readonly DrumPiece[],
  machine: Machine,
): Load[] {
  const left = new Map(pieces.map((piece) => [piece.id, piece]));
  const loads = groups.flatMap((group) => {
    let kept: DrumPiece[] = [];
    for (const id of group) {
      const piece = left.get(id);
      if (!piece || !isDrum(drumOf([...kept, piece], machine))) continue;
      kept = [...kept, piece];
      left.delete(id);
    }
    return kept.length > 0 ? [kept] : [];
  });
  for (const piece of left.values()) {
    const costs = loads.map((load) => {
      const drum = drumOf([...load, piece], machine);
      const before = drumOf(load, machine);
      return isDrum(drum) && isDrum(before) ? drum.givenUpGC - before.givenUpGC : Number.POSITIVE_INFINITY;
    });
    const least = costs.reduce((at, cost, index) => (cost < (costs[at] ?? cost) ? index : at), 0);
    const load = loads[least];
    if (load && Number.isFinite(costs[least] ?? Number.POSITIVE_INFINITY)) loads[least] = [...load, piece];
    else loads.push([piece]);
  }
  return loads.map((load) => loadOf(load, machine));
}
