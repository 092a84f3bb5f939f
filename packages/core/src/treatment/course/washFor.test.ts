import { describe, expect, it } from 'vitest';
import { household, knowledge, label, piece, trouble } from '../../test/fixtures.js';
import { planTreatment } from '../planTreatment.js';

/* Ground: common practice, no source; what is catching, and nappies: lifted, flushed cold, then sixty degrees at once. */
const cover = piece('duvetCover', { cotton: 100 }, { colour: 'multicoloured', label: label(60) });
const washC = (of: typeof cover, markIds: readonly [string, ...string[]]) => {
  const told = { ...trouble(markIds[0], of, { age: 'hours', wetness: 'wet' }), markIds };
  const [first] = planTreatment(told, household, knowledge).rounds;
  const wash = first?.passes.find(({ phase }) => phase === 'wash');
  return wash?.actions.find(({ programme }) => programme)?.tempC?.target ?? null;
};

describe('germs go before the mark', () => {
  it('vomit at sixty, also where a second mark would bar a hot wash', () => {
    expect(washC(cover, ['vomit'])).toBe(60);
    expect(washC(cover, ['vomit', 'tomato'])).toBe(60);
    expect(washC(cover, ['tomato'])).toBe(40);
  });
  it('urine at sixty on a nappy, cooler on what is no such piece', () => {
    const nappy = piece('clothNappy', { cotton: 100 }, { colour: 'white', label: label(60) });
    expect(washC(nappy, ['humanUrine', 'scale'])).toBe(60);
    const shirt = piece('shirt', { cotton: 100 }, { colour: 'mid', label: label(60) });
    expect(washC(shirt, ['humanUrine'])).toBeLessThan(60);
  });
  it('never hotter than the tag', () => {
    expect(washC({ ...cover, label: label(40) }, ['vomit', 'tomato'])).toBeLessThanOrEqual(40);
  });
});
