import type { PiecePart } from '../textile/piece.js';
import type { Action } from '../treatment/plan/action.js';
import type { Pass } from '../treatment/plan/pass.js';
import { bathHeat, pHAsSaid } from './bathChecks.js';
import { chemistriesOf, type PlanReading } from './readPlan.js';
import type { Violation } from './violation.js';

/** What is asked of every single step of a finished plan. */
export type ActionCheck = (step: Action, rung: Pass, ground: PlanReading) => readonly Violation['code'][];

const NONE: readonly Violation['code'][] = [];

export const ACTION_CHECKS: readonly ActionCheck[] = [
  vesselPairs,
  pieceChemistry,
  labelChemistry,
  heat,
  pHWindow,
  pHAsSaid,
  bathHeat,
  wetness,
  programme,
  action,
  drying,
  cautions,
];

function vesselPairs(step: Action, _rung: Pass, ground: PlanReading): readonly Violation['code'][] {
  const inIt = chemistriesOf(step, ground);
  return ground.knowledge.forbiddenPairs.some((pair) => inIt.includes(pair.a) && inIt.includes(pair.b))
    ? ['forbiddenPairInVessel']
    : NONE;
}

function pieceChemistry(step: Action, _rung: Pass, ground: PlanReading): readonly Violation['code'][] {
  return chemistriesOf(step, ground).some((chemistry) => ground.never.has(chemistry))
    ? ['agentOnForbiddenFibre']
    : NONE;
}

function labelChemistry(step: Action, _rung: Pass, ground: PlanReading): readonly Violation['code'][] {
  const bleach = ground.plan.facts.piece.label?.bleach;
  const banned =
    bleach === 'any' ? [] : bleach === 'never' ? ['chlorine', 'peroxide', 'percarbonate'] : ['chlorine'];
  return chemistriesOf(step, ground).some((chemistry) => banned.includes(chemistry))
    ? ['agentAgainstLabel']
    : NONE;
}

function heat(
  step: Action,
  rung: Pass,
  { plan, fibres, components, knowledge }: PlanReading,
): readonly Violation['code'][] {
  if (!step.tempC) return NONE;
  const { label, colour, condition, fastness } = plan.facts.piece;
  const white = colour === 'white';
  const labelled = label?.wash?.kind === 'machine';
  const tops = [
    ...fibres.map(({ bathTempC: t }) =>
      labelled ? (white ? t.white : t.coloured) : white ? t.unlabelledWhite : t.unlabelledColoured,
    ),
    ...(label?.wash?.kind === 'machine' ? [label.wash.maxC] : label?.wash?.kind === 'hand' ? [40] : []),
    ...components.flatMap((component) => component.maxTempC ?? []),
    ...(fastness === 'failed' && !white ? [30] : []),
    ...(condition === 'antique' || condition === 'irreplaceable' ? [30] : []),
  ];
  const seen = rung.steps.slice(0, rung.steps.indexOf(step)).some((earlier) => earlier.kind === 'finalLook');
  const unseenMark = plan.facts.markIds.some((id) =>
    ['mark', 'dyeRun'].includes(knowledge.marks.find((mark) => mark.id === id)?.kind ?? ''),
  );
  const hotWash =
    step.programme !== null && step.tempC.max > 40 && !seen && (step.kind === 'wash' || unseenMark);
  return [
    ...(step.tempC.max > Math.min(...tops) ? (['tooHot'] as const) : NONE),
    ...(hotWash ? (['heatBeforeLook'] as const) : NONE),
  ];
}

function pHWindow(step: Action, rung: Pass, ground: PlanReading): readonly Violation['code'][] {
  if (!step.pH) return NONE;
  const { low, high } = step.pH;
  const { condition } = ground.plan.facts.piece;
  const dwell =
    rung.steps.find((candidate) => candidate.kind === 'dwell')?.dwell?.maxMin ?? Number.POSITIVE_INFINITY;
  const sour = chemistriesOf(step, ground).every((chemistry) =>
    ['weakAcid', 'peroxide', 'detergent', 'water'].includes(chemistry),
  );
  const brief = sour && dwell <= 60 && rung.steps.some((candidate) => candidate.kind === 'rinse');
  const outside = ground.fibres.some(
    ({ pH }) => high > pH.max || low < (brief ? Math.min(pH.min, pH.weakAcidBrieflyMin) : pH.min),
  );
  const tooAlkaline = (condition === 'antique' || condition === 'irreplaceable') && high > 8.5;
  return outside || tooAlkaline ? ['pHOutsideFibre'] : NONE;
}

function wetness(step: Action, _rung: Pass, ground: PlanReading): readonly Violation['code'][] {
  const { plan, item, parts, agentOf } = ground;
  const { label, code } = plan.facts.piece;
  const soaked = step.bath !== null;
  const washed = step.programme !== null && step.programme !== 'none';
  const noSoak =
    (item?.mostWetting !== 'immersion' && !washedByLabel(ground)) ||
    item?.coded ||
    label?.wash?.kind === 'never' ||
    ground.fibres.some((fibre) => fibre.waterSensitive) ||
    parts.some((part) => part.mostWetting !== null && part.mostWetting !== 'immersion');
  const noWater =
    (item?.coded && code !== 'W' && code !== 'WS') ||
    item?.mostWetting === 'dry' ||
    plan.facts.piece.parts.some((part) => isMarkedByWater(part, ground));
  const anyAgent = step.ingredients.some((one) => (agentOf(one.agentId)?.chemistries.length ?? 0) > 0);
  const bare = item?.coded && (code === 'X' || code === null || code === 'unknown');
  const wet =
    soaked ||
    washed ||
    step.waterML !== null ||
    step.ingredients.some((one) => agentOf(one.agentId)?.form === 'liquid');
  return ((soaked || washed) && noSoak) || (noWater && wet) || (bare && anyAgent) ? ['tooWet'] : NONE;
}

