import { AT_ONCE_METHODS, MAX_ROUND_WORDS } from '@feverfew/knowledge';
import type { PieceFacts } from '../../textile/piece.js';
import type { UsualTaken } from '../../trouble/assumeUsual.js';
import { metricLexicon } from '../../words/round/metricLexicon.js';
import { wordsOfRoundOne } from '../../words/round/wordsOfRoundOne.js';
import { isFreshnessOpen, NOTHING_DONE, openConditions, wetnessOf } from '../case/circumstances.js';
import { deedsDone } from '../case/deedsDone.js';
import type { PlanContext } from '../case/planContext.js';
import type { ArrangedRound, Placed } from '../course/arrangement.js';
import { arrangeRounds } from '../course/arrangeRounds.js';
import { courseFor } from '../course/courseFor.js';
import { isPlainWater } from '../course/strongest.js';
import type { Pass } from '../plan/pass.js';
import type { AtOnce, End, Keep, NotUsed, Round, VerdictLine } from '../plan/round.js';
import { atOnceOf } from './atOnceOf.js';
import { dangerFirst } from './dangerFirst.js';
import { keepOf } from './keepOf.js';
import { roundOf } from './roundOf.js';
import { runPassesOf } from './runPassesOf.js';
import { spoiledFibres } from './spoiledFibres.js';
import { verdictOf } from './verdictOf.js';

/** So many works of the first round wait for the second at most. */
const MAX_WAITING = 4;

/** A treatment as an experienced hand would lay it out: first what it is and what to do at once, then the rounds. */
export interface LaidOut {
  readonly verdict: readonly VerdictLine[];
  readonly atOnce: AtOnce;
  readonly keep: Keep;
  readonly rounds: readonly Round[];
  readonly notUsed: readonly NotUsed[];
  readonly ends: readonly End[];
  /** The rounds as a run carries them out, pass by pass. */
  readonly passes: readonly Pass[];
}

/** A treatment with what it takes as usual. */
interface LaidOutAsUsual extends LaidOut {
  /** What was taken as usual, with every fibre these rounds would spoil instead; null = nothing was taken. */
  readonly usual: UsualTaken | null;
}

/**
 * The rounds, the first of them short enough to be kept in mind: what comes last in it waits for the look otherwise.
 * @param open the same case with the hidden water test passed, where only that would open the surface
 */
export function layOut(told: PlanContext, open: PlanContext | null): LaidOutAsUsual {
  const say = metricLexicon(told.knowledge);
  const wordsOf = (laid: LaidOut) => wordsOfRoundOne({ ...laid, findings: [] }, say);
  let shortest = laidOutWith(0, told, open);
  for (let waiting = 1; wordsOf(shortest) > MAX_ROUND_WORDS && waiting <= MAX_WAITING; waiting += 1) {
    const laid = laidOutWith(waiting, told, open);
    // What is taken out may bring in something else with more words.
    if (wordsOf(laid) < wordsOf(shortest)) shortest = laid;
  }
  return shortest;
}

function laidOutWith(waiting: number, told: PlanContext, open: PlanContext | null): LaidOutAsUsual {
  const planned = forOneMark(told);
  const { rounds: arranged, notUsed, ends, cloth } = arrangeRounds(planned, open, waiting);
  const context = askingFor(
    spoiledFibres(
      arranged.flatMap(({ passes }) => passes),
      planned,
    ),
    planned,
  );
  const done = new Set(
    arranged.flatMap(({ passes }) =>
      passes.flatMap(({ eligible }) => [...deedsDone(eligible.appliedAgents, eligible.window.action)]),
    ),
  );
  const atOnce = atOnceOf(context, done);
  const rounds = withoutDone(arranged, atOnce, context);
  const laid = rounds.map((round, index) =>
    roundOf(
      round,
      index + 1,
      rounds.slice(0, index).flatMap(({ passes }) => passes),
      ({ opensAfterTest }) => (opensAfterTest && open ? open : context),
      rounds.slice(index + 1).map(({ passes }) => passes),
    ),
  );
  const said = laid.map((round, at) => (at === 0 ? withoutSaid(round, atOnce) : round));
  const verdict = verdictOf(context);
  const used = rounds.flatMap(({ passes }) => passes.flatMap(({ eligible }) => eligible.appliedAgents));
  const keep = keepOf(context, cloth, used);
  // Where no one may work on it, no line that asks for work is shown with the danger.
  const isLeftAlone = rounds.length === 0 && dangerFirst(context).only;
  return {
    verdict: isLeftAlone ? verdict.map((line) => ({ ...line, tells: [], causeActions: [] })) : verdict,
    atOnce,
    keep: isLeftAlone ? { ...keep, says: [], prevent: [] } : keep,
    rounds: said,
    notUsed: isLeftAlone ? [] : notUsed,
    ends: isLeftAlone ? [] : ends,
    passes: said.flatMap((round, at) =>
      runPassesOf(round, rounds[at]?.passes ?? [], at === 0 ? atOnce : null, context),
    ),
    usual: context.usual,
  };
}

