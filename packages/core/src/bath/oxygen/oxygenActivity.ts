import { BLEACH_ACTIVATION_KJ, SOAK_HALF_LIFE_H } from '@feverfew/knowledge';
import { requireWithin } from '../../quantity/domainError.js';

const R = 8.314462618;
const AT_40 = 313.15;

/** Rate of bleaching against that at 40 °C (Arrhenius, 50–80 kJ/mol, from memory). @param tempC 0–95 */
export function bleachRate(tempC: number): { low: number; likely: number; high: number } {
  requireWithin('tempC', tempC, 0, 95);
  const rate = (kJ: number) => Math.exp(((-kJ * 1000) / R) * (1 / (tempC + 273.15) - 1 / AT_40));
  const [gentle, steep] = [rate(BLEACH_ACTIVATION_KJ.low), rate(BLEACH_ACTIVATION_KJ.high)];
  return {
    low: Math.min(gentle, steep),
    likely: rate(BLEACH_ACTIVATION_KJ.centre),
    high: Math.max(gentle, steep),
  };
}

/** Rate against 40 °C, likely value only: the inner loop of the curves. */
const rateAt = (tempC: number): number =>
  Math.exp(
    ((-BLEACH_ACTIVATION_KJ.centre * 1000) / R) *
      (1 / (requireWithin('tempC', tempC, -5, 100) + 273.15) - 1 / AT_40),
  );

/** Share of the oxygen of a soak that is left after so many minutes at one temperature. @param tempC 0–95 */
export const oxygenFading = (tempC: number, minutes: number): number =>
  0.5 ** ((rateAt(tempC) * minutes) / 60 / SOAK_HALF_LIFE_H.centre);

/** Temperature of the bath after so many minutes, °C. */
export type TempCurve = (minutes: number) => number;

/** Steps a curve is cut into, min; Simpson's rule is exact to four places on a cooling bath with these. */
const STEPS = 24;

/**
 * Hours at 40 °C that do the same bleaching as a stretch of a bath's cooling curve.
 * @param minutes 0–2880; the curve within 0–95 °C at every point
 * @throws DomainError outOfRange
 */
export function hoursAt40(curve: TempCurve, minutes: number): number {
  requireWithin('minutes', minutes, 0, 2880);
  if (minutes === 0) return 0;
  const step = minutes / STEPS;
  let sum = rateAt(curve(0)) + rateAt(curve(minutes));
  for (let index = 1; index < STEPS; index += 1)
    sum += (index % 2 === 1 ? 4 : 2) * rateAt(curve(index * step));
  return (sum * step) / 3 / 60;
}

/**
 * Share of the oxygen left in an alkaline soak after a stretch of its cooling curve, cloth in it.
 * Half-life at 40 °C 2.5–9 h (estimate from memory), with the rate's own warmth.
 */
export function oxygenLeft(curve: TempCurve, minutes: number): { low: number; likely: number; high: number } {
  const hours = hoursAt40(curve, minutes);
  const left = (halfLifeH: number) => 0.5 ** (hours / halfLifeH);
  return {
    low: left(SOAK_HALF_LIFE_H.low),
    likely: left(SOAK_HALF_LIFE_H.centre),
    high: left(SOAK_HALF_LIFE_H.high),
  };
}
