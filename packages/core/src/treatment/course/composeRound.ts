import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';
import { triedInVain } from '../case/triedInVain.js';
import type { NotUsed } from '../plan/round.js';
import type { ArrangedRound, Placed } from './arrangement.js';
import { dropTriedInVain } from './dropTriedInVain.js';
import { hasFairChance } from './fairChance.js';
import { isWorkingBath } from './fitCourses.js';
import { added, gainOf, goneAfter, leastGone, type Worked, workOf } from './goneAfter.js';
import { inTime, mayBeInTime } from './inTime.js';
import { openChecks } from './openChecks.js';
import { phaseOf, rankOf } from './phaseOf.js';
import { MIN_GAIN, type Placing, type RoundStart, WORTH_A_STEP } from './placement.js';
import { withWash } from './placeRound.js';
import { setAsideByLog } from './setAsideByLog.js';
import { isOvernight, isPlainWater, mostOf, strongerLater } from './strongest.js';
import { washFor } from './washFor.js';

/** Local work is not enough below this, and a bath that adds so much comes into the first round: our own choice. */
const ENOUGH_GONE = 0.6;
/** A round that takes less than this does next to nothing; a solvent of the later round comes first: our own choice. */
const HARDLY_GONE = 0.05;
const WORTH_THE_BATH = 0.04;
/** What may come up from a later round. Solvents stay: they are for what suds have not taken. */
const MOVABLE: readonly string[] = ['dry', 'local', 'bath'];

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
  start: RoundStart,
): ComposedRound {
  // A wash alone makes no further round.
  if (own.length === 0 && start.passes.length > 0) return { passes: [], rest: later, worked: start.worked };
  const asked = machineWashesOf(own);
  // What was to flush it may fall out again: heat goes before germs only where cold water really runs first.
  const before = start.passes.map(({ eligible }) => eligible);
  // Only the first round is in a hurry: what comes after goes on the next day.
  const hurried = (ways: readonly EligibleMethod[]): readonly EligibleMethod[] =>
    before.length > 0 ? ways : mayBeInTime(ways, context, notUsed);
  const washAfter = (done: readonly EligibleMethod[]): EligibleMethod[] => [
    ...hurried(washFor(courses, asked, context, notUsed, [...before, ...done].some(isPlainWater))),
  ];
  const timely = new Set(hurried(own.map(({ fitted }) => fitted.eligible)));
  const wash = washAfter(own.map(({ fitted }) => fitted.eligible))[0];
  const chosen = inTime(
    own.filter(({ fitted: { eligible } }) => !eligible.method.inMachine && timely.has(eligible)),
    wash,
    context,
    notUsed,
  );
  const ended = (list: readonly Placing[]) =>
    withWash(
      bathsLast(withoutDoubled(list, context), context),
      { washAfter, courses },
      context,
      start,
      notUsed,
    );
  const all = [...chosen, ...later];
  const isWashOfUse = wash !== undefined && mostOf(wash, context) >= WORTH_A_STEP;
  const fair = proven(
    dropTriedInVain(
      withoutDoubled(chosen, context),
      before.length > 0 || isWashOfUse ? null : later,
      context,
      notUsed,
    ).filter((one) => hasFairChance(one, all, context)),
    context.choices.readyInMin === null ? later : [],
    context,
    notUsed,
  );
  let round = ended(fair);
  const movable = leastGone(round.gone) < HARDLY_GONE ? [...MOVABLE, 'solvent'] : MOVABLE;
  const missed = (context.choices.readyInMin === null ? later : []).filter(
    ({ fitted, opensAfterTest }) =>
      chosen.every((one) => one.fitted.eligible.method.id !== fitted.eligible.method.id) &&
      movable.includes(phaseOf(fitted.eligible.method, context)) &&
      !triedInVain(fitted.eligible.appliedAgents, context) &&
      (!opensAfterTest || chosen.some((other) => other.opensAfterTest)) &&
      !isOvernight(fitted.eligible),
  );
  // What a look has to decide stays where it is.
  const sure = missed.filter(({ fitted }) =>
    openChecks(fitted.words, [], context).every(({ isTest }) => isTest),
  );
  const inDrum = own.some(bleachesInDrum);
  const stronger = inDrum ? null : strongerLater(round.passes, sure, context);
  const withStronger = stronger && ended(insertPass(fair, stronger, context));
  if (withStronger && gainOf(round.gone, withStronger.gone) >= MIN_GAIN) round = withStronger;
  else if (!inDrum && needsBath(fair, context) && leastGone(round.gone) < ENOUGH_GONE) {
    const local = withWash(fair, { washAfter: () => [], courses }, context, start, []);
    const gains = missed.map((one) => ({
      one,
      gain: gainOf(local.gone, goneAfter(added(local.worked, workOf(one.fitted.eligible, context)), context)),
    }));
    const best = gains.sort((a, b) => b.gain - a.gain)[0];
    if (best && best.gain >= WORTH_THE_BATH) round = ended(insertPass(fair, best.one, context));
  }
  // What moved up from the later round is done; what the course has in both rounds comes again.
  const used = new Set(round.passes.map(({ eligible }) => eligible.method.id));
  const twice = new Set(own.map(({ fitted }) => fitted.eligible.method.id));
  const isLeft = (id: string) => !used.has(id) || twice.has(id);
  return { ...round, rest: later.filter(({ fitted }) => isLeft(fitted.eligible.method.id)) };
}

