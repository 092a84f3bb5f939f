import { requireWithin } from './domainError.js';

/**
 * Millilitres per unit: exact legal definitions (NIST SP 811; UK Units of Measurement Regulations 1995), metric
 * kitchen sizes.
 */
export const VOLUME_UNITS = {
  mL: { word: 'mL', perUnit: 1 },
  L: { word: 'L', perUnit: 1000 },
  usTeaspoon: { word: 'US tsp', perUnit: 4.92892159375 },
  usTablespoon: { word: 'US tbsp', perUnit: 14.78676478125 },
  usFluidOunce: { word: 'US fl oz', perUnit: 29.5735295625 },
  usCup: { word: 'US cup', perUnit: 236.5882365 },
  usPint: { word: 'US pint', perUnit: 473.176473 },
  usQuart: { word: 'US quart', perUnit: 946.352946 },
  usGallon: { word: 'US gallon', perUnit: 3785.411784 },
  metricTeaspoon: { word: 'tsp', perUnit: 5 },
  metricTablespoon: { word: 'tbsp', perUnit: 15 },
  metricCup: { word: 'cup (250 mL)', perUnit: 250 },
  imperialFluidOunce: { word: 'imperial fl oz', perUnit: 28.4130625 },
  imperialCup: { word: 'imperial cup', perUnit: 284.130625 },
  imperialPint: { word: 'imperial pint', perUnit: 568.26125 },
  imperialGallon: { word: 'imperial gallon', perUnit: 4546.09 },
} as const;
export type VolumeUnit = keyof typeof VOLUME_UNITS;
export const VOLUME_UNIT_IDS = Object.keys(VOLUME_UNITS) as [VolumeUnit, ...VolumeUnit[]];

/** Grams per unit, exact (NIST SP 811). */
export const MASS_UNITS = {
  g: { word: 'g', perUnit: 1 },
  kg: { word: 'kg', perUnit: 1000 },
  oz: { word: 'oz', perUnit: 28.349523125 },
  lb: { word: 'lb', perUnit: 453.59237 },
} as const;
export type MassUnit = keyof typeof MASS_UNITS;
export const MASS_UNIT_IDS = Object.keys(MASS_UNITS) as [MassUnit, ...MassUnit[]];

/** Anything a person may type, per unit. */
const MOST = 1e9;

/**
 * @throws DomainError outOfRange for NaN, below 0 or beyond 1e9
 * @example volumeToML(2, 'metricTablespoon') // 30
 */
export const volumeToML = (value: number, unit: VolumeUnit): number =>
  requireWithin(`volume in ${unit}`, value, 0, MOST) * VOLUME_UNITS[unit].perUnit;

/** @example mLToVolume(30, 'metricTablespoon') // 2 */
export const mLToVolume = (volumeML: number, unit: VolumeUnit): number =>
  requireWithin('volumeML', volumeML, 0, MOST) / VOLUME_UNITS[unit].perUnit;

/**
 * @throws DomainError outOfRange for NaN, below 0 or beyond 1e9
 * @example massToG(1, 'lb') // 453.6
 */
export const massToG = (value: number, unit: MassUnit): number =>
  requireWithin(`mass in ${unit}`, value, 0, MOST) * MASS_UNITS[unit].perUnit;

export const gToMass = (massG: number, unit: MassUnit): number =>
  requireWithin('massG', massG, 0, MOST) / MASS_UNITS[unit].perUnit;
