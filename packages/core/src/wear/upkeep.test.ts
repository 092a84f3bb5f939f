import { describe, expect, it } from 'vitest';
import { breakEvenTries, costOf, NO_PRICES } from '../cost/costOf.js';
import { cases, household, knowledge } from '../test/fixtures.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { NO_EXPOSURE } from './exposure.js';
import { upkeepDue, wearWarnings } from './upkeep.js';

const NOW = Date.UTC(2026, 5, 15);
const day = (daysAgo: number) => new Date(NOW - daysAgo * 86_400_000).toISOString();
const covers = { itemId: 'looseCover', fibreIds: ['cotton'], since: '2020-01-01', enteredAt: day(30) };

describe('upkeep', () => {
  const due = (doneAt: Record<string, string>, piece = covers) => upkeepDue(piece, doneAt, knowledge, NOW)[0];
  it('falls due an interval after it was last done, four months for covers', () => {
    expect(due({ coversWash: day(119) })?.isDue).toBe(false);
    expect(due({ coversWash: day(120) })?.isDue).toBe(true);
  });
  it('counts from the day the piece was entered where nobody noted it', () => {
    expect(due({})).toMatchObject({ lastAt: null, isDue: false });
    expect(due({}, { ...covers, enteredAt: day(150) })?.isDue).toBe(true);
  });
  it('counts age from the day it came into the house', () => {
    const mattress = { itemId: 'mattress', fibreIds: [], since: '2016-01-01', enteredAt: day(1) };
    const age = upkeepDue(mattress, {}, knowledge, NOW).find((one) => one.upkeep.kind === 'replace');
    expect(age?.isDue).toBe(true);
  });
});

describe('wear', () => {
  const shorts = { itemId: 'swimwear', fibreIds: ['polyamide', 'elastane'], since: null, enteredAt: day(1) };
  it('warns at the figure and not before, by kind or by fibre', () => {
    const rules = (machineWashes: number, piece = shorts) =>
      wearWarnings(piece, { ...NO_EXPOSURE, machineWashes }, knowledge).map((one) => one.rule.id);
    expect(rules(49)).toEqual([]);
    expect(rules(50)).toEqual(['elasticByWashes']);
    expect(rules(60, { ...shorts, itemId: 'sportsTop' })).toEqual(['elasticByWashes']);
    expect(rules(60, { ...shorts, itemId: 'sportsTop', fibreIds: ['wool'] })).toEqual([]);
  });
});

describe('cost', () => {
  const pass = planTreatment(cases.beetrootOnDamask, household, knowledge).passes.find(
    (one) => one.methodId === 'oxygenSoak',
  );
  const grams =
    pass?.actions.flatMap((action) => action.ingredients).find((one) => one.agentId === 'oxygenBleach')
      ?.massG ?? 0;
  it('is grams times price per kilogram, and says “at least” while something has no price', () => {
    const cost = pass && costOf(pass, { ...NO_PRICES, agents: { oxygenBleach: 10 } });
    expect(grams).toBeGreaterThan(0);
    expect(cost?.amount).toBeCloseTo((grams / 1000) * 10, 9);
    expect(cost).toMatchObject({ isAtLeast: true, isUnknown: false });
  });
  it('is not known without prices, and counts time only where the household does', () => {
    expect(pass && costOf(pass, NO_PRICES)).toMatchObject({ amount: 0, isUnknown: true });
    const hours = (pass?.handsOnMin ?? 0) / 60;
    expect(pass && costOf(pass, { ...NO_PRICES, hour: 12 }).amount).toBeCloseTo(12 * hours, 9);
  });
  it('breaks even after replacement over try, once at least', () => {
    const per = { amount: 1.5, isAtLeast: false, isUnknown: false };
    expect(breakEvenTries(per, 38)).toBe(25);
    expect(breakEvenTries(per, 1)).toBe(1);
    expect(breakEvenTries(per, null)).toBeNull();
    expect(breakEvenTries({ ...per, isUnknown: true }, 38)).toBeNull();
  });
});
