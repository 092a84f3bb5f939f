import { type Drum, drumOf, isDrum, type NoDrum } from './drum.js';
import type { DrumPiece, HeldBy } from './drumPiece.js';
import type { Machine } from './machine.js';
import type { Load } from './sortHeap.js';

/** What being together costs those who would like it hotter, and what washing them apart would. */
export interface Joining {
  readonly holderIds: readonly string[];
  readonly heldIds: readonly string[];
  readonly by: HeldBy | null;
  readonly tempC: number;
  /** What the held ones would have by themselves, °C. */
  readonly apartC: number;
  readonly moreMinutes: number;
}

/** Who holds a load below what others in it would like; null where nothing is given up in heat. */
export function joiningOf({ pieces, drum }: Load, machine: Machine): Joining | null {
  const wished = Math.max(...pieces.map(({ likesC }) => likesC));
  if (wished <= drum.tempC) return null;
  // Those without whom it would be hotter: the coolest that hold it.
  const coolest = Math.min(...pieces.map(({ maxC }) => maxC.value));
  const gentlest = drum.limits.programme.value;
  const holders = pieces.filter(
    ({ maxC, programme }) =>
      maxC.value === coolest ||
      (programme.value === gentlest && programme.by !== null && coolest > drum.tempC),
  );
  const held = pieces.filter((piece) => !holders.includes(piece) && piece.likesC > drum.tempC);
  if (held.length === 0) return null;
  const apart = drumOf(held, machine);
  if (!isDrum(apart) || apart.tempC <= drum.tempC) return null;
  return {
    holderIds: holders.map(({ id }) => id),
    heldIds: held.map(({ id }) => id),
    by: holders[0]?.maxC.by ?? null,
    tempC: drum.tempC,
    apartC: apart.tempC,
    moreMinutes: apart.minutes,
  };
}

/** What a load would say to one piece more. */
export type Answer =
  | {
      readonly may: true;
      readonly before: Pick<Drum, 'tempC' | 'spinRpm' | 'minutes'>;
      readonly after: Pick<Drum, 'tempC' | 'spinRpm' | 'minutes'>;
      readonly programme: { readonly before: string; readonly after: string };
      /** Degrees the piece itself would lose there. */
      readonly losesC: number;
      readonly moreGivenUpGC: number;
    }
  | { readonly may: false; readonly why: NoDrum };

/** What would change in this load if the piece joined it; the load as it is where the piece is in it. */
export function answerOf(piece: DrumPiece, load: readonly DrumPiece[], machine: Machine): Answer {
  const without = load.filter(({ id }) => id !== piece.id);
  const after = drumOf([...without, piece], machine);
  if (!isDrum(after)) return { may: false, why: after };
  const before = without.length > 0 ? drumOf(without, machine) : after;
  if (!isDrum(before)) return { may: false, why: before };
  return {
    may: true,
    before: figuresOf(before),
    after: figuresOf(after),
    programme: { before: before.programme.name, after: after.programme.name },
    losesC: Math.max(0, piece.likesC - after.tempC),
    moreGivenUpGC: after.givenUpGC - (without.length > 0 ? before.givenUpGC : 0),
  };
}

const figuresOf = ({ tempC, spinRpm, minutes }: Drum) => ({ tempC, spinRpm, minutes });
