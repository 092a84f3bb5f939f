import { type Cost, costOf, type Prices } from '../../cost/costOf.js';
import type { ExpectedEffect } from '../../effect/effectRange.js';
import { betaCdf } from '../../evidence/beta.js';
import { betaOfRange } from '../../evidence/posterior.js';
import type { Pass } from '../../treatment/plan/pass.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { looksForCurve } from '../look/markLooks.js';
import { stallView, TRACE_PCT } from '../look/stallView.js';
import type { Choice, Outcome } from '../runEvent.js';
import type { RunState } from '../runState.js';
import { openPassLater, passToRepeat } from './passesAhead.js';
import { currentAction } from './stepOn.js';

/** One way on from here: what it costs, how long it takes, what may come of it. */
export interface NextOption {
  readonly way: Choice | Outcome;
  readonly methodId: string | null;
  readonly cost: Cost | null;
  readonly handsOnMin: number;
  readonly totalMin: { readonly low: number; readonly high: number };
  /** What is then left, % of the beginning; null where nothing more is done. */
  readonly leftPct: { readonly low: number; readonly high: number } | null;
  /** Odds that a trace or less is left, 0–1; null if nothing more is done or it is unknown. */
  readonly oddsGone: number | null;
  /** Rounds of this pass that the piece still bears. */
  readonly roundsLeft: number | null;
}

/** Ways to end a run with something left, gentlest on the purse first. */
const ENDINGS: readonly Outcome[] = ['better', 'mended', 'demoted', 'professional', 'retired'];

/** Every way on that the state offers, each with cost, time and odds from here; endings after a dry last look. */
export function nextOptions(state: RunState, plan: Plan, prices: Prices): NextOption[] {
  const { decision, passIndex } = state;
  if (!decision) return [];
  const isDry = currentAction(state, plan)?.kind === 'finalLook';
  const again = isDry ? passToRepeat(state, plan) : passIndex;
  const here = plan.passes[again];
  const round = state.times[again] ?? 0;
  const next = plan.passes[openPassLater(state, plan)?.passIndex ?? -1];
  const looks = looksForCurve(state.looks, again, plan);
  const left = looks.filter((look) => look.leftPct !== null).at(-1)?.leftPct ?? 100;
  const { removed } = stallView({ looks }, again);
  const ways = decision.choices.flatMap((choice): NextOption[] => {
    if (choice === 'repeat' && here)
      // What a round took here says more than the book.
      return [ahead(choice, here, removed ?? here.effect, left, prices, here.maxRounds - round)];
    if (choice === 'nextPass' && next)
      return [ahead(choice, next, next.effect, left, prices, next.maxRounds)];
    return choice === 'finish' ? [] : [plain(choice, null)];
  });
  if (!decision.choices.includes('finish') || decision.answer === 'gone') return ways;
  return [
    ...ways,
    ...ENDINGS.map((ending) =>
      plain(
        ending,
        ending === 'professional' && prices.professional !== null ? known(prices.professional) : null,
      ),
    ),
  ];
}

const known = (amount: number): Cost => ({ amount, isAtLeast: false, isUnknown: false });

const plain = (way: NextOption['way'], cost: Cost | null): NextOption => ({
  way,
  methodId: null,
  cost,
  handsOnMin: 0,
  totalMin: { low: 0, high: 0 },
  leftPct: null,
  oddsGone: null,
  roundsLeft: null,
});

function ahead(
  way: Choice,
  pass: Pass,
  effect: ExpectedEffect,
  leftPct: number,
  prices: Prices,
  roundsLeft: number,
): NextOption {
  return {
    way,
    methodId: pass.methodId,
    cost: costOf(pass, prices),
    handsOnMin: pass.handsOnMin,
    totalMin: pass.totalMin,
    leftPct: { low: leftPct * (1 - effect.high), high: leftPct * (1 - effect.low) },
    oddsGone: oddsToReach(TRACE_PCT, leftPct, effect),
    roundsLeft,
  };
}

/** Odds that one round takes `fromPct` down to `toPct` or less, with the share it takes spread over `effect`. */
export function oddsToReach(toPct: number, fromPct: number, effect: ExpectedEffect): number {
  if (fromPct <= toPct) return 1;
  return 1 - betaCdf(1 - toPct / fromPct, betaOfRange(effect));
}
