import type { Cloth, Course, CoursePass } from '@feverfew/knowledge';
import type { PlanContext } from '../case/planContext.js';
import type { NotUsed } from '../plan/round.js';
import { addPromisingPasses } from './addPromisingPasses.js';
import type { Arranged, ArrangedRound, Placed } from './arrangement.js';
import { clothOf } from './clothOf.js';
import { bleachesInDrum, type ComposedRound, composeRound, insertPass } from './composeRound.js';
import { courseFor, courseOfItem } from './courseFor.js';
import { endHere, endOfNone } from './endHere.js';
import { fitCourses } from './fitCourses.js';
import { inChosenOrder, withChosenWays } from './followChoices.js';
import { goneAfter, middle, untouched } from './goneAfter.js';
import { mayBeInTime } from './inTime.js';
import { openChecks } from './openChecks.js';
import { phaseOf } from './phaseOf.js';
import { ofNoCourse, type Placing } from './placement.js';
import { placedAll } from './placeRound.js';
import { isWork, isWorthARound, secondRound } from './secondRound.js';
import { isPlainWater, isStronger, mostOf } from './strongest.js';
import { withoutLast } from './withoutLast.js';
import { workedOut } from './workedOut.js';

/** A pass for another trouble also counts for this one from this share removed, 0–1: our own choice. */
const HELPS_FROM = 0.3;
/** Steps of a round, its wash among them, that a person keeps in mind: the cards written by hand have at most five. */
const MAX_STEPS = 5;
/** Where all work of a course takes less than this, another effective way is looked for, 0–1: our own choice. */
const HARDLY_WORKS = 0.12;
/** So many ways that no course has come into round one at most. */
const MAX_HURRIED = 3;

/**
 * The rounds of a plan: courses of all troubles fitted to the piece, joined, judged by what they take.
 * @param open the same case with the hidden water test passed, where that would open the surface; else null
 * @param waiting steps back from the full first round, 0 or more: what a look can call for waits, then its last works
 */
export function arrangeRounds(context: PlanContext, open: PlanContext | null, waiting: number): Arranged {
  const cloth = clothOf(open ?? context);
  const notUsed: NotUsed[] = [];
  const told = context.marks.flatMap((work) => {
    const course = courseHere(work, context, cloth);
    return course ? [{ markId: work.mark.id, given: course.cloths[cloth] }] : [];
  });
  const courses = told.flatMap(({ markId, given }) => (given.kind === 'course' ? [{ markId, given }] : []));
  const cases = { context, open };
  const first = withChosenWays(fitCourses('first', courses, cloth, cases, notUsed), context, open, notUsed);
  const second = fitCourses('second', courses, cloth, cases, notUsed);
  const arrange: Arrange = { ...cases, cloth, courses, notUsed, waiting };
  const here = open ?? context;
  let line = inChosenOrder(first, context);
  let laid = laidOut(line, second, arrange);
  // A pass that does more than all of round one is not saved for a third round. A person's choice stays.
  const { instead, leftOut } = context.choices;
  const isChosen = Object.keys(instead).length + leftOut.length > 0;
  for (let at = 0; at < MAX_HURRIED && !isChosen; at += 1) {
    const [best] = laid.further;
    if (!best || !isStronger(best, laid.one.passes, here)) break;
    line = insertPass(line, best, context);
    laid = laidOut(line, second, arrange);
  }
  const { one, two, further, after } = laid;
  const last = composeRound(further, [], courses, here, [], after);
  const isOfUse = isWorthARound(goneAfter(after.worked, here), goneAfter(last.worked, here));
  // Where every course ends honestly, what wets nothing may still be worth doing.
  const honest = told.length > 0 && courses.length === 0 && !context.item.surfaceOnly;
  const isDamage = context.marks.every(({ mark }) => mark.damage);
  const isBare = one.passes.length === 0 && !isDamage;
  const ways = isBare ? workedOut(context, honest) : [];
  const bare = placedAll(ways.slice(0, Math.max(1, ways.length - waiting)), context);
  const rounds = [
    { passes: one.passes.length > 0 ? one.passes : bare, courses },
    { passes: adds(bare, two.passes) ? two.passes : [], courses },
    { passes: isOfUse ? last.passes : [], courses },
  ].filter(({ passes }, index) => passes.length > 0 && (index === 0 || passes.some(isWork)));
  return {
    cloth,
    rounds,
    notUsed: unique(notUsed, rounds),
    ends:
      told.length > 0 || rounds.length === 0 || isDamage
        ? told.map(({ markId, given }) => endHere(markId, given, context, rounds.length > 0))
        : context.marks.map(({ mark }) => endOfNone(mark.id)),
  };
}

/** A round of the courses after what was worked out without them. */
function adds(before: readonly Placed[], after: readonly Placed[]): boolean {
  const [gone, further] = [before.at(-1)?.gone, after.at(-1)?.gone];
  return !gone || !further || isWorthARound(gone, further);
}

/** What is worth buying shows it by what it takes. */
const notMain = (pass: CoursePass): CoursePass => ({ ...pass, main: false });

interface Arrange {
  readonly context: PlanContext;
  readonly open: PlanContext | null;
  readonly cloth: Cloth;
  readonly courses: ArrangedRound['courses'];
  readonly notUsed: NotUsed[];
  readonly waiting: number;
}

