import { STANDING_CAUTIONS } from '@feverfew/knowledge';
import type { PiecePart } from '../textile/piece.js';
import type { Action } from '../treatment/plan/action.js';
import type { Pass } from '../treatment/plan/pass.js';
import { bathHeat, pHAsSaid } from './bathChecks.js';
import { chemistriesOf, type PlanReading } from './readPlan.js';
import type { Violation } from './violation.js';

/** What is asked of every single step of a finished plan. */
export type ActionCheck = (action: Action, pass: Pass, reading: PlanReading) => readonly Violation['code'][];

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

function vesselPairs(action: Action, _rung: Pass, reading: PlanReading): readonly Violation['code'][] {
  const inIt = chemistriesOf(action, reading);
  return reading.knowledge.forbiddenPairs.some((pair) => inIt.includes(pair.a) && inIt.includes(pair.b))
    ? ['forbiddenPairInVessel']
    : NONE;
}

function pieceChemistry(action: Action, _rung: Pass, reading: PlanReading): readonly Violation['code'][] {
  return chemistriesOf(action, reading).some((chemistry) => reading.never.has(chemistry))
    ? ['agentOnForbiddenFibre']
    : NONE;
}

function labelChemistry(action: Action, _rung: Pass, reading: PlanReading): readonly Violation['code'][] {
  const bleach = reading.plan.facts.piece.label?.bleach;
  const banned =
    bleach === 'any' ? [] : bleach === 'never' ? ['chlorine', 'peroxide', 'percarbonate'] : ['chlorine'];
  return chemistriesOf(action, reading).some((chemistry) => banned.includes(chemistry))
    ? ['agentAgainstLabel']
    : NONE;
}

function heat(
  action: Action,
  pass: Pass,
  { plan, fibres, components, knowledge }: PlanReading,
): readonly Violation['code'][] {
  if (!action.tempC) return NONE;
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
  const seen = pass.steps
    .slice(0, pass.steps.indexOf(action))
    .some((earlier) => earlier.kind === 'finalLook');
  const unseenMark = plan.facts.markIds.some((id) =>
    ['mark', 'dyeRun'].includes(knowledge.marks.find((mark) => mark.id === id)?.kind ?? ''),
  );
  const hotWash =
    action.programme !== null && action.tempC.max > 40 && !seen && (action.kind === 'wash' || unseenMark);
  return [
    ...(action.tempC.max > Math.min(...tops) ? (['tooHot'] as const) : NONE),
    ...(hotWash ? (['heatBeforeLook'] as const) : NONE),
  ];
}

function pHWindow(action: Action, pass: Pass, reading: PlanReading): readonly Violation['code'][] {
  if (!action.pH) return NONE;
  const { low, high } = action.pH;
  const { condition } = reading.plan.facts.piece;
  const dwell =
    pass.steps.find((candidate) => candidate.kind === 'dwell')?.dwell?.maxMin ?? Number.POSITIVE_INFINITY;
  const sour = chemistriesOf(action, reading).every((chemistry) =>
    ['weakAcid', 'peroxide', 'detergent', 'water'].includes(chemistry),
  );
  const brief = sour && dwell <= 60 && pass.steps.some((candidate) => candidate.kind === 'rinse');
  const outside = reading.fibres.some(
    ({ pH }) => high > pH.max || low < (brief ? Math.min(pH.min, pH.weakAcidBrieflyMin) : pH.min),
  );
  const tooAlkaline = (condition === 'antique' || condition === 'irreplaceable') && high > 8.5;
  return outside || tooAlkaline ? ['pHOutsideFibre'] : NONE;
}

function wetness(action: Action, _rung: Pass, reading: PlanReading): readonly Violation['code'][] {
  const { plan, item, parts, agentOf } = reading;
  const { label, code } = plan.facts.piece;
  const soaked = action.bath !== null;
  const washed = action.programme !== null && action.programme !== 'none';
  const noSoak =
    (item?.mostWetting !== 'immersion' && !washedByLabel(reading)) ||
    item?.coded ||
    label?.wash?.kind === 'never' ||
    reading.fibres.some((fibre) => fibre.waterSensitive) ||
    parts.some((part) => part.mostWetting !== null && part.mostWetting !== 'immersion');
  const noWater =
    (item?.coded && code !== 'W' && code !== 'WS') ||
    item?.mostWetting === 'dry' ||
    plan.facts.piece.parts.some((part) => isMarkedByWater(part, reading));
  const anyAgent = action.ingredients.some((one) => (agentOf(one.agentId)?.chemistries.length ?? 0) > 0);
  const bare = item?.coded && (code === 'X' || code === null || code === 'unknown');
  const wet =
    soaked ||
    washed ||
    action.waterML !== null ||
    action.ingredients.some((one) => agentOf(one.agentId)?.form === 'liquid');
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

function programme(action: Action, _rung: Pass, reading: PlanReading): readonly Violation['code'][] {
  const { plan, fibres, item } = reading;
  if (!action.programme) return NONE;
  const order = ['none', 'hand', 'veryMild', 'mild', 'normal'];
  const { label, condition } = plan.facts.piece;
  const wash = label?.wash;
  const tops = [
    ...fibres.map((fibre) => fibre.mostProgramme),
    washedByLabel(reading) ? 'veryMild' : (item?.mostProgramme ?? 'none'),
    ...(condition === 'antique' || condition === 'irreplaceable' ? ['hand'] : []),
    wash?.kind === 'never'
      ? 'none'
      : wash?.kind === 'hand'
        ? 'hand'
        : wash?.kind === 'machine'
          ? (['normal', 'mild', 'veryMild'][wash.bars] ?? 'hand')
          : 'mild',
  ];
  return order.indexOf(action.programme) > Math.min(...tops.map((top) => order.indexOf(top)))
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
  action: Action,
  pass: Pass,
  { plan, fibres, parts, item, agentOf }: PlanReading,
): readonly Violation['code'][] {
  const sunned = action.ingredients.some((one) => agentOf(one.agentId)?.mechanisms.includes('sunlight'));
  const ways = sunned ? [...action.dryingWays, 'sun'] : action.dryingWays;
  if (ways.length === 0) return NONE;
  const heated = ways.some((way) => way === 'tumbleLow' || way === 'tumbleNormal');
  const before = pass.steps
    .slice(0, pass.steps.indexOf(action))
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

function cautions(action: Action, pass: Pass, { agentOf }: PlanReading): readonly Violation['code'][] {
  if (action.kind !== 'mix' && action.kind !== 'wash') return NONE;
  const agents = action.ingredients.flatMap((one) => agentOf(one.agentId) ?? []);
  const wanted = [...agents.flatMap((agent) => agent.cautionIds), ...STANDING_CAUTIONS.anyProduct];
  const missing = wanted.some((id) => !action.cautionIds.includes(id));
  if (action.kind === 'wash') return missing ? ['cautionMissing'] : NONE;
  const target = action.programme === null ? (action.tempC?.target ?? 0) : 0;
  const scald = target > 50 ? STANDING_CAUTIONS.scalding : target >= 45 ? STANDING_CAUTIONS.hot : [];
  const dwell = pass.steps.find((candidate) => candidate.kind === 'dwell')?.dwell;
  return [
    ...(missing ? (['cautionMissing'] as const) : NONE),
    ...(scald.some((id) => !action.cautionIds.includes(id)) ? (['scaldCautionMissing'] as const) : NONE),
    ...(agents.some((agent) => agent.attended) && dwell && !dwell.attended
      ? (['unattended'] as const)
      : NONE),
  ];
}
