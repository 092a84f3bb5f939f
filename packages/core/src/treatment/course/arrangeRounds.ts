import type { Cloth, Course, CoursePass, Method } from '@feverfew/knowledge';
import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';
import type { NotUsed } from '../plan/round.js';
import type { Arranged, ArrangedRound, Placed } from './arranged.js';
import { clothOf } from './clothOf.js';
import { courseFor, courseOfItem } from './courseFor.js';
import { endHere } from './endHere.js';
import { hasFairChance } from './fairChance.js';
import { fitPass } from './fitPass.js';
import { inChosenOrder, withChosenWays } from './followed.js';
import { added, gainOf, goneAfter, leastGone, untouched, type Worked, workOf } from './goneAfter.js';
import { inTime } from './inTime.js';
import { phaseOf, rankOf } from './phaseOf.js';
import { placedAll, withWash } from './placeRound.js';
import { type Candidate, ofNoCourse, type Placing, type Start } from './placing.js';
import { promising } from './promising.js';
import { setAsideByLog } from './setAsideByLog.js';
import { washFor } from './washFor.js';
import { workedOut } from './workedOut.js';

/** Local work is not enough below this, and a bath that adds so much comes into the first round: our own choice. */
const ENOUGH_GONE = 0.6;
const WORTH_THE_BATH = 0.04;

/**
 * The rounds of a plan: courses of all troubles fitted to the piece, joined, judged by what they take.
 * @param open the same case with the hidden water test passed, where that would open the surface; else null
 */
export function arrangeRounds(context: PlanContext, open: PlanContext | null): Arranged {
  const cloth = clothOf(open ?? context);
  const notUsed: NotUsed[] = [];
  const told = context.marks.flatMap((work) => {
    const course = courseHere(work, context, cloth);
    return course ? [{ markId: work.mark.id, course, given: course.cloths[cloth] }] : [];
  });
  const filled = told.flatMap(({ markId, given }) => (given.kind === 'course' ? [{ markId, given }] : []));
  const fitAll = (which: 'first' | 'second'): Candidate[] =>
    filled.flatMap(({ markId, given }) => {
      let wetted = false;
      const mayBathe = context.facts.size === 'allOver' && !given.first.some((one) => isBath(one, context));
      return given[which].flatMap((asked): Candidate[] => {
        const shut = fitPass(asked, cloth, context, mayBathe);
        const fit = shut.fitted || !open ? shut : fitPass(asked, cloth, open, mayBathe);
        notUsed.push(...fit.notUsed);
        if (!fit.fitted) return [];
        const dry = fit.fitted.eligible.method.wetting === 'dry';
        const late = dry && wetted;
        wetted ||= !dry;
        return [{ fitted: fit.fitted, markId, opensAfterTest: fit !== shut, late }];
      });
    });
  const first = inChosenOrder(
    withChosenWays(joined(fitAll('first'), context), context, open, notUsed),
    context,
  );
  const second = joined(fitAll('second'), context);
  const here = open ?? context;
  const start = { worked: untouched(context), passes: [] };
  const asTold = roundOf(first, second, filled, here, notUsed, start);
  // Where nothing but the wash is left of the courses, what else would work comes in before it.
  const idle = asTold.passes.length > 0 && !asTold.passes.some(isWork);
  const instead = idle ? promising(context, open, start, idsOf(notUsed), cloth, true) : [];
  // Dry powder waits for no water test.
  const shut = open !== null && asTold.passes.every(({ opensAfterTest }) => opensAfterTest);
  const powders = shut
    ? workedOut(context, true).filter(({ appliedAgents }) => appliedAgents.length > 0)
    : [];
  const before = powders.map((eligible) => ofNoCourse(eligible, context, false));
  const one =
    before.length + instead.length > 0
      ? roundOf([...before, ...first, ...instead], second, filled, here, notUsed, start)
      : asTold;
  // What a second round does without, the first has or has given a reason for.
  const two = roundOf(one.rest, [], filled, here, [], one);
  const after = { worked: two.worked, passes: [...one.passes, ...two.passes] };
  const further =
    filled.length > 0 && one.passes.length > 0
      ? promising(context, open, after, idsOf(notUsed), cloth, false)
      : [];
  const three = roundOf(further, [], filled, here, [], after);
  // Where every course ends honestly, what wets nothing may still be worth doing.
  const honest = told.length > 0 && filled.length === 0 && !context.item.surfaceOnly;
  const isDamage = context.marks.every(({ mark }) => mark.damage);
  const bare = one.passes.length === 0 && !isDamage ? workedOut(context, honest) : [];
  const rounds = [
    { passes: one.passes.length > 0 ? one.passes : placedAll(bare, context), courses: filled },
    { passes: two.passes, courses: filled },
    { passes: three.passes, courses: filled },
  ].filter(({ passes }, index) => passes.length > 0 && (index === 0 || passes.some(isWork)));
  return {
    cloth,
    rounds,
    notUsed: unique(notUsed, rounds),
    ends: told.map(({ markId, given }) =>
      given.kind === 'course'
        ? endHere(markId, given.end, context)
        : { markId, rounds: 0, next: given.next, text: given.why },
    ),
  };
}

