import {
  type Cloth,
  type Course,
  type CoursePass,
  DRYING_USUAL_MIN,
  type Method,
  type Purpose,
} from '@feverfew/knowledge';
import { leftAfter } from '../../effect/workedShares.js';
import { type Finding, finding } from '../../finding/finding.js';
import { keepsApart } from '../../lookup/keepsApart.js';
import { toPct } from '../../quantity/rounding.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';
import type { End, Gone, NotUsed } from '../plan/round.js';
import type { Arranged, ArrangedRound, Filled, Placed } from './arranged.js';
import { clothOf } from './clothOf.js';
import { courseFor, courseOfItem } from './courseFor.js';
import { type FittedPass, fitPass } from './fitPass.js';
import { added, gainOf, goneAfter, leastGone, untouched, type Worked, workOf } from './goneAfter.js';
import { phaseOf, rankOf } from './phaseOf.js';
import { washFor } from './washFor.js';
import { workedOut } from './workedOut.js';

/** Each pass adds at least so much to some trouble, or prepares. */
const LEAST_GAIN = 0.03;
/** One that may be left out is only done for more. */
const LEAST_OPTIONAL = 0.05;
/** Local work is not enough below this, and a bath that adds so much comes into the first round. */
const ENOUGH_GONE = 0.6;
const WORTH_THE_BATH = 0.04;

/** Ages at which water still runs something out. */
const FRESH = ['minutes', 'hours', 'unknown'];
/** What prepares only while it is fresh. */
const WHILE_FRESH: readonly Purpose[] = ['loose', 'liquid'];
const PREPARING: readonly Purpose[] = [
  'bulk',
  'liquid',
  'loose',
  'dust',
  'residue',
  'damp',
  'shape',
  'larvae',
];

