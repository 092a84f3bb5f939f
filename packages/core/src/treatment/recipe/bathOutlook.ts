import { BRIM_FILL_SHARE, FIBRE_DENSITY_G_PER_ML, type Method } from '@feverfew/knowledge';
import { freshBath, minutesUntil, type TimeConstant, tempAfter } from '../../bath/heat/bathCooling.js';
import { topUp, warmingKWh } from '../../bath/heat/heatTheBath.js';
import { oxygenLeft } from '../../bath/oxygen/oxygenActivity.js';
import type { WaterShares } from '../../bath/waterShares.js';
import type { Household, Vessel } from '../../household/household.js';
import { toFive, toHundredth, toTenth } from '../../quantity/rounding.js';
import type { WorkWindow } from '../assess/workWindow.js';
import type { PlanContext } from '../case/planContext.js';
import type { BathOutlook, Ingredient } from '../plan/recipe.js';

/** A bath is called cool once it is no warmer than the hand, °C. Common practice, no source. */
const COOL_C = 30;

/** What the heat of a bath is worked out from. */
export interface BathAsked {
  readonly method: Method;
  readonly window: WorkWindow;
  readonly vessel: Vessel;
  readonly waterL: number;
  readonly shares: WaterShares;
  readonly textileKg: number;
  readonly ingredients: readonly Ingredient[];
}

/** Temperature now and at the end, when to top up or call it cool, what is left of the oxygen, energy and water. */
export function bathOutlook(asked: BathAsked, { household }: PlanContext): BathOutlook {
  const { vessel, waterL, shares, textileKg, window } = asked;
  const { startC, roomC, tau, withItKJPerK } = freshBath(
    vessel,
    { waterL, pouredC: shares.tempC, textileKg },
    household,
  );
  const dwellMin = window.dwellMin.max;
  const after = (tauMin: number) => tempAfter(startC, roomC, tauMin, dwellMin);
  return {
    startC: toTenth(startC),
    endC: ends(after(tau.low), after(tau.likely), after(tau.high)),
    roomC,
    tauMin: { low: Math.round(tau.low), likely: Math.round(tau.likely), high: Math.round(tau.high) },
    coolAtMin: coolAt(startC, roomC, tau, COOL_C),
    topUp: topUpFor(asked, startC, tau, withItKJPerK, household),
    oxygen: oxygenOf(asked, startC, roomC, tau),
    energyKWh: toHundredth(
      shares.tempC > household.taps.coldC ? warmingKWh(waterL, household.taps.coldC, shares.tempC) : 0,
    ),
  };
}

/**
 * Minutes until the bath is down to a temperature, quickest to slowest; null when it starts there or the room is as
 * warm.
 */
function coolAt(startC: number, roomC: number, tau: TimeConstant, wantedC: number) {
  const minutesFor = (tauMin: number) => minutesUntil(startC, roomC, tauMin, wantedC);
  const [low, likely, high] = [minutesFor(tau.low), minutesFor(tau.likely), minutesFor(tau.high)];
  return low === null || likely === null || high === null || likely === 0
    ? null
    : { low: toFive(low), likely: toFive(likely), high: toFive(high) };
}

/**
 * Hot water once the bath falls below what the method works at, if that is before its time is up and the vessel has
 * room.
 */
function topUpFor(
  { method, window, vessel, waterL, textileKg }: BathAsked,
  startC: number,
  tau: TimeConstant,
  withItKJPerK: number,
  { roomC, taps }: Household,
): BathOutlook['topUp'] {
  const floorC = method.tempC.min;
  if (method.tempC.prefer !== 'hottest' || method.untilCool || startC <= floorC) return null;
  const afterMin = minutesUntil(startC, roomC, tau.likely, floorC);
  if (afterMin === null || afterMin >= window.dwellMin.max) return null;
  const roomL = vessel.volumeL * BRIM_FILL_SHARE - waterL - textileKg / FIBRE_DENSITY_G_PER_ML;
  const up = topUp(waterL, floorC, Math.min(window.tempC.max, startC), withItKJPerK, taps.kettleL);
  return up && up.hotL > 0.05 && up.hotL <= roomL
    ? {
        afterMin: toFive(afterMin),
        belowC: floorC,
        hotL: toTenth(up.hotL),
        kettles: up.kettles,
        toC: toTenth(startC),
      }
    : null;
}

function oxygenOf(
  { ingredients, waterL, window }: BathAsked,
  startC: number,
  roomC: number,
  tau: TimeConstant,
): BathOutlook['oxygen'] {
  const grams = ingredients.reduce((sum, one) => sum + one.oxygenG, 0);
  if (grams === 0) return null;
  const left = oxygenLeft((minutes) => tempAfter(startC, roomC, tau.likely, minutes), window.dwellMin.max);
  return {
    mgPerL: Math.round((1000 * grams) / waterL),
    leftShare: { low: toHundredth(left.low), likely: toHundredth(left.likely), high: toHundredth(left.high) },
  };
}

const ends = (a: number, likely: number, b: number) => ({
  low: toTenth(Math.min(a, b)),
  likely: toTenth(likely),
  high: toTenth(Math.max(a, b)),
});
