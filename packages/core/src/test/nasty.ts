import { expect } from 'vitest';
import type { Household } from '../household/household.js';
import { checkPlan } from '../safety/checkPlan.js';
import { findSenseFaults } from '../sense/findSenseFaults.js';
import type { SenseKind } from '../sense/senseFault.js';
import type { PieceFacts } from '../textile/piece.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { TriedProduct, TroubleFacts } from '../trouble/troubleFacts.js';
import { actionWords } from '../words/actionWords.js';
import { findingWords } from '../words/findings/findingWords.js';
import { shownText } from '../words/planLines.js';
import type { Lexicon } from '../words/round/lexicon.js';
import { household, knowledge, label, piece, trouble } from './fixtures.js';

/** A house that owns everything that may be owned, and has switched everything on: nothing is safe by being absent. */
export const OWNS_ALL: Household = {
  ...household,
  vessels: household.vessels.map((vessel) => ({ ...vessel, material: 'plastic' as const })),
  cupboard: knowledge.agents
    .filter((agent) => !agent.neverOffered)
    .map(({ id, strength }) => ({ agentId: id, strengthPct: strength?.recipe ?? null })),
  boraxSold: true,
  allowChlorine: true,
  allowAmmonia: true,
  allowOxalic: true,
};

/** One request that could hurt, with what may be nowhere in the answer, and what has to be in it. */
export interface Nasty {
  readonly name: string;
  readonly ground: string;
  readonly facts: TroubleFacts;
  readonly home?: Partial<Household>;
  /** Products, kinds of chemistry and words that may be nowhere: in no action, note, caution, remark or stand-in. */
  readonly noAgents?: readonly string[];
  readonly noChemistries?: readonly string[];
  readonly noLines?: RegExp;
  readonly cautions?: readonly string[];
  readonly findings?: readonly string[];
  readonly lines?: RegExp;
  /** More that must hold of the plan. */
  readonly holds?: (plan: Plan) => void;
  /** 'pass' = work at home is still offered; 'professional' = none, and who then is named; 'either' = one of the two. */
  readonly offers: 'pass' | 'professional' | 'either';
}

const names = new Map<string, string>(
  [
    ...knowledge.agents,
    ...knowledge.fibres,
    ...knowledge.items,
    ...knowledge.components,
    ...knowledge.marks,
    ...knowledge.methods,
    ...knowledge.parts,
  ].map(({ id, name }) => [id, name]),
);
const say: Lexicon = {
  name: (id) => names.get(id) ?? knowledge.forbiddenPairs.find((pair) => pair.id === id)?.happens ?? id,
  temp: (tempC) => `${Math.round(tempC)} °C`,
  volume: (volumeML) => `${Math.round(volumeML)} mL`,
};

/** Every product poured anywhere in a plan, and those that a stand-in replaces. */
const pouredIn = (plan: Plan): string[] =>
  plan.passes.flatMap((pass) =>
    pass.actions.flatMap((action) =>
      action.ingredients.flatMap((one) => [
        one.agentId,
        ...(one.standsInFor ? [one.standsInFor.agentId] : []),
      ]),
    ),
  );

/** What tells a person to do something: steps and remarks, not the cautions that warn of it. */
export const toldIn = (plan: Plan): string[] => [
  ...plan.atOnce.actions.map(({ text }) => text),
  ...plan.passes.flatMap((pass) => pass.actions.flatMap((action) => actionWords(action, say).lines)),
  ...plan.findings
    .filter((finding) => finding.code !== 'cupboardHoldsPair' && finding.code !== 'noHeatBeforeGone')
    .map((finding) => findingWords(finding, say)),
];

const cautionText = (id: string): string => knowledge.cautions.find((one) => one.id === id)?.text ?? '';

/** Faults of sense that no plan has any more. */
const SENSELESS: readonly SenseKind[] = [
  'decidedCondition',
  'equalEnds',
  'rinseMissing',
  'testMissing',
  'wrongOrder',
  'pairTooClose',
];

/** Asks the planner, and holds the whole answer against the request. */
export function expectSafe({ facts, home, offers, ...want }: Nasty): void {
  const house = { ...OWNS_ALL, ...home };
  const plan = planTreatment(facts, house, knowledge);
  const cautionIds = new Set(plan.passes.flatMap((pass) => pass.cautionIds));
  const poured = pouredIn(plan);
  const chemistries = poured.flatMap(
    (id) => knowledge.agents.find((agent) => agent.id === id)?.chemistries ?? [],
  );
  expect(checkPlan(plan, house, knowledge)).toEqual([]);
  const faults = findSenseFaults(plan, shownText(plan, say), house, knowledge);
  expect(faults.filter(({ kind }) => SENSELESS.includes(kind))).toEqual([]);
  for (const id of want.noAgents ?? []) expect(poured).not.toContain(id);
  for (const chemistry of want.noChemistries ?? []) expect(chemistries).not.toContain(chemistry);
  if (want.noLines) for (const line of toldIn(plan)) expect(line).not.toMatch(want.noLines);
  if (want.lines)
    expect([...toldIn(plan), ...[...cautionIds].map(cautionText)].join('\n')).toMatch(want.lines);
  expect([...cautionIds]).toEqual(expect.arrayContaining([...(want.cautions ?? [])]));
  expect(plan.findings.map((finding) => finding.code)).toEqual(
    expect.arrayContaining([...(want.findings ?? [])]),
  );
  if (want.holds) {
    // A check for a product that is no longer offered would pass for ever: it must have looked at something.
    const before = expect.getState().assertionCalls;
    want.holds(plan);
    if (plan.passes.length > 0)
      expect(expect.getState().assertionCalls, 'holds() judged nothing').toBeGreaterThan(before);
  }
  const says = (code: string) => plan.findings.some((finding) => finding.code === code);
  const sent = (says('noHomeMethod') && says('professionalHand')) || says('waterTestFirst');
  if (offers === 'pass') expect(plan.passes.length).toBeGreaterThan(0);
  else if (offers === 'professional') expect([plan.passes.length, sent]).toEqual([0, true]);
  else expect(plan.passes.length > 0 || sent).toBe(true);
}

/** A piece of one or more parts: `{ cotton: 100 }`, or `{ cover: { cotton: 100 }, filling: { foam: 100 } }`. */
export const made = (
  itemId: string,
  of: Record<string, number> | Record<string, Record<string, number>>,
  facts: Partial<PieceFacts> = {},
): PieceFacts => {
  const whole = Object.values(of).every((value) => typeof value === 'number');
  const parts = whole
    ? { 'whole piece': of as Record<string, number> }
    : (of as Record<string, Record<string, number>>);
  return {
    ...piece(itemId, {}),
    parts: Object.entries(parts).map(([name, fibres]) => ({
      name,
      fibres: Object.entries(fibres).map(([fibreId, sharePct]) => ({ fibreId, sharePct })),
    })),
    label: label(60, 'any'),
    ...facts,
  };
};

export const ask = trouble;

/** Put on it before, and not washed out. */
export const tried = (agentId: string, fields: Partial<TriedProduct> = {}): TriedProduct => ({
  agentId,
  times: 1,
  effect: 'unknown',
  hot: false,
  washedOut: 'no',
  ...fields,
});
