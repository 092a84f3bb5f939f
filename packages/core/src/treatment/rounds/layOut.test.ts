import { describe, expect, it } from 'vitest';
import { household, knowledge, label, piece, trouble } from '../../test/fixtures.js';
import { planTreatment } from '../planTreatment.js';

const shirt = piece('shirt', { cotton: 100 }, { colour: 'white', label: label(60) });
const plan = (...of: Parameters<typeof trouble>) => planTreatment(trouble(...of), household, knowledge);
const first = (made: ReturnType<typeof plan>) => made.rounds[0]?.passes.map(({ methodId }) => methodId) ?? [];
const atOnce = (made: ReturnType<typeof plan>) => made.atOnce.actions.flatMap(({ verbs }) => verbs);

describe('what the first seconds do', () => {
  it('to something fresh is no step as well', () => {
    const fresh = plan('tomato', shirt, { age: 'minutes', wetness: 'wet' });
    expect(atOnce(fresh)).toContain('lift');
    expect(first(fresh)).not.toContain('liftOff');
    expect(first(fresh).length).toBeGreaterThan(0);
  });
  it('to something old stays a step: a crust comes off slowly', () => {
    expect(first(plan('emulsionPaint', shirt, { age: 'days', wetness: 'dry' }))).toContain('liftOff');
  });
  it('to something dry stays a step', () => {
    const waistcoat = piece('waistcoat', { wool: 100 }, { label: { ...label(40), wash: { kind: 'never' } } });
    const egg = plan('egg', waistcoat, { age: 'hours', wetness: 'dry' });
    expect(first(egg)).toEqual(['liftOff', 'coldBlot']);
  });
});

describe('where no course speaks of such a piece', () => {
  it('what was worked out has an end all the same', () => {
    const coat = piece('filledCoat', { polyamide: 100 }, { label: null, condition: 'worn' });
    const parts = [
      { name: 'shell', fibres: [{ fibreId: 'polyamide', sharePct: 100 }] },
      { name: 'filling', fibres: [{ fibreId: 'down', sharePct: 100 }] },
    ];
    const made = plan('sweatYellow', { ...coat, parts }, { age: 'months', wetness: 'dry' });
    expect(made.rounds.length).toBeGreaterThan(0);
    expect(made.ends.map(({ next }) => next)).toEqual(['professional']);
  });
});

describe('several troubles at once', () => {
  const both = (first: string, second: string, facts: Parameters<typeof trouble>[2] = {}) =>
    plan(first, shirt, { age: 'hours', markIds: [first, second], ...facts });
  it('wax meets no iron where wine would bake with it', () => {
    const linen = piece('tableLinen', { linen: 100 }, { label: { ...label(60), iron: 'high' } });
    const wax = plan('candleWax', linen, { age: 'hours' });
    expect(first(wax)).toContain('ironThroughPaper');
    const wine = plan('candleWax', linen, { age: 'hours', markIds: ['candleWax', 'redWine'] });
    expect(first(wine)).not.toContain('ironThroughPaper');
  });
  it('mud dries before any water runs at blood beside it', () => {
    expect(atOnce(both('blood', 'mud'))).toContain('letDry');
    expect(atOnce(both('blood', 'mud'))).not.toContain('coldFlush');
    expect(atOnce(plan('blood', shirt, { age: 'hours' }))).toContain('coldFlush');
  });
  it('fuel is aired before anything else is urgent', () => {
    const fuel = both('fuelSpill', 'chainGrease', { age: 'minutes', wetness: 'wet' });
    expect(atOnce(fuel).filter((verb) => verb !== 'airOutdoors' && verb !== 'protect')).toEqual([]);
    expect(fuel.atOnce.donts.join(' ')).not.toContain('No water before the solvent');
  });
});

describe('grey from residue', () => {
  const grey = (hardnessMgL: number) => {
    const { keep, verdict } = planTreatment(
      trouble('residueGrey', shirt, { size: 'allOver', age: 'months' }),
      { ...household, hardnessMgL },
      knowledge,
    );
    return [...keep.never.map(({ what }) => what), ...verdict.flatMap(({ causeActions }) => causeActions)];
  };
  it('asks for the full dose in hard water, for half of it in soft', () => {
    expect(grey(350).join(' ')).toMatch(/full dose for hard water/);
    expect(grey(350)).not.toContain('More detergent.');
    expect(grey(50).join(' ')).toMatch(/Half the dose/);
  });
});
