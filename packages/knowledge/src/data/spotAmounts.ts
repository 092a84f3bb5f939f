import type { SpotKind } from '../vocabulary.js';

/**
 * What goes on a mark in one go. Common practice, no source, unless said otherwise. Each figure lies where the amounts for
 * thin cloth and for thick cloth meet: what thin cloth does not hold runs into the pad.
 */

/** A palm, in which amounts are counted, cm². */
export const PALM_CM2 = 64;
/** A hand, cm²: up to here an amount is held to the most for a hand. */
export const HAND_CM2 = 162;

export interface SpotAmount {
  /** How far beyond the mark it is worked, cm. */
  readonly edgeCm: number;
  /** In one go, mL for each palm that is worked; powders loose, mixtures as mixed. */
  readonly perPalmML: number;
  /** Least for the smallest mark, and most for a mark no larger than a hand, mL. */
  readonly leastML: number;
  readonly handML: number;
  /** Most however large the mark, mL; null = it grows with the mark. */
  readonly mostML: number | null;
  /** Put on and blotted up at least so often, with a fresh pad each time: so many goes are poured out at once. */
  readonly goes?: number;
}

const amount = (
  edgeCm: number,
  perPalmML: number,
  leastML: number,
  handML: number,
  mostML: number | null = null,
): SpotAmount => ({
  edgeCm,
  perPalmML,
  leastML,
  handML,
  mostML,
});

/** Half a centimetre for neat products, pastes and solvents; one for thin liquids. */
export const SPOT_AMOUNTS: Readonly<Record<SpotKind, SpotAmount>> = {
  neatDetergent: amount(0.5, 2, 0.2, 15),
  neatDish: amount(0.5, 1, 0.1, 7.5),
  suds: amount(1, 4.5, 1, 27),
  preTreater: amount(0.5, 4.5, 0.4, 22),
  alcohol: { ...amount(0.5, 2, 0.2, 9), goes: 2 },
  ketone: { ...amount(0.5, 1, 0.1, 4.5), goes: 2 },
  spirit: { ...amount(0.5, 2, 0.2, 12), goes: 2 },
  thin: amount(1, 4.5, 0.65, 27),
  peroxideMix: amount(0.5, 4, 1.5, 18),
  glycerineMix: amount(0.5, 4, 0.4, 24),
  sodaPaste: amount(0.5, 17.5, 3.3, 62),
  sodaOver: amount(0.5, 13, 2.5, 45),
  powder: amount(0.5, 22, 2.5, 90),
  dip: amount(1, 200, 150, 1500, 5000),
  plainRinse: amount(1, 175, 60, 1400, 5000),
  drip: amount(1, 75, 15, 500, 2000),
  flush: amount(1, 1500, 500, 6000, 10_000),
};

/** Least of a liquid product that can be measured into a mix, mL: two drops; of a powder: a quarter of a teaspoon. */
export const MIN_MEASURED_ML = { liquid: 0.1, powder: 1.25 } as const;
/** A product thinned with so many times its own volume of water is mixed in a cup, and at least so much of it, mL. */
export const CUP_MIX = { waterTimes: 5, leastML: 20 } as const;

/** So much of a solvent is poured out at once at most, unless a single go takes more, mL: own choice, below every cap. */
export const MAX_POURED_ML = { ketone: 10, other: 20 } as const;

/** How far beyond the mark a surface is worked, cm; a plate has that in it. */
export const SURFACE_EDGE_CM = 2.5;
/** Largest field of a surface that is worked at a time, palms: a plate with its edge. Beyond it the surface is wiped. */
export const FIELD_PALMS = 10.6;
/** A large surface is wiped with so much for each palm, mL. */
export const WIPED_ML = 1.5;
/** Foam and padding take so much in a round, whatever the field, mL. */
export const FOAM_ROUND_ML = 127;

/** Liquid on each palm of a surface, mL: the usual of one go, the most of a round with every plain pass in it. */
export const SURFACE_AMOUNTS = {
  padded: { goML: 3.5, mostML: 6, roundML: 12 },
  leather: { goML: 2.5, mostML: 4, roundML: 8 },
  syntheticPile: { goML: 10, mostML: 19, roundML: 45 },
  woolPile: { goML: 8.5, mostML: 12, roundML: 30 },
  juteBacked: { goML: 4, mostML: 6, roundML: 12 },
} as const;
