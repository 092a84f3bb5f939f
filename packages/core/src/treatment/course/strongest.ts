import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';
import type { Placed } from './arrangement.js';
import { gainOf, goneAfter, untouched, workOf } from './goneAfter.js';
import type { Placing } from './placement.js';

/** By so much a later way must do more to come first. */
const STRONGER = 0.02;
/** From here on a paste that is left to dry takes a night, min. */
const OVERNIGHT_MIN = 240;

/**
 * What the courses keep for a later round though it does more than each way that the first one has: it comes first. Never
 * so on what cannot be replaced.
 */
export function strongerLater(
  passes: readonly Placed[],
  later: readonly Placing[],
  context: PlanContext,
): Placing | null {
  if (mayNotBeHurried(context)) return null;
  const [best] = later
    .filter(({ fitted }) => fitted.eligible.missingAgentIds.length === 0)
    .map((one) => ({ one, does: mostOf(one.fitted.eligible, context) }))
    .sort((a, b) => b.does - a.does);
  return best && isStronger(best.one, passes, context) ? best.one : null;
}

/** A paste that is left to dry for a night: it is for what is left. */
export const isOvernight = ({ method, window }: EligibleMethod): boolean =>
  method.keep === 'letDry' && window.dwellMin.min >= OVERNIGHT_MIN;

/** What cannot be replaced, or is of unknown make, begins with the gentlest. */
const mayNotBeHurried = ({ facts: { piece } }: PlanContext): boolean =>
  ['antique', 'irreplaceable'].includes(piece.condition) || piece.parts.length === 0;

/** The most that a way takes of one trouble by itself, 0–1. */
export const mostOf = (eligible: EligibleMethod, context: PlanContext): number =>
  gainOf(goneAfter(untouched(context), context), goneAfter(workOf(eligible, context), context));

/**
 * Whether a way does clearly more than each of a round. The wash comes anyhow, and plain water only takes what is
 * loose: they are not compared. What dries on it overnight is for what is left.
 */
export function isStronger({ fitted }: Placing, passes: readonly Placed[], context: PlanContext): boolean {
  if (isOvernight(fitted.eligible)) return false;
  const own = passes.filter(({ eligible, phase }) => phase !== 'wash' && !isPlainWater(eligible));
  const most = Math.max(0, ...own.map(({ eligible }) => mostOf(eligible, context)));
  return mostOf(fitted.eligible, context) >= most + STRONGER;
}

/** Nothing but water. */
export const isPlainWater = ({ method, appliedAgents }: EligibleMethod): boolean =>
  method.wetting !== 'dry' &&
  appliedAgents.every(({ chemistries }) => chemistries.every((one) => one === 'water'));
