/// <reference path="./psychrolib.d.ts" />
import psychrolib from 'psychrolib';
import { requireWithin } from '../quantity/domainError.js';

psychrolib.SetUnitSystem(psychrolib.SI);

/** Air as a forecast or a room tells it. */
export interface Air {
  /** −30 … 60 °C. */
  readonly tempC: number;
  /** Relative humidity, 0–1. */
  readonly humidity: number;
  /** 0–30 m/s. */
  readonly windMS: number;
  /** On level ground, 0–1200 W/m². */
  readonly sunWm2: number;
}

/** Gas constant of water vapour, J/kg·K. */
const R_VAPOUR = 461.5;
const KELVIN = 273.15;

/** Vapour that saturated air of this temperature holds, kg/m³. */
const saturatedKgM3 = (tempC: number): number =>
  psychrolib.GetSatVapPres(tempC) / (R_VAPOUR * (tempC + KELVIN));

/**
 * What the air could still take up, Pa: vapour pressure deficit.
 * @example deficitPa({ tempC: 20, humidity: 0.5 }) // 1170
 */
export const deficitPa = ({ tempC, humidity }: Pick<Air, 'tempC' | 'humidity'>): number =>
  psychrolib.GetSatVapPres(tempC) * (1 - humidity);

/** Dry air at about 15 °C: conductivity W/m·K, kinematic viscosity m²/s, Prandtl, density kg/m³, heat J/kg·K. */
const DRY_AIR = { conductivity: 0.0257, viscosity: 1.5e-5, prandtl: 0.71, density: 1.2, heat: 1006 } as const;
/** Length of cloth the air runs along, m, and what still air takes by itself, W/m²·K. */
const CLOTH_M = 0.7;
const STILL_WM2K = 3;
const LEWIS = 0.86;
const EMISSIVITY = 0.95;
const STEFAN_BOLTZMANN = 5.670374e-8;

/** Heat a cloth takes from air moving along it, W/m²·K: a laminar plate, never less than still air. */
function convection(windMS: number): number {
  const reynolds = (windMS * CLOTH_M) / DRY_AIR.viscosity;
  const forced = (0.664 * Math.sqrt(reynolds) * Math.cbrt(DRY_AIR.prandtl) * DRY_AIR.conductivity) / CLOTH_M;
  return Math.cbrt(forced ** 3 + STILL_WM2K ** 3);
}

/** Heat of evaporation near 15 °C, J/kg. */
const LATENT = 2.465e6;

/**
 * Water a wet face of cloth gives off, g/m²·h: heat by convection, radiation and sun balances evaporation by the
 * difference of vapour (Lewis). Good to a factor of two; while the face is wet only.
 * @param absorbed share of the sun on level ground that one face takes up on average, 0–1
 * @returns never below 0: dew is not drying
 * @throws DomainError outOfRange
 */
export function evaporation(air: Air, absorbed: number): { gPerM2H: number; faceC: number } {
  const tempC = requireWithin('air °C', air.tempC, -30, 60);
  const humidity = requireWithin('humidity', air.humidity, 0, 1);
  const windMS = requireWithin('wind m/s', air.windMS, 0, 30);
  const sunWm2 = requireWithin('sun W/m²', air.sunWm2, 0, 1200);
  const heat = convection(windMS);
  const transfer = heat / (DRY_AIR.density * DRY_AIR.heat * LEWIS ** (2 / 3));
  const vapour = (psychrolib.GetSatVapPres(tempC) * humidity) / (R_VAPOUR * (tempC + KELVIN));
  const fluxAt = (faceC: number) => transfer * (saturatedKgM3(faceC) - vapour);
  const surplus = (faceC: number) =>
    heat * (tempC - faceC) +
    EMISSIVITY * STEFAN_BOLTZMANN * ((tempC + KELVIN) ** 4 - (faceC + KELVIN) ** 4) +
    sunWm2 * absorbed -
    LATENT * fluxAt(faceC);
  let [cold, warm] = [-60, 90];
  for (let halving = 0; halving < 50; halving += 1) {
    const middle = (cold + warm) / 2;
    if (surplus(middle) > 0) cold = middle;
    else warm = middle;
  }
  const faceC = (cold + warm) / 2;
  return { faceC, gPerM2H: Math.max(0, fluxAt(faceC) * 3.6e6) };
}
