import { DomainError, requireWithin } from '../quantity/domainError.js';

/** Specific heat capacities, kJ/(kg·K): water (handbook), dry cotton (handbook 1.21–1.34). */
export const CP_WATER = 4.186;
export const CP_COTTON = 1.3;

export interface HeatBody {
  readonly massKg: number;
  readonly tempC: number;
  readonly cp: number;
}

/**
 * Temperature after bodies meet, without loss: T = Σ m·c·T / Σ m·c.
 * @param bodies mass ≥ 0 kg, −20…120 °C, cp > 0 kJ/(kg·K)
 * @returns °C
 * @throws DomainError outOfRange, nothingToMix
 * @example mixHotAndCold([{ massKg: 3, tempC: 100, cp: 4.186 }, { massKg: 5, tempC: 20, cp: 4.186 }]) // 50
 */
export function mixHotAndCold(bodies: readonly HeatBody[]): number {
  let heat = 0;
  let capacity = 0;
  for (const { massKg, tempC, cp } of bodies) {
    requireWithin('massKg', massKg, 0, 100_000);
    requireWithin('tempC', tempC, -20, 120);
    requireWithin('cp', cp, 0.01, 10);
    heat += massKg * cp * tempC;
    capacity += massKg * cp;
  }
  if (!(capacity > 0)) throw new DomainError('nothingToMix', {});
  return heat / capacity;
}
