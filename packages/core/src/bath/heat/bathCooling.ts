import {
  BASE_W,
  FIBRE_DENSITY_G_PER_ML,
  LIDDED_SURFACE_W,
  LOSS_FACTOR,
  OPEN_SURFACE_W,
  type VesselMaterial,
  type VesselShape,
  WALL_W,
} from '@feverfew/knowledge';
import type { Household, Vessel } from '../../household/household.js';
import { litresOf, wettedBy } from '../../household/vesselShape.js';
import { shapeOf, wallCapacity, wallOf } from '../../household/vesselWall.js';
import { requireWithin } from '../../quantity/domainError.js';
import { CP_COTTON, CP_WATER } from '../mixHotAndCold.js';
import { settledTemp } from './heatTheBath.js';

/** A load in a tub may rise over its rim; water that would run out is left out of the calculation. */
const OVER_BRIM = 1.5;

/** A bath with its temperature, pH and contents. */
export interface StandingBath {
  readonly shape: VesselShape;
  readonly material: VesselMaterial;
  readonly lid: boolean;
  readonly waterL: number;
  /** Dry mass of what lies in it, kg. */
  readonly textileKg: number;
  readonly startC: number;
  readonly roomC: number;
}

/** Time constant of cooling, min: likely, and quickest and slowest of a kitchen. */
export interface TimeConstant {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/**
 * τ = C / UA of a lumped body: C of water, cloth and wet wall; UA of water surface (open or lidded), side and base.
 * Within about a factor 1.4 in a kitchen: evaporation changes with draught and damp.
 * @param bath 0.2–500 L, 0–30 kg, 0–95 °C, room −5…40 °C, no more than half as much again as the vessel holds
 * @returns min
 * @throws DomainError outOfRange
 * @throws DomainError outOfRange
 */
export function timeConstant(bath: StandingBath): TimeConstant {
  requireWithin('waterL', bath.waterL, 0.2, 500);
  requireWithin('textileKg', bath.textileKg, 0, 30);
  requireWithin('startC', bath.startC, 0, 95);
  requireWithin('roomC', bath.roomC, -5, 40);
  const fillL = requireWithin(
    'fillL',
    bath.waterL + bath.textileKg / FIBRE_DENSITY_G_PER_ML,
    0,
    litresOf(bath.shape) * OVER_BRIM,
  );
  const wet = wettedBy(bath.shape, fillL);
  const capacity =
    bath.waterL * CP_WATER + bath.textileKg * CP_COTTON + wallCapacity(bath.shape, bath.material, fillL);
  const loss =
    wet.surfaceM2 * (bath.lid ? LIDDED_SURFACE_W : OPEN_SURFACE_W) +
    wet.wallM2 * WALL_W[bath.material] +
    wet.baseM2 * BASE_W;
  const likely = (capacity * 1000) / loss / 60;
  return { low: likely / LOSS_FACTOR.high, likely, high: likely / LOSS_FACTOR.low };
}

/** A bath just made: what it comes to once tub and cloth have had their share, and how quickly it then cools. */
export interface FreshBath {
  readonly startC: number;
  readonly roomC: number;
  readonly tau: TimeConstant;
  /** Heat capacity of cloth and wet wall, kJ/K. */
  readonly withItKJPerK: number;
}

/** Water poured at `pouredC` into a vessel, with what lies in it. */
export function freshBath(
  vessel: Vessel,
  { waterL, pouredC, textileKg }: { waterL: number; pouredC: number; textileKg: number },
  household: Pick<Household, 'roomC'>,
): FreshBath {
  const { roomC } = household;
  const wall = wallOf(vessel, waterL, household);
  const cloth = { kJPerK: textileKg * CP_COTTON, tempC: roomC };
  const startC = settledTemp(waterL, pouredC, [wall, cloth]);
  const tau = timeConstant({
    shape: shapeOf(vessel),
    material: vessel.material,
    lid: vessel.lid,
    waterL,
    textileKg,
    startC,
    roomC,
  });
  return { startC, roomC, tau, withItKJPerK: wall.kJPerK + cloth.kJPerK };
}

/**
 * Newton's law of cooling: T = room + (start − room)·e^(−t/τ).
 * @param minutes 0–10 000, tauMin above 0
 */
export function tempAfter(startC: number, roomC: number, tauMin: number, minutes: number): number {
  requireWithin('startC', startC, 0, 100);
  requireWithin('roomC', roomC, -5, 40);
  requireWithin('tauMin', tauMin, 0.1, 100_000);
  requireWithin('minutes', minutes, 0, 10_000);
  return roomC + (startC - roomC) * Math.exp(-minutes / tauMin);
}

/**
 * Minutes until a bath has come down to a temperature: t = τ·ln((start − room)/(wanted − room)); null when it never
 * does.
 */
export function minutesUntil(startC: number, roomC: number, tauMin: number, wantedC: number): number | null {
  requireWithin('startC', startC, 0, 100);
  requireWithin('roomC', roomC, -5, 40);
  requireWithin('wantedC', wantedC, 0, 100);
  requireWithin('tauMin', tauMin, 0.1, 100_000);
  if (startC <= wantedC) return 0;
  return wantedC > roomC ? tauMin * Math.log((startC - roomC) / (wantedC - roomC)) : null;
}
