import { type VesselMaterial, type VesselShape, WALL_KJ_PER_K_M2 } from '@feverfew/knowledge';
import type { Household, Vessel } from './household.js';
import { usualShape, wettedBy } from './vesselShape.js';

/** Heat the vessel's wet wall takes, kJ/K. */
export function wallCapacity(shape: VesselShape, material: VesselMaterial, fillL: number): number {
  const { wallM2, baseM2 } = wettedBy(shape, fillL);
  return (wallM2 + baseM2) * WALL_KJ_PER_K_M2[material];
}

export const shapeOf = ({ shape, form, volumeL }: Vessel): VesselShape => shape ?? usualShape(form, volumeL);

/** The vessel's own wall, at room temperature, as a body that takes heat. */
export function wallOf(vessel: Vessel, waterL: number, { roomC }: Pick<Household, 'roomC'>) {
  return { kJPerK: wallCapacity(shapeOf(vessel), vessel.material, waterL), tempC: roomC };
}