interface Candidate {
  readonly fitted: FittedPass;
  readonly markId: string;
  readonly opensAfterTest: boolean;
  /** Dry work that comes after water in its own course stays after it. */
  readonly late: boolean;
}

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
  const first = joined(fitAll('first'), context);
  const second = joined(fitAll('second'), context);
  const here = open ?? context;
  const one = roundOf(first, second, filled, here, notUsed, { worked: untouched(context), passes: [] });
  // What a second round does without, the first has or has given a reason for.
  const two = roundOf(one.rest, [], filled, here, [], one);
  // Where every course ends honestly, what wets nothing may still be worth doing.
  const honest = told.length > 0 && filled.length === 0 && !context.item.surfaceOnly;
  const bare = one.passes.length === 0 ? workedOut(context, honest) : [];
  const rounds = [
    { passes: one.passes.length > 0 ? one.passes : placedAll(bare, context), courses: filled },
    { passes: two.passes, courses: filled },
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

function isBath({ methodIds }: CoursePass, context: PlanContext): boolean {
  const method = context.index.methods.get(methodIds[0] ?? '');
  return method !== undefined && isWorkingBath(method, context);
}

function isWorkingBath(method: Method, context: PlanContext): boolean {
  if (phaseOf(method, context) !== 'bath') return false;
  // Waters to rinse in are no bath that works.
  return !context.index.factsOf(method).chemistries.every((one) => one === 'water');
}

/** What is old or cannot be replaced goes to a conservator before it is given up. */
function endHere(markId: string, end: Filled['end'], { facts }: PlanContext): End {
  const frail = ['antique', 'irreplaceable'].includes(facts.piece.condition);
  return frail && end.next !== 'professional'
    ? { markId, rounds: end.rounds, next: 'professional', text: CONSERVATOR }
    : { markId, ...end };
}

const CONSERVATOR = 'What is left then is for a conservator: leave it, and ask.';

/** A later round is one only where something new is done in it. */
const isWork = ({ phase, prepares }: Placed): boolean => phase !== 'wash' && !prepares;

function courseHere(
  work: PlanContext['marks'][number],
  { item, knowledge }: PlanContext,
  cloth: Cloth,
): Course | undefined {
  const own = courseFor(work, item.id, knowledge);
  if (own?.cloths[cloth].kind === 'course') return own;
  return courseOfItem(item.id, cloth, knowledge) ?? own;
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

interface Placing extends Candidate {
  readonly helps: string[];
}

/** What was done in the rounds before. */
interface Start {
  readonly worked: Worked;
  readonly passes: readonly Placed[];
}

/** One round out of what fits: what adds nothing is dropped, a bath that is needed comes in, one wash ends it. */
function roundOf(
  own: readonly Placing[],
  later: readonly Placing[],
  courses: ArrangedRound['courses'],
  context: PlanContext,
  notUsed: NotUsed[],
  start: Start,
): { readonly passes: Placed[]; readonly rest: Placing[]; readonly worked: Worked } {
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
  const fair = chosen.filter((one) => hasFairChance(one, all, context));
  let round = ended(fair);
  const missed = (context.choices.readyInMin === null ? later : []).filter(
    ({ fitted, opensAfterTest }) =>
      chosen.every((one) => one.fitted.eligible.method.id !== fitted.eligible.method.id) &&
      ['local', 'bath'].includes(phaseOf(fitted.eligible.method, context)) &&
      (!opensAfterTest || chosen.some((other) => other.opensAfterTest)),
  );
  const bathed = fair.some(({ fitted }) => isWorkingBath(fitted.eligible.method, context));
  if (!bathed && isLongStanding(context) && leastGone(round.gone) < ENOUGH_GONE) {
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

const isPlainWater = ({ method, appliedAgents }: EligibleMethod): boolean =>
  method.wetting !== 'dry' &&
  appliedAgents.every(({ chemistries }) => chemistries.every((one) => one === 'water'));

/** A machine wash that a course has among its passes is the wash of the round. */
const machineWashesOf = (own: readonly Placing[]): string[] =>
  own.flatMap(({ fitted: { eligible } }) => (eligible.method.inMachine ? [eligible.method.id] : []));

/** One starts with the gentlest that takes about a third of what the best would, on what it acts on at all. */
const FAIR_SHARE = 1 / 3;
/** A component below this share of a trouble decides nothing. */
const WORTH_COUNTING = 0.1;

/** What is old or unknown starts gentler than that; what prepares, or works on what nothing else does, has its place. */
function hasFairChance(one: Placing, all: readonly Placing[], context: PlanContext): boolean {
  const { facts, marks } = context;
  const frail =
    ['antique', 'irreplaceable'].includes(facts.piece.condition) || facts.piece.parts.length === 0;
  const fresh = FRESH.includes(facts.age) || facts.size === 'allOver';
  const { purpose } = one.fitted.asked;
  if (frail || (PREPARING.includes(purpose) && (fresh || !WHILE_FRESH.includes(purpose)))) return true;
  const taken = (of: Placing, m: number, c: number): number => {
    const left = leftAfter(workOf(of.fitted.eligible, context)[m]?.[c] ?? []);
    return 1 - (left.low + left.high) / 2;
  };
  return marks.some(({ components }, m) =>
    components.some(({ weight }, c) => {
      if (weight < WORTH_COUNTING) return false;
      const own = taken(one, m, c);
      return own >= LEAST_GAIN && all.every((other) => own >= FAIR_SHARE * taken(other, m, c));
    }),
  );
}

/** Where it must be ready: the longest work goes first, until the rest and an ordinary drying fit. */
function inTime(
  list: Placing[],
  wash: EligibleMethod | undefined,
  { choices }: PlanContext,
  notUsed: NotUsed[],
): Placing[] {
  const { readyInMin } = choices;
  if (readyInMin === null) return list;
  const least = ({ window }: EligibleMethod): number => window.dwellMin.min + LEAST_HANDS_MIN;
  const rest = (wash ? least(wash) : 0) + DRYING_USUAL_MIN.line.low;
  const kept = [...list];
  while (kept.reduce((sum, { fitted }) => sum + least(fitted.eligible), rest) > readyInMin) {
    const longest = kept
      .filter(({ fitted }) => fitted.eligible.window.dwellMin.min >= SHORT_MIN)
      .sort((a, b) => least(b.fitted.eligible) - least(a.fitted.eligible))[0];
    if (!longest) break;
    kept.splice(kept.indexOf(longest), 1);
    const { method } = longest.fitted.eligible;
    const minutes = least(longest.fitted.eligible);
    notUsed.push({ methodId: method.id, findings: [finding('takesTooLong', { minutes, readyInMin })] });
  }
  return kept;
}

/** Hands at work on a pass at least, and what is so short that leaving it out saves nothing, min. */
const LEAST_HANDS_MIN = 5;
const SHORT_MIN = 20;

/** What is fresh gets its local work and its wash first; a bath is for what has dried in, was heated, or is all over. */
const isLongStanding = ({ facts }: PlanContext): boolean =>
  !['minutes', 'hours'].includes(facts.age) || facts.heat !== 'none' || facts.size === 'allOver';

function inserted(list: readonly Placing[], one: Placing, context: PlanContext): Placing[] {
  const rank = (of: Placing) => rankOf(of.fitted.eligible, of.late, context);
  const at = list.findIndex((other) => rank(other) > rank(one));
  return at < 0 ? [...list, one] : [...list.slice(0, at), one, ...list.slice(at)];
}

function withWash(
  list: readonly Placing[],
  { wash, courses }: { readonly wash: readonly EligibleMethod[]; readonly courses: ArrangedRound['courses'] },
  context: PlanContext,
  start: Start,
  notUsed: NotUsed[],
): { readonly passes: Placed[]; readonly worked: Worked; readonly gone: Gone } {
  let { worked } = start;
  let gone = goneAfter(worked, context);
  const passes: Placed[] = [];
  const none = untouched(context);
  const place = (one: Omit<Placed, 'takes' | 'gone' | 'prepares'>, least: number | null): void => {
    const { eligible, asked } = one;
    const clash = clashWith([...start.passes, ...passes], eligible, context);
    if (clash) {
      notUsed.push({ methodId: eligible.method.id, findings: [clash] });
      return;
    }
    const own = workOf(eligible, context);
    const next = added(worked, own);
    const after = goneAfter(next, context);
    const gain = gainOf(gone, after);
    const prepares = gain < LEAST_GAIN;
    if (least !== null && gain < least && !mayPrepare(asked, passes, context)) {
      const onlyPrepares = asked && [...PREPARING, 'solventLeft'].includes(asked.purpose);
      if (!onlyPrepares)
        notUsed.push({
          methodId: eligible.method.id,
          findings: [finding('addsLittle', { pct: toPct(gain) }, ['memory'])],
        });
      return;
    }
    passes.push({ ...one, takes: goneAfter(added(none, own), context), gone: after, prepares });
    worked = next;
    gone = after;
  };
  for (const { fitted, helps, opensAfterTest } of list)
    place(
      { ...fitted, helps, opensAfterTest, phase: phaseOf(fitted.eligible.method, context), extra: [] },
      fitted.asked.optional ? LEAST_OPTIONAL : LEAST_GAIN,
    );
  const marks = context.marks.map(({ mark }) => mark.id);
  const extra = [...new Set(courses.flatMap(({ given }) => given.wash?.extra ?? []))];
  const wetted = passes.some(({ eligible }) => eligible.method.wetting !== 'dry');
  // A soak in the detergent of a hand wash is the wash.
  const washed = passes.at(-1);
  for (const eligible of wash) {
    if (washed && washed.eligible.method.id === eligible.method.id) break;
    const before = passes.length;
    place(
      { asked: null, eligible, insteadOf: null, helps: marks, opensAfterTest: false, phase: 'wash', extra },
      wetted ? null : LEAST_GAIN,
    );
    if (passes.length > before) break;
  }
  return { passes, worked, gone };
}

/** What takes nothing by itself and is done all the same: it makes way for what comes next. */
function mayPrepare(asked: Placed['asked'], before: readonly Placed[], { facts }: PlanContext): boolean {
  if (!asked || asked.optional || !PREPARING.includes(asked.purpose)) return false;
  if (WHILE_FRESH.includes(asked.purpose) && !FRESH.includes(facts.age) && facts.size !== 'allOver')
    return false;
  return before.every((one) => one.asked?.purpose !== asked.purpose || one.phase === 'local');
}

const placedAll = (eligibles: readonly EligibleMethod[], context: PlanContext): Placed[] => {
  const marks = context.marks.map(({ mark }) => mark.id);
  const list = eligibles.map((eligible) => ({
    eligible,
    asked: null,
    insteadOf: null,
    helps: marks,
    opensAfterTest: false,
    phase: phaseOf(eligible.method, context),
    extra: [],
  }));
  let worked = untouched(context);
  return list.map((one) => {
    const own = workOf(one.eligible, context);
    worked = added(worked, own);
    const takes = goneAfter(own, context);
    return { ...one, takes, gone: goneAfter(worked, context), prepares: false };
  });
};

/** What may never share a plan with what stands before it, or cannot be rinsed out of a surface between. */
function clashWith(
  passes: readonly Placed[],
  { appliedAgents }: EligibleMethod,
  { index, rinsable }: PlanContext,
): Finding | null {
  for (const { eligible } of passes)
    for (const earlier of eligible.appliedAgents)
      for (const agent of appliedAgents) {
        const pair = index.pairsBetween(earlier, agent).find((one) => keepsApart(one, rinsable));
        if (pair)
          return finding(
            'apartFromRung',
            { pairId: pair.id, rungMethodId: eligible.method.id, agentId: agent.id },
            pair.sourceIds,
          );
      }
  return null;
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
