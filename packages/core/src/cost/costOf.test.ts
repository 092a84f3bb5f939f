import { describe, expect, it } from 'vitest';
import { cases, household, knowledge } from '../test/fixtures.js';
import { type Action, runsInDrum } from '../treatment/plan/action.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { breakEvenTries, costOf, NO_PRICES, type Prices } from './costOf.js';

const actions = planTreatment(cases.beetrootOnDamask, household, knowledge).passes.flatMap(
  ({ actions }) => actions,
);
const found = (isIt: (action: Action) => boolean): Action => actions.find(isIt) ?? expect.unreachable('one');
const rinse = {
  ...found(({ kind }) => kind === 'apply'),
  ...{ kind: 'rinse' as const, programme: null },
  ...{ bath: null, outlook: null, ingredients: [], rinses: 2, batches: 3 },
};
const wash = { ...found(runsInDrum), ingredients: [] };
/** Round prices: a litre of water costs 0.01, a kilowatt-hour 1. */
const PRICES: Prices = { ...NO_PRICES, waterM3: 10, kWh: 1 };
const cost = (action: Action, prices = PRICES) => costOf({ actions: [action], handsOnMin: 30 }, prices);

describe('what a pass costs', () => {
  // From memory: a rinse of one bath takes about 8 L, a wash of the machine 50 L and half a kilowatt-hour.
  it('each change of rinse water counts 8 L, for each lot', () => {
    expect(cost(rinse as Action).amount).toBeCloseTo(2 * 3 * 8 * 0.01, 9);
  });

  it('a machine wash counts 50 L and 0.5 kWh', () => {
    expect(cost(wash as Action).amount).toBeCloseTo(50 * 0.01 + 0.5, 9);
  });

  it('an hour of a hand counts where the household prices it', () => {
    expect(cost(rinse as Action, { ...PRICES, hour: 12 }).amount).toBeCloseTo(0.48 + 6, 9);
  });

  it('says that it is at least so much where a price is missing, and nothing where all are', () => {
    expect(cost(wash as Action, { ...PRICES, kWh: null })).toEqual({
      ...{ amount: 0.5, isAtLeast: true, isUnknown: false },
    });
    expect(cost(wash as Action, NO_PRICES).isUnknown).toBe(true);
  });

  it('breaks even after as many tries as a new piece is worth', () => {
    const known = { amount: 3, isAtLeast: false, isUnknown: false };
    expect(breakEvenTries(known, 10)).toBe(3);
    expect(breakEvenTries(known, 1)).toBe(1);
    expect(breakEvenTries(known, null)).toBeNull();
  });
});
