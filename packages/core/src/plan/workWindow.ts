import { ACTIONS, type Action, type Method } from '@feverfew/knowledge';
import { waterShares } from '../bath/waterShares.js';
import { agentById, type PlanContext } from './context.js';
import type { ChemistryBounds, TempLimit } from './limit.js';

/** What is left of a method's own windows inside the envelope. */
export interface WorkWindow {
  readonly tempC: { readonly min: number; readonly max: number; readonly target: number };
  readonly tempLimit: TempLimit | null;
  readonly dwellMin: { readonly min: number; readonly max: number; readonly lookEvery: number };
  readonly maxRounds: number;
  readonly action: Action;
  readonly bounds: ChemistryBounds;
}

/** The method's temperature, dwell, rounds and action cut down to what the piece allows. */
export function workWindow(method: Method, context: PlanContext): WorkWindow {
  const { envelope, household } = context;
  const bounds = tightestBounds(method, context);
  const ceiling = Math.min(envelope.tempC.max, bounds.maxTempC ?? 95);
  const max = Math.min(method.tempC.max, ceiling);
  const min = Math.min(method.tempC.min, max);
  const coldest = Math.min(max, Math.max(min, household.taps.coldC));
  const hottest = method.wetting === 'immersion' ? Math.min(max, hottestReachable(context)) : max;
  const dwellMax = Math.min(method.dwellMin.max, bounds.maxDwellMin ?? method.dwellMin.max);
  return {
    tempC: { min, max, target: method.tempC.prefer === 'coldest' ? coldest : Math.max(min, hottest) },
    tempLimit: ceiling < method.tempC.max ? (envelope.tempC.limits[0] ?? null) : null,
    dwellMin: {
      min: Math.min(method.dwellMin.min, dwellMax),
      max: dwellMax,
      lookEvery: Math.min(method.dwellMin.lookEvery, dwellMax),
    },
    maxRounds: Math.min(method.maxRounds, bounds.maxRounds ?? method.maxRounds),
    action:
      ACTIONS[Math.min(ACTIONS.indexOf(method.action), ACTIONS.indexOf(envelope.action.most))] ?? 'none',
    bounds,
  };
}

/** Warmest water taps and kettles make for a bath of ordinary size, whole °C. */
function hottestReachable({ household, dryMassG }: PlanContext): number {
  const volumeL = Math.max(2, (dryMassG / 1000) * 12);
  return Math.floor(waterShares(volumeL, 95, household.taps).tempC);
}

function tightestBounds(method: Method, { envelope, knowledge }: PlanContext): ChemistryBounds {
  const bounds = method.agents
    .flatMap((use) => agentById(knowledge, use.agentId).chemistries)
    .map((chemistry) => envelope.chemistry.find((window) => window.chemistry === chemistry)?.bounds ?? {});
  const least = (key: keyof ChemistryBounds) => {
    const values = bounds.flatMap((bound) => bound[key] ?? []);
    return values.length > 0 ? { [key]: Math.min(...values) } : {};
  };
  return { ...least('maxTempC'), ...least('maxDwellMin'), ...least('maxRounds') };
}
