import { DRYING_FANNED_MIN, ROLLED_FACTOR, THICKNESS_FROM_G_PER_M2 } from '@feverfew/knowledge';
import type { Minutes } from '../plan/round.js';
import type { PlanContext } from './planContext.js';

export type Thickness = keyof typeof THICKNESS_FROM_G_PER_M2;

/** How thick a piece's cloth is, by its kind; by its mass where no kind of cloth has it. */
export function thicknessOf({ item, knowledge }: Pick<PlanContext, 'item' | 'knowledge'>): Thickness {
  const kind = knowledge.clothKinds.find(({ itemIds }) => itemIds.includes(item.id));
  const gPerM2 = kind ? (kind.gPerM2.low + kind.gPerM2.high) / 2 : item.dryMassG / USUAL_AREA_M2;
  return gPerM2 >= THICKNESS_FROM_G_PER_M2.thick
    ? 'thick'
    : gPerM2 >= THICKNESS_FROM_G_PER_M2.middle
      ? 'middle'
      : 'thin';
}

/** Cloth in a garment of a grown person, m²: a shirt of 200 g. From memory. */
const USUAL_AREA_M2 = 1.5;

/**
 * Minutes before a cool fan, after pressing in a towel.
 * @param wet how much of it: the place alone, or the whole piece, spun in a machine or only rolled
 */
export function fannedMin(
  wet: 'patch' | 'spun' | 'rolled',
  context: Pick<PlanContext, 'item' | 'knowledge'>,
): Minutes {
  const thickness = thicknessOf(context);
  const { low, likely, high } = DRYING_FANNED_MIN[wet === 'patch' ? 'patch' : 'whole'][thickness];
  const by = wet === 'rolled' ? ROLLED_FACTOR : 1;
  return { low: Math.round(low * by), likely: Math.round(likely * by), high: Math.round(high * by) };
}
