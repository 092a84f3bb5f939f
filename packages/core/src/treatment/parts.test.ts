import { describe, expect, it } from 'vitest';
import { selectVessel } from '../bath/selectVessel.js';
import { strengthFindings } from '../gates/strengthFindings.js';
import type { Household } from '../household/household.js';
import { cases, contextOf, household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { methodCautions } from './actions/methodCautions.js';
import { signsFor } from './actions/signsFor.js';
import { expectedEffect } from './assess/effect/expectedEffect.js';
import { harshnessHere, riskOf } from './assess/risk.js';
import { workWindow } from './assess/workWindow.js';
import type { PlanContext } from './case/planContext.js';
import { bathAskedFor } from './case/planContext.js';
import { measureIngredient } from './recipe/measureIngredient.js';
import { recipe } from './recipe/recipe.js';

const found = <T extends { id: string }>(family: readonly T[], id: string): T => {
  const record = family.find((candidate) => candidate.id === id);
  if (!record) throw new Error(`no ${id}`);
  return record;
};
const method = (id: string) => found(knowledge.methods, id);
const agent = (id: string) => found(knowledge.agents, id);

const plainly = (id: string, context: PlanContext) => ({
  method: method(id),
  standIn: null,
  window: workWindow(method(id), null, context),
});

describe('the work window', () => {
  it('takes a hot method as hot as label, taps and kettle allow', () => {
    expect(workWindow(method('oxygenSoak'), null, contextOf(cases.beetrootOnDamask)).tempC).toEqual({
      min: 30,
      max: 60,
      target: 60,
    });
    const noKettle = { ...household, taps: { ...household.taps, kettleL: 0 } };
    expect(
      workWindow(method('oxygenSoak'), null, contextOf(cases.beetrootOnDamask, noKettle)).tempC.target,
    ).toBe(52);
  });
  it('takes a cold method as the tap gives it', () => {
    expect(workWindow(method('coldSoak'), null, contextOf(cases.bloodOnWoolBlanket)).tempC.target).toBe(11);
  });
  it('names the limit that keeps it cooler', () => {
    expect(
      workWindow(method('longOxygenSoak'), null, contextOf(cases.yellowPetticoat)).tempLimit,
    ).toMatchObject({
      maxC: 40,
      owner: { kind: 'label' },
    });
  });
  it('bounds rounds and dwell by what the fibre stands of a chemistry', () => {
    const window = workWindow(
      { ...method('peroxideDab'), maxRounds: 9, dwellMin: { min: 5, max: 90, lookEvery: 45 } },
      null,
      contextOf(cases.bloodOnWoolBlanket),
    );
    expect(window).toMatchObject({ maxRounds: 2, dwellMin: { min: 5, max: 30, lookEvery: 30 } });
  });
  it('softens a brush where the fibre asks for pressing', () => {
    expect(
      workWindow(method('enzymePretreat'), null, contextOf(trouble('egg', piece('shirt', { viscose: 100 }))))
        .action,
    ).toBe('press');
  });
});

describe('the expected effect', () => {
  const effect = (facts: TroubleFacts, id: string, tempC = 40) => {
    const context = contextOf(facts);
    const window = workWindow(method(id), null, context);
    return expectedEffect(
      method(id),
      null,
      { ...window, tempC: { ...window.tempC, target: tempC } },
      context,
    );
  };
  it('weighs components: an alcohol does nothing to blood', () => {
    expect(effect(cases.bloodOnWoolBlanket, 'alcoholSpot')).toMatchObject({ low: 0, high: 0 });
  });
  it('rises with warmth for an oxygen bath, steeply below 30 °C', () => {
    const highAt = (tempC: number) => effect(cases.beetrootOnDamask, 'oxygenSoak', tempC).high;
    expect(highAt(20)).toBeLessThan(highAt(30));
    expect(highAt(30)).toBeLessThan(highAt(40));
    expect(highAt(40)).toBeLessThanOrEqual(highAt(60));
  });
  it('falls with heat only for what heat sets', () => {
    const tumbled = (facts: TroubleFacts) => effect({ ...facts, heat: 'tumbled' }, 'coldFlush').high;
    expect(tumbled(cases.bloodOnWoolBlanket)).toBeLessThan(
      effect(cases.bloodOnWoolBlanket, 'coldFlush').high,
    );
    const scale = trouble('scale', piece('towel', { cotton: 100 }), { size: 'allOver' });
    expect(effect({ ...scale, heat: 'tumbled' }, 'citricSoak')).toEqual(effect(scale, 'citricSoak'));
  });
  it('does not count age against yellowing, which is old by nature', () => {
    expect(effect({ ...cases.yellowPetticoat, age: 'minutes' }, 'longOxygenSoak')).toEqual(
      effect({ ...cases.yellowPetticoat, age: 'months' }, 'longOxygenSoak'),
    );
  });
});

describe('the recipe', () => {
  it('scales a bath with the piece', () => {
    const of = (dryMassG: number) => {
      const context = contextOf({
        ...cases.beetrootOnDamask,
        piece: { ...cases.beetrootOnDamask.piece, dryMassG },
      });
      return recipe(plainly('oxygenSoak', context), context);
    };
    expect(of(1200).bath?.waterL).toBeCloseTo(14.5, 1);
    expect(of(1200).vessel?.id).toBe('bath');
    expect((of(1200).ingredients[0]?.massG ?? 0) / (of(1200).bath?.waterL ?? 1)).toBeCloseTo(7.5, 1);
    expect((of(600).ingredients[0]?.massG ?? 0) / (of(600).bath?.waterL ?? 1)).toBeCloseTo(7.5, 1);
  });
  it('keeps parts in proportion for a small mix', () => {
    const context = contextOf(cases.fishOverall);
    const made = recipe(plainly('vinegarSpot', context), context);
    expect(made.ingredients[0]?.volumeML).toBe(made.waterML);
  });
  it('gives powder and detergent used one after the other each its own amount', () => {
    const context = contextOf(trouble('saladOil', piece('tShirt', { cotton: 100 })));
    const made = recipe(plainly('absorbentThenDetergent', context), context);
    const [powder, detergent] = made.ingredients.map((ingredient) => ingredient.volumeML ?? 0);
    expect(detergent).toBeCloseTo((powder ?? 0) / 20, 1);
  });
  it('never drenches a surface whose mark has no size', () => {
    const context = contextOf({ ...cases.blackberryOnArmchair, size: 'allOver' });
    const made = recipe(plainly('coldBlot', context), context);
    expect(made.ingredients[0]?.volumeML).toBeLessThanOrEqual(350);
  });
});

describe('an ingredient', () => {
  const wanted = { unit: 'g', amount: 52.5, low: 35, high: 70 } as const;
  it('is measured by spoon without a scale and weighed with one', () => {
    expect(measureIngredient(agent('oxygenBleach'), wanted, household)).toMatchObject({
      basis: 'measured',
      massG: 52.5,
      volumeML: 52.5,
    });
    expect(measureIngredient(agent('oxygenBleach'), wanted, { ...household, hasScale: true }).basis).toBe(
      'weighed',
    );
  });
  it('goes through bulk density: 30 g of starch fill more than 50 mL (USDA 0.54 g/mL)', () => {
    expect(
      measureIngredient(agent('absorbentPowder'), { ...wanted, amount: 30 }, household).volumeML,
    ).toBeCloseTo(55.5, 0);
  });
  it('cuts 12 % peroxide down to 3 %: a quarter of it, three quarters water', () => {
    const strong = { ...household, cupboard: [{ agentId: 'peroxide', strengthPct: 12 }] };
    const made = measureIngredient(
      agent('peroxide'),
      { unit: 'mL', amount: 100, low: 80, high: 125 },
      strong,
    );
    expect(made).toMatchObject({
      volumeML: 25,
      strengthPct: 12,
      dilution: { fromPct: 12, toPct: 3, waterML: 75 },
      range: { low: 20, high: 31.5 },
    });
  });
});

describe('a vessel', () => {
  const chosen = (home: Household, id = 'oxygenSoak', facts: TroubleFacts = cases.beetrootOnDamask) =>
    selectVessel(bathAskedFor(method(id), contextOf(facts, home)), home.vessels);
  it('is the smallest that holds water and piece without slopping', () => {
    expect(chosen(household)).toMatchObject({ kind: 'chosen', vessel: { id: 'basin' } });
  });
  it('bears what goes into it', () => {
    const zinc = {
      ...household,
      vessels: [
        {
          id: 'zinc',
          name: 'zinc tub',
          volumeL: 40,
          material: 'zinc' as const,
          lid: false,
          form: 'bathtub' as const,
          shape: null,
        },
      ],
    };
    expect(chosen(zinc)).toMatchObject({ kind: 'unsuitable', agentId: 'oxygenBleach' });
  });
  it('is said to be missing with the size that would do', () => {
    expect(chosen({ ...household, vessels: [] })).toMatchObject({
      kind: 'tooSmall',
      largestL: 0,
      neededL: 8.7,
    });
  });
});

describe('strength', () => {
  const codes = (agentId: string, strengthPct: number | null) =>
    strengthFindings(agent(agentId), { ...household, cupboard: [{ agentId, strengthPct }] }).map(
      (finding) => finding.code,
    );
  it.each([
    ['peroxide', null, ['strengthUnknown']],
    ['peroxide', 3, []],
    ['peroxide', 12, []],
    ['peroxide', 30, ['strengthTooHigh']],
    ['vinegar', 2, ['strengthTooLow']],
    ['ammonia', null, ['strengthUnknown']],
    ['dishDetergent', null, []],
  ] as const)('of %s at %s gives %j', (agentId, pct, expected) => {
    expect(codes(agentId, pct)).toEqual(expected);
  });
});

describe('cautions and signs', () => {
  const cautions = (facts: TroubleFacts, id: string) =>
    methodCautions(method(id), workWindow(method(id), null, contextOf(facts)), contextOf(facts));
  it('warn from 45 °C and call for tongs above 50 (Moritz and Henriques, recalled)', () => {
    const highAt = (target: number) =>
      methodCautions(
        method('oxygenSoak'),
        {
          ...workWindow(method('oxygenSoak'), null, contextOf(cases.beetrootOnDamask)),
          tempC: { min: 30, max: 60, target },
        },
        contextOf(cases.beetrootOnDamask),
      );
    expect(highAt(44)).not.toContain('hotWater');
    expect(highAt(45)).toContain('hotWater');
    expect(highAt(51)).toContain('tongs');
  });
  it('stay with a solvent, and keep its pads from a heap', () => {
    expect(cautions(trouble('ballpoint', piece('shirt', { cotton: 100 })), 'alcoholSpot')).toEqual(
      expect.arrayContaining(['stayWithIt', 'flammable', 'solventPads']),
    );
  });
  it('say what is normal only where it can happen', () => {
    const signs = (facts: TroubleFacts, id: string) => signsFor(method(id), contextOf(facts)).expectedSignIds;
    expect(signs(cases.bloodOnWoolBlanket, 'peroxideDab')).toContain('fizzOnBlood');
    expect(signs(cases.bloodOnWoolBlanket, 'coldFlush')).not.toContain('fizzOnBlood');
    expect(
      signs(trouble('redWine', piece('tableLinen', { linen: 100 }, { label: label(60) })), 'oxygenSoak'),
    ).toContain('blueTurn');
  });
  it('watch for felting on wool and for stickiness on acetate', () => {
    expect(signsFor(method('coldFlush'), contextOf(cases.bloodOnWoolBlanket)).alarmSignIds).toContain(
      'felting',
    );
    expect(signsFor(method('alcoholSpot'), contextOf(cases.varnishOnAcetate)).alarmSignIds).toContain(
      'sticky',
    );
  });
});

describe('gentleness', () => {
  it('counts a test as harsher and a lost dye as much harsher', () => {
    const test = {
      code: 'hiddenTestFirst',
      facts: { chemistry: 'reducer', owner: { kind: 'noLabel' } },
      sourceIds: [],
    } as const;
    const dye = { code: 'ownDyeAtRisk', facts: { agentId: 'runRemover' }, sourceIds: [] } as const;
    expect([
      harshnessHere(method('oxygenSoak'), []),
      harshnessHere(method('oxygenSoak'), [test]),
      harshnessHere(method('oxygenSoak'), [test, dye]),
    ]).toEqual([5, 6, 9]);
    expect([riskOf(5), riskOf(6), riskOf(8)]).toEqual(['low', 'fair', 'high']);
  });
});
