import { type Mechanism, type Rate, WETTINGS, type Wetting } from '@feverfew/knowledge';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tempAfter } from '../bath/heat/bathCooling.js';
import { oxygenLeft } from '../bath/oxygen/oxygenActivity.js';
import { knowledge } from '../test/fixtures.js';
import { runs } from '../test/propertyRuns.js';
import { rateFor } from './rateFor.js';
import { doneShare, removedShare } from './removedShare.js';
import { equivalentMinutes, minutesFor, type TimedWork } from './timedWork.js';

const agent = (id: string) => knowledge.agents.find((one) => one.id === id) ?? expect.unreachable(id);
const component = (id: string) => knowledge.components.find((one) => one.id === id) ?? expect.unreachable(id);
const rate = (mechanism: Mechanism, componentId = 'none', wetting: Wetting = 'immersion'): Rate =>
  rateFor(knowledge.rates, mechanism, componentId, wetting) ?? expect.unreachable(mechanism);
const at = (tempC: number, minutes: number, more: Partial<TimedWork> = {}): TimedWork => ({
  minutes,
  tempAt: () => tempC,
  oxygenGPerL: 1,
  peroxidePct: 3,
  ...more,
});
const done = (of: Rate, work: TimedWork) => doneShare(equivalentMinutes(of, work), of.halfMin.likely);
/** Minutes to half of what can be taken, at a temperature held. */
const half = (of: Rate, tempC: number, more: Partial<TimedWork> = {}) =>
  minutesFor(of.halfMin.likely, of, at(tempC, 8 * of.halfMin.likely, more)) ??
  expect.unreachable('never reaches half');
function expectWithin(value: number, low: number, high: number) {
  expect(value).toBeGreaterThanOrEqual(low);
  expect(value).toBeLessThanOrEqual(high);
}

