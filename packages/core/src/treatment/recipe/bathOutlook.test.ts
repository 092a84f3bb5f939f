import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Household } from '../../household/household.js';
import { anyFacts, anyHousehold } from '../../test/arbitraries.js';
import { cases, household, knowledge, label, piece, trouble } from '../../test/fixtures.js';
import { runs } from '../../test/propertyRuns.js';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import { actionWords } from '../../words/actionWords.js';
import { findingWords } from '../../words/findings/findingWords.js';
import { planTreatment } from '../planTreatment.js';

const say = {
  name: (id: string) => id,
  temp: (tempC: number) => `${Math.round(tempC)} °C`,
  volume: (mL: number) => `${Math.round(mL)} mL`,
};
const byHand = { ...household, hasMachine: false };
/** A house of open tubs: their contents cool. */
const openTubs = { ...byHand, vessels: household.vessels.filter(({ lid }) => !lid) };
const teaOnLinen = (maxC: 50 | 60) =>
  trouble('tea', piece('tableLinen', { linen: 100 }, { label: label(maxC) }), { age: 'days' });

function stepsOf(facts: TroubleFacts, methodId: string, home: Household = household) {
  const found = planTreatment(facts, home, knowledge).passes.find((one) => one.methodId === methodId);
  if (!found) throw new Error(`no pass ${methodId}`);
  const action = (kind: string) => found.actions.find((one) => one.kind === kind) ?? expect.unreachable(kind);
  return {
    found,
    mix: action('mix'),
    dwell: action('dwell'),
    text: found.findings.map((one) => findingWords(one, say)),
  };
}

