import type { Pass } from '../treatment/plan/pass.js';
import { chemistriesOf, chemistriesOfPass, type PlanReading } from './readPlan.js';
import type { Violation } from './violation.js';

/** What is asked of a rung as a whole. */
export type PassCheck = (rung: Pass, ground: PlanReading) => Violation['code'][];

export const PASS_CHECKS: readonly PassCheck[] = [looks, tests, bounds, personCautions, households];

function looks(rung: Pass): Violation['code'][] {
  const at = rung.steps.findIndex((step) => step.kind === 'look');
  const dries = rung.steps.findIndex((step) => step.kind === 'dry');
  return at < 0 || (dries >= 0 && at > dries) ? ['lookMissing'] : [];
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

function tests(rung: Pass, ground: PlanReading): Violation['code'][] {
  const { colour, fastness, condition } = ground.plan.facts.piece;
  const used = rung.steps
    .filter((step) => step.kind === 'mix')
    .flatMap((step) => chemistriesOf(step, ground));
  const untested = colour !== 'white' && fastness !== 'proven';
  const frail = condition === 'antique' || condition === 'irreplaceable';
  const ruled = ground.rules.some((rule) => rule.verdict === 'test' && used.includes(rule.chemistry));
  const needed = ruled || (used.some((chemistry) => MOVES_COLOUR.includes(chemistry)) && (untested || frail));
  return needed && !rung.steps.some((step) => step.kind === 'hiddenTest') ? ['hiddenTestMissing'] : [];
}

/** A chemistry that is allowed only briefly, cool or a few times keeps to all three. */
function bounds(rung: Pass, ground: PlanReading): Violation['code'][] {
  const mixes = rung.steps.filter((step) => step.kind === 'mix');
  const used = mixes.flatMap((step) => chemistriesOf(step, ground));
  const dwell = rung.steps.find((step) => step.kind === 'dwell')?.dwell?.maxMin ?? 0;
  const hottest = Math.max(0, ...mixes.map((step) => step.tempC?.max ?? 0));
  const over = ground.rules.some(
    (rule) =>
      rule.bounds !== undefined &&
      used.includes(rule.chemistry) &&
      (dwell > (rule.bounds.maxDwellMin ?? dwell) ||
        hottest > (rule.bounds.maxTempC ?? hottest) ||
        rung.maxRounds > (rule.bounds.maxRounds ?? rung.maxRounds)),
  );
  return over ? ['boundsExceeded'] : [];
}

/** What the trouble and the piece ask of the person is said somewhere in the rung. */
function personCautions(rung: Pass, { components, item, plan, knowledge }: PlanReading): Violation['code'][] {
  const said = new Set(rung.steps.flatMap((step) => step.cautionIds));
  const fluid = plan.facts.markIds.some(
    (id) =>
      knowledge.marks.find((mark) => mark.id === id)?.bodyFluid && plan.facts.goneComponentIds.length === 0,
  );
  const first = plan.ladder[0] === rung;
  const wanted = [
    ...(first ? components.flatMap((component) => component.cautionIds) : []),
    ...(fluid ? ['bodyFluids'] : []),
    ...(item?.cautionIds ?? []),
  ];
  return wanted.some((id) => !said.has(id)) ? ['cautionMissing'] : [];
}

/** Gates of the household: switched off, not sold, asthma, children, metal, strength not known or past the household's. */
function households(rung: Pass, ground: PlanReading): Violation['code'][] {
  const { household, item, plan } = ground;
  const found = new Set<Violation['code']>();
  for (const { agentId } of rung.steps.flatMap((step) => step.ingredients)) {
    const agent = ground.agentOf(agentId);
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
  const used = chemistriesOfPass(rung, ground);
  if (used.includes('hydrocarbon') && plan.facts.piece.label?.dryClean === 'never')
    found.add('agentAgainstLabel');
  return [...found];
}
