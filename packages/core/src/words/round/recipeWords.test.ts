import { describe, expect, it } from 'vitest';
import type { Action } from '../../treatment/plan/action.js';
import type { Ingredient } from '../../treatment/plan/recipe.js';
import type { Round } from '../../treatment/plan/round.js';
import type { Lexicon } from './lexicon.js';
import { labelWords, recipeStretches, recipeWords, twoFigures } from './recipeWords.js';
import { dryingWords } from './roundWords.js';

const NAMES: Readonly<Record<string, string>> = {
  dish: 'dish detergent (clear)',
  neat: 'Dish detergent, worked in neat',
  peroxide: 'hydrogen peroxide',
  dab: 'Peroxide 3 %, dabbed',
  oxygen: 'oxygen bleach for colours',
  soak: 'Oxygen soak for colours',
  bioWash: 'Machine wash with enzymes',
  bio: 'liquid detergent with enzymes',
  plainDetergent: 'enzyme-free liquid detergent',
};
const say: Lexicon = {
  name: (id) => NAMES[id] ?? id,
  temp: (tempC) => `${Math.round(tempC)} °C`,
  volume: (volumeML) => (volumeML >= 1000 ? `${volumeML / 1000} L` : `${volumeML} mL`),
};
const pour = (agentId: string, more: Partial<Ingredient> = {}): Ingredient =>
  ({
    agentId,
    basis: 'measured',
    massG: null,
    volumeML: 12.7,
    snapped: null,
    strengthPct: null,
    range: null,
    ...more,
  }) as Ingredient;
const action = (kind: Action['kind'], more: Partial<Action> = {}): Action =>
  ({ kind, ingredients: [], bath: null, waterML: null, tempC: null, programme: null, ...more }) as Action;
const warm = (target: number) => ({ target, min: target, max: target }) as Action['tempC'];
const wait = (aimMin: number | null) =>
  action('dwell', { dwell: { minMin: 10, maxMin: 15, aimMin } as Action['dwell'] });
const words = (methodId: string, ...actions: Action[]) =>
  recipeWords({ methodId, actions }, say).replaceAll('\u00a0', ' ');

describe('the figures of a step', () => {
  it('are amount and time; a product that the title names is not named again, and a neat one has no warmth', () => {
    expect(words('neat', action('mix', { ingredients: [pour('dish')], tempC: warm(40) }), wait(null))).toBe(
      '13 mL, 10–15 min',
    );
    expect(words('dab', action('mix', { ingredients: [pour('peroxide', { strengthPct: 3 })] }))).toBe(
      '13 mL',
    );
  });
  it('name a product that the title only half names, and each of several', () => {
    const bath = { waterL: 12 } as Action['bath'];
    expect(
      words('soak', action('mix', { ingredients: [pour('oxygen', { massG: 91 })], bath, tempC: warm(40) })),
    ).toBe('91 g oxygen bleach for colours, in 12 L at 40 °C');
    expect(words('neat', action('mix', { ingredients: [pour('dish'), pour('peroxide')] }))).toBe(
      '13 mL dish detergent + 13 mL hydrogen peroxide',
    );
  });
  it('leave plain water out, and take the warmth of the step itself', () => {
    expect(
      words(
        'neat',
        action('rinseBefore', { tempC: warm(12) }),
        action('apply', { ingredients: [pour('water')], tempC: warm(38) }),
      ),
    ).toBe('38 °C');
    expect(words('neat')).toBe('');
  });
  it('say what is put on of a mix, and what is poured in goes', () => {
    const putOn = (goes?: number) =>
      action('apply', {
        putOn: { volumeML: 5.7, snapped: null, ...(goes ? { goes } : {}) } as Action['putOn'],
      });
    expect(words('neat', putOn())).toBe('Put on 5.7 mL');
    expect(words('neat', putOn(3))).toBe('5.7 mL a go');
  });
  it('of a wash are by the label, with the usual dose where none was entered', () => {
    const usual = { low: 30, high: 78, unit: 'mL' as const };
    expect(labelWords(pour('dish', { basis: 'label', volumeML: 60, range: usual }), 'soap', say)).toBe(
      'soap by its label (usually 60 mL)',
    );
    expect(labelWords(pour('dish', { basis: 'label', volumeML: 45 }), 'soap', say)).toBe(
      '45 mL soap, as its label says',
    );
    expect(labelWords(pour('dish', { basis: 'label', volumeML: null }), '', say)).toBe('by its label');
  });
  it('of a wash name the detergent by what its title leaves open', () => {
    const wash = (agentId: string) =>
      words('bioWash', action('mix', { ingredients: [pour(agentId, { basis: 'label', volumeML: null })] }));
    expect(wash('bio')).toBe('Detergent by its label');
    expect(wash('plainDetergent')).toBe('Enzyme-free liquid detergent by its label');
  });
  it('stand out where they are shown', () => {
    const mix = action('mix', { ingredients: [pour('oxygen')] });
    expect(recipeStretches({ methodId: 'soak', actions: [mix] }, say)).toEqual([
      { text: '13 mL', strong: true },
      { text: ' oxygen bleach for colours', strong: false },
    ]);
  });
  it('have two digits', () => {
    expect([0, 0.123, 5.66, 12.7, 91.4, 1234].map(twoFigures)).toEqual([0, 0.12, 5.7, 13, 91, 1200]);
  });
});

describe('drying', () => {
  const drying = (...dryingWays: string[]) =>
    ({
      action: { dryingWays, notes: ['A fan on it.'] },
      minutes: { low: 180, likely: 300, high: 900 },
    }) as unknown as NonNullable<Round['drying']>;
  it('bans heat only where it is dried without', () => {
    expect(dryingWords(drying('line', 'flat'))).toEqual([
      'Dry: line or flat, 3–15 h.',
      'No dryer, no iron yet.',
      'A fan on it.',
    ]);
    expect(dryingWords(drying('tumbleLow')).join(' ')).not.toContain('No dryer');
    expect(dryingWords(drying())[0]).toBe('Dry: where it is, 3–15 h.');
  });
});
