import type { Knowledge, Method } from '@feverfew/knowledge';
import { type Finding, finding } from '../explain/finding.js';
import { buildSteps } from './buildSteps.js';
import { climb, type Fit } from './climb.js';
import { isRinsable, type PlanContext } from './context.js';
import { drawEnvelope } from './drawEnvelope.js';
import { expectedEffect } from './expectedEffect.js';
import { gatherLimits } from './gatherLimits.js';
import { harshnessHere, riskOf } from './gentleness.js';
import type { Household } from './household.js';
import { judgeMethod } from './judgeMethod.js';
import { overallFindings } from './overallFindings.js';
import type { Candidate, Plan, Rung } from './plan.js';
import { remarkFindings } from './remarkFindings.js';
import type { TroubleFacts } from './troubleFacts.js';
import { workWindow } from './workWindow.js';

/** Below this share per round, even at best, a method is no use on the trouble. */
const LEAST_EFFECT = 0.12;
/** A method made for certain components is asked only when they make up this much of the trouble. */
const WORTH_AIMING_AT = 0.3;

/**
 * Envelope, ladder and every candidate with its findings for one trouble on one piece.
 * Pure: equal input gives byte-equal output. Without a mark or an item the envelope still forms, the ladder stays empty.
 */
export function planTreatment(facts: TroubleFacts, household: Household, knowledge: Knowledge): Plan {
  const envelope = drawEnvelope(gatherLimits(facts, knowledge));
  const mark = knowledge.marks.find((candidate) => candidate.id === facts.markId);
  const item = knowledge.items.find((candidate) => candidate.id === facts.piece.itemId);
  const frame = { knowledgeVersion: knowledge.version, facts, envelope };
  if (!mark || !item) {
    const findings = [
      ...(mark ? [] : [finding('markNeeded', {})]),
      ...(item ? [] : [finding('itemNeeded', {})]),
    ];
    return { ...frame, ladder: [], candidates: [], findings };
  }
  const dryMassG = facts.piece.dryMassG ?? item.dryMassG;
  const context: PlanContext = {
    facts,
    household,
    knowledge,
    envelope,
    mark,
    item,
    dryMassG,
    rinsable: isRinsable(item, envelope),
  };
  const weighed = knowledge.methods
    .filter((method) => concerns(method, context))
    .map((method) => weigh(method, context));
  const { rungs, spare, apart } = climb(
    weighed.flatMap((entry) => entry.fit ?? []),
    context,
  );
  const ladder = rungs.map((fit, index) => rungOf(fit, index, context));
  const candidates: Candidate[] = [
    ...rungs.map((fit): Candidate => ({ methodId: fit.method.id, verdict: 'rung', findings: fit.remarks })),
    ...spare.map(
      (entry): Candidate => ({ methodId: entry.fit.method.id, verdict: 'spare', findings: [entry.finding] }),
    ),
    ...apart.map(
      (entry): Candidate => ({
        methodId: entry.fit.method.id,
        verdict: 'ruledOut',
        findings: [entry.finding],
      }),
    ),
    ...weighed.flatMap((entry) => entry.candidate ?? []),
  ];
  return { ...frame, ladder, candidates, findings: overallFindings(context, ladder.length) };
}

/** Made for this kind of trouble, for one of its components, and for pieces kept in place or not. */
function concerns(method: Method, { mark, rinsable }: PlanContext): boolean {
  const placed =
    method.place === 'both' ||
    (method.place === 'surface') === !rinsable ||
    (!rinsable && method.wetting === 'spot');
  const aimedAt = mark.components.filter((part) => method.componentIds.includes(part.componentId));
  const aimed =
    method.componentIds.length === 0 ||
    aimedAt.reduce((sum, part) => sum + part.weight, 0) >= WORTH_AIMING_AT;
  return placed && aimed && method.kinds.includes(mark.kind);
}

function weigh(method: Method, context: PlanContext): { fit?: Fit; candidate?: Candidate } {
  const window = workWindow(method, context);
  const effect = expectedEffect(method, window.tempC.target, context);
  const against = judgeMethod(method, window, context);
  if (against.length > 0)
    return { candidate: { methodId: method.id, verdict: 'ruledOut', findings: against } };
  if (effect.high < LEAST_EFFECT) {
    const findings: Finding[] = [
      finding('littleEffect', { highPct: Math.round(effect.high * 100) }, ['memory']),
    ];
    return { candidate: { methodId: method.id, verdict: 'noUse', findings } };
  }
  const remarks = remarkFindings(method, window, context);
  return { fit: { method, window, effect, remarks, harshness: harshnessHere(method, remarks) } };
}

function rungOf(
  { method, window, effect, remarks, harshness }: Fit,
  rungIndex: number,
  context: PlanContext,
): Rung {
  const hiddenTest = remarks.some((remark) => remark.code === 'hiddenTestFirst');
  const steps = buildSteps({ method, window, context, rungIndex, hiddenTest });
  const handsOnMin = steps.reduce((sum, step) => sum + step.handsOnMin, 0);
  const cautionIds = steps.flatMap((step) => step.cautionIds);
  return {
    methodId: method.id,
    effect,
    risk: riskOf(harshness),
    handsOnMin,
    totalMin: { low: handsOnMin + window.dwellMin.min, high: handsOnMin + window.dwellMin.max },
    maxRounds: window.maxRounds,
    missingAgentIds: remarks.flatMap((remark) =>
      remark.code === 'notInCupboard' ? remark.facts.agentId : [],
    ),
    findings: remarks,
    cautionIds: cautionIds.filter((id, index) => cautionIds.indexOf(id) === index),
    steps,
  };
}
