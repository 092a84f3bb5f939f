import type { Prices } from '../cost/costOf.js';
import type { Drum } from './drum.js';

/** What a load takes in water, energy and time. */
export interface Effort {
  readonly minutes: number;
  readonly waterL: number;
  readonly kWh: number;
}

/** Heat of one litre of water by one degree, kWh. Specific heat 4.186 kJ/kg·K. */
const KWH_PER_L_K = 4.186 / 3600;
/** A machine that weighs its load takes so much of the water of a full one at least; from memory. */
const MIN_WATER_SHARE = 0.6;

/**
 * @param coldC what the cold tap gives, °C: a machine heats from there
 */
export function effortOf({ programme, tempC, minutes, limits }: Drum, coldC: number): Effort {
  const filled = Math.min(1, limits.massG / programme.capacityG);
  const share = MIN_WATER_SHARE + (1 - MIN_WATER_SHARE) * filled;
  return {
    minutes,
    waterL: Math.round(programme.waterL * share),
    kWh:
      Math.round(
        (programme.motorKWh + programme.heatedL * share * Math.max(0, tempC - coldC) * KWH_PER_L_K) * 100,
      ) / 100,
  };
}

/**
 * The cost of a load in water, energy and products, in the household's money; null if no price at all is entered.
 * @param doses in g where weighed, else in mL
 */
export function costOfLoad(
  { kWh, waterL }: Effort,
  doses: readonly { readonly agentId: string; readonly massG: number | null; readonly volumeML: number }[],
  prices: Prices,
): number | null {
  const parts = [
    prices.kWh === null ? null : kWh * prices.kWh,
    prices.waterM3 === null ? null : (waterL / 1000) * prices.waterM3,
    ...doses.map(({ agentId, massG, volumeML }) => {
      const price = prices.agents[agentId];
      return price === undefined ? null : ((massG ?? volumeML) / 1000) * price;
    }),
  ].filter((part): part is number => part !== null);
  return parts.length === 0 ? null : Math.round(parts.reduce((sum, part) => sum + part, 0) * 100) / 100;
}
