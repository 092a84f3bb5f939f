import { describe, expect, it } from 'vitest';
import { household, knowledge } from '../test/fixtures.js';
import { answerQuestion, type TableAnswer } from './answerQuestion.js';
import type { TableQuestion } from './tableQuestion.js';

const home = { ...household, boraxSold: true };

function ask<Kind extends TableQuestion['kind']>(question: Extract<TableQuestion, { kind: Kind }>) {
  return answerQuestion(question, home, knowledge) as Extract<TableAnswer, { kind: Kind }>;
}

describe('the table the other way round', () => {
  /** C₁V₁ = C₂V₂ (shared reference, section 2). */
  it('300 mL at 3 % from 12 % peroxide: 75 mL and 225 mL of water', () => {
    const { product, water } = ask({ kind: 'dilute', fromPct: 12, toPct: 3, finalML: 300 });
    expect(product.volumeML).toBeCloseTo(75, 9);
    expect(water.volumeML).toBeCloseTo(225, 9);
    expect(product.snapped?.volumeML).toBeCloseTo(75, 6);
  });
  it('a 2 to 1 mix for 40 cm²', () => {
    const { totalML, product, water } = ask({
      kind: 'spot',
      productParts: 2,
      waterParts: 1,
      areaCm2: 40,
      wet: 'wet',
    });
    expect(product.volumeML + water.volumeML).toBeCloseTo(totalML, 9);
    expect(product.volumeML / water.volumeML).toBeCloseTo(2, 9);
    expect(totalML).toBeGreaterThanOrEqual(30);
  });
  it('borax and soda for a 14 L bucket from a 30 L tub', () => {
    const quarter = (agentId: string) => ({ agentId, amount: 0.25, unit: 'usCup', strengthPct: null });
    const { share, items } = ask({
      kind: 'scale',
      items: [quarter('borax'), quarter('washingSoda')],
      fromL: 30,
      toL: 14,
    });
    expect(share).toBeCloseTo(14 / 30, 9);
    expect(items[0]?.volumeML).toBeCloseTo((236.5882365 / 4) * (14 / 30), 6);
    /** Bulk density of borax 0.85 g/mL (estimate from memory). */
    expect(items[0]?.massG).toBeCloseTo(23.46, 1);
  });
  it('scales nothing that must not be mixed, whatever the unit', () => {
    const items = ['chlorineBleach', 'vinegar'].map((agentId) => ({
      agentId,
      amount: 2,
      unit: 'usCup',
      strengthPct: 5,
    }));
    const answer = answerQuestion({ kind: 'scale', items, fromL: 30, toL: 14 }, home, knowledge);
    expect(answer).toMatchObject({
      kind: 'refused',
      findings: expect.arrayContaining([expect.objectContaining({ code: 'mustNotMeet' })]),
    });
  });
  it('what is left in a bottle of 3 % opened a year ago', () => {
    const { pct, volumes } = ask({ kind: 'opened', pct: 3, months: 12 });
    expect(pct.low).toBeLessThan(pct.likely);
    expect(pct.high).toBeLessThan(3);
    /** Shared reference, section 2: 3 % w/v is 9.88 volumes. */
    expect(volumes).toBeCloseTo(9.88, 2);
  });
  it('pours nothing without its cautions', () => {
    const soda = { agentId: 'washingSoda', amount: 20, unit: 'g', strengthPct: null };
    expect(ask({ kind: 'scale', items: [soda], fromL: 30, toL: 14 }).cautionIds).toContain('eyesAlkali');
    expect(ask({ kind: 'dilute', fromPct: 12, toPct: 3, finalML: 300 }).cautionIds).toContain('strongBottle');
    expect(ask({ kind: 'raise', waterL: 10, clothG: 0, fromC: 20, toC: 40 }).cautionIds).toContain('tongs');
    expect(ask({ kind: 'blend', waterL: 10, wantedC: 30 }).cautionIds).toEqual([]);
  });
  it('eleven kettles bring 40 L from 45 to 60 °C', () => {
    expect(ask({ kind: 'raise', waterL: 40, clothG: 0, fromC: 45, toC: 60 })).toMatchObject({
      kettles: 11,
      tapL: null,
    });
  });
  it('hot and cold and kettle for a temperature', () => {
    const { shares } = ask({ kind: 'blend', waterL: 10, wantedC: 40 });
    expect(shares.hotTapL * 52 + shares.coldL * 11).toBeCloseTo(400, 6);
  });
  it('a lidded bucket of 60 °C is below 40 °C after some hours, sooner without its lid', () => {
    const cool = (lid: boolean) =>
      ask({ kind: 'cool', vesselId: 'bucket', lid, waterL: 10, startC: 60, wantedC: 40 }).minutes?.likely ??
      0;
    expect(cool(true)).toBeGreaterThan(120);
    expect(cool(true)).toBeGreaterThan(cool(false));
    expect(
      ask({ kind: 'cool', vesselId: 'bucket', lid: true, waterL: 10, startC: 60, wantedC: 15 }).minutes,
    ).toBeNull();
  });
  it.each<[string, TableQuestion]>([
    ['cannotStrengthen', { kind: 'dilute', fromPct: 3, toPct: 12, finalML: 300 }],
    ['fromPct', { kind: 'dilute', fromPct: Number.NaN, toPct: 3, finalML: 300 }],
    ['areaCm2', { kind: 'spot', productParts: 1, waterParts: 1, areaCm2: -4, wet: 'wet' }],
    ['toL', { kind: 'scale', items: [], fromL: 30, toL: 0 }],
    ['toC', { kind: 'raise', waterL: 10, clothG: 0, fromC: 40, toC: 95 }],
    ['waterL', { kind: 'cool', vesselId: 'bucket', lid: true, waterL: 99, startC: 60, wantedC: 40 }],
    ['no such vessel', { kind: 'cool', vesselId: 'pond', lid: true, waterL: 9, startC: 60, wantedC: 40 }],
  ])('says %s', (quantity, question) => {
    expect(() => answerQuestion(question, household, knowledge)).toThrow(quantity);
  });
});
