import type { Agent, Cloth } from '@feverfew/knowledge';
import type { EligibleMethod } from '../assess/assessMethod.js';
import { eligibleHere } from '../assess/assessRelevant.js';
import { isTooEarly } from '../assess/isTooEarly.js';
import type { PlanContext } from '../case/planContext.js';
import { triedInVain } from '../case/triedInVain.js';
import type { Gone, Phase } from '../plan/round.js';
import { added, gainOf, goneAfter, leastGone, type Worked, workOf } from './goneAfter.js';
import { phaseOf } from './phaseOf.js';
import { ofNoCourse, type Placing, type RoundStart } from './placement.js';

/** Thresholds, our own choice: a pass is added only if less than the first is removed, and it adds at least the second. */
const ENOUGH_GONE = 0.85;
const WORTH_OFFERING = 0.08;
/** The gentlest that adds so much of what the best would comes next. */
const FAIR_SHARE = 0.5;

/**
 * What the courses lack here and would still take much of what is left: offered in a round of its own, as worked out.
 * Empty where the courses do enough, and on what is too frail to go beyond them.
 * @param state what has been done by then
 * @param not methods that are left out or were chosen against
 * @param solvents a solvent may be among them: only where the courses leave nothing at all to do
 * @param aims the troubles it is for
 */
export function addPromisingPasses(
  context: PlanContext,
  open: PlanContext | null,
  state: RoundStart,
  not: readonly string[],
  cloth: Cloth,
  solvents: boolean,
  aims: readonly string[] = context.marks.map(({ mark }) => mark.id),
): Placing[] {
  const { facts } = context;
  const after = (worked: Worked): Gone => {
    const all = goneAfter(worked, context);
    return { ...all, byMark: all.byMark.filter(({ markId }) => aims.includes(markId)) };
  };
  const gone = after(state.worked);
  const frail =
    ['antique', 'irreplaceable'].includes(facts.piece.condition) || facts.piece.parts.length === 0;
  if (frail || leastGone(gone) >= ENOUGH_GONE) return [];
  const phases: readonly Phase[] = ['dry', 'local', 'bath', ...(solvents ? (['solvent'] as const) : [])];
  const done = state.passes.map(({ eligible }) => eligible);
  const shut = new Set(eligibleHere(context).map(({ method }) => method.id));
  const ways = eligibleHere(open ?? context)
    .filter(({ method, missingAgentIds }) => {
      const seen = not.includes(method.id) || done.some((one) => one.method.id === method.id);
      return !seen && missingAgentIds.length === 0 && phases.includes(phaseOf(method, context));
    })
    // Where water may go, airing and powder are no further work: a damp piece has to dry anyway.
    .filter(({ method }) => (cloth === 'dryOnly') === (method.wetting === 'dry'))
    .filter(({ standIn }) => standIn === null)
    .filter((one) => bringsNew(one, done) && !triedInVain(one.appliedAgents, context))
    .filter((one) => !meets(one, done, context) && !isTooEarly(one, done, context))
    .map((one) => ({
      one,
      gain: gainOf(gone, after(added(state.worked, workOf(one, context)))),
    }))
    .filter(({ gain }) => gain >= WORTH_OFFERING);
  const most = Math.max(0, ...ways.map(({ gain }) => gain));
  const [best] = ways
    .filter(({ gain }) => gain >= FAIR_SHARE * most)
    .sort(
      (a, b) =>
        a.one.harshness - b.one.harshness || b.gain - a.gain || (a.one.method.id < b.one.method.id ? -1 : 1),
    );
  return best ? [ofNoCourse(best.one, context, !shut.has(best.one.method.id))] : [];
}

/** It may not meet something that was done, rinsed out or not: what courses do not join is not joined here. */
const meets = (one: EligibleMethod, done: readonly EligibleMethod[], { index }: PlanContext): boolean =>
  done.some((pass) =>
    pass.appliedAgents.some((earlier) =>
      one.appliedAgents.some((agent) => index.pairsBetween(earlier, agent).length > 0),
    ),
  );

/**
 * Something of it has not been on the piece by then, or it is a bath where there was none. Where products go on one
 * after the other, each is new.
 */
function bringsNew({ method, appliedAgents }: EligibleMethod, done: readonly EligibleMethod[]): boolean {
  if (appliedAgents.length === 0) return true;
  if (method.wetting === 'immersion' && done.every((pass) => pass.method.wetting !== 'immersion'))
    return true;
  const known = new Set(done.flatMap((pass) => pass.appliedAgents.flatMap(({ chemistries }) => chemistries)));
  const isNew = ({ chemistries }: Agent): boolean => chemistries.some((one) => !known.has(one));
  return method.waterParts === null ? appliedAgents.every(isNew) : appliedAgents.some(isNew);
}
