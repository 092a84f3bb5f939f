import { describe, expect, it } from 'vitest';
import { contextOf, household, knowledge, label, piece, trouble } from '../../test/fixtures.js';
import { findingWords } from '../../words/findings/findingWords.js';
import { planTreatment } from '../planTreatment.js';
import { fannedMin, thicknessOf } from './fannedDrying.js';

const contextFor = (itemId: string) => contextOf(trouble('coffee', piece(itemId, { cotton: 100 })));
const within = (readyInMin: number | null, itemId = 'shirt', tag = label(60)) => {
  const facts = trouble('coffee', piece(itemId, { cotton: 100 }, { colour: 'white', label: tag }), {
    age: 'hours',
  });
  const choices = { instead: {}, leftOut: [], order: [], vessels: {}, batches: null, readyInMin };
  return planTreatment({ ...facts, choices } as typeof facts, household, knowledge);
};
const dryingOf = (made: ReturnType<typeof within>) => made.rounds[0]?.drying;
const isLate = (made: ReturnType<typeof within>) => made.findings.find(({ code }) => code === 'notInTime');

describe('drying against the clock', () => {
  it('goes by the cloth: a sheet is thin for all its weight, terry is thick', () => {
    expect(thicknessOf(contextFor('bedSheet'))).toBe('thin');
    expect(thicknessOf(contextFor('shirt'))).toBe('thin');
    expect(thicknessOf(contextFor('towel'))).toBe('thick');
    expect(thicknessOf(contextFor('jeans'))).toBe('thick');
  });
  it('takes one to two hours spun and thin, longer rolled only, least where a place is wet', () => {
    expect(fannedMin('spun', contextFor('shirt'))).toEqual({ low: 60, likely: 90, high: 120 });
    expect(fannedMin('rolled', contextFor('shirt'))).toEqual({ low: 96, likely: 144, high: 192 });
    expect(fannedMin('patch', contextFor('shirt'))).toEqual({ low: 5, likely: 10, high: 40 });
    expect(fannedMin('spun', contextFor('towel')).low).toBe(240);
  });
  it('is chosen where it must be ready, and only there', () => {
    const usual = dryingOf(within(null));
    const hurried = dryingOf(within(24 * 60));
    expect(usual?.action.notes.join(' ')).not.toContain('fan');
    expect(hurried?.action.notes).toEqual(
      expect.arrayContaining(['Roll it in a towel first.', 'Then a cool fan.']),
    );
    expect(hurried?.minutes.likely).toBeLessThan(usual?.minutes.likely ?? 0);
  });
});

describe('what is not ready in time', () => {
  it('is said with its hours; nothing is said where there is time enough, or none is set', () => {
    const late = isLate(within(90, 'armchair', label(60)));
    expect(late?.facts).toMatchObject({ readyInMin: 90, inPlace: true });
    expect(late && findingWords(late, { name: (id) => id, temp: String, volume: String })).toMatch(
      /^Not ready in 90 min: about .* with drying\. Lay a dry towel on it/,
    );
    expect(isLate(within(null))).toBeUndefined();
    expect(isLate(within(48 * 60))).toBeUndefined();
  });
});
