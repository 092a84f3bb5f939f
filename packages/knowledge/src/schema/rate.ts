import { z } from 'zod';
import { Id, Mechanism, Share, SourceIds, Wetting } from './vocabulary.js';

/** How warmth moves a rate, 1 = the rate at `atC`. */
const Warmth = z.discriminatedUnion('by', [
  z.strictObject({ by: z.literal('nothing') }),
  /** So many times quicker per 10 °C; below `fadesBelowC` falling further, in a straight line to nothing at 0 °C. */
  z.strictObject({
    by: z.literal('perTenC'),
    factor: z.number().min(1).max(3),
    fadesBelowC: z.number().positive().nullable(),
  }),
  /** Straight lines between points, flat outside them: enzymes with their best heat, fats that must melt. */
  z.strictObject({
    by: z.literal('points'),
    points: z.array(z.strictObject({ c: z.number(), share: z.number().nonnegative() })).min(2),
  }),
]);

/** How the strength of the liquid moves a rate. */
const Strength = z.discriminatedUnion('by', [
  /** Saturates at the usual dose. */
  z.strictObject({ by: z.literal('nothing') }),
  /** As the root of the available oxygen left, g/L; 1 at `full`. */
  z.strictObject({ by: z.literal('oxygenRoot'), full: z.number().positive() }),
  /** In proportion to peroxide, %, up to `full`. */
  z.strictObject({ by: z.literal('peroxide'), full: z.number().positive() }),
]);

/**
 * How quickly a mechanism takes what it can take at all. The share it can take is with the soil component
 * (`removal`); after a half-time half of that is gone, after two three quarters.
 */
export const Rate = z.strictObject({
  id: Id,
  name: z.string(),
  mechanism: Mechanism,
  /** Ways of wetting it speaks of; empty means any. */
  wettings: z.array(Wetting),
  /** Speaks of these alone and goes before a rate for any component; empty means any. */
  componentIds: z.array(Id),
  /** Minutes to half of it, at `atC` and full strength: quickest, likely, slowest. */
  halfMin: z.strictObject({
    low: z.number().positive(),
    likely: z.number().positive(),
    high: z.number().positive(),
  }),
  atC: z.number(),
  warmth: Warmth,
  strength: Strength,
  /** What an old trouble is worth to it, where that is less than age makes of everything; 1 = no less. */
  boundAfterWeeks: Share,
  sourceIds: SourceIds,
});
export type Rate = z.infer<typeof Rate>;
