import type { LineView, LoadView, WashView, WetLine } from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { choresText, littleText } from './LoadText';
import { airText, helpText, rains, rangeText, stateText, todayAt } from './line/lineView';
import { drumsTitle, moved, provenText, sumText } from './washView';

const load = (pieceIds: string[], figures: Partial<LoadView> = {}) =>
  ({ pieceIds, minutes: 90, kWh: 0.5, waterL: 50, cost: null, ...figures }) as LoadView;
const wash = (figures: Partial<WashView> = {}) =>
  ({
    loads: [load(['a', 'b']), load(['c'])],
    pieces: [{}, {}, {}],
    proven: false,
    atMostFewer: 0,
    arranged: false,
    settings: { best: 0, leftOut: ['d'] },
    ...figures,
  }) as unknown as WashView;

describe('moving a piece', () => {
  it('to another drum, to one of its own, out of this wash, and back in', () => {
    expect(moved(wash(), 'a', 1)).toEqual({ arrangement: [['b'], ['c', 'a']], leftOut: ['d'] });
    expect(moved(wash(), 'c', 0)).toEqual({ arrangement: [['a', 'b', 'c']], leftOut: ['d'] });
    expect(moved(wash(), 'a', 'own')).toEqual({ arrangement: [['b'], ['c'], ['a']], leftOut: ['d'] });
    expect(moved(wash(), 'a', 'heap')).toEqual({ arrangement: [['b'], ['c']], leftOut: ['d', 'a'] });
    expect(moved(wash(), 'd', 0)).toEqual({ arrangement: [['a', 'b', 'd'], ['c']], leftOut: [] });
  });
});

describe('what is done by hand before', () => {
  it('stands together for the same pieces, and names none where it is for all', () => {
    const chores: LoadView['chores'] = [
      { chore: 'emptyPockets', pieceIds: ['jeans'] },
      { chore: 'openCollars', pieceIds: ['darks'] },
      { chore: 'insideOut', pieceIds: ['jeans'] },
    ];
    expect(choresText({ chores }, (id) => id, 2)).toBe(
      'Jeans: pockets empty, inside out; darks: collars and cuffs open',
    );
    expect(choresText({ chores: chores.slice(0, 1) }, (id) => id, 1)).toBe('Pockets empty');
  });
});

describe('a load of very little', () => {
  it('can wait, with its cost where it is washed now', () => {
    const programme = { capacityG: 4000 } as LoadView['programme'];
    expect(littleText(load(['a'], { massG: 240, programme }))).toBe(
      'Little for a drum: it can wait for more like it. Now it takes 1 h 30 min, 0.5 kWh and 50 L.',
    );
    expect(littleText(load(['a'], { massG: 600, programme }))).toBeNull();
  });
});

describe('what the head says', () => {
  it('proven, at most so many fewer, found, or arranged', () => {
    expect(provenText(wash())).toBe('the fewest possible: proven');
    expect(provenText(wash({ atMostFewer: 1 }))).toBe('at most 1 fewer is possible');
    const best = { settings: { best: 0.5 } } as Partial<WashView>;
    expect(provenText(wash(best))).toBe('the best that was found');
    expect(provenText(wash({ ...best, proven: true }))).toContain('proven');
    expect(provenText(wash({ arranged: true }))).toBe('as you arranged them');
    expect([drumsTitle(1), drumsTitle(3), drumsTitle(14)]).toEqual(['One drum', 'Three drums', '14 drums']);
  });
  it('adds up, with money only where it is known', () => {
    expect(sumText([load(['a']), load(['b'])], '€')).toBe('3 h, 1.0 kWh, 100 L');
    expect(sumText([load(['a'], { cost: 0.4 }), load(['b'])], '€')).toBe('3 h, 1.0 kWh, 100 L, €0.40');
  });
});

const NOW = new Date(2026, 4, 4, 11, 0).toISOString();
const at = (hour: number, minute = 0, day = 4) => new Date(2026, 4, day, hour, minute).toISOString();
const wet = (figures: Partial<WetLine>) =>
  ({ state: 'inTime', mustyBy: null, earliest: at(12, 45), latest: at(13, 45), ...figures }) as WetLine;

describe('when it is dry', () => {
  it('is a range of two ends, with the day where it is another, or said not to be known', () => {
    expect(rangeText(wet({}), NOW)).toBe('12:45–13:45');
    expect(rangeText(wet({ latest: at(9, 0, 5) }), NOW)).toBe('12:45–Tue 09:00');
    expect(rangeText(wet({ latest: null, state: 'rainFirst' }), NOW)).toBe('from 12:45');
    expect(rangeText(wet({ earliest: null, latest: null, state: 'cannotTell' }), NOW)).toBe('cannot tell');
    expect(stateText(wet({ mustyBy: '2026-05-05T12:00:00.000Z', state: 'damp' }))).toBe(
      'still damp, may turn musty',
    );
    expect(stateText(wet({ mustyBy: '2026-05-05T12:00:00.000Z' }))).toBe('slow, may turn musty');
    expect(todayAt('09:30', NOW)).toBe(at(9, 30));
    expect(todayAt('18:00', NOW)).toBe(at(18, 0, 3));
  });

  it('draws hours of rain together, and tells what counts from what may come', () => {
    const hour = (h: number, rain: number) => ({
      at: at(h),
      rain,
      tempC: 15,
      humidity: 0.58,
      windMS: 4,
      sunWm2: 0,
    });
    const line = {
      now: NOW,
      hours: [hour(11, 0), hour(12, 0.2), hour(13, 0.5), hour(14, 0.7), hour(15, 0.05)],
    } as LineView;
    expect(
      rains(line).map(({ chance, counts, from, to }) => [chance, counts, (to - from) / 3_600_000]),
    ).toEqual([
      [0.2, false, 1],
      [0.7, true, 2],
    ]);
    expect(airText(line, (tempC) => `${tempC} °C`)).toBe('15 °C, air 58 %, breeze 4 m/s');
    expect(airText({ ...line, hours: [] }, String)).toBe('no weather is known');
  });
});

describe('what helps a piece that dries too slowly', () => {
  const slow = (figures: Partial<WetLine>) =>
    wet({ state: 'damp', place: 'rack', places: ['rack', 'chair'], dryerKWh: null, ...figures });
  it('goes by where it is now, and by whether there is a dryer it may go into', () => {
    expect(helpText(slow({ place: 'line' }), false)).toBe('Into the porch or indoors.');
    expect(helpText(slow({ rollHelps: true, rolled: false }), false)).toBe(
      'Roll it in a towel, then put a fan on it.',
    );
    expect(helpText(slow({ rollHelps: true, rolled: true }), false)).toBe(
      'Put a fan on it, and leave air around it.',
    );
    expect(helpText(slow({ place: 'chair' }), true)).toBe('On an airer, with a fan on it.');
    const tumble = { value: 'low', by: null } as const;
    expect(helpText(slow({ dryerKWh: 1, tumble }), true)).toBe('Its rest in the dryer, low');
    expect(helpText(slow({ dryerKWh: 1, tumble, place: 'line' }), true)).toBe(
      'Indoors; or its rest in the dryer, low',
    );
    expect(helpText(slow({ state: 'cannotTell', dryerKWh: 1 }), true)).toMatch(/^No weather/);
  });
});
