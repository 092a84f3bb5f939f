import { type CoursePass, MAX_SOLVENT_A_DAY_ML, REPEAT_IF } from '@feverfew/knowledge';
import { spotAmount } from '../assess/dose/spotAmount.js';
import type { PlanContext } from '../case/planContext.js';
import type { Gone } from '../plan/round.js';
import type { ArrangedRound, Placed } from './arrangement.js';
import { type ComposedRound, composeRound, insertPass } from './composeRound.js';
import { gainOf, goneAfter, middle } from './goneAfter.js';
import { openChecks } from './openChecks.js';
import { phaseOf } from './phaseOf.js';
import { type Placing, placingOf, WHILE_FRESH } from './placement.js';
import { isPlainWater, mostOf } from './strongest.js';

/** A round takes at least so much of what the one before left, 0–1: our own choice. */
const MIN_OF_A_ROUND = 0.05;

/** What has to be bought for a second round takes at least so much of the soil, 0–1: our own choice. */
const WORTH_BUYING = 0.1;

/** A later round is one only where something new is done in it, or what its course holds for the main thing. */
export const isWork = ({ phase, prepares, asked }: Placed): boolean =>
  phase !== 'wash' && (!prepares || asked?.main === true);

/**
 * What the courses keep for a second round. Where they leave nothing new, it is what is worth buying for it. Failing
 * that, what does most in the first round is done once more, as an experienced hand goes on.
 * @param one the first round, with what it left
 * @param toBuy what the courses keep for it and the house does not have
 */
export function secondRound(
  one: ComposedRound,
  courses: ArrangedRound['courses'],
  context: PlanContext,
  toBuy: () => Placing[],
): ComposedRound {
  // What a second round does without, the first has or has given a reason for.
  const compose = (list: readonly Placing[]) => composeRound(list, [], courses, context, [], one);
  const done = new Set(one.passes.map(({ eligible }) => eligible.method.id));
  const isNew = ({ fitted }: Placing) => !done.has(fitted.eligible.method.id);
  const rest = one.rest.filter((placing) => isNew(placing) || bearsTwice(placing, context));
  const own = compose(rest);
  const before = goneAfter(one.worked, context);
  // What only a look can tell to be there is in no estimate: what is mainly done about it is worth a second time.
  const isLookedFor = ({ asked, words }: Placed) =>
    asked?.main === true && openChecks(words, [], context).some(({ isOfRest }) => isOfRest);
  const goesOn = ({ worked, passes }: ComposedRound) => {
    const works = passes.filter(isWork);
    return (
      isWorthARound(before, goneAfter(worked, context)) || (works.length > 0 && works.every(isLookedFor))
    );
  };
  if (own.passes.some((pass) => isWork(pass) && !done.has(pass.eligible.method.id)) && goesOn(own)) {
    const list = withStrongest(rest, own.passes, context, isNew);
    return list === rest ? own : compose(list);
  }
  const bought = compose(withBought(rest.filter(isNew), toBuy(), context));
  const takes = gainOf(before, goneAfter(bought.worked, context));
  if (takes >= WORTH_BUYING && bought.passes.some(isWork)) return bought;
  const again = compose(
    rest.some((placing) => !isNew(placing)) ? rest : againOf(one.passes, courses, context),
  );
  if (goesOn(again)) return again;
  const left = compose(rest.filter(isNew));
  return left.passes.some(isWork) && goesOn(left)
    ? left
    : compose(againOf(one.passes, courses, context).flatMap(ifLess));
}

/** Enough goes of what was left of one trouble, by the middles of the ranges. */
export const isWorthARound = (before: Gone, after: Gone): boolean =>
  after.byMark.some((part, at) => {
    const gone = middle(before.byMark[at] ?? { low: 0, high: 0 });
    return gone < 1 && (middle(part) - gone) / (1 - gone) >= MIN_OF_A_ROUND;
  });

/** What is bought takes its place by kind of work, and no stand-in for it is done as well. */
function withBought(rest: readonly Placing[], bought: readonly Placing[], context: PlanContext): Placing[] {
  const ids = bought.map(({ fitted }) => fitted.eligible.method.id);
  const own = rest.filter(({ fitted: { insteadOf } }) => !insteadOf || !ids.includes(insteadOf.methodId));
  return bought.reduce<Placing[]>((list, one) => insertPass(list, one, context), own);
}

/**
 * If the course lists ways in both rounds and the estimate drops them, the strongest stays. A look is its condition.
 */
function withStrongest(
  rest: readonly Placing[],
  placed: readonly Placed[],
  context: PlanContext,
  isNew: (one: Placing) => boolean,
): readonly Placing[] {
  const kept = new Set(placed.map(({ eligible }) => eligible.method.id));
  const [most] = rest
    .filter((one) => !isNew(one) && !kept.has(one.fitted.eligible.method.id) && mayRepeat(one, context))
    .sort((a, b) => mostOf(b.fitted.eligible, context) - mostOf(a.fitted.eligible, context));
  return most ? rest.flatMap((one) => (one === most ? ifLess(one) : [one])) : rest;
}

/** Done again only if a look says that it did something. */
function ifLess(one: Placing): Placing[] {
  const { asked, words } = one.fitted;
  if (!asked || !words) return [];
  const withLook = (pass: CoursePass): CoursePass => ({
    ...pass,
    main: true,
    when: [...(pass.when === 'always' ? [] : pass.when), REPEAT_IF],
  });
  return [{ ...one, fitted: { ...one.fitted, asked: withLook(asked), words: withLook(words) } }];
}

/** What did most, where it may be done twice; at most one. */
function againOf(
  passes: readonly Placed[],
  courses: ArrangedRound['courses'],
  context: PlanContext,
): Placing[] {
  if (!courses.some(({ given }) => given.end.rounds > 1)) return [];
  const worked = passes.filter(({ eligible, phase }) => phase !== 'wash' && !isPlainWater(eligible));
  const [most] = [...worked].sort((a, b) => mostOf(b.eligible, context) - mostOf(a.eligible, context));
  if (!most || most.prepares) return [];
  const again = placingOf(most);
  return mayRepeat(again, context) ? [again] : [];
}

/** Poured out twice, what burns stays under what one room bears in a day. */
function bearsTwice({ fitted: { eligible } }: Placing, context: PlanContext): boolean {
  const burns = eligible.appliedAgents.some(({ flammable }) => flammable);
  return !burns || 2 * spotAmount(eligible.method, context) <= MAX_SOLVENT_A_DAY_ML;
}

/** A way that may be done twice, is more than water, and is not only for fresh soil. */
const mayRepeat = (placing: Placing, context: PlanContext): boolean => {
  const { asked, eligible } = placing.fitted;
  return (
    eligible.window.maxRounds > 1 &&
    bearsTwice(placing, context) &&
    phaseOf(eligible.method, context) !== 'wash' &&
    !isPlainWater(eligible) &&
    !(asked && WHILE_FRESH.includes(asked.purpose))
  );
};
