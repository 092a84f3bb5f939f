import { STANDING_CAUTIONS } from '@feverfew/knowledge';
import type { Pass } from '../treatment/plan/pass.js';
import { chemistriesOf, chemistriesOfPass, type PlanReading } from './readPlan.js';
import type { Violation } from './violation.js';

/** What is asked of a pass as a whole. */
export type PassCheck = (pass: Pass, reading: PlanReading) => Violation['code'][];

export const PASS_CHECKS: readonly PassCheck[] = [looks, tests, bounds, personCautions, households];

function looks(pass: Pass): Violation['code'][] {
  const index = pass.steps.findIndex((action) => action.kind === 'look');
  const dries = pass.steps.findIndex((action) => action.kind === 'dry');
  return index < 0 || (dries >= 0 && index > dries) ? ['lookMissing'] : [];
}

const MOVES_COLOUR = [
  'peroxide',
  'percarbonate',
  'alcohol',
  'ketone',
  'ester',
  'hydrocarbon',
  'reducer',
  'ammonia',
  'strongAlkali',
  'oxalicAcid',
];

function tests(pass: Pass, reading: PlanReading): Violation['code'][] {
  const { colour, fastness, condition } = reading.plan.facts.piece;
  const used = pass.steps
    .filter((action) => action.kind === 'mix')
    .flatMap((action) => chemistriesOf(action, reading));
  const untested = colour !== 'white' && fastness !== 'proven';
  const frail = condition === 'antique' || condition === 'irreplaceable';
  const ruled = reading.rules.some((rule) => rule.verdict === 'test' && used.includes(rule.chemistry));
  const needed = ruled || (used.some((chemistry) => MOVES_COLOUR.includes(chemistry)) && (untested || frail));
  return needed && !pass.steps.some((action) => action.kind === 'hiddenTest') ? ['hiddenTestMissing'] : [];
}

/** A chemistry that is allowed only briefly, cool or a few times keeps to all three. */
function bounds(pass: Pass, reading: PlanReading): Violation['code'][] {
  const mixes = pass.steps.filter((action) => action.kind === 'mix');
  const used = mixes.flatMap((action) => chemistriesOf(action, reading));
  const dwell = pass.steps.find((action) => action.kind === 'dwell')?.dwell?.maxMin ?? 0;
  const hottest = Math.max(0, ...mixes.map((action) => action.tempC?.max ?? 0));
  const over = reading.rules.some(
    (rule) =>
      rule.bounds !== undefined &&
      used.includes(rule.chemistry) &&
      (dwell > (rule.bounds.maxDwellMin ?? dwell) ||
        hottest > (rule.bounds.maxTempC ?? hottest) ||
        pass.maxRounds > (rule.bounds.maxRounds ?? pass.maxRounds)),
  );
  return over ? ['boundsExceeded'] : [];
}

/** What the trouble and the piece ask of the person is said somewhere in the pass. */
function personCautions(pass: Pass, { components, item, plan, knowledge }: PlanReading): Violation['code'][] {
  const said = new Set(pass.steps.flatMap((action) => action.cautionIds));
  const fluid = plan.facts.markIds.some(
    (id) =>
      knowledge.marks.find((mark) => mark.id === id)?.bodyFluid && plan.facts.goneComponentIds.length === 0,
  );
  const first = plan.ladder[0] === pass;
  const wanted = [
    ...(first ? components.flatMap((component) => component.cautionIds) : []),
    ...(fluid ? STANDING_CAUTIONS.bodyFluid : []),
    ...(item?.cautionIds ?? []),
  ];
  return wanted.some((id) => !said.has(id)) ? ['cautionMissing'] : [];
}

/**
 * Gates of the household: switched off, not sold, asthma, children, metal, strength not known or past the
 * household's.
 */
function households(pass: Pass, reading: PlanReading): Violation['code'][] {
  const { household, item, plan } = reading;
  const found = new Set<Violation['code']>();
  for (const { agentId } of pass.steps.flatMap((action) => action.ingredients)) {
    const agent = reading.agentOf(agentId);
    if (!agent) continue;
    const off =
      (agent.chemistries.includes('chlorine') && !household.allowChlorine) ||
      (agent.chemistries.includes('ammonia') && !household.allowAmmonia) ||
      (agent.chemistries.includes('oxalicAcid') && !household.allowOxalic) ||
      (agent.restrictedSale && !household.boraxSold) ||
      (agent.notWithAsthma && household.asthma) ||
      (agent.notForChildren && item?.childrens === true);
    if (off) found.add('agentSwitchedOff');
    if (agent.neverOffered) found.add('agentNeverOffered');
    if (agent.notWithMetalParts && plan.facts.piece.metalParts) found.add('agentOnMetal');
    const owned = household.cupboard.find((entry) => entry.agentId === agentId);
    const strong = owned?.strengthPct !== null && (owned?.strengthPct ?? 0) > (agent.strength?.max ?? 100);
    if (owned && agent.strength && (strong || (owned.strengthPct === null && agent.strength.mustBeKnown)))
      found.add('strengthNotSafe');
  }
  const used = chemistriesOfPass(pass, reading);
  if (used.includes('hydrocarbon') && plan.facts.piece.label?.dryClean === 'never')
    found.add('agentAgainstLabel');
  return [...found];
}