/** A bath comes after what is done on the spot, also where it replaces something that was done there. */
function bathsLast(list: readonly Placing[], context: PlanContext): readonly Placing[] {
  const phases = new Map(list.map((one) => [one, phaseOf(one.fitted.eligible.method, context)]));
  const isLocal = (one: Placing) => ['solvent', 'local'].includes(phases.get(one) ?? '');
  const early = list.filter(
    (one, at) =>
      phases.get(one) === 'bath' &&
      one.turn !== 'early' &&
      !isPlainWater(one.fitted.eligible) &&
      list.slice(at + 1).some(isLocal),
  );
  const others = list.filter((one) => !early.includes(one));
  return early.reduce<readonly Placing[]>((all, bath) => insertPass(all, bath, context), others);
}

/**
 * A method is done once in a round. Of two, as where one was put off from the round before, the later is kept. A
 * stand-in is left out where another pass of the round uses its product in the same kind of work.
 */
function withoutDoubled(chosen: readonly Placing[], context: PlanContext): Placing[] {
  const idOf = ({ fitted }: Placing) => fitted.eligible.method.id;
  const workOf = ({ fitted: { eligible } }: Placing) =>
    [phaseOf(eligible.method, context), ...eligible.appliedAgents.map(({ id }) => id).sort()].join();
  const once = chosen.filter((one, at) => chosen.slice(at + 1).every((other) => idOf(other) !== idOf(one)));
  return once.filter(
    (one, at) =>
      one.fitted.insteadOf === null ||
      one.fitted.eligible.appliedAgents.length === 0 ||
      !once.some(
        (other, place) =>
          other !== one && workOf(other) === workOf(one) && (other.fitted.insteadOf === null || place < at),
      ),
  );
}

/** A bath is a real step where there is none, and nothing local is left to do or the trouble is old. */
function needsBath(fair: readonly Placing[], context: PlanContext): boolean {
  const bathed = fair.some(({ fitted }) => isWorkingBath(fitted.eligible.method, context));
  const dryOnly = fair.every(({ fitted }) => fitted.eligible.method.wetting === 'dry');
  return !bathed && (dryOnly || isLongStanding(context));
}

/** Without what the household has seen fail; what does better in its place comes in, from a later round too. */
function proven(
  list: readonly Placing[],
  later: readonly Placing[],
  context: PlanContext,
  notUsed: NotUsed[],
): readonly Placing[] {
  // With several troubles, the log cannot be assigned to one of them.
  if (context.marks.length > 1) return list;
  const idOf = ({ fitted }: Placing): string => fitted.eligible.method.id;
  const all = [...list, ...later.filter((one) => list.every((own) => idOf(own) !== idOf(one)))];
  let kept = list;
  for (const { eligible, finding, next } of setAsideByLog(all.map(({ fitted }) => fitted.eligible))) {
    const better = all.find(({ fitted }) => fitted.eligible === next);
    if (kept.every(({ fitted }) => fitted.eligible !== eligible)) continue;
    kept = kept.filter(({ fitted }) => fitted.eligible !== eligible);
    if (better && !kept.includes(better)) kept = insertPass(kept, better, context);
    notUsed.push({ methodId: eligible.method.id, findings: [finding] });
  }
  return kept;
}

/** Oxygen in the drum, as a course has it, is the bath of the round. */
export const bleachesInDrum = ({ fitted: { eligible } }: Placing): boolean =>
  eligible.method.inMachine &&
  eligible.appliedAgents.some(({ chemistries }) => chemistries.includes('percarbonate'));

/** A machine wash that a course has among its passes is the wash of the round. */
const machineWashesOf = (own: readonly Placing[]): string[] =>
  own.flatMap(({ fitted: { eligible } }) => (eligible.method.inMachine ? [eligible.method.id] : []));

/** What is fresh gets its local work and its wash first; a bath is for what has dried in, was heated, or is all over. */
const isLongStanding = ({ facts }: PlanContext): boolean =>
  !['minutes', 'hours'].includes(facts.age) || facts.heat !== 'none' || facts.size === 'allOver';

/** A way put into its place by kind of work. */
export function insertPass(list: readonly Placing[], one: Placing, context: PlanContext): Placing[] {
  const rank = (of: Placing) => rankOf(of.fitted.eligible, of.turn, context);
  const at = list.findIndex((other) => rank(other) > rank(one));
  return at < 0 ? [...list, one] : [...list.slice(0, at), one, ...list.slice(at)];
}
