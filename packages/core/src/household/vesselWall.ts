import { type VesselMaterial, type VesselShape, WALL_KJ_PER_K_M2 } from '@feverfew/knowledge';
import type { Household, Vessel } from './household.js';
import { usualShape, wettedBy } from './vesselShape.js';

/** Heat the vessel's wet wall takes, kJ/K. */
export function wallCapacity(shape: VesselShape, material: VesselMaterial, fillL: number): number {
  const { wallM2, baseM2 } = wettedBy(shape, fillL);
  return (wallM2 + baseM2) * WALL_KJ_PER_K_M2[material];
}

const usual = new WeakMap<Vessel, VesselShape>();

/** As it was measured; else as one of its form and volume usually is. */
export function shapeOf(vessel: Vessel): VesselShape {
  if (vessel.shape) return vessel.shape;
  const known = usual.get(vessel);
  if (known) return known;
  const made = usualShape(vessel.form, vessel.volumeL);
  usual.set(vessel, made);
  return made;
}

/** The vessel's own wall, at room temperature, as a body that takes heat. */
export function wallOf(vessel: Vessel, waterL: number, { roomC }: Pick<Household, 'roomC'>) {
  return { kJPerK: wallCapacity(shapeOf(vessel), vessel.material, waterL), tempC: roomC };
}
