import type { Method } from '@feverfew/knowledge';
import { type Finding, finding } from '../explain/finding.js';
import { agentById, type PlanContext } from './context.js';
import { type ExpectedEffect, mechanismsOf } from './expectedEffect.js';
import { meets } from './judgeMethod.js';
import type { WorkWindow } from './workWindow.js';

/** A method that nothing rules out, weighed for the ladder. */
export interface Fit {
  readonly method: Method;
  readonly window: WorkWindow;
  readonly effect: ExpectedEffect;
  readonly remarks: readonly Finding[];
  readonly harshness: number;
}

export interface Climb {
  readonly rungs: readonly Fit[];
  readonly spare: readonly { readonly fit: Fit; readonly finding: Finding }[];
  readonly apart: readonly { readonly fit: Fit; readonly finding: Finding }[];
}

const MOST_RUNGS = 5;
/** A harsher rung must promise this much more than the best below it, or bring a mechanism that no rung below has and that is worth having. */
const WORTHWHILE_GAIN = 0.03;
const WORTHWHILE_NEW = 0.15;

/** Orders what fits from gentlest to strongest, leaves out what adds nothing, keeps forbidden partners out of one plan. */
export function climb(fits: readonly Fit[], context: PlanContext): Climb {
  const sorted = [...fits].sort(
    (a, b) =>
      a.harshness - b.harshness ||
      b.effect.high - a.effect.high ||
      a.method.id.localeCompare(b.method.id, 'en'),
  );
  const rungs: Fit[] = [];
  const spare: { fit: Fit; finding: Finding }[] = [];
  const apart: { fit: Fit; finding: Finding }[] = [];
  for (const fit of sorted) {
    const clash = clashWith(rungs, fit, context);
    if (clash) apart.push({ fit, finding: clash });
    else if (rungs.length < MOST_RUNGS && addsTo(rungs, fit, context)) rungs.push(fit);
    else
      spare.push({
        fit,
        finding: finding('noBetterThan', { methodId: (strongest(rungs) ?? fit).method.id }),
      });
  }
  return { rungs, spare, apart };
}

const strongest = (rungs: readonly Fit[]): Fit | undefined =>
  rungs.reduce<Fit | undefined>(
    (best, rung) => (best && best.effect.high >= rung.effect.high ? best : rung),
    undefined,
  );

/** Water alone is in most rungs: it is no new mechanism. */
function addsTo(rungs: readonly Fit[], fit: Fit, context: PlanContext): boolean {
  const best = strongest(rungs);
  if (!best || fit.effect.high > best.effect.high + WORTHWHILE_GAIN) return true;
  const known = new Set(rungs.flatMap((rung) => [...mechanismsOf(rung.method, context)]));
  const isNew = [...mechanismsOf(fit.method, context)].some(
    (mechanism) => !known.has(mechanism) && mechanism !== 'flush',
  );
  return isNew && fit.effect.high >= WORTHWHILE_NEW;
}

/**
 * Chlorine never shares a plan with its partners, nor does one solvent with another; on a surface that cannot be rinsed through,
 * a forbidden partner of an earlier rung stays out. Rinsable pieces get a full rinse before each rung.
 */
function clashWith(rungs: readonly Fit[], fit: Fit, { knowledge, rinsable }: PlanContext): Finding | null {
  const own = fit.method.agents.map((use) => agentById(knowledge, use.agentId));
  for (const rung of rungs) {
    for (const use of rung.method.agents) {
      const earlier = agentById(knowledge, use.agentId);
      for (const agent of own) {
        const pair = knowledge.forbiddenPairs.find(
          (candidate) =>
            meets(candidate, earlier, agent) &&
            (candidate.apart !== 'rinse' || (!rinsable && candidate.blocksSurface)),
        );
        if (pair)
          return finding(
            'apartFromRung',
            { pairId: pair.id, rungMethodId: rung.method.id, agentId: agent.id },
            pair.sourceIds,
          );
      }
    }
  }
  return null;
}
