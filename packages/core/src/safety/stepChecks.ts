import type { Knowledge } from '@feverfew/knowledge';
import type { Plan, Rung } from '../plan/plan.js';
import type { Step } from '../plan/step.js';
import { chemistriesOf, fibresOf } from './readPlan.js';
import type { Violation } from './violation.js';

/** What is asked of every single step of a finished plan. */
export type StepCheck = (step: Step, rung: Rung, plan: Plan, knowledge: Knowledge) => Violation['code'][];

export const STEP_CHECKS: readonly StepCheck[] = [
  vesselPairs,
  fibreChemistry,
  labelChemistry,
  heat,
  pHWindow,
  wetness,
  programme,
  action,
  drying,
  cautions,
];

function vesselPairs(step: Step, _rung: Rung, _plan: Plan, knowledge: Knowledge): Violation['code'][] {
  const inIt = chemistriesOf(step, knowledge);
  return knowledge.forbiddenPairs.some((pair) => inIt.includes(pair.a) && inIt.includes(pair.b))
    ? ['forbiddenPairInVessel']
    : [];
}

function fibreChemistry(step: Step, _rung: Rung, plan: Plan, knowledge: Knowledge): Violation['code'][] {
  const used = chemistriesOf(step, knowledge);
  const never = fibresOf(plan, knowledge).flatMap((fibre) =>
    fibre.chemistry.filter((rule) => rule.verdict === 'never').map((rule) => rule.chemistry),
  );
  return used.some((chemistry) => (never as string[]).includes(chemistry)) ? ['agentOnForbiddenFibre'] : [];
}

function labelChemistry(step: Step, _rung: Rung, plan: Plan, knowledge: Knowledge): Violation['code'][] {
  const used = chemistriesOf(step, knowledge);
  const bleach = plan.facts.piece.label?.bleach;
  const banned =
    bleach === 'any' ? [] : bleach === 'never' ? ['chlorine', 'peroxide', 'percarbonate'] : ['chlorine'];
  return used.some((chemistry) => banned.includes(chemistry)) ? ['agentAgainstLabel'] : [];
}

function heat(step: Step, rung: Rung, plan: Plan, knowledge: Knowledge): Violation['code'][] {
  if (!step.tempC) return [];
  const { label, colour } = plan.facts.piece;
  const white = colour === 'white';
  const labelled = label?.wash?.kind === 'machine';
  const tops = [
    ...fibresOf(plan, knowledge).map(({ bathTempC: t }) =>
      labelled ? (white ? t.white : t.coloured) : white ? t.unlabelledWhite : t.unlabelledColoured,
    ),
    ...(label?.wash?.kind === 'machine' ? [label.wash.maxC] : label?.wash?.kind === 'hand' ? [40] : []),
    ...soilTops(plan, knowledge),
    ...(plan.facts.piece.fastness === 'failed' && !white ? [30] : []),
  ];
  const seen = rung.steps.slice(0, rung.steps.indexOf(step)).some((earlier) => earlier.kind === 'finalLook');
  const hotWash = step.kind === 'wash' && step.tempC.max > 40 && !seen;
  return [
    ...(step.tempC.max > Math.min(...tops) ? (['tooHot'] as const) : []),
    ...(hotWash ? (['heatBeforeLook'] as const) : []),
  ];
}

function soilTops(plan: Plan, knowledge: Knowledge): number[] {
  const mark = knowledge.marks.find((candidate) => candidate.id === plan.facts.markId);
  return (mark?.components ?? []).flatMap(
    (part) => knowledge.components.find((component) => component.id === part.componentId)?.maxTempC ?? [],
  );
}

function pHWindow(step: Step, rung: Rung, plan: Plan, knowledge: Knowledge): Violation['code'][] {
  if (!step.pH) return [];
  const { low, high } = step.pH;
  const dwell =
    rung.steps.find((candidate) => candidate.kind === 'dwell')?.dwell?.maxMin ?? Number.POSITIVE_INFINITY;
  const sour = chemistriesOf(step, knowledge).every((chemistry) =>
    ['weakAcid', 'peroxide', 'detergent', 'water'].includes(chemistry),
  );
  const brief = sour && dwell <= 60 && rung.steps.some((candidate) => candidate.kind === 'rinse');
  const outside = fibresOf(plan, knowledge).some(
    ({ pH }) => high > pH.max || low < (brief ? Math.min(pH.min, pH.weakAcidBrieflyMin) : pH.min),
  );
  return outside ? ['pHOutsideFibre'] : [];
}

