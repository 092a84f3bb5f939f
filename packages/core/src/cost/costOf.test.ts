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

const mix = found(({ kind, ingredients }) => kind === 'mix' && ingredients.length > 0);
const { outlook } = found((one) => one.outlook !== null);
const filled = found((one) => one.bath !== null).bath;
const [ingredient] = mix.ingredients;
const poured = (agentId: string, massG: number | null, volumeML: number | null) => ({
  ...(ingredient ?? expect.unreachable('one')),
  ...{ agentId, massG, volumeML },
});
/** Two lots of a bath of 20 L that takes 0.6 kWh. */
const bath = {
  ...mix,
  ...{ ingredients: [], rinses: null, programme: null, batches: 2 },
  bath: { ...(filled ?? expect.unreachable('a bath')), waterL: 20 },
  outlook: { ...(outlook ?? expect.unreachable('an outlook')), energyKWh: 0.6 },
} as Action;
/** Neither water nor heat. */
const dry = { ...bath, bath: null, outlook: null, batches: 1 } as Action;

describe('what a pass costs', () => {
  it('products count by kilogram or litre, for each lot', () => {
    const agents = { citricAcid: 4, dishDetergent: 5 };
    const acid = { ...dry, batches: 2, ingredients: [poured('citricAcid', 10, null)] };
    const soap = { ...dry, ingredients: [poured('dishDetergent', null, 30)] };
    // 10 g at 4 a kilogram, twice; 30 mL at 5 a litre.
    expect(cost(acid, { ...PRICES, agents }).amount).toBeCloseTo(0.08, 9);
    expect(cost(soap, { ...PRICES, agents }).amount).toBeCloseTo(0.15, 9);
  });

  it('of a product by weight and volume the weight counts', () => {
    const soap = { ...dry, ingredients: [poured('dishDetergent', 20, 30)] };
    expect(cost(soap, { ...PRICES, agents: { dishDetergent: 5 } }).amount).toBeCloseTo(0.1, 9);
  });

  it('a product without a price, or without an amount, is left open; plain water is none', () => {
    const agents = { citricAcid: 4 };
    const ofOne = (one: ReturnType<typeof poured>) =>
      cost({ ...dry, ingredients: [one] }, { ...PRICES, agents });
    expect(ofOne(poured('dishDetergent', null, 30)).isUnknown).toBe(true);
    expect(ofOne(poured('citricAcid', null, null)).isUnknown).toBe(true);
    const both = cost(
      { ...dry, ingredients: [poured('water', null, 30), poured('citricAcid', 10, null)] },
      { ...PRICES, agents },
    );
    expect(both).toEqual({ amount: expect.closeTo(0.04, 9), isAtLeast: false, isUnknown: false });
  });

  it('a bath counts its water and its heat, for each lot', () => {
    expect(cost(bath, { ...PRICES, kWh: 3 }).amount).toBeCloseTo(2 * 20 * 0.01 + 2 * 0.6 * 3, 9);
  });

  it('neither water nor heat is missing where none is used', () => {
    const free = cost(dry, { ...NO_PRICES, hour: 12 });
    expect(free).toEqual({ amount: 6, isAtLeast: false, isUnknown: false });
  });

  it('trying for nothing breaks even never', () => {
    expect(breakEvenTries({ amount: 0, isAtLeast: false, isUnknown: false }, 10)).toBeNull();
    expect(breakEvenTries({ amount: 3, isAtLeast: false, isUnknown: true }, 10)).toBeNull();
  });
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
