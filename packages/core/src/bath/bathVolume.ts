import { FIBRE_DENSITY_G_PER_ML, SMALLEST_BATH_L } from '@feverfew/knowledge';
import { requireWithin } from '../quantity/domainError.js';

export interface BathVolume {
  /** Water to pour, L, in half litres. */
  readonly waterL: number;
  /** What water and textile together take up in the vessel, L. */
  readonly fillL: number;
}

/**
 * Water that covers a piece at a liquor ratio, and the room both take.
 * @param dryMassG 1–100 000 g
 * @param liquorRatioLPerKg 3–60 L per kg of dry textile
 * @throws DomainError outOfRange
 * @example bathVolume(600, 12) // { waterL: 7, fillL: 7.4 }
 */
export function bathVolume(dryMassG: number, liquorRatioLPerKg: number): BathVolume {
  requireWithin('dryMassG', dryMassG, 1, 100_000);
  requireWithin('liquorRatioLPerKg', liquorRatioLPerKg, 3, 60);
  const waterL = Math.max(SMALLEST_BATH_L, Math.round((dryMassG / 1000) * liquorRatioLPerKg * 2) / 2);
  return { waterL, fillL: waterL + dryMassG / 1000 / FIBRE_DENSITY_G_PER_ML };
}
