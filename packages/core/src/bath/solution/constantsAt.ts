import type { AcidSystem } from '@feverfew/knowledge';

/** Gas constant, J/(mol·K), exact (SI 2019). */
const R = 8.314462618;
const T0 = 298.15;
/** Temperatures the constants are good for, °C: the heats are those of 25 °C, the change is small up to here. */
export const SOLUTION_C = { min: 0, max: 95 } as const;

/**
 * log₁₀ K at a temperature from its value, heat and heat capacity at 25 °C: integrated van 't Hoff equation with
 * constant ΔCp.
 */
function logKAt(logK25: number, enthalpyKJ: number, heatCapacityJ: number, tempC: number): number {
  const T = tempC + 273.15;
  const heat = (-1000 * enthalpyKJ * (1 / T - 1 / T0)) / R;
  const capacity = (heatCapacityJ / R) * (T0 / T - 1 + Math.log(T / T0));
  return logK25 + (heat + capacity) / Math.LN10;
}

/**
 * pKa of every step of a system at zero ionic strength.
 * @param tempC within SOLUTION_C; checked to 0.02 against known values at 10–60 °C
 * @returns one pKa per proton, first proton first. Source: Goldberg et al. 2002, recalled
 */
export const pKasAt = ({ steps }: Pick<AcidSystem, 'steps'>, tempC: number): number[] =>
  steps.map((step) => -logKAt(-step.pKa, step.enthalpyKJ, step.heatCapacityJ, tempC));

/**
 * −log₁₀ of the ion product of water: 13.995 at 25 °C, 13.02 at 60 °C (Harned and Owen, recalled); heat from
 * Goldberg et al. 2002.
 */
export const pKwAt = (tempC: number): number => -logKAt(-13.995, 55.815, -195.7, tempC);

/**
 * Debye–Hückel A for log₁₀ γ, (L/mol)^½: 0.5092 at 25 °C, scaled by (ε·T)^−1.5 with the permittivity of water
 * of Malmberg and Maryott 1956 (recalled).
 */
export function debyeHuckelAt(tempC: number): number {
  return 0.5092 * (screening(25) / screening(tempC)) ** 1.5;
}

const screening = (t: number): number =>
  (87.74 - 0.40008 * t + 9.398e-4 * t * t - 1.41e-6 * t * t * t) * (t + 273.15);

/**
 * −log₁₀ of the solubility product of calcite: 8.48 at 25 °C (Plummer and Busenberg 1982, recalled).
 * @param tempC 0–90
 */
export function calcitePKspAt(tempC: number): number {
  const T = tempC + 273.15;
  return 171.9065 + 0.077993 * T - 2839.319 / T - 71.595 * Math.log10(T);
}

/**
 * Carbon dioxide that water holds under the gas itself at 1 atm, mol/L: 0.034 at 25 °C, less when warm (Henry's law;
 * Sander's compilation, recalled).
 */
export const gasSolubilityAt = (tempC: number): number =>
  0.034 * Math.exp(2400 * (1 / (tempC + 273.15) - 1 / T0));