describe('the bath of a pass', () => {
  it('states amount, strength after dilution, pH with its interval, warmth now and at the end, and its oxygen', () => {
    const { mix, dwell } = stepsOf(cases.yellowPetticoat, 'longOxygenSoak');
    expect(mix.ingredients[0]).toMatchObject({ massG: 41.5, strengthAfter: { value: 7.5, unit: 'g/L' } });
    expect(mix.pH).toMatchObject({ basis: 'computed', firm: true });
    expect(mix.pH?.low).toBeGreaterThan(9.5);
    expect(mix.pH?.high).toBeLessThan(11);
    expect(mix.outlook?.startC).toBeLessThanOrEqual(40);
    expect(mix.outlook?.startC).toBeGreaterThan(38);
    expect(mix.outlook?.endC.likely).toBeLessThan(mix.outlook?.startC ?? 0);
    /** 41.5 g powder of 13.5 % available oxygen in 5.5 L: 1.02 g/L. */
    expect(Math.abs((mix.outlook?.oxygen?.mgPerL ?? 0) - 1019)).toBeLessThan(40);
    expect(actionWords(dwell, say).lines.join(' ')).toMatch(
      /comes down to about .* °C.*of its oxygen is left/s,
    );
  });
  it('says how many kettles bring the tub up', () => {
    const { text } = stepsOf(cases.beetrootOnDamask, 'oxygenSoak');
    expect(text.join(' ')).toMatch(/Your tap gives 52 °C: \d+ mL just boiled bring this tub to 60 °C/);
  });
  it('says what cannot be reached, and the best there is', () => {
    const noKettle = { ...byHand, taps: { ...household.taps, kettleL: 0 } };
    const { text } = stepsOf(teaOnLinen(60), 'oxygenSoak', noKettle);
    expect(text.join(' ')).toMatch(/cannot be reached/);
    expect(text.join(' ')).not.toMatch(/brings? this tub to/);
  });
  it('answers baking soda with vinegar by numbers where a school still pours both', () => {
    const mattress = trouble('mattressRing', piece('mattress', { cotton: 100 }), {
      positions: Object.fromEntries(
        knowledge.positions
          .filter(
            ({ id }) => id === knowledge.methods.find((one) => one.id === 'mattressSodaVinegar')?.positionId,
          )
          .map(({ dispute, id }) => [dispute, id]),
      ),
    });
    const { found } = stepsOf(mattress, 'mattressSodaVinegar');
    expect(found.findings.find((one) => one.code === 'claimNeutralised')).toMatchObject({
      facts: { acidLeftPct: 0 },
    });
  });
  it('asks for more time in a cooler bath, inside what the method allows', () => {
    const reached = (maxC: 50 | 60) => {
      const { found, dwell } = stepsOf(teaOnLinen(maxC), 'oxygenSoak', openTubs);
      expect(dwell.dwell?.aimMin).toBeLessThanOrEqual(dwell.dwell?.maxMin ?? 0);
      expect(dwell.dwell?.aimMin).toBeGreaterThan(dwell.dwell?.minMin ?? 0);
      const longer = found.findings.find((one) => one.code === 'longerForCool') ?? expect.unreachable();
      return (longer.facts as { sharePct: number }).sharePct;
    };
    expect(reached(50)).toBeLessThan(reached(60));
  });
  it('cuts a soda dose where soft water would push the bath past what linen bears', () => {
    const stiff = trouble('stiffTowels', piece('towel', { linen: 100 }, { label: label(95) }), {
      size: 'allOver',
      age: 'months',
    });
    const strip = (hardnessMgL: number) => {
      const { found, mix } = stepsOf(stiff, 'deepStrip', { ...household, hasMachine: false, hardnessMgL });
      const perL = (agentId: string) =>
        (mix.ingredients.find((one) => one.agentId === agentId)?.range?.high ?? Number.NaN) /
        (mix.bath?.waterL ?? Number.NaN);
      return { perL, pH: mix.pH, cut: found.edges.filter((one) => one.code === 'notStrongerPH') };
    };
    const [soft, hard] = [strip(0), strip(290)];
    expect(soft.pH?.high).toBeLessThanOrEqual(11);
    expect(soft.perL('washingSoda')).toBeLessThan(hard.perL('washingSoda') - 0.2);
    // The detergent does not move the pH, so its dose stays.
    expect(soft.perL('liquidDetergent')).toBeCloseTo(hard.perL('liquidDetergent'), 1);
    expect(soft.cut.map((one) => one.facts)).toMatchObject([{ agentId: 'washingSoda', maxPH: 11 }]);
    expect(hard.cut).toEqual([]);
  });
  it('asks for hot water where a bath falls below what its method works at, and only if the tub has room', () => {
    const oil = trouble('saladOil', piece('tShirt', { cotton: 100 }, { label: label(60) }), {
      size: 'allOver',
      age: 'weeks',
    });
    const { mix, dwell } = stepsOf(oil, 'sodaSoak', openTubs);
    const up = mix.outlook?.topUp ?? expect.unreachable('a bath that cools in its time');
    expect(up.afterMin).toBeLessThan(dwell.dwell?.maxMin ?? 0);
    expect(up.toC).toBeLessThanOrEqual(40);
    expect(up.hotL + (mix.vessel?.fillL ?? 0)).toBeLessThan(mix.vessel?.volumeL ?? 0);
    expect(actionWords(dwell, say).lines.join(' ')).toMatch(/from the kettle brings it back to \d+ °C/);
  });
  it('is told of every bath, and never warmer than its own step allows', () => {
    fc.assert(
      fc.property(anyFacts, anyHousehold, (facts, home) => {
        for (const action of planTreatment(facts, home, knowledge).passes.flatMap((one) => one.actions)) {
          expect(action.outlook === null).toBe(
            action.bath === null && !(action.kind === 'dwell' && action.vessel !== null),
          );
          if (!action.outlook || !action.tempC) continue;
          expect(action.outlook.startC).toBeLessThanOrEqual(action.tempC.max + 0.1);
          for (const value of Object.values(action.outlook.endC)) expect(Number.isFinite(value)).toBe(true);
        }
      }),
      { numRuns: runs(150) },
    );
  });
  it('doses by the label of the house where it is entered, a wash by the wash and a bath by the litre', () => {
    const product = (agentId: string, perL: number | null) => ({
      agentId,
      capML: 35,
      labelDose: { amount: 35, unit: 'mL' as const, perL },
    });
    const wash = (products: Household['products']) =>
      stepsOf(cases.beetrootOnDamask, 'hotDetergentWash', { ...household, products }).mix.ingredients.find(
        (one) => one.basis === 'label' && one.volumeML !== null,
      );
    // The usual dose for such water, between half of it and a third more.
    expect(wash([])).toMatchObject({
      volumeML: 80,
      snapped: null,
      range: { low: 40, high: 104, unit: 'mL' },
    });
    const all = knowledge.agents
      .filter((agent) => agent.chemistries.includes('detergent'))
      .map(({ id }) => id);
    expect(wash(all.map((id) => product(id, null)))).toMatchObject({
      volumeML: 35,
      snapped: { counts: [{ name: 'cap', count: 1 }] },
    });
    expect(wash(all.map((id) => product(id, 5)))).toMatchObject({ volumeML: 80, snapped: null });
  });
});
