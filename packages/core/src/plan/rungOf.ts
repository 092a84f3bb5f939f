import { type Finding, finding } from '../explain/finding.js';
import { buildSteps } from './buildSteps.js';
import type { PlanContext } from './context.js';
import { edgeFindings } from './edgeFindings.js';
import { removedShare } from './expectedEffect.js';
import { riskOf } from './gentleness.js';
import type { Act, Rung } from './plan.js';
import type { Step } from './step.js';
import type { Fit } from './weigh.js';

/** Acts below this share per round are not worth naming. */
const LEAST_ACT = 0.1;

/** A fit with its full recipe, its time, its risk and its reasons. */
export function rungOf(fit: Fit, rungIndex: number, context: PlanContext): Rung {
  const { method, window, effect, remarks, harshness, missingAgentIds } = fit;
  const steps = buildSteps({ fit, context, rungIndex });
  const batches = Math.max(...steps.map((step) => step.batches));
  const handsOnMin = steps.reduce((sum, step) => sum + step.handsOnMin * step.batches, 0);
  const { byMark, ...whole } = effect;
  return {
    methodId: method.id,
    effect: whole,
    effectByMark: byMark,
    acts: actsOf(fit, context),
    edges: edgeFindings(fit, context),
    risk: riskOf(harshness),
    handsOnMin,
    totalMin: {
      low: handsOnMin + window.dwellMin.min * batches,
      high: handsOnMin + window.dwellMin.max * batches,
    },
    maxRounds: window.maxRounds,
    missingAgentIds,
    findings: [...remarks, ...bigPours(steps)],
    cautionIds: [...new Set(steps.flatMap((step) => step.cautionIds))],
    steps,
  };
}

function actsOf({ method, window }: Fit, context: PlanContext): Act[] {
  const mechanisms = context.index.factsOf(method).mechanisms;
  const seen = new Set<string>();
  return context.marks.flatMap((work) =>
    work.components.flatMap(({ component }): Act[] => {
      if (seen.has(component.id)) return [];
      seen.add(component.id);
      const { low, high } = removedShare(component, mechanisms, method, window.tempC.target, work, context);
      if (high < LEAST_ACT) return [];
      const through = component.removal
        .filter((removal) => mechanisms.has(removal.mechanism))
        .sort((a, b) => b.high - a.high)
        .map((removal) => removal.mechanism);
      return [{ componentId: component.id, mechanisms: through, low: twoPlaces(low), high: twoPlaces(high) }];
    }),
  );
}

/** More of one thing than a household has at hand by chance. */
const BIG_POUR = { mL: 1000, g: 400 } as const;

function bigPours(steps: readonly Step[]): Finding[] {
  return steps
    .flatMap((step) => step.ingredients)
    .flatMap(({ agentId, massG, volumeML }) => {
      const unit = massG === null ? 'mL' : 'g';
      const amount = massG ?? volumeML ?? 0;
      return agentId !== 'water' && amount > BIG_POUR[unit]
        ? [finding('bigPour', { agentId, amount, unit })]
        : [];
    });
}

const twoPlaces = (share: number): number => Math.round(share * 100) / 100;