/** Both rounds of the courses, and what is worth a further one. */
function laidOut(first: readonly Placing[], second: readonly Placing[], arrange: Arrange) {
  const { context, open, courses, notUsed, cloth } = arrange;
  const here = open ?? context;
  const one = shortFirstRound(first, second, arrange);
  const two = secondRound(one, courses, here, () => toBuy(arrange));
  const after = { worked: two.worked, passes: [...one.passes, ...two.passes] };
  const further =
    courses.length > 0 && one.passes.length > 0
      ? addPromisingPasses(context, open, after, notWanted(notUsed, context), cloth, false)
      : [];
  return { one, two, further, after };
}

/** What the courses keep for the second round and the house does not have. */
function toBuy({ context, open, courses, cloth }: Arrange): Placing[] {
  if (context.facts.reach === 'shop') return [];
  const inShop = (one: PlanContext): PlanContext => ({ ...one, facts: { ...one.facts, reach: 'shop' } });
  const cases = { context: inShop(context), open: open && inShop(open) };
  return fitCourses('second', courses, cloth, cases, [])
    .filter(
      ({ fitted: { eligible, insteadOf } }) => eligible.missingAgentIds.length > 0 && insteadOf === null,
    )
    .map((one) => ({
      ...one,
      fitted: { ...one.fitted, asked: one.fitted.asked && notMain(one.fitted.asked) },
    }));
}

/** The first round; one with many steps leaves to the second what only a look can call for. */
function shortFirstRound(
  first: readonly Placing[],
  second: readonly Placing[],
  arrange: Arrange,
): ComposedRound {
  const { context, open, waiting } = arrange;
  const round = firstRound(first, second, arrange);
  if (round.passes.length <= MAX_STEPS && waiting === 0) return round;
  const looked = first.filter(
    ({ fitted: { asked, words } }) =>
      !asked?.main && openChecks(words, [], open ?? context).some(({ isOfRest }) => isOfRest),
  );
  const here = { ...arrange, context: open ?? context };
  if (looked.length === 0) return withoutLast(waiting, round, first, here);
  const sure = first.filter((one) => !looked.includes(one));
  const short = firstRound(sure, [...looked, ...second], arrange);
  return withoutLast(waiting - 1, short, sure, here);
}

/** The first round as the courses have it, with what works where they leave nothing but a wash, or wait for a test. */
function firstRound(
  first: readonly Placing[],
  second: readonly Placing[],
  { context, open, cloth, courses, notUsed }: Arrange,
): ComposedRound {
  const start = { worked: untouched(context), passes: [] };
  const here = open ?? context;
  const asTold = composeRound(first, second, courses, here, notUsed, start);
  // If the courses leave only the wash, for all troubles or for one of them, another effective way comes before it.
  const inDrum = first.filter(bleachesInDrum);
  const does = (pass: Placed) => isWork(pass) && mostOf(pass.eligible, here) >= HARDLY_WORKS;
  const idle = asTold.passes.length > 0 && inDrum.length === 0 && !asTold.passes.some(does);
  const isHelped = (markId: string) =>
    inDrum.some(({ helps }) => helps.includes(markId)) ||
    asTold.passes.some(
      ({ phase, eligible, helps, takes }) =>
        phase !== 'wash' &&
        !isPlainWater(eligible) &&
        ((helps.includes(markId) && !isSun(eligible)) ||
          takes.byMark.some((part) => part.markId === markId && middle(part) >= HELPS_FROM)),
    );
  const unhelped = courses.flatMap(({ markId }) => (isHelped(markId) ? [] : [markId]));
  const not = notWanted(notUsed, context);
  const inCourses = first.map(({ fitted }) => fitted.eligible.method.id);
  const ways = idle
    ? addPromisingPasses(context, open, start, [...not, ...inCourses], cloth, true)
    : asTold.passes.length > 0 && unhelped.length > 0
      ? addPromisingPasses(context, open, asTold, not, cloth, false, unhelped)
      : [];
  const timely = new Set(
    mayBeInTime(
      ways.map(({ fitted }) => fitted.eligible),
      context,
      notUsed,
    ),
  );
  const instead = ways.filter(({ fitted }) => timely.has(fitted.eligible));
  // Dry powder waits for no water test.
  const shut = open !== null && asTold.passes.every(({ opensAfterTest }) => opensAfterTest);
  const powders = shut
    ? workedOut(context, true).filter(({ appliedAgents }) => appliedAgents.length > 0)
    : [];
  const before = powders.map((eligible) => ofNoCourse(eligible, context, false));
  if (before.length + instead.length === 0) return asTold;
  // A solvent that was worked out comes before the suds that take its rest; other work before what dries or fades it.
  const all = instead.reduce<readonly Placing[]>(
    (list, one) =>
      phaseOf(one.fitted.eligible.method, here) === 'solvent' || list.at(-1)?.turn === 'late'
        ? insertPass(list, one, here)
        : list.concat(one),
    [...before, ...first],
  );
  const made = composeRound(all, second, courses, here, notUsed, start);
  const isIn = instead.some(({ fitted }) => made.passes.some(({ eligible }) => eligible === fitted.eligible));
  return idle || before.length > 0 || isIn ? made : asTold;
}

/** Light fades what other work leaves: by itself it is no help. */
const isSun = ({ appliedAgents }: ComposedRound['passes'][number]['eligible']): boolean =>
  appliedAgents.length > 0 && appliedAgents.every(({ mechanisms }) => mechanisms.includes('sunlight'));

/** What fell out, and what the person has put something else in the place of. */
const notWanted = (notUsed: readonly NotUsed[], { choices }: PlanContext): string[] => [
  ...notUsed.map(({ methodId }) => methodId),
  ...Object.keys(choices.instead),
];

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
