import { describe, expect, it } from 'vitest';
import { cases, household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { dangerAhead } from './dangerAhead.js';

const home = {
  ...household,
  cupboard: knowledge.agents.map(({ id, strength }) => ({
    agentId: id,
    strengthPct: strength?.recipe ?? null,
  })),
};

describe('a run under way, read again', () => {
  const run = {
    ...trouble('dyeRun', piece('bedSheet', { cotton: 100 }, { label: label(60) })),
    age: 'weeks',
    size: 'allOver',
  } as const;
  const plan = planTreatment(run, home, knowledge);
  const reducer = plan.passes.findIndex(({ actions }) =>
    actions.some(({ ingredients }) => ingredients.some(({ agentId }) => agentId === 'runRemover')),
  );

  it('is in nobody’s way while nothing has changed', () => {
    expect(reducer).toBeGreaterThanOrEqual(0);
    for (const facts of Object.values(cases))
      expect(dangerAhead(planTreatment(facts, home, knowledge), 0, home, knowledge)).toBeNull();
    expect(dangerAhead(plan, 0, home, knowledge)).toBeNull();
  });
  it('stands still where somebody lives here now whom a product of it is kept from', () => {
    expect(dangerAhead(plan, 0, { ...home, asthma: true }, knowledge)).toBe('keptFromPeople');
    expect(dangerAhead(plan, reducer, { ...home, asthma: true }, knowledge)).toBe('keptFromPeople');
  });
  it('goes on where that pass is over', () => {
    expect(dangerAhead(plan, reducer + 1, { ...home, asthma: true }, knowledge)).toBeNull();
  });
  it('reads plans of before there were rounds', () => {
    const { rounds, keep, verdict, atOnce, notUsed, ends, ...old } = plan;
    const passes = old.passes.map(({ passId, rinseOut, ...pass }) => pass);
    const kept = { ...old, passes } as unknown as typeof plan;
    expect(dangerAhead(kept, 0, { ...home, asthma: true }, knowledge)).toBe('keptFromPeople');
  });
});