/** Reference times of the trade: common practice, no source. Each row of the table is one test. */
describe('how long it takes', () => {
  it('peroxygen in a bath of 7.5 g/L at 40 °C: half in about 90 min, 80–95 % in six to eight hours', () => {
    const bath = rate('oxidation', 'tannin');
    // 13.5 % available oxygen in the powder: 7.5 g/L bring 1.0 g/L.
    const grams = agent('oxygenBleach').composition[0]?.share?.centre ?? 0;
    expect(7.5 * grams * 0.153).toBeCloseTo(1, 1);
    expectWithin(half(bath, 40), 80, 105);
    expectWithin(done(bath, at(40, 360)), 0.8, 0.95);
    expectWithin(done(bath, at(40, 480)), 0.8, 0.95);
    expectWithin(half(bath, 60), 20, 30);
  });
  it('does less the more the tub cools', () => {
    const bath = rate('oxidation', 'tannin');
    const cooling = (tau: number) => at(40, 420, { tempAt: (minutes) => tempAfter(40, 20, tau, minutes) });
    expect(done(bath, cooling(120))).toBeLessThan(done(bath, cooling(400)));
    expect(done(bath, cooling(400))).toBeLessThan(done(bath, at(40, 420)));
    expectWithin(done(bath, cooling(120)), 0.5, 0.8);
  });
  it('peroxygen doubles per 10 °C: a quarter at 20 °C, little below 15', () => {
    const bath = rate('oxidation', 'tannin');
    const speed = (tempC: number) =>
      equivalentMinutes(bath, at(tempC, 1)) / equivalentMinutes(bath, at(40, 1));
    expectWithin(speed(50), 1.8, 2.2);
    expectWithin(speed(20), 0.2, 0.3);
    expect(speed(10)).toBeLessThan(0.1);
  });
  it('peroxygen goes with the root of the oxygen', () => {
    const bath = rate('oxidation', 'tannin');
    const ofHalf =
      equivalentMinutes(bath, at(40, 10, { oxygenGPerL: 0.5 })) / equivalentMinutes(bath, at(40, 10));
    expect(ofHalf).toBeCloseTo(Math.SQRT1_2, 3);
  });
  it('peroxide on the spot: wine, berry, blood half in 5–10 min; tannin, green, other dye in 30–60', () => {
    for (const id of ['anthocyanin', 'betalain', 'haem'])
      expectWithin(half(rate('oxidation', id, 'spot'), 20), 5, 10);
    for (const id of ['tannin', 'chlorophyll', 'dyeInk', 'curcumin'])
      expectWithin(half(rate('oxidation', id, 'spot'), 20), 30, 60);
    const spot = rate('oxidation', 'tannin', 'spot');
    expect(equivalentMinutes(spot, at(20, 10, { peroxidePct: 1.5 }))).toBeCloseTo(5, 5);
    expect(equivalentMinutes(spot, at(20, 10, { peroxidePct: 6 }))).toBeCloseTo(10, 5);
    expectWithin(half(spot, 20) / half(spot, 30), 1.8, 2.2);
  });
  it('enzymes: half in 15–20 min at 40 °C, best 35–50, a third at 20, dead above 60; fat enzymes slower', () => {
    for (const mechanism of ['proteolysis', 'amylolysis'] as const) {
      const enzyme = rate(mechanism);
      expectWithin(half(enzyme, 40), 15, 20);
      expect(half(enzyme, 36)).toBeCloseTo(half(enzyme, 49), 5);
      expectWithin(half(enzyme, 40) / half(enzyme, 20), 0.3, 0.37);
      expect(done(enzyme, at(66, 60))).toBe(0);
    }
    expect(half(rate('lipolysis'), 40)).toBeGreaterThan(3 * half(rate('proteolysis'), 40));
  });
  it('detergent on grease: half in 10 min at 40 °C; fat must be liquid, candle wax from 50 to 65 °C', () => {
    const grease = rate('surfactant', 'freshOil');
    expectWithin(half(grease, 40), 8, 12);
    expect(half(grease, 30)).toBeGreaterThan(1.5 * half(grease, 40));
    const wax = rate('surfactant', 'wax');
    expect(done(wax, at(40, 15))).toBeLessThan(0.15);
    expect(done(wax, at(65, 15))).toBeGreaterThan(0.5);
  });
  it('acid: minutes on amine and dye, 30–60 min on scale, rust half in 30–60 min warm and in hours cold', () => {
    for (const id of ['amineOdour', 'anthocyanin']) expectWithin(half(rate('acidity', id), 20), 1, 10);
    expectWithin(done(rate('acidity', 'hardnessScale'), at(30, 45)), 0.7, 0.95);
    for (const mechanism of ['acidity', 'chelation'] as const) {
      expectWithin(half(rate(mechanism, 'ironOxide'), 40), 30, 60);
      expectWithin(half(rate(mechanism, 'ironOxide'), 15), 120, 480);
    }
  });
  it('reducer: half in about 6 min at 60 °C, nearly all in 20, four times as long at 40', () => {
    const reducer = rate('reduction', 'looseDye');
    expectWithin(half(reducer, 60), 5, 7.5);
    expect(done(reducer, at(60, 20))).toBeGreaterThan(0.85);
    expect(half(reducer, 40) / half(reducer, 60)).toBeCloseTo(4, 5);
  });
  it('dye-suspending bath: half in 15–20 min at 60 °C, 30–40 at 40; dye bound for weeks lets go of little', () => {
    const suspender = rate('dyeSuspension', 'looseDye');
    expectWithin(half(suspender, 60), 15, 20);
    expectWithin(half(suspender, 40), 30, 40);
    const taken = (age: 'hours' | 'weeks') =>
      removedShare(
        component('looseDye'),
        new Set<Mechanism>(['dyeSuspension']),
        { wetting: 'immersion', work: { least: at(60, 80), most: at(60, 80) }, age, heat: 'none' },
        knowledge.rates,
      ).high;
    expect(taken('weeks')).toBeLessThan(0.5 * taken('hours'));
  });
  it('solvent on a pad: half in 1–3 min, whatever the warmth', () => {
    for (const mechanism of ['polarSolvent', 'ketoneSolvent', 'hydrocarbonSolvent'] as const) {
      expectWithin(half(rate(mechanism, 'mineralOil', 'spot'), 20), 1, 3);
      expect(half(rate(mechanism, 'mineralOil', 'spot'), 10)).toBe(
        half(rate(mechanism, 'mineralOil', 'spot'), 20),
      );
    }
  });
  it('flush and blot: within a minute or two; sun: hours', () => {
    for (const mechanism of ['flush', 'blotting'] as const) expect(half(rate(mechanism), 12)).toBeLessThan(2);
    expectWithin(half(rate('sunlight', 'mustyOdour', 'dry'), 20), 60, 240);
  });
});

