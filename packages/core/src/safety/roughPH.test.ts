import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bathPH } from '../bath/solution/bathPH.js';
import { knowledge } from '../test/fixtures.js';
import { ROUGH_PH, roughPH } from './roughPH.js';

const pour = (
  agentId: string,
  massG: number | null,
  volumeML: number | null = null,
  strengthPct: number | null = null,
) => ({
  agentId,
  massG,
  volumeML,
  strengthPct,
});
const middle = (range: { low: number; high: number } | null) =>
  ((range?.low ?? Number.NaN) + (range?.high ?? Number.NaN)) / 2;

describe('the plain estimate of pH', () => {
  it.each([
    // Independent values, worked out apart from this project (fixtures/reference).
    ['5 % acetic acid', [pour('vinegar', null, 100, 5)], 0, 2.42],
    ['sodium carbonate 5 g/L', [pour('washingSoda', 5)], 1000, 11.25],
    ['baking soda 5 g/L', [pour('bakingSoda', 5)], 1000, 8.16],
    ['borax 10 g/L', [pour('borax', 10)], 1000, 9.18],
  ] as const)('%s in soft water, within half a unit', (_name, pours, waterML, expected) => {
    expect(Math.abs(middle(roughPH(pours, waterML, 0, knowledge)) - expected)).toBeLessThan(0.5);
  });
  it('meets the planner’s interval within 0.6, whatever is poured, though it shares no code with it', () => {
    const known = knowledge.agents.filter((agent) => agent.compositionSetsPH && agent.hasPH);
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...known), { minLength: 1, maxLength: 2 }),
        fc.double({ min: 0.5, max: 40, noNaN: true }),
        fc.integer({ min: 0, max: 400 }),
        (agents, grams, hardnessMgL) => {
          const pours = agents.map(({ id, form, strength }) =>
            form === 'liquid'
              ? pour(id, null, grams, strength?.recipe ?? null)
              : pour(id, grams, null, strength?.recipe ?? null),
          );
          const rough = roughPH(pours, 1000, hardnessMgL, knowledge);
          const fine = bathPH(pours, pours, { volumeML: 1000, hardnessMgL }, 25, knowledge);
          expect(
            rough && fine && rough.high >= fine.low - ROUGH_PH && rough.low <= fine.high + ROUGH_PH,
          ).toBe(true);
        },
      ),
    );
  });
  it('says nothing where nothing decides or nothing is liquid', () => {
    expect(roughPH([], 1000, 200, knowledge)).toBeNull();
    expect(roughPH([pour('tableSalt', 10)], 1000, 200, knowledge)).toBeNull();
    expect(roughPH([pour('washingSoda', 10)], 0, 200, knowledge)).toBeNull();
  });
});
