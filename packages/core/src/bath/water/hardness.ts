import {
  DOSE_BY_SOIL,
  DOSE_BY_WATER,
  HARDNESS_SCALES,
  HARDNESS_UNITS,
  type HardnessUnit,
  SODA_G_PER_G_HARDNESS,
  STRIP_STEPS_DH,
} from '@feverfew/knowledge';
import { DomainError, requireWithin } from '../../quantity/domainError.js';

/** Hardness a household may have, mg/L CaCO₃; the form and the contract use the same range. */
export const HARDNESS_MG_L = { min: 0, max: 1500 } as const;

/**
 * @throws DomainError outOfRange
 * @example hardnessToMgL(10, 'dH') // 178.5
 */
export const hardnessToMgL = (value: number, unit: HardnessUnit): number =>
  requireWithin(
    `hardness in ${unit}`,
    value * HARDNESS_UNITS[unit].mgLPerUnit,
    HARDNESS_MG_L.min,
    HARDNESS_MG_L.max,
  );

/** @example mgLToHardness(178.48, 'dH') // 10 */
export const mgLToHardness = (mgL: number, unit: HardnessUnit): number =>
  requireWithin('hardnessMgL', mgL, HARDNESS_MG_L.min, HARDNESS_MG_L.max) / HARDNESS_UNITS[unit].mgLPerUnit;

/**
 * What a test strip with this many turned fields says: the middle of its step and the step, mg/L.
 * @param turned a whole number of fields
 * @throws DomainError outOfRange
 */
export function stripToMgL(turned: number): { mgL: number; from: number; to: number } {
  const step = STRIP_STEPS_DH[requireWithin('turned fields', turned, 0, STRIP_STEPS_DH.length - 1)];
  if (!step)
    throw new DomainError('outOfRange', { quantity: 'turned fields', value: turned, min: 0, max: 4 });
  const { from, to } = step;
  const mgL = (dH: number) => dH * HARDNESS_UNITS.dH.mgLPerUnit;
  return { mgL: Math.round(mgL((from + to) / 2)), from: mgL(from), to: mgL(to) };
}

export interface HardnessClass {
  readonly scaleId: string;
  readonly name: string;
  readonly sourceId: string;
}

/** Its name on each scale. The scales disagree, so each has its source. */
export function hardnessClasses(mgL: number): HardnessClass[] {
  requireWithin('hardnessMgL', mgL, HARDNESS_MG_L.min, HARDNESS_MG_L.max);
  return HARDNESS_SCALES.map(({ id, sourceId, steps }) => ({
    scaleId: id,
    sourceId,
    name: steps.find((step) => mgL < step.below)?.name ?? '',
  }));
}

/**
 * Washing soda that takes the calcium and magnesium out of a bath, on paper (as carbonate): 1.059 g per g of hardness.
 * @param waterL 0–500 L
 * @returns g of anhydrous soda, and of crystals (2.700 times as much)
 * @throws DomainError outOfRange
 * @example softeningSoda(300, 10) // { anhydrousG: 3.177, crystalsG: 8.577 }
 */
export function softeningSoda(mgL: number, waterL: number): { anhydrousG: number; crystalsG: number } {
  requireWithin('hardnessMgL', mgL, HARDNESS_MG_L.min, HARDNESS_MG_L.max);
  requireWithin('waterL', waterL, 0, 500);
  const anhydrousG = (mgL / 1000) * waterL * SODA_G_PER_G_HARDNESS;
  return { anhydrousG, crystalsG: anhydrousG * 2.6997 };
}

/**
 * Detergent against the middle dose on its label, for water, soil and fill. Dose tables of common labels, from memory.
 * @param loadShare how full the drum is, 0.1–1
 * @throws DomainError outOfRange
 */
export function detergentFactor(mgL: number, soil: keyof typeof DOSE_BY_SOIL, loadShare: number): number {
  requireWithin('loadShare', loadShare, 0.1, 1);
  requireWithin('hardnessMgL', mgL, HARDNESS_MG_L.min, HARDNESS_MG_L.max);
  const water = mgL < 150.13 ? 'soft' : mgL < 250.22 ? 'medium' : 'hard';
  // Half a load holds half the soil, but the water still needs its share.
  return DOSE_BY_WATER[water] * DOSE_BY_SOIL[soil] * (0.4 + 0.6 * loadShare);
}
