import { OPENED_LOSS_PER_MONTH, OXYGEN_L_PER_G_PEROXIDE, OXYGEN_PER_PEROXIDE } from '@feverfew/knowledge';
import { requireWithin } from '../../quantity/domainError.js';

/** Range of peroxide strengths in this tool, % w/v. */
const PEROXIDE_PCT = { min: 0, max: 35 } as const;

/**
 * Available oxygen of a peroxide solution, g/L: 10 g/L of peroxide per % w/v.
 * @throws DomainError outOfRange
 * @example peroxideToOxygenGPerL(3) // 14.1
 */
export const peroxideToOxygenGPerL = (pctWV: number): number =>
  requireWithin('peroxide % w/v', pctWV, PEROXIDE_PCT.min, PEROXIDE_PCT.max) * 10 * OXYGEN_PER_PEROXIDE;

/**
 * "Volume strength": litres of oxygen at 0 °C and 1 atm from a litre of it.
 * @throws DomainError outOfRange
 * @example peroxideToVolumes(3) // 9.88
 */
export const peroxideToVolumes = (pctWV: number): number =>
  requireWithin('peroxide % w/v', pctWV, PEROXIDE_PCT.min, PEROXIDE_PCT.max) * 10 * OXYGEN_L_PER_G_PEROXIDE;

/**
 * What an opened bottle still holds, % w/v. Estimate from memory: kept dark it loses one to eight hundredths a month.
 * @param months 0–60
 */
export function openedPeroxide(pctWV: number, months: number): { low: number; likely: number; high: number } {
  requireWithin('months open', months, 0, 60);
  requireWithin('peroxide % w/v', pctWV, PEROXIDE_PCT.min, PEROXIDE_PCT.max);
  const after = (loss: number) => pctWV * (1 - loss) ** months;
  return {
    low: after(OPENED_LOSS_PER_MONTH.high),
    likely: after(OPENED_LOSS_PER_MONTH.centre),
    high: after(OPENED_LOSS_PER_MONTH.low),
  };
}
