import type { VesselMaterial } from '../schema/vocabulary.js';

/**
 * Figures for heat and cooling. Film coefficients after a heat-transfer handbook (recalled); masses per area are
 * estimates from memory.
 */

/**
 * Water surface in still room air, W/(m²·K): evaporation 15–25, convection and radiation about 10; falls as the
 * bath cools.
 */
export const OPEN_SURFACE_W = 30;
/** The same under a lid that lies loose. */
export const LIDDED_SURFACE_W = 6;
/** Standing on a floor or board. */
export const BASE_W = 3;
/** Side of the vessel to the room: convection and radiation outside, less for a thick wall. */
export const WALL_W: Readonly<Record<VesselMaterial, number>> = {
  plastic: 9,
  enamel: 10,
  stainless: 9,
  aluminium: 9,
  zinc: 9,
  stone: 6,
  ceramic: 8,
};
/** What a vessel's own wall takes of the heat, kJ/K per m² that is wet. */
export const WALL_KJ_PER_K_M2: Readonly<Record<VesselMaterial, number>> = {
  plastic: 5,
  enamel: 13,
  stainless: 4,
  aluminium: 5,
  zinc: 4,
  stone: 43,
  ceramic: 20,
};
/** A lumped cooling model in a kitchen hits within this factor either way. Estimate from memory. */
export const LOSS_FACTOR = { low: 0.7, high: 1.4 } as const;
/** Kettle and water heater: share of the current that ends in the water. Common practice, no source. */
export const KETTLE_EFFICIENCY = 0.85;
/**
 * Forms of vessels with the proportions of a common one, cm: only where no one measured. Common practice, no
 * source.
 */
export const VESSEL_FORMS = ['bucket', 'basin', 'bowl', 'sink', 'bathtub', 'jar'] as const;
export type VesselForm = (typeof VESSEL_FORMS)[number];
export type VesselShape =
  | { readonly kind: 'round'; readonly topCm: number; readonly bottomCm: number; readonly depthCm: number }
  | {
      readonly kind: 'box';
      readonly topLengthCm: number;
      readonly topWidthCm: number;
      readonly bottomLengthCm: number;
      readonly bottomWidthCm: number;
      readonly depthCm: number;
    };
export const USUAL_SHAPES: Readonly<Record<VesselForm, VesselShape>> = {
  bucket: { kind: 'round', topCm: 29, bottomCm: 22, depthCm: 28 },
  basin: { kind: 'round', topCm: 38, bottomCm: 28, depthCm: 14 },
  bowl: { kind: 'round', topCm: 28, bottomCm: 14, depthCm: 13 },
  sink: { kind: 'box', topLengthCm: 50, topWidthCm: 38, bottomLengthCm: 44, bottomWidthCm: 32, depthCm: 18 },
  bathtub: {
    kind: 'box',
    topLengthCm: 155,
    topWidthCm: 58,
    bottomLengthCm: 115,
    bottomWidthCm: 40,
    depthCm: 40,
  },
  jar: { kind: 'round', topCm: 9, bottomCm: 9, depthCm: 16 },
};