/** The same case, with these fibres too asked about before the first act. */
function askingFor(fibreIds: readonly string[], context: PlanContext): PlanContext {
  const { usual } = context;
  if (!usual || fibreIds.length === 0) return context;
  return { ...context, usual: { ...usual, unlessFibreIds: [...usual.unlessFibreIds, ...fibreIds] } };
}

/** What the first seconds do to something fresh is no step of the first round as well, unless it is all there is. */
function withoutDone(
  rounds: readonly ArrangedRound[],
  { actions }: AtOnce,
  context: PlanContext,
): readonly ArrangedRound[] {
  const isOpen = isFreshnessOpen(context.facts);
  if (wetnessOf(context.facts) !== 'wet' && !isOpen) return rounds;
  const verbs = new Set(actions.flatMap((one) => one.verbs));
  const done = new Set(
    Object.entries(AT_ONCE_METHODS).flatMap(([verb, id]) => (verbs.has(verb) ? [id] : [])),
  );
  return rounds.map((round, at) => {
    const passes = round.passes.filter(
      (placed) =>
        !done.has(placed.eligible.method.id) &&
        // Where it is not known whether it is wet, the flush of the first seconds says so itself.
        !(isOpen && verbs.has('coldFlush') && isFlushOfWet(placed, context)),
    );
    return at === 0 && passes.length > 0 ? { ...round, passes } : round;
  });
}

/** Plain water, only for what is still wet. */
const isFlushOfWet = ({ eligible, words }: Placed, context: PlanContext): boolean =>
  isPlainWater(eligible) &&
  openConditions(words?.when ?? 'always', context, NOTHING_DONE).some(({ anyOf }) =>
    anyOf.some(({ wet }) => wet === true),
  );

/** What the first seconds rinse out is not asked for again by the first step that needs it out. */
function withoutSaid(round: Round, { actions }: AtOnce): Round {
  if (!actions.some(({ verbs }) => verbs.includes('rinseOutProduct'))) return round;
  const passes = round.passes.map((pass) =>
    pass.actions.some(({ kind }) => kind === 'rinseBefore') ? { ...pass, rinsedAtOnce: true } : pass,
  );
  return { ...round, passes };
}

/** The same case, as one of a surface where one mark is better blotted than the whole piece bathed. */
const forOneMark = (context: PlanContext): PlanContext =>
  context.rinsable && context.facts.size !== 'allOver' && (isOldAndDyed(context) || isOverFilling(context))
    ? { ...context, rinsable: false }
    : context;

/** An old piece whose dye may run: no test covers all of it. Common practice, no source. */
const isOldAndDyed = ({ facts: { piece } }: PlanContext): boolean =>
  piece.condition === 'antique' && !UNDYED.includes(piece.colour) && piece.fastness !== 'proven';
const UNDYED: readonly PieceFacts['colour'][] = ['white', 'natural'];

/**
 * The cover of a filling that water should not reach: the filling would rot long before it is dry. The grease of wear
 * is washed out, where the tag allows a machine and the household has a dryer.
 */
function isOverFilling({ facts, index, household, item, knowledge, marks }: PlanContext): boolean {
  const isTagged = facts.piece.label?.wash?.kind === 'machine' && household.hasDryer;
  const isOfWear = marks.every((work) => courseFor(work, item.id, knowledge)?.itemIds.includes(item.id));
  return (
    !(isTagged && isOfWear) &&
    facts.piece.parts.some(
      (part, at) =>
        at !== facts.partIndex && part.fibres.some(({ fibreId }) => index.fibres.get(fibreId)?.driesInTumble),
    )
  );
}

export const NOTHING_LAID_OUT: LaidOut = {
  verdict: [],
  atOnce: { actions: [], donts: [], handsOnMin: 0, gone: null },
  keep: { says: [], never: [], prevent: [] },
  rounds: [],
  notUsed: [],
  ends: [],
  passes: [],
};
