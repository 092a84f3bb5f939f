import { FIBRE_DENSITY_G_PER_ML, type Knowledge } from '@feverfew/knowledge';
import { minutesUntil, type TimeConstant, tempAfter, timeConstant } from '../bath/heat/bathCooling.js';
import { pouringTemp, settledTemp } from '../bath/heat/heatTheBath.js';
import { CP_COTTON } from '../bath/mixHotAndCold.js';
import { oxygenLeft } from '../bath/oxygen/oxygenActivity.js';
import { type WaterShares, waterShares } from '../bath/waterShares.js';
import type { Household, Vessel } from '../household/household.js';
import { litresOf } from '../household/vesselShape.js';
import { shapeOf, wallOf } from '../household/vesselWall.js';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { LikelyRange } from '../quantity/likelyRange.js';
import { toTenth, toThousandth } from '../quantity/rounding.js';
import type { Mix } from './mix.js';

/** A point of the temperature curve, with the quickest and slowest cooling of a kitchen. */
export interface CurvePoint extends LikelyRange {
  readonly minutes: number;
  readonly oxygenLeft: number | null;
}

/** Temperature of a mix over time; without a known vessel, only its first temperature. */
export interface MixHeat {
  readonly shares: WaterShares | null;
  readonly startC: number;
  readonly tau: TimeConstant | null;
}

/** Dry mass of the pieces, entered or usual, g; null if none is named. */
export function dryMassOf({ on }: Mix, knowledge: Knowledge): number | null {
  if (!on) return null;
  const item = on.itemId === null ? undefined : indexKnowledge(knowledge).items.get(on.itemId);
  return on.dryMassG ?? item?.dryMassG ?? null;
}

export function mixHeat(
  mix: Mix,
  vessel: Vessel | null,
  household: Household,
  knowledge: Knowledge,
): MixHeat {
  const { taps, roomC } = household;
  const waterL = mix.waterML / 1000;
  const wantedC = mix.waterC ?? taps.coldC;
  if (!vessel || waterL < 0.2)
    return { shares: waterL >= 0.05 ? waterShares(waterL, wantedC, taps) : null, startC: wantedC, tau: null };
  const wall = wallOf(vessel, waterL, household);
  const textileKg = Math.min(30, (dryMassOf(mix, knowledge) ?? 0) / 1000);
  const pouredC =
    mix.waterC === null ? taps.coldC : Math.min(95, Math.max(0, pouringTemp(waterL, wantedC, [wall])));
  const shares = waterShares(waterL, pouredC, taps);
  const startC = settledTemp(waterL, shares.tempC, [wall, { kJPerK: textileKg * CP_COTTON, tempC: roomC }]);
  const { material, lid } = vessel;
  const holds = litresOf(shapeOf(vessel)) >= waterL + textileKg / FIBRE_DENSITY_G_PER_ML;
  // What does not go into the vessel does not cool in it.
  if (!holds) return { shares, startC, tau: null };
  return {
    shares,
    startC,
    tau: timeConstant({ shape: shapeOf(vessel), material, lid, waterL, textileKg, startC, roomC }),
  };
}

/** Minutes shown, and steps between. */
const CURVE_MIN = 480;
const CURVE_STEP_MIN = 20;

/** Temperature over eight hours with its bounds, and the oxygen left with the likely one. */
export function coolingCurve({ startC, tau }: MixHeat, roomC: number, oxygen: boolean): CurvePoint[] {
  if (!tau) return [];
  const tempAt = (tauMin: number, minutes: number) => tempAfter(startC, roomC, tauMin, minutes);
  return Array.from({ length: CURVE_MIN / CURVE_STEP_MIN + 1 }, (_, step) => {
    const minutes = step * CURVE_STEP_MIN;
    const [quick, slow] = [tempAt(tau.low, minutes), tempAt(tau.high, minutes)];
    const left = oxygen ? oxygenLeft((m) => tempAt(tau.likely, m), minutes).likely : null;
    return {
      minutes,
      low: toTenth(Math.min(quick, slow)),
      likely: toTenth(tempAt(tau.likely, minutes)),
      high: toTenth(Math.max(quick, slow)),
      oxygenLeft: left === null ? null : toThousandth(left),
    };
  });
}

/** Minutes until it is below a temperature; null when it does not get there. */
export function minutesBelow({ startC, tau }: MixHeat, roomC: number, tempC: number): LikelyRange | null {
  if (!tau) return null;
  const [low, likely, high] = [tau.low, tau.likely, tau.high].map((one) =>
    minutesUntil(startC, roomC, one, tempC),
  );
  return low == null || likely == null || high == null
    ? null
    : { low: Math.round(low), likely: Math.round(likely), high: Math.round(high) };
}