function wetness(step: Step, _rung: Rung, plan: Plan, knowledge: Knowledge): Violation['code'][] {
  const item = knowledge.items.find((candidate) => candidate.id === plan.facts.piece.itemId);
  const { label, code } = plan.facts.piece;
  const soaked = step.bath !== null;
  const washed = step.programme !== null && step.programme !== 'none';
  const noSoak = item?.mostWetting !== 'immersion' || item.coded || label?.wash?.kind === 'never';
  const noWater =
    (item?.coded && code !== 'W' && code !== 'WS') ||
    fibresOf(plan, knowledge).some((fibre) => fibre.waterSensitive);
  const wet =
    soaked ||
    washed ||
    step.waterML !== null ||
    step.ingredients.some(
      (one) => knowledge.agents.find((agent) => agent.id === one.agentId)?.form === 'liquid',
    );
  return ((soaked || washed) && noSoak) || (noWater && wet) ? ['tooWet'] : [];
}

function programme(step: Step, _rung: Rung, plan: Plan, knowledge: Knowledge): Violation['code'][] {
  if (!step.programme) return [];
  const order = ['none', 'hand', 'veryMild', 'mild', 'normal'];
  const item = knowledge.items.find((candidate) => candidate.id === plan.facts.piece.itemId);
  const wash = plan.facts.piece.label?.wash;
  const tops = [
    ...fibresOf(plan, knowledge).map((fibre) => fibre.mostProgramme),
    item?.mostProgramme ?? 'none',
    wash?.kind === 'never'
      ? 'none'
      : wash?.kind === 'hand'
        ? 'hand'
        : wash?.kind === 'machine'
          ? (['normal', 'mild', 'veryMild'][wash.bars] ?? 'hand')
          : 'mild',
  ];
  return order.indexOf(step.programme) > Math.min(...tops.map((top) => order.indexOf(top)))
    ? ['programmeTooStrong']
    : [];
}

function action(step: Step, _rung: Rung, plan: Plan, knowledge: Knowledge): Violation['code'][] {
  if (!step.action) return [];
  const order = ['none', 'blot', 'press', 'softBrush', 'firmBrush'];
  const item = knowledge.items.find((candidate) => candidate.id === plan.facts.piece.itemId);
  const frail = !['sound', 'worn'].includes(plan.facts.piece.condition);
  const tops = [
    ...fibresOf(plan, knowledge).map((fibre) => fibre.mostAction),
    item?.mostAction ?? 'none',
    ...(frail ? ['press'] : []),
  ];
  return order.indexOf(step.action) > Math.min(...tops.map((top) => order.indexOf(top)))
    ? ['actionTooStrong']
    : [];
}

function drying(step: Step, rung: Rung, plan: Plan, knowledge: Knowledge): Violation['code'][] {
  const heated = step.dryingWays.some((way) => way === 'tumbleLow' || way === 'tumbleNormal');
  const before = rung.steps
    .slice(0, rung.steps.indexOf(step))
    .every((earlier) => earlier.kind !== 'finalLook');
  const { label } = plan.facts.piece;
  const forbidden = new Set<string>([
    ...fibresOf(plan, knowledge).flatMap((fibre) => fibre.drying.map((rule) => rule.forbids)),
    ...(label?.tumble === 'never' || label === null
      ? ['tumbleLow', 'tumbleNormal']
      : label?.tumble === 'low'
        ? ['tumbleNormal']
        : []),
    ...(label?.shade ? ['sun'] : []),
    ...(label?.natural === 'flat' ? ['line'] : []),
  ]);
  return [
    ...(heated && before ? (['heatBeforeLook'] as const) : []),
    ...(step.dryingWays.some((way) => forbidden.has(way)) ? (['dryingForbidden'] as const) : []),
  ];
}

function cautions(step: Step, rung: Rung, _plan: Plan, knowledge: Knowledge): Violation['code'][] {
  if (step.kind !== 'mix') return [];
  const agents = step.ingredients.flatMap((one) =>
    knowledge.agents.filter((agent) => agent.id === one.agentId),
  );
  const wanted = [...agents.flatMap((agent) => agent.cautionIds), 'followLabel'];
  const target = step.tempC?.target ?? 0;
  const scald = target > 50 ? 'tongs' : target >= 45 ? 'hotWater' : null;
  const dwell = rung.steps.find((candidate) => candidate.kind === 'dwell')?.dwell;
  return [
    ...(wanted.some((id) => !step.cautionIds.includes(id)) ? (['cautionMissing'] as const) : []),
    ...(scald && !step.cautionIds.includes(scald) ? (['scaldCautionMissing'] as const) : []),
    ...(agents.some((agent) => agent.attended) && dwell && !dwell.attended ? (['unattended'] as const) : []),
  ];
}
