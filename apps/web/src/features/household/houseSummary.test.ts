import type { Catalogue, HouseholdSettings } from '@feverfew/contracts';
import { expect, it } from 'vitest';
import { houseSummary } from './houseSummary';

const settings = (more: object = {}): HouseholdSettings =>
  ({
    household: {
      taps: { coldC: 12, hotC: 52, kettleL: 1.7 },
      hardnessMgL: 290,
      vessels: [{ name: '9 L basin' }, { name: 'stone sink' }],
      hasMachine: true,
      tools: ['jug', 'cup'],
      ownMeasures: [{ name: 'blue mug' }],
      hasScale: false,
      positions: {},
      ...more,
    },
    measures: { temperature: 'C', system: 'metric' },
  }) as unknown as HouseholdSettings;
const catalogue = { disputes: [{ id: 'dyeRun' }, { id: 'yellowing' }] } as unknown as Catalogue;

it('says what each part of a house is set to, in words and no ids', () => {
  expect(houseSummary(settings(), catalogue)).toMatchObject({
    vessels: '9 L basin, stone sink, machine',
    measures: expect.stringMatching(/^measuring jug, .*blue mug$/),
    lives: 'no one at risk',
    offered: 'only what is mild',
    views: 'as usual',
    shown: '°C, litres, grams',
  });
  expect(houseSummary(settings(), catalogue).water).toMatch(/^hot 52\s°C, very hard, kettle 1.7 L$/);
});

it('names who lives here, what strong things are allowed, and ways of our own', () => {
  const more = {
    asthma: true,
    pets: true,
    allowAmmonia: true,
    hasMachine: false,
    positions: { dyeRun: 'x' },
  };
  expect(houseSummary(settings(more), catalogue)).toMatchObject({
    lives: 'asthma, pets',
    offered: 'ammonia',
    views: '1 of our own',
    vessels: '9 L basin, stone sink, no machine',
  });
});

it('breaks on no figure that is being typed', () => {
  const emptied = settings({ taps: { coldC: 12, hotC: Number.NaN, kettleL: 0 }, hardnessMgL: Number.NaN });
  expect(houseSummary(emptied, catalogue).water).toBe('hot ?, no kettle');
});
