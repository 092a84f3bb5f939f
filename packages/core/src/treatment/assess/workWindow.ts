import {
  LONG_SOAK_MIN,
  MECHANICAL_ACTIONS,
  type MechanicalAction,
  type Mechanism,
  type Method,
  SMALLEST_BATH_L,
  type SoilComponent,
  type Substitution,
  USUAL_LIQUOR_L_PER_KG,
} from '@feverfew/knowledge';
import { waterShares } from '../../bath/waterShares.js';
import { OPEN_TEMP_C } from '../../envelope/drawEnvelope.js';
import { windowOf } from '../../envelope/envelope.js';
import type { ChemistryBounds, TempLimit } from '../../envelope/limit.js';
import type { PHRange } from '../../quantity/pHRange.js';
import type { PlanContext } from '../case/planContext.js';
import { mostDose, workingPH } from './dose/workingPH.js';
import { roundsDone } from './judge/historyFindings.js';
import { pHWindowFor } from './pHWindow.js';

/** What is left of a method's own windows inside the envelope. */
export interface WorkWindow {
  readonly tempC: { readonly min: number; readonly max: number; readonly target: number };
  readonly tempLimit: TempLimit | null;
  readonly dwellMin: { readonly min: number; readonly max: number; readonly lookEvery: number };
  readonly maxRounds: number;
  /** How far up its dose ranges the pH lets it go, 0–1. */
  readonly doseMost: number;
  readonly pH: PHRange | null;
  readonly action: MechanicalAction;
  readonly bounds: ChemistryBounds;
}

/** The method's temperature, dwell, rounds and action cut down to what the piece allows. */
export function workWindow(method: Method, standIn: Substitution | null, context: PlanContext): WorkWindow {
  const { envelope, household } = context;
  const bounds = tightestBounds(method, context);
  const long = longSoakOf(method, bounds, context);
  const ceiling = Math.min(
    envelope.tempC.max,
    bounds.maxTempC ?? OPEN_TEMP_C,
    long?.maxC ?? OPEN_TEMP_C,
    machineCeiling(method, context),
  );
  const max = Math.min(method.tempC.max, ceiling);
  const min = Math.min(method.tempC.min, max);
  const coldest = Math.min(max, Math.max(min, household.taps.coldC));
  const fromTaps = method.wetting === 'immersion' && !method.inMachine;
  const hottest = fromTaps ? Math.min(max, hottestReachable(context)) : max;
  const doseMost = mostDose(
    method,
    standIn,
    max,
    pHWindowFor(context.index.factsOf(method), envelope).max,
    context,
  );
  const shortened = envelope.tempC.longSoak && isSoak(method) && !long ? LONG_SOAK_MIN : method.dwellMin.max;
  const dwellMax = Math.min(method.dwellMin.max, bounds.maxDwellMin ?? method.dwellMin.max, shortened);
  return {
    tempC: { min, max, target: method.tempC.prefer === 'coldest' ? coldest : Math.max(min, hottest) },
    tempLimit: long ?? (envelope.tempC.max < method.tempC.max ? (envelope.tempC.limits[0] ?? null) : null),
    dwellMin: {
      min: Math.min(method.dwellMin.min, dwellMax),
      max: dwellMax,
      lookEvery: Math.min(method.dwellMin.lookEvery, dwellMax),
    },
    maxRounds: Math.min(
      Math.max(1, method.maxRounds - roundsDone(method, context)),
      bounds.maxRounds ?? method.maxRounds,
    ),
    doseMost,
    pH: workingPH(method, standIn, max, doseMost, context),
    action:
      MECHANICAL_ACTIONS[
        Math.min(MECHANICAL_ACTIONS.indexOf(method.action), MECHANICAL_ACTIONS.indexOf(envelope.action.most))
      ] ?? 'none',
    bounds,
  };
}

const isSoak = (method: Method): boolean => method.liquorRatioLPerKg !== null && !method.inMachine;

/** A long soak of a tender fibre is a cool one; a method that must be hotter is kept short instead. */
function longSoakOf(
  method: Method,
  { maxDwellMin }: ChemistryBounds,
  { envelope }: PlanContext,
): TempLimit | undefined {
  const { longSoak } = envelope.tempC;
  const longest = Math.min(method.dwellMin.max, maxDwellMin ?? method.dwellMin.max);
  const isLong = isSoak(method) && longest > LONG_SOAK_MIN;
  return longSoak && isLong && method.tempC.min <= longSoak.maxC && longSoak.maxC < method.tempC.max
    ? longSoak
    : undefined;
}

/** Soils that need more than water and detergent to come out while hot; these mechanisms move them. */
const CURES: readonly Mechanism[] = ['oxidation', 'dyeSuspension', 'reduction'];

/** No hot plain wash while a colour that heat sets is there: only with what removes that very colour. */
function machineCeiling(method: Method, { marks, index }: PlanContext): number {
  if (!method.inMachine) return Number.POSITIVE_INFINITY;
  const { mechanisms } = index.factsOf(method);
  const cured = (removal: SoilComponent['removal']) =>
    removal.some(({ mechanism }) => CURES.includes(mechanism) && mechanisms.has(mechanism));
  return Math.min(
    ...marks.flatMap((work) =>
      work.components.flatMap(({ component }) =>
        component.plainWashMaxC === null || cured(component.removal) ? [] : [component.plainWashMaxC],
      ),
    ),
  );
}

/** Warmest water taps and kettles make for a bath of ordinary size, whole °C. */
function hottestReachable({ household, dryMassG }: PlanContext): number {
  const volumeL = Math.max(SMALLEST_BATH_L, (dryMassG / 1000) * USUAL_LIQUOR_L_PER_KG);
  return Math.floor(waterShares(volumeL, OPEN_TEMP_C, household.taps).tempC);
}

function tightestBounds(method: Method, { envelope, index }: PlanContext): ChemistryBounds {
  let tightest: ChemistryBounds = {};
  for (const chemistry of index.factsOf(method).chemistries) {
    tightest = tighter(tightest, windowOf(envelope, chemistry).bounds);
  }
  return tightest;
}

function tighter(one: ChemistryBounds, other: ChemistryBounds): ChemistryBounds {
  const least = (key: keyof ChemistryBounds) => {
    const value = Math.min(one[key] ?? Number.POSITIVE_INFINITY, other[key] ?? Number.POSITIVE_INFINITY);
    return Number.isFinite(value) ? { [key]: value } : {};
  };
  return { ...least('maxTempC'), ...least('maxDwellMin'), ...least('maxRounds') };
}
