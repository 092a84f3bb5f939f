import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';
import type { NotUsed } from '../plan/round.js';
import type { ArrangedRound, Placed } from './arranged.js';
import { hasFairChance } from './fairChance.js';
import { isWorkingBath } from './fitCourses.js';
import { added, gainOf, goneAfter, leastGone, type Worked, workOf } from './goneAfter.js';
import { inTime } from './inTime.js';
import { phaseOf, rankOf } from './phaseOf.js';
import { withWash } from './placeRound.js';
import type { Placing, Start } from './placing.js';
import { setAsideByLog } from './setAsideByLog.js';
import { washFor } from './washFor.js';

/** Local work is not enough below this, and a bath that adds so much comes into the first round: our own choice. */
const ENOUGH_GONE = 0.6;
const WORTH_THE_BATH = 0.04;

export interface ComposedRound {
  readonly passes: Placed[];
  /** What the later round keeps. */
  readonly rest: readonly Placing[];
  readonly worked: Worked;
}

/** One round out of what fits: what adds nothing is dropped, a bath that is needed comes in, one wash ends it. */
export function composeRound(
  own: readonly Placing[],
  later: readonly Placing[],
  courses: ArrangedRound['courses'],
  context: PlanContext,
  notUsed: NotUsed[],
  start: Start,
): ComposedRound {
  // A wash alone makes no further round.
  if (own.length === 0 && start.passes.length > 0) return { passes: [], rest: later, worked: start.worked };
  const asked = machineWashesOf(own);
  // What was to flush it may fall out again: heat goes before germs only where cold water really runs first.
  const before = start.passes.map(({ eligible }) => eligible);
  const washAfter = (done: readonly EligibleMethod[]): EligibleMethod[] =>
    washFor(courses, asked, context, notUsed, [...before, ...done].some(isPlainWater));
  const chosen = inTime(
    own.filter(({ fitted }) => !fitted.eligible.method.inMachine),
    washAfter(own.map(({ fitted }) => fitted.eligible))[0],
    context,
    notUsed,
  );
  const ended = (list: readonly Placing[]) => withWash(list, { washAfter, courses }, context, start, notUsed);
  const all = [...chosen, ...later];
  const fair = proven(
    chosen.filter((one) => hasFairChance(one, all, context)),
    context.choices.readyInMin === null ? later : [],
    context,
    notUsed,
  );
  let round = ended(fair);
  const missed = (context.choices.readyInMin === null ? later : []).filter(
    ({ fitted, opensAfterTest }) =>
      chosen.every((one) => one.fitted.eligible.method.id !== fitted.eligible.method.id) &&
      ['local', 'bath'].includes(phaseOf(fitted.eligible.method, context)) &&
      (!opensAfterTest || chosen.some((other) => other.opensAfterTest)),
  );
  const bathed = fair.some(({ fitted }) => isWorkingBath(fitted.eligible.method, context));
  // Where nothing local is left to do, the bath is the first real step.
  const dryOnly = fair.every(({ fitted }) => fitted.eligible.method.wetting === 'dry');
  if (!bathed && (dryOnly || isLongStanding(context)) && leastGone(round.gone) < ENOUGH_GONE) {
    const local = withWash(fair, { washAfter: () => [], courses }, context, start, []);
    const gains = missed.map((one) => ({
      one,
      gain: gainOf(local.gone, goneAfter(added(local.worked, workOf(one.fitted.eligible, context)), context)),
    }));
    const best = gains.sort((a, b) => b.gain - a.gain)[0];
    if (best && best.gain >= WORTH_THE_BATH) round = ended(inserted(fair, best.one, context));
  }
  const used = new Set(round.passes.map(({ eligible }) => eligible.method.id));
  return {
    ...round,
    rest: later.filter(({ fitted }) => !used.has(fitted.eligible.method.id)),
  };
}

/** Without what the household has seen fail; what does better in its place comes in, from a later round too. */
function proven(
  list: readonly Placing[],
  later: readonly Placing[],
  context: PlanContext,
  notUsed: NotUsed[],
): readonly Placing[] {
  // Of several troubles nobody can tell which one the log is of.
  if (context.marks.length > 1) return list;
  const idOf = ({ fitted }: Placing): string => fitted.eligible.method.id;
  const all = [...list, ...later.filter((one) => list.every((own) => idOf(own) !== idOf(one)))];
  let kept = list;
  for (const { eligible, finding, next } of setAsideByLog(all.map(({ fitted }) => fitted.eligible))) {
    const better = all.find(({ fitted }) => fitted.eligible === next);
    if (kept.every(({ fitted }) => fitted.eligible !== eligible)) continue;
    kept = kept.filter(({ fitted }) => fitted.eligible !== eligible);
    if (better && !kept.includes(better)) kept = inserted(kept, better, context);
    notUsed.push({ methodId: eligible.method.id, findings: [finding] });
  }
  return kept;
}

const isPlainWater = ({ method, appliedAgents }: EligibleMethod): boolean =>
  method.wetting !== 'dry' &&
  appliedAgents.every(({ chemistries }) => chemistries.every((one) => one === 'water'));

/** A machine wash that a course has among its passes is the wash of the round. */
const machineWashesOf = (own: readonly Placing[]): string[] =>
  own.flatMap(({ fitted: { eligible } }) => (eligible.method.inMachine ? [eligible.method.id] : []));

/** What is fresh gets its local work and its wash first; a bath is for what has dried in, was heated, or is all over. */
const isLongStanding = ({ facts }: PlanContext): boolean =>
  !['minutes', 'hours'].includes(facts.age) || facts.heat !== 'none' || facts.size === 'allOver';

function inserted(list: readonly Placing[], one: Placing, context: PlanContext): Placing[] {
  const rank = (of: Placing) => rankOf(of.fitted.eligible, of.late, context);
  const at = list.findIndex((other) => rank(other) > rank(one));
  return at < 0 ? [...list, one] : [...list.slice(0, at), one, ...list.slice(at)];
}
