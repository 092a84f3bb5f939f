import { LOAD_PROGRAMMES } from '@feverfew/knowledge';
import { clashOf, type DrumClash } from './clash.js';
import type { DrumPiece, HeldBy } from './drumPiece.js';
import { type LoadProgramme, type Machine, type MachineProgramme, minutesAt } from './machine.js';

const rank = (programme: LoadProgramme): number => LOAD_PROGRAMMES.indexOf(programme);

/** One limit of a load with the piece that set it; null where nothing does. */
export interface LoadLimit<Value> {
  readonly value: Value;
  readonly pieceId: string | null;
  readonly by: HeldBy | null;
}

/** The tightest of its members: each limit with the piece that set it. Adding a piece can only narrow them. */
export interface LoadLimits {
  readonly maxC: LoadLimit<number>;
  readonly programme: LoadLimit<LoadProgramme>;
  readonly spinRpm: LoadLimit<number>;
  readonly oxygen: LoadLimit<'may' | 'never'>;
  /** Hottest floor a member's use asks for and bears, °C; 0 = none. */
  readonly floorC: number;
  readonly massG: number;
  readonly litres: number;
}

export type NoDrum =
  | { readonly code: 'clash'; readonly clash: DrumClash }
  | {
      readonly code: 'tooHeavy';
      readonly massG: number;
      readonly capacityG: number;
      readonly programme: LoadLimit<LoadProgramme>;
    }
  | { readonly code: 'tooFull'; readonly litres: number; readonly drumL: number }
  | { readonly code: 'floorNotMet'; readonly floorC: number };

/** What one load is washed at. */
export interface Drum {
  readonly limits: LoadLimits;
  readonly programme: MachineProgramme;
  readonly tempC: number;
  readonly spinRpm: number;
  readonly minutes: number;
  /** What its members lose against what they would like: degrees times grams, with programme and bleach in degrees. */
  readonly givenUpGC: number;
}

function tightest<Value>(
  pieces: readonly DrumPiece[],
  of: (piece: DrumPiece) => { readonly value: Value; readonly by: HeldBy | null },
  tighter: (one: Value, other: Value) => boolean,
): LoadLimit<Value> {
  let best: LoadLimit<Value> | null = null;
  for (const piece of pieces) {
    const { value, by } = of(piece);
    if (!best || tighter(value, best.value)) best = { value, by, pieceId: by ? piece.id : null };
  }
  if (!best) throw new Error('a load without pieces');
  return best;
}

/** @param pieces at least one */
export function limitsOf(pieces: readonly DrumPiece[]): LoadLimits {
  return {
    maxC: tightest(
      pieces,
      ({ maxC }) => maxC,
      (a, b) => a < b,
    ),
    programme: tightest(
      pieces,
      ({ programme }) => programme,
      (a, b) => rank(a) < rank(b),
    ),
    spinRpm: tightest(
      pieces,
      ({ spinRpm }) => spinRpm,
      (a, b) => a < b,
    ),
    oxygen: tightest(
      pieces,
      ({ oxygen }) => oxygen,
      (a, b) => a === 'never' && b === 'may',
    ),
    floorC: Math.max(0, ...pieces.map(({ floor }) => (floor?.met ? floor.floorC : 0))),
    massG: pieces.reduce((sum, { massG }) => sum + massG, 0),
    litres: pieces.reduce((sum, { litres }) => sum + litres, 0),
  };
}

/** Grams and litres are added up in any order; a thousandth of each is no reason to refuse. */
const TOLERANCE = 1e-6;

/**
 * What these pieces would be washed at together, or why they may not be. The order of the pieces changes nothing but
 * which of two equal limits is named.
 */
export function drumOf(pieces: readonly DrumPiece[], machine: Machine): Drum | NoDrum {
  for (const [index, one] of pieces.entries())
    for (const other of pieces.slice(index + 1)) {
      const clash = clashOf(one, other);
      if (clash) return { code: 'clash', clash };
    }
  return unclashedDrum(pieces, machine);
}

/** The same for pieces of which no two clash. */
export function unclashedDrum(pieces: readonly DrumPiece[], machine: Machine): Drum | NoDrum {
  const limits = limitsOf(pieces);
  const programme = machine.programmes.find(({ id }) => id === limits.programme.value);
  if (!programme) throw new Error(`a machine without ${limits.programme.value}`);
  if (limits.massG > programme.capacityG + TOLERANCE)
    return {
      code: 'tooHeavy',
      massG: limits.massG,
      capacityG: programme.capacityG,
      programme: limits.programme,
    };
  if (limits.litres > machine.drumL + TOLERANCE)
    return { code: 'tooFull', litres: limits.litres, drumL: machine.drumL };
  const wished = Math.max(limits.floorC, ...pieces.map(({ likesC }) => likesC));
  const cap = Math.min(limits.maxC.value, wished);
  const tempC = [...programme.tempsC].reverse().find((temp) => temp <= cap) ?? programme.tempsC[0] ?? 0;
  if (tempC < limits.floorC) return { code: 'floorNotMet', floorC: limits.floorC };
  return {
    limits,
    programme,
    tempC,
    spinRpm: Math.min(programme.spinRpm, limits.spinRpm.value),
    minutes: minutesAt(programme, tempC),
    givenUpGC: pieces.reduce((sum, piece) => sum + givenUp(piece, limits, tempC), 0),
  };
}

export const isDrum = (drum: Drum | NoDrum): drum is Drum => !('code' in drum);

/** A programme one step gentler cleans less: counted like ten degrees; bleach a white could have had, like five. */
const DEGREES_PER_PROGRAMME = 10;
const DEGREES_OF_OXYGEN = 5;

/** What one piece loses in such a load, g·°C. */
function givenUp(piece: DrumPiece, limits: LoadLimits, tempC: number): number {
  const steps = rank(piece.programme.value) - rank(limits.programme.value);
  const bleach = piece.wantsOxygen && limits.oxygen.value === 'never' ? DEGREES_OF_OXYGEN : 0;
  return Math.round(
    piece.massG * (Math.max(0, piece.likesC - tempC) + steps * DEGREES_PER_PROGRAMME + bleach),
  );
}
