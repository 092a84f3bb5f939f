import { EDGE_MARGIN_CM, SMALLEST_MIX_ML } from '@feverfew/knowledge';
import { requireWithin } from '../quantity/domainError.js';

/** Sides a mark may have, cm; the form and the contract use the same range. */
export const SPOT_SIDE_CM = { min: 0.2, max: 500 } as const;

/**
 * Liquid for a spot: its area with the margin beyond the edge, times what the cloth takes over all passes.
 * @param lengthCm, widthCm within SPOT_SIDE_CM
 * @param pickUpMLPerCm2 0.01–2 mL/cm², by method and textile
 * @returns mL, rounded up to 5, at least the smallest mix
 * @throws DomainError outOfRange
 */
export function spotVolume(lengthCm: number, widthCm: number, pickUpMLPerCm2: number): number {
  requireWithin('lengthCm', lengthCm, SPOT_SIDE_CM.min, SPOT_SIDE_CM.max);
  requireWithin('widthCm', widthCm, SPOT_SIDE_CM.min, SPOT_SIDE_CM.max);
  requireWithin('pickUpMLPerCm2', pickUpMLPerCm2, 0.01, 2);
  const areaCm2 = (lengthCm + 2 * EDGE_MARGIN_CM) * (widthCm + 2 * EDGE_MARGIN_CM);
  return Math.max(SMALLEST_MIX_ML, Math.ceil((areaCm2 * pickUpMLPerCm2) / 5) * 5);
}

/** Areas a person may name, cm². */
const SPOT_AREA_CM2 = { min: 0.04, max: 250_000 } as const;

/**
 * The same for a mark given by its area: a square, with the margin on each side.
 * @param areaCm2 within SPOT_AREA_CM2
 * @returns mL, rounded up to 5
 * @throws DomainError outOfRange
 */
export function areaVolume(areaCm2: number, pickUpMLPerCm2: number): number {
  const side = Math.sqrt(requireWithin('areaCm2', areaCm2, SPOT_AREA_CM2.min, SPOT_AREA_CM2.max));
  return spotVolume(side, side, pickUpMLPerCm2);
}