/** Holds a fibre that water stains where water would reach it: on the face, not in a backing or filling. */
function isMarkedByWater(part: PiecePart, { fibres, parts }: PlanReading): boolean {
  const under = parts.some((kind) => kind.name === part.name && kind.beneath);
  return (
    !under &&
    part.fibres.some((share) => fibres.some((fibre) => fibre.id === share.fibreId && fibre.waterSensitive))
  );
}

/** A piece that is spot work unless its sewn-in label lets it be washed, and this one does. */
const washedByLabel = ({ plan, item }: PlanReading): boolean =>
  item?.labelDecides === true && ['machine', 'hand'].includes(plan.facts.piece.label?.wash?.kind ?? '');

function programme(step: Action, _rung: Pass, ground: PlanReading): readonly Violation['code'][] {
  const { plan, fibres, item } = ground;
  if (!step.programme) return NONE;
  const order = ['none', 'hand', 'veryMild', 'mild', 'normal'];
  const { label, condition } = plan.facts.piece;
  const wash = label?.wash;
  const tops = [
    ...fibres.map((fibre) => fibre.mostProgramme),
    washedByLabel(ground) ? 'veryMild' : (item?.mostProgramme ?? 'none'),
    ...(condition === 'antique' || condition === 'irreplaceable' ? ['hand'] : []),
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
    : NONE;
}

function action(
  step: Action,
  _rung: Pass,
  { plan, fibres, item, parts }: PlanReading,
): readonly Violation['code'][] {
  if (!step.action) return NONE;
  const order = ['none', 'blot', 'press', 'softBrush', 'firmBrush'];
  const frail = !['sound', 'worn'].includes(plan.facts.piece.condition);
  const tops = [
    ...fibres.map((fibre) => fibre.mostAction),
    ...parts.flatMap((part) => part.mostAction ?? []),
    item?.mostAction ?? 'none',
    ...(frail ? ['press'] : []),
  ];
  return order.indexOf(step.action) > Math.min(...tops.map((top) => order.indexOf(top)))
    ? ['actionTooStrong']
    : NONE;
}

function drying(
  step: Action,
  rung: Pass,
  { plan, fibres, parts, item, agentOf }: PlanReading,
): readonly Violation['code'][] {
  const sunned = step.ingredients.some((one) => agentOf(one.agentId)?.mechanisms.includes('sunlight'));
  const ways = sunned ? [...step.dryingWays, 'sun'] : step.dryingWays;
  if (ways.length === 0) return NONE;
  const heated = ways.some((way) => way === 'tumbleLow' || way === 'tumbleNormal');
  const before = rung.steps
    .slice(0, rung.steps.indexOf(step))
    .every((earlier) => earlier.kind !== 'finalLook');
  const { label, colour, condition } = plan.facts.piece;
  const fades = ['mid', 'dark', 'multicoloured', 'unknown'].includes(colour);
  const frail = condition === 'antique' || condition === 'irreplaceable';
  const forbidden = new Set<string>([
    ...fibres.flatMap((fibre) => fibre.drying.map((rule) => rule.forbids)),
    ...parts.flatMap((part) => part.drying.map((rule) => rule.forbids)),
    ...(item?.drying.map((rule) => rule.forbids) ?? []),
    ...(label?.tumble === 'never' || label === null
      ? ['tumbleLow', 'tumbleNormal']
      : label?.tumble === 'low'
        ? ['tumbleNormal']
        : []),
    ...(label?.shade || fades || frail ? ['sun'] : []),
    ...(label?.natural === 'flat' ? ['line'] : []),
  ]);
  return [
    ...(heated && before ? (['heatBeforeLook'] as const) : NONE),
    ...(ways.some((way) => forbidden.has(way)) ? (['dryingForbidden'] as const) : NONE),
  ];
}

function cautions(step: Action, rung: Pass, { agentOf }: PlanReading): readonly Violation['code'][] {
  if (step.kind !== 'mix' && step.kind !== 'wash') return NONE;
  const agents = step.ingredients.flatMap((one) => agentOf(one.agentId) ?? []);
  const wanted = [...agents.flatMap((agent) => agent.cautionIds), 'followLabel'];
  const missing = wanted.some((id) => !step.cautionIds.includes(id));
  if (step.kind === 'wash') return missing ? ['cautionMissing'] : NONE;
  const target = step.programme === null ? (step.tempC?.target ?? 0) : 0;
  const scald = target > 50 ? 'tongs' : target >= 45 ? 'hotWater' : null;
  const dwell = rung.steps.find((candidate) => candidate.kind === 'dwell')?.dwell;
  return [
    ...(missing ? (['cautionMissing'] as const) : NONE),
    ...(scald && !step.cautionIds.includes(scald) ? (['scaldCautionMissing'] as const) : NONE),
    ...(agents.some((agent) => agent.attended) && dwell && !dwell.attended
      ? (['unattended'] as const)
      : NONE),
  ];
}
