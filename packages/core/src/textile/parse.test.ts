import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { knowledge } from '../test/fixtures.js';
import { parseBlend } from './parseBlend.js';
import { parseLabel } from './parseLabel.js';

const blend = (text: string) => {
  const { fibres, unread } = parseBlend(text, knowledge.fibres);
  return { shares: Object.fromEntries(fibres.map((share) => [share.fibreId, share.sharePct])), unread };
};

describe('a typed blend', () => {
  it.each([
    ['60 co 35 pes 5 el', { cotton: 60, polyester: 35, elastane: 5 }],
    ['60 % cotton, 40 % polyester', { cotton: 60, polyester: 40 }],
    ['wool 80 polyamide 20', { wool: 80, polyamide: 20 }],
    ['co/pes 65/35', { cotton: 65, polyester: 35 }],
    ['60CO 40LI', { cotton: 60, linen: 40 }],
    ['wool', { wool: 100 }],
    ['95 cotton elastane', { cotton: 95, elastane: 5 }],
    ['70% merino and 30% silk', { wool: 70, silk: 30 }],
    ['33.3 bamboo viscose 66.7 cotton', { viscose: 33.3, cotton: 66.7 }],
  ])('reads "%s"', (text, shares) => {
    expect(blend(text)).toEqual({ shares, unread: [] });
  });
  it('says what it could not read, and reads the rest', () => {
    expect(blend('60 co 40 moonweave')).toEqual({ shares: { cotton: 60 }, unread: ['40 moonweave'] });
  });
  it.each([
    ['-5 cotton 105 wool', { wool: 105 }, ['-5 cotton']],
    ['0 cotton 100 wool', { wool: 100 }, ['0 cotton']],
    ['100 cotton wool', { cotton: 100 }, ['wool']],
    ['60 cotton 40', { cotton: 60 }, ['40']],
    ['soft 60 cotton 40 silk', { cotton: 60, silk: 40 }, ['soft']],
  ])('drops nothing in silence: “%s”', (text, shares, unread) => {
    expect(blend(text)).toEqual({ shares, unread });
  });
  it('never gives a share that is not a number', () => {
    fc.assert(
      fc.property(fc.string(), (text) =>
        parseBlend(text, knowledge.fibres).fibres.every((share) => Number.isFinite(share.sharePct)),
      ),
    );
  });
});

describe('a typed label', () => {
  it.each([
    [
      '40 no bleach tumble low',
      { wash: { kind: 'machine', maxC: 40, bars: 0 }, bleach: 'never', tumble: 'low' },
    ],
    ['hand wash, dry flat', { wash: { kind: 'hand' }, natural: 'flat' }],
    [
      '60° oxygen only, do not tumble dry',
      { wash: { kind: 'machine', maxC: 60, bars: 0 }, bleach: 'oxygenOnly', tumble: 'never' },
    ],
    ['dry clean only', { wash: { kind: 'never' }, dryClean: 'P' }],
    [
      '30 very mild, no bleach, no iron, hang dry in shade',
      {
        wash: { kind: 'machine', maxC: 30, bars: 2 },
        bleach: 'never',
        iron: 'never',
        natural: 'line',
        shade: true,
      },
    ],
    ['104 F gentle', { wash: { kind: 'machine', maxC: 40, bars: 1 } }],
    [
      'machine wash warm, non-chlorine bleach, tumble dry medium, warm iron',
      {
        wash: { kind: 'machine', maxC: 30, bars: 0 },
        bleach: 'oxygenOnly',
        tumble: 'normal',
        iron: 'medium',
      },
    ],
    ['do not wash, do not dry clean', { wash: { kind: 'never' }, dryClean: 'never' }],
    [
      '95 any bleach tumble normal',
      { wash: { kind: 'machine', maxC: 95, bars: 0 }, bleach: 'any', tumble: 'normal' },
    ],
  ])('reads "%s"', (text, fields) => {
    const { label, unread } = parseLabel(text);
    expect(label).toMatchObject(fields);
    expect(unread).toEqual([]);
  });
  it('takes the gentler reading where words are ambiguous', () => {
    expect(parseLabel('hot').label.wash).toMatchObject({ maxC: 40 });
    expect(parseLabel('tumble').label.tumble).toBe('low');
    expect(parseLabel('45').label.wash).toMatchObject({ maxC: 40 });
  });
  it('never makes a bleach permission out of a ban, wherever the words stand', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray(['40', 'no bleach', 'tumble low', 'hand wash', 'dry flat']),
        (words) => {
          const bleach = parseLabel(words.join(' ')).label.bleach;
          expect(bleach).toBe(words.includes('no bleach') ? 'never' : null);
        },
      ),
    );
  });
  it('says what it could not read', () => {
    expect(parseLabel('40 spin with joy').unread).toEqual(['spin', 'joy']);
  });
});
