import { USUAL_SHAPES, type VesselForm, type VesselShape } from '@feverfew/knowledge';
import { requireWithin } from '../quantity/domainError.js';

/** Lengths a vessel may have, cm; the form and the contract use the same range. */
export const VESSEL_CM = { min: 2, max: 250 } as const;

/** Top and bottom of the water, its depth, and the wall it wets. Areas in m². */
export interface Wetted {
  readonly depthCm: number;
  readonly surfaceM2: number;
  readonly wallM2: number;
  readonly baseM2: number;
}

/**
 * Litres a vessel holds to a depth: a frustum for round ones, a prismatoid for those with corners (both exact).
 * @param depthCm 0 to the vessel's own depth
 * @throws DomainError outOfRange
 */
export function litresAt(shape: VesselShape, depthCm: number): number {
  for (const [name, value] of Object.entries(shape))
    if (typeof value === 'number') requireWithin(name, value, VESSEL_CM.min, VESSEL_CM.max);
  requireWithin('depthCm', depthCm, 0, shape.depthCm);
  return heldTo(shape, depthCm);
}

function heldTo(shape: VesselShape, depthCm: number): number {
  const share = depthCm / shape.depthCm;
  // Simpson's rule is exact for an area that is quadratic in depth.
  return (depthCm * (areaAt(shape, 0) + 4 * areaAt(shape, share / 2) + areaAt(shape, share))) / 6 / 1000;
}

/** What a vessel holds to the brim, L. */
export const litresOf = (shape: VesselShape): number => litresAt(shape, shape.depthCm);

/** cm² of the level at a share of the depth. */
function areaAt(shape: VesselShape, share: number): number {
  const between = (bottom: number, top: number) => bottom + (top - bottom) * share;
  return shape.kind === 'round'
    ? (Math.PI * between(shape.bottomCm, shape.topCm) ** 2) / 4
    : between(shape.bottomLengthCm, shape.topLengthCm) * between(shape.bottomWidthCm, shape.topWidthCm);
}

function rimAt(shape: VesselShape, share: number): number {
  const between = (bottom: number, top: number) => bottom + (top - bottom) * share;
  return shape.kind === 'round'
    ? Math.PI * between(shape.bottomCm, shape.topCm)
    : 2 * (between(shape.bottomLengthCm, shape.topLengthCm) + between(shape.bottomWidthCm, shape.topWidthCm));
}

/** A common vessel of this form, made as large or small as the volume says. @param volumeL 0.2–500 */
export function usualShape(form: VesselForm, volumeL: number): VesselShape {
  requireWithin('volumeL', volumeL, 0.2, 500);
  const usual = USUAL_SHAPES[form];
  const factor = Math.cbrt(volumeL / litresOf(usual));
  return Object.fromEntries(
    Object.entries(usual).map(([name, value]) => [name, typeof value === 'number' ? value * factor : value]),
  ) as unknown as VesselShape;
}

const wetted = new WeakMap<VesselShape, Map<number, Wetted>>();

/** How deep so many litres stand and what they touch; to the brim when there are more. Asked often of one vessel. */
export function wettedBy(shape: VesselShape, fillL: number): Wetted {
  requireWithin('fillL', fillL, 0, 1000);
  const own = wetted.get(shape) ?? new Map<number, Wetted>();
  wetted.set(shape, own);
  const known = own.get(fillL);
  if (known) return known;
  const made = wettedIn(shape, fillL);
  own.set(fillL, made);
  return made;
}

function wettedIn(shape: VesselShape, fillL: number): Wetted {
  let low = 0;
  let high = shape.depthCm;
  if (fillL < litresOf(shape))
    for (let round = 0; round < 40; round += 1) {
      const middle = (low + high) / 2;
      if (heldTo(shape, middle) < fillL) low = middle;
      else high = middle;
    }
  const share = high / shape.depthCm;
  return {
    depthCm: high,
    surfaceM2: areaAt(shape, share) / 1e4,
    wallM2: ((rimAt(shape, 0) + rimAt(shape, share)) / 2) * high * 1e-4,
    baseM2: areaAt(shape, 0) / 1e4,
  };
}
