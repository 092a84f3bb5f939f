import { KETTLE_EFFICIENCY, KETTLE_POUR_C } from '@feverfew/knowledge';
import { requireWithin } from '../../quantity/domainError.js';
import { CP_WATER } from '../mixHotAndCold.js';

/** A body that meets the water: heat capacity kJ/K and its temperature. */
export interface Cold {
  readonly kJPerK: number;
  readonly tempC: number;
}

/**
 * How warm the water has to be poured so that water, tub and textile settle at the wanted temperature:
 * T = wanted + Σ Cᵢ·(wanted − Tᵢ) / (m·c).
 * @param waterL 0.05–500 L, wantedC 0–95 °C
 * @returns °C; may lie above what water can have: then it cannot be reached by pouring
 * @throws DomainError outOfRange
 */
export function pouringTemp(waterL: number, wantedC: number, bodies: readonly Cold[]): number {
  requireWithin('waterL', waterL, 0.05, 500);
  requireWithin('wantedC', wantedC, 0, 95);
  requireBodies(bodies);
  const short = bodies.reduce((sum, { kJPerK, tempC }) => sum + kJPerK * (wantedC - tempC), 0);
  return wantedC + short / (waterL * CP_WATER);
}

/** Where water poured at a temperature settles with tub and textile. */
export function settledTemp(waterL: number, pouredC: number, bodies: readonly Cold[]): number {
  requireWithin('waterL', waterL, 0.05, 500);
  requireWithin('pouredC', pouredC, 0, 100);
  requireBodies(bodies);
  const capacity = waterL * CP_WATER;
  const sum = bodies.reduce((heat, { kJPerK, tempC }) => heat + kJPerK * tempC, capacity * pouredC);
  return sum / bodies.reduce((total, { kJPerK }) => total + kJPerK, capacity);
}

function requireBodies(bodies: readonly Cold[]): void {
  for (const { kJPerK, tempC } of bodies) {
    requireWithin('kJPerK', kJPerK, 0, 10_000);
    requireWithin('tempC', tempC, -20, 120);
  }
}

export interface TopUp {
  readonly hotL: number;
  readonly kettles: number;
  /** What is in the vessel afterwards, L. */
  readonly totalL: number;
  /** Strength of the bath afterwards against before, 0–1. */
  readonly dilution: number;
}

/**
 * Hot water that brings a standing bath up, with the cloth and the tub that stand in it:
 * (V·c + C)·(to − from) = Vₕ·c·(hot − to).
 * @param waterL 0.2–500 L, fromC and toC 0–95 °C, toC below the hot water
 * @param withItKJPerK heat capacity of cloth and tub, 0–10 000 kJ/K
 * @param kettleL one kettle, 0–10 L; 0 = counted in litres only
 * @returns null when the hot water is not warmer than wanted
 * @throws DomainError outOfRange
 */
export function topUp(
  waterL: number,
  fromC: number,
  toC: number,
  withItKJPerK: number,
  kettleL: number,
  hotC: number = KETTLE_POUR_C,
): TopUp | null {
  requireWithin('waterL', waterL, 0.2, 500);
  requireWithin('fromC', fromC, 0, 95);
  requireWithin('toC', toC, 0, 95);
  requireWithin('withItKJPerK', withItKJPerK, 0, 10_000);
  requireWithin('kettleL', kettleL, 0, 10);
  requireWithin('hotC', hotC, 0, 100);
  if (toC >= hotC) return null;
  const warmedL = waterL + withItKJPerK / CP_WATER;
  const hotL = Math.max(0, (warmedL * (toC - fromC)) / (hotC - toC));
  const totalL = waterL + hotL;
  return {
    hotL,
    kettles: kettleL > 0 ? Math.ceil(hotL / kettleL - 1e-9) : 0,
    totalL,
    dilution: waterL / totalL,
  };
}

/** Energy that warms water, kWh, with what a kettle or heater loses. @param waterL 0–500, fromC ≤ toC */
export function warmingKWh(waterL: number, fromC: number, toC: number): number {
  requireWithin('waterL', waterL, 0, 500);
  requireWithin('toC', toC, 0, 100);
  requireWithin('fromC', fromC, 0, toC);
  return (waterL * CP_WATER * (toC - fromC)) / 3600 / KETTLE_EFFICIENCY;
}