describe('what must hold of any work', () => {
  const moved = fc.constantFrom(
    ...knowledge.components.flatMap((one) => one.removal.map(({ mechanism }) => ({ one, mechanism }))),
  );
  const wetting = fc.constantFrom(...WETTINGS);
  const anyWork = fc.record({
    minutes: fc.double({ min: 0, max: 720, noNaN: true }),
    startC: fc.double({ min: 5, max: 60, noNaN: true }),
    tau: fc.double({ min: 30, max: 2000, noNaN: true }),
    oxygen: fc.double({ min: 0.05, max: 3, noNaN: true }),
    pct: fc.double({ min: 0.1, max: 6, noNaN: true }),
  });
  type Any = typeof anyWork extends fc.Arbitrary<infer T> ? T : never;
  const workOf = ({ minutes, startC, tau, oxygen, pct }: Any): TimedWork => ({
    minutes,
    tempAt: (t) => tempAfter(startC, Math.min(20, startC), tau, t),
    oxygenGPerL: oxygen,
    peroxidePct: pct,
  });
  const taken = (
    { one, mechanism }: { one: (typeof knowledge.components)[number]; mechanism: Mechanism },
    way: Wetting,
    work: TimedWork,
  ) =>
    removedShare(
      one,
      new Set([mechanism]),
      { wetting: way, work: { least: work, most: work }, age: null, heat: 'none' },
      knowledge.rates,
    );
  const more = fc.double({ min: 1, max: 4, noNaN: true });
  /** An enzyme's best heat ends at 50 °C: above it warmer is no longer better. */
  const WINDOW_C: Partial<Record<Mechanism, number>> = { proteolysis: 50, amylolysis: 50, lipolysis: 50 };
  const NEARLY = 1e-3;

  it('longer never takes less', () => {
    fc.assert(
      fc.property(moved, wetting, anyWork, more, (what, way, work, times) => {
        const longer = taken(what, way, workOf({ ...work, minutes: work.minutes * times }));
        const here = taken(what, way, workOf(work));
        expect(longer.low).toBeGreaterThanOrEqual(here.low - NEARLY);
        expect(longer.high).toBeGreaterThanOrEqual(here.high - NEARLY);
      }),
      { numRuns: runs(300) },
    );
  });
  it('warmer, within the window, never takes less', () => {
    fc.assert(
      fc.property(
        moved,
        wetting,
        anyWork,
        fc.double({ min: 0, max: 40, noNaN: true }),
        (what, way, work, up) => {
          const startC = Math.min(WINDOW_C[what.mechanism] ?? 60, work.startC + up);
          fc.pre(startC >= work.startC);
          const warmer = taken(what, way, workOf({ ...work, startC }));
          expect(warmer.high).toBeGreaterThanOrEqual(taken(what, way, workOf(work)).high - NEARLY);
        },
      ),
      { numRuns: runs(300) },
    );
  });
  it('stronger never takes less', () => {
    fc.assert(
      fc.property(moved, wetting, anyWork, more, (what, way, work, times) => {
        const stronger = taken(
          what,
          way,
          workOf({ ...work, oxygen: work.oxygen * times, pct: work.pct * times }),
        );
        expect(stronger.high).toBeGreaterThanOrEqual(taken(what, way, workOf(work)).high - NEARLY);
      }),
      { numRuns: runs(300) },
    );
  });
  it('the same minutes at half the strength do less, where oxygen does the work', () => {
    const bleached = fc.constantFrom(
      ...knowledge.components.filter((one) => one.removal.some((entry) => entry.mechanism === 'oxidation')),
    );
    fc.assert(
      fc.property(bleached, anyWork, (one, work) => {
        fc.pre(work.minutes > 5 && work.startC > 15);
        const what = { one, mechanism: 'oxidation' as const };
        const halved = taken(what, 'immersion', workOf({ ...work, oxygen: work.oxygen / 2 }));
        expect(halved.high).toBeLessThan(taken(what, 'immersion', workOf(work)).high);
      }),
      { numRuns: runs(300) },
    );
  });
  it('at constant warmth and strength doubling the dose does no more than doubling the time', () => {
    fc.assert(
      fc.property(moved, wetting, anyWork, (what, way, work) => {
        const steady = (change: Partial<TimedWork>): TimedWork => ({
          ...workOf(work),
          tempAt: () => work.startC,
          ...change,
        });
        // Strength held means oxygen does not fade: minutes so few that it hardly does.
        const minutes = Math.min(work.minutes, 10);
        const dose = taken(
          what,
          way,
          steady({ minutes, oxygenGPerL: 2 * work.oxygen, peroxidePct: 2 * work.pct }),
        );
        const time = taken(what, way, steady({ minutes: 2 * minutes }));
        expect(dose.high).toBeLessThanOrEqual(time.high + NEARLY);
      }),
      { numRuns: runs(300) },
    );
  });
  it('stays between nothing and what can be taken at all, low under high', () => {
    fc.assert(
      fc.property(moved, wetting, anyWork, (what, way, work) => {
        const { low, high } = taken(what, way, workOf(work));
        const most = what.one.removal.find((entry) => entry.mechanism === what.mechanism)?.high ?? 0;
        expect(low).toBeGreaterThanOrEqual(0);
        expect(low).toBeLessThanOrEqual(high);
        expect(high).toBeLessThanOrEqual(most + 1e-9);
      }),
      { numRuns: runs(300) },
    );
  });
  // The worst lies at twelve hours in a jug that is half cold after 20 min: 0.013. A basin stays under 0.004.
  it('is cut finely enough: 24 steps against 1,440 within 0.015', () => {
    const bath = rate('oxidation', 'tannin');
    fc.assert(
      fc.property(anyWork, (work) => {
        const whole = workOf(work);
        const parts = 60;
        let sum = 0;
        let oxygen = whole.oxygenGPerL;
        for (let part = 0; part < parts; part += 1) {
          const from = (part * whole.minutes) / parts;
          const piece = {
            ...whole,
            minutes: whole.minutes / parts,
            oxygenGPerL: oxygen,
            tempAt: (t: number) => whole.tempAt(from + t),
          };
          const before = equivalentMinutes(bath, piece);
          sum += before;
          oxygen = oxygenAfter(piece);
        }
        const half = bath.halfMin.likely;
        expect(Math.abs(doneShare(sum, half) - done(bath, whole))).toBeLessThan(0.015);
      }),
      { numRuns: runs(100) },
    );
  });
});

/** What is left of the oxygen after a short stretch, by the bath's own account. */
function oxygenAfter({ oxygenGPerL, tempAt, minutes }: TimedWork): number {
  return oxygenGPerL * oxygenLeft(tempAt, minutes).likely;
}
