import type { Agent, Method, Substitution } from '@feverfew/knowledge';
import type { WholeEffect } from '../../effect/effectRange.js';
import type { Posterior } from '../../evidence/posterior.js';
import { type Finding, finding } from '../../finding/finding.js';
import { toPct } from '../../quantity/rounding.js';
import { missingAgents } from '../case/cupboard.js';
import { oncePerPlan } from '../case/oncePerPlan.js';
import type { PlanContext } from '../case/planContext.js';
import type { Candidate } from '../plan/plan.js';
import { expectedEffect } from './effect/expectedEffect.js';
import { ownLogFindings, withOwnLog } from './effect/withOwnLog.js';
import { judgeMethod } from './judge/judgeMethod.js';
import { remarkFindings } from './judge/remarkFindings.js';
import { mayStandIn } from './mayStandIn.js';
import { harshnessHere } from './risk.js';
import { type WorkWindow, workWindow } from './workWindow.js';

/** A method that nothing rules out, weighed for a round. */
export interface EligibleMethod {
  /** With the stand-in's agent where there is one. */
  readonly method: Method;
  readonly standIn: Substitution | null;
  readonly window: WorkWindow;
  /** With what the household's log adds. */
  readonly effect: WholeEffect;
  /** What the book alone promises. */
  readonly book: WholeEffect;
  /** What it was made of; null without a use in the log, and with several troubles. */
  readonly log: Posterior | null;
  readonly remarks: readonly Finding[];
  readonly harshness: number;
  readonly missingAgentIds: readonly string[];
  /** Everything that comes on the piece. */
  readonly appliedAgents: readonly Agent[];
}

export interface MethodAssessment {
  /** What can be done with what is in the house, or with what may be bought. */
  readonly eligible: EligibleMethod | null;
  /** The same with everything it asks for, where something of it is missing here. */
  readonly ifBought: EligibleMethod | null;
  readonly candidate: Candidate | null;
}

/** Below this share per round on every trouble, even at best, a method is no use. */
const MIN_EFFECT = 0.15;

/**
 * Judges one method, as in the book or with a stand-in from the house for a missing product.
 * @param leastEffect share it must take at best to be of use; 0 for a step of a course
 */
export function assessMethod(
  method: Method,
  context: PlanContext,
  leastEffect = MIN_EFFECT,
): MethodAssessment {
  const missing = missingAgents(method, context);
  const whole = assess(method, null, context, leastEffect);
  if (missing.length === 0) return { eligible: whole.eligible, ifBought: null, candidate: whole.candidate };
  const standIn = missing.length === 1 ? withStandIn(method, missing[0] ?? '', context, leastEffect) : null;
  if (standIn) return { eligible: standIn, ifBought: whole.eligible, candidate: null };
  if (context.facts.reach === 'shop')
    return { eligible: whole.eligible, ifBought: whole.eligible, candidate: whole.candidate };
  // What the piece forbids is said before what is missing: buying it would not help.
  const findings = [
    ...(whole.candidate?.findings ?? []),
    ...missing.map((agentId) => finding('notInCupboard', { agentId })),
  ];
  return {
    eligible: null,
    ifBought: whole.eligible,
    candidate: { methodId: method.id, verdict: 'ruledOut', findings },
  };
}

/** A step of a course, of use however little it takes: several rounds and troubles ask for the same. */
export function assessStep(step: Method, context: PlanContext): MethodAssessment {
  const known = stepsOf(context);
  const before = known.get(step);
  if (before) return before;
  const made = assessMethod(step, context, 0);
  known.set(step, made);
  return made;
}

const stepsOf = oncePerPlan((_: PlanContext) => new Map<Method, MethodAssessment>());

function assess(
  method: Method,
  standIn: Substitution | null,
  context: PlanContext,
  leastEffect: number,
): { eligible: EligibleMethod | null; candidate: Candidate | null } {
  const window = workWindow(method, standIn, context);
  const against = judgeMethod(method, window, context);
  if (against.length > 0)
    return { eligible: null, candidate: { methodId: method.id, verdict: 'ruledOut', findings: against } };
  const book = expectedEffect(method, standIn, window, context);
  const { effect, log } = withOwnLog(book, method, window, context);
  const ofOneRound = Math.max(...[...book.byMark, ...effect.byMark].map((part) => part.high));
  const best = 1 - (1 - ofOneRound) ** window.maxRounds;
  if (best < leastEffect) {
    const findings = [finding('littleEffect', { highPct: toPct(best) }, ['memory'])];
    return { eligible: null, candidate: { methodId: method.id, verdict: 'noUse', findings } };
  }
  const remarks = [...remarkFindings(method, standIn, window, context), ...ownLogFindings(log)];
  const missingAgentIds = missingAgents(method, context);
  const harshness = harshnessHere(method, remarks);
  const appliedAgents = context.index.factsOf(method).agents;
  return {
    eligible: {
      method,
      standIn,
      window,
      effect,
      book,
      log,
      remarks,
      harshness,
      missingAgentIds,
      appliedAgents,
    },
    candidate: null,
  };
}

/** The stand-in of the house that does most and with which the method still passes every rule. */
function withStandIn(
  method: Method,
  agentId: string,
  context: PlanContext,
  leastEffect: number,
): EligibleMethod | null {
  const inHouse = context.knowledge.substitutions.filter(
    ({ wantedAgentId, useAgentId }) => wantedAgentId === agentId && context.cupboard.has(useAgentId),
  );
  for (const substitution of inHouse.sort((one, other) => other.effectFactor - one.effectFactor)) {
    if (!mayStandIn(substitution, method, context)) continue;
    const { eligible } = assess(
      context.index.standIn(method, substitution),
      substitution,
      context,
      leastEffect,
    );
    if (eligible) return eligible;
  }
  return null;
}