const idsOf = (notUsed: readonly NotUsed[]): string[] => notUsed.map(({ methodId }) => methodId);

function isBath({ methodIds }: CoursePass, context: PlanContext): boolean {
  const method = context.index.methods.get(methodIds[0] ?? '');
  return method !== undefined && isWorkingBath(method, context);
}

function isWorkingBath(method: Method, context: PlanContext): boolean {
  if (phaseOf(method, context) !== 'bath') return false;
  // Waters to rinse in are no bath that works.
  return !context.index.factsOf(method).chemistries.every((one) => one === 'water');
}

/** A later round is one only where something new is done in it. */
const isWork = ({ phase, prepares }: Placed): boolean => phase !== 'wash' && !prepares;

function courseHere(
  work: PlanContext['marks'][number],
  { item, knowledge }: PlanContext,
  cloth: Cloth,
): Course | undefined {
  const own = courseFor(work, item.id, knowledge);
  const given = own?.cloths[cloth];
  if (given?.kind === 'course') return own;
  const ofItem = courseOfItem(item.id, cloth, knowledge);
  // A course that was not made for such a piece says nothing about it.
  return ofItem ?? (given?.next === 'noHomeMethod' ? undefined : own);
}

/** The same way asked for by several troubles is one pass; several troubles are worked phase by phase. */
function joined(candidates: readonly Candidate[], context: PlanContext): Placing[] {
  const list: Placing[] = [];
  for (const one of candidates) {
    const same = list.find(({ fitted }) => fitted.eligible.method.id === one.fitted.eligible.method.id);
    if (same) {
      if (!same.helps.includes(one.markId)) same.helps.push(one.markId);
    } else list.push({ ...one, helps: [one.markId] });
  }
  const placed = list.map((one, place) => ({
    one,
    place,
    rank: rankOf(one.fitted.eligible, one.late, context),
  }));
  const several = context.marks.length > 1;
  return placed.sort((a, b) => (several ? a.rank - b.rank : 0) || a.place - b.place).map(({ one }) => one);
}

/** One round out of what fits: what adds nothing is dropped, a bath that is needed comes in, one wash ends it. */
function roundOf(
  own: readonly Placing[],
  later: readonly Placing[],
  courses: ArrangedRound['courses'],
  context: PlanContext,
  notUsed: NotUsed[],
  start: Start,
): { readonly passes: Placed[]; readonly rest: readonly Placing[]; readonly worked: Worked } {
  // A wash alone makes no further round.
  if (own.length === 0 && start.passes.length > 0) return { passes: [], rest: later, worked: start.worked };
  const flushed = own.some(({ fitted }) => isPlainWater(fitted.eligible));
  const wash = washFor(courses, machineWashesOf(own), context, notUsed, flushed);
  const chosen = inTime(
    own.filter(({ fitted }) => !fitted.eligible.method.inMachine),
    wash[0],
    context,
    notUsed,
  );
  const ended = (list: readonly Placing[]) => withWash(list, { wash, courses }, context, start, notUsed);
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
    const local = withWash(fair, { wash: [], courses }, context, start, []);
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

/** Each way once, and none that is gone after all. */
function unique(notUsed: readonly NotUsed[], rounds: readonly ArrangedRound[]): NotUsed[] {
  const used = new Set(rounds.flatMap(({ passes }) => passes.map(({ eligible }) => eligible.method.id)));
  const seen = new Set<string>();
  return notUsed.filter(({ methodId }) => {
    if (used.has(methodId) || seen.has(methodId)) return false;
    seen.add(methodId);
    return true;
  });
}
