import {
  type Method,
  SIZE_CM,
  SMALLEST_SOLVENT_ML,
  SOLVENT_MARGIN_CM,
  SOLVENT_ML_PER_CM2,
} from '@feverfew/knowledge';
import { areaVolume, spotVolume } from '../../../bath/spotVolume.js';
import { sidesOf } from '../../../trouble/size.js';
import type { PlanContext } from '../../case/planContext.js';

/** Liquid a spot takes where a method does not say, mL/cm². Common practice, no source. */
const USUAL_PICK_UP = 0.25;

type Asks = Pick<PlanContext, 'facts' | 'index' | 'item' | 'rinsable'>;

/** From this share of a piece on a trouble is all over it: a plate is a spot on a sheet, and all of a cloth mask. */
const ALL_OVER_SHARE = 0.5;

/**
 * Sides of what is worked on at one time, cm. Null = all of it: told so, or on most of the piece. What cannot be rinsed
 * through goes a field at a time.
 */
export function workedSides({ facts, item, rinsable }: Pick<PlanContext, 'facts' | 'item' | 'rinsable'>) {
  const told = sidesOf(facts.size);
  if (!rinsable) return told ?? SIZE_CM.larger;
  return told && told.length * told.width <= ALL_OVER_SHARE * item.typicalAreaCm2 ? told : null;
}

/** Holds something whose vapour burns: drops on the mark, never more. */
export const isSolventWork = (method: Method, { index }: Pick<PlanContext, 'index'>): boolean =>
  index.factsOf(method).agents.some((agent) => agent.flammable);

/**
 * What one small mix comes to, mL over all passes of a round. Solvent goes on the mark with a narrow margin, the rest
 * well beyond its edge, and no more than a piece that cannot be rinsed through takes on its face.
 */
export function spotAmount(method: Method, context: Asks): number {
  const sides = workedSides(context);
  const pickUp = Math.min(
    method.pickUpMLPerCm2 ?? USUAL_PICK_UP,
    context.item.mostMLPerCm2 ?? Number.POSITIVE_INFINITY,
  );
  if (!sides) return areaVolume(context.item.typicalAreaCm2, pickUp);
  if (!isSolventWork(method, context)) return spotVolume(sides.length, sides.width, pickUp);
  const areaCm2 = (sides.length + 2 * SOLVENT_MARGIN_CM) * (sides.width + 2 * SOLVENT_MARGIN_CM);
  return Math.max(SMALLEST_SOLVENT_ML, Math.round(areaCm2 * SOLVENT_ML_PER_CM2));
}
