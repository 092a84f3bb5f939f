import { describe, expect, it } from 'vitest';
import { readPour } from '../mix/readPour.js';
import { household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import { OWNS_ALL } from '../test/nasty.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { Household } from './household.js';

const soda =
  knowledge.agents.find((agent) => agent.id === 'washingSoda') ?? expect.unreachable('washing soda');
const withSoda = (gPerML: number | null): Household => ({
  ...OWNS_ALL,
  hasScale: false,
  products: [{ agentId: 'washingSoda', capML: null, labelDose: null, gPerML }],
});
const stiff = trouble('stiffTowels', piece('towel', { cotton: 100 }, { label: label(95, 'any') }), {
  size: 'allOver',
  age: 'months',
});
function sodaOf(house: Household) {
  const plan = planTreatment(stiff, { ...house, hasMachine: false }, knowledge);
  const pass = plan.passes.find(
    (one) =>
      one.findings.length >= 0 &&
      one.actions.some((step) => step.ingredients.some((i) => i.agentId === 'washingSoda')),
  );
  const poured = pass?.actions
    .flatMap((step) => step.ingredients)
    .find((one) => one.agentId === 'washingSoda');
  return { pass: pass ?? expect.unreachable('a soda bath'), poured: poured ?? expect.unreachable('soda') };
}

/** Light soda ash weighs about 0.5 g/mL, dense 1.05 (from memory): one figure for both is 40 % off. */
describe('a powder sold light and heavy', () => {
  it('asks which it is where it is measured by spoon', () => {
    expect(soda.grades.map((grade) => grade.gPerML)).toEqual([0.5, 1.05]);
    expect(sodaOf(withSoda(null)).pass.findings.map((one) => one.code)).toContain('gradeUnknown');
    expect(sodaOf(withSoda(0.5)).pass.findings.map((one) => one.code)).not.toContain('gradeUnknown');
    expect(sodaOf({ ...withSoda(null), hasScale: true }).pass.findings.map((one) => one.code)).not.toContain(
      'gradeUnknown',
    );
  });
  it('takes twice the spoons of the light one for the same grams', () => {
    const [light, heavy] = [sodaOf(withSoda(0.5)).poured, sodaOf(withSoda(1.05)).poured];
    expect(light.massG).toBe(heavy.massG);
    expect((light.volumeML ?? 0) / (heavy.volumeML ?? 1)).toBeCloseTo(2.1, 1);
  });
  it('weighs a spoon on the mixing table by the kind that was told', () => {
    const spoon = { agentId: 'washingSoda', amount: 15, unit: 'mL', strengthPct: null } as const;
    expect(readPour(spoon, soda, withSoda(0.5)).massG).toBeCloseTo(7.5, 6);
    expect(readPour(spoon, soda, household)).toMatchObject({ massG: null, volumeML: 15 });
  });
});
