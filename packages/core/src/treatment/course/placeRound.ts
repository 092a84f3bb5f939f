import { finding } from '../../finding/finding.js';
import { toPct } from '../../quantity/rounding.js';
import { clashWith } from '../arrange/clashWith.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import { isTooEarly } from '../assess/isTooEarly.js';
import type { PlanContext } from '../case/planContext.js';
import type { Gone, NotUsed } from '../plan/round.js';
import type { ArrangedRound, Placed } from './arrangement.js';
import { added, atBest, gainOf, goneAfter, middle, untouched, type Worked, workOf } from './goneAfter.js';
import { openChecks } from './openChecks.js';
import { phaseOf } from './phaseOf.js';
import {
  FRESH,
  isMain,
  MIN_GAIN,
  type Placing,
  PREPARING,
  type RoundStart,
  WHILE_FRESH,
  WORTH_A_STEP,
} from './placement.js';
import { mostOf } from './strongest.js';
import { drumNotes } from './washFor.js';

/** One that may be left out is only done for more: our own choice. */
const MIN_OPTIONAL = 0.05;

interface Ending {
  /** Washes that may end the round after these passes, the best first. */
  readonly washAfter: (done: readonly EligibleMethod[]) => readonly EligibleMethod[];
  readonly courses: ArrangedRound['courses'];
}

/** Passes in their order, each judged by what it adds to those before; one wash ends them. */
export function withWash(
  list: readonly Placing[],
  { washAfter, courses }: Ending,
  context: PlanContext,
  start: RoundStart,
  notUsed: NotUsed[],
): { readonly passes: Placed[]; readonly worked: Worked; readonly gone: Gone } {
  let { worked } = start;
  let gone = goneAfter(worked, context);
  const passes: Placed[] = [];
  const place = (one: Omit<Placed, 'takes' | 'gone' | 'prepares'>, least: number | null): void => {
    const { eligible, asked } = one;
    const before = [...start.passes, ...passes].map((placed) => placed.eligible);
    const clash = clashWith(before, eligible, context);
    if (clash) {
      notUsed.push({ methodId: eligible.method.id, findings: [clash] });
      return;
    }
    if (isTooEarly(eligible, before, context)) {
      const { onlyAfterAgentIds, sourceIds } = eligible.method;
      const late = finding('onlyAfter', { agentIds: onlyAfterAgentIds }, sourceIds);
      notUsed.push({ methodId: eligible.method.id, findings: [late] });
      return;
    }
    const own = workOf(eligible, context);
    const gain = gainOf(gone, goneAfter(added(worked, own), context));
    const takes = goneAfter(own, context);
    const isIdle = gain < MIN_GAIN || (one.phase !== 'wash' && middle(takes.all) < WORTH_A_STEP);
    const makesWay = mayPrepare(asked, passes, context);
    const prepares = gain < MIN_GAIN || (isIdle && makesWay);
    if (least !== null && (isIdle || gain < least) && !makesWay) {
      const onlyPrepares = asked && [...PREPARING, 'solventLeft'].includes(asked.purpose);
      if (!onlyPrepares)
        notUsed.push({
          methodId: eligible.method.id,
          findings: [finding('addsLittle', { pct: toPct(gain) }, ['memory'])],
        });
      return;
    }
    // A look may say that it is not for this piece: it counts at its best only.
    const isSure = openChecks(one.words, before, context).every(({ isTest }) => isTest);
    worked = added(worked, isSure ? own : atBest(own));
    gone = goneAfter(worked, context);
    passes.push({ ...one, takes, gone, prepares });
  };
  // What a look calls for is in no figure.
  const isOfUse = ({ fitted: { words, eligible } }: Placing): boolean =>
    openChecks(words, [], context).some(({ isOfRest }) => isOfRest) ||
    mostOf(eligible, context) >= WORTH_A_STEP;
  for (const one of list) {
    const { fitted, helps, opensAfterTest } = one;
    // What does most by its course is kept, unless it takes next to nothing here: then the end is said at once.
    const isKept = isMain(fitted) && isOfUse(one);
    place(
      { ...fitted, helps, opensAfterTest, phase: phaseOf(fitted.eligible.method, context), extra: [] },
      isKept ? null : fitted.asked?.optional ? MIN_OPTIONAL : MIN_GAIN,
    );
  }
  const marks = context.marks.map(({ mark }) => mark.id);
  const ofCourses = courses.flatMap(({ given }) => given.wash?.extra ?? []);
  const wetted = passes.some(({ eligible }) => eligible.method.wetting !== 'dry');
  // A soak in the detergent of a hand wash is the wash.
  const washed = passes.at(-1);
  for (const eligible of washAfter(passes.map((one) => one.eligible))) {
    if (washed && washed.eligible.method.id === eligible.method.id) break;
    const before = passes.length;
    const extra = [
      ...new Set([
        ...ofCourses,
        ...passes.flatMap((one) => one.eligible.method.notes.wash ?? []),
        ...drumNotes(eligible, context).map(({ note }) => note),
      ]),
    ];
    place(
      {
        asked: null,
        eligible,
        insteadOf: null,
        words: null,
        helps: marks,
        opensAfterTest: false,
        phase: 'wash',
        extra,
      },
      wetted ? null : MIN_GAIN,
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

/** Passes no course lays out, all of them kept. */
export const placedAll = (eligibles: readonly EligibleMethod[], context: PlanContext): Placed[] => {
  const marks = context.marks.map(({ mark }) => mark.id);
  const list = eligibles.map((eligible) => ({
    eligible,
    asked: null,
    insteadOf: null,
    words: null,
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
