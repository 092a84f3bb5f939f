import { describe, expect, it } from 'vitest';
import { usesOf } from '../log/usesOf.js';
import type { Look } from '../run/runState.js';
import { checkPlan } from '../safety/checkPlan.js';
import { cases, household, knowledge, stiffTowels } from '../test/fixtures.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { againstBook } from './againstBook.js';
import {
  type Cell,
  gatherEvidence,
  hasWorked,
  NO_EVIDENCE,
  removedInTime,
  removedPerRound,
  type UseCase,
} from './evidence.js';
import { fibreFamilyOf } from './fibreFamilyOf.js';
import { mainComponentOf } from './mainComponentOf.js';
import { betaOfRange, posteriorOf } from './posterior.js';

const cell: Cell = { methodId: 'oxygenSoak', componentId: 'tannin', fibres: 'cellulose', age: 'days' };
const use = (leftPct: number, more: Partial<UseCase> = {}, id = Math.random()): UseCase => ({
  ...cell,
  id: String(id),
  at: '2026-06-01T10:00:00.000Z',
  markId: 'tea',
  rounds: 1,
  leftPct,
  ...more,
});
const book = { low: 0.4, high: 0.7 };

describe('book and log together', () => {
  it('leaves the range of the book as it is without a use', () => {
    const alone = posteriorOf(book, cell, NO_EVIDENCE);
    expect(alone).toMatchObject({ low: 0.4, high: 0.7, uses: 0, worked: 0 });
  });
  it('is the closed form for all and nothing: a + worked, b + failed', () => {
    const { beta, priorBeta, uses, worked } = posteriorOf(
      book,
      cell,
      gatherEvidence([use(0), use(0), use(100), use(0)]),
    );
    expect(beta.a).toBeCloseTo(priorBeta.a + 3, 12);
    expect(beta.b).toBeCloseTo(priorBeta.b + 1, 12);
    expect([uses, worked]).toEqual([4, 3]);
  });
  it('reads a range as its middle eight tenths, worth two to six uses', () => {
    const { a, b } = betaOfRange(book);
    expect(a / (a + b)).toBeCloseTo(0.55, 12);
    expect(a + b).toBeGreaterThanOrEqual(2);
    expect(a + b).toBeLessThanOrEqual(6);
    expect(betaOfRange({ low: 0.9, high: 0.92 }).a + betaOfRange({ low: 0.9, high: 0.92 }).b).toBeCloseTo(
      6,
      9,
    );
  });
  it('moves towards what was seen, the more the oftener', () => {
    const mean = (...left: number[]) =>
      posteriorOf(book, cell, gatherEvidence(left.map((pct) => use(pct)))).mean;
    expect(mean(0)).toBeGreaterThan(mean(50));
    expect(mean(0, 0)).toBeGreaterThan(mean(0));
    expect(mean(100, 100)).toBeLessThan(mean(100));
  });
  it('counts other fibres half, an older trouble half, a fresher one not at all', () => {
    const weight = (more: Partial<UseCase>) => posteriorOf(book, cell, gatherEvidence([use(0, more)])).weight;
    expect(weight({})).toBe(1);
    expect(weight({ fibres: 'synthetic' })).toBe(0.5);
    expect(weight({ age: 'old' })).toBe(0.5);
    expect(weight({ age: 'old', fibres: 'synthetic' })).toBe(0.25);
    expect(weight({ age: 'fresh' })).toBe(0);
    expect(weight({ componentId: 'haem' })).toBe(0);
    expect(weight({ methodId: 'coldFlush' })).toBe(0);
  });
  it('spreads what several rounds took evenly over them', () => {
    expect(removedPerRound({ leftPct: 25, rounds: 2 })).toBeCloseTo(0.5, 12);
    expect(removedPerRound({ leftPct: 0, rounds: 3 })).toBe(1);
    expect(removedPerRound({ leftPct: 100, rounds: 1 })).toBe(0);
  });
});

describe('how long a use worked', () => {
  const half = { leftPct: 50, rounds: 1 };
  const at = (here: number, usual: number) => ({ here, usual });
  it('counts: half the time is half a round, and what kept no minutes is as long as usual', () => {
    expect(removedInTime({ ...half, minutes: 60 }, at(60, 30))).toBeCloseTo(0.5, 12);
    expect(removedInTime({ ...half, minutes: 30 }, at(60, 30))).toBeCloseTo(0.75, 12);
    expect(removedInTime({ ...half, minutes: 60 }, at(30, 30))).toBeCloseTo(1 - Math.SQRT1_2, 12);
    expect(removedInTime(half, at(60, 30))).toBeCloseTo(0.75, 12);
    expect(removedInTime(half, null)).toBeCloseTo(0.5, 12);
  });
  it('is stretched to the double at most, and leaves all and nothing as they are', () => {
    expect(removedInTime({ ...half, minutes: 1 }, at(480, 480))).toBeCloseTo(0.75, 12);
    for (const leftPct of [0, 100])
      expect(removedInTime({ leftPct, rounds: 1, minutes: 20 }, at(480, 60))).toBe(1 - leftPct / 100);
  });
  it('moves a plan less where the piece bears only a short time', () => {
    const cell = {
      methodId: 'oxygenSoak',
      componentId: 'tannin',
      fibres: 'cellulose',
      age: 'fresh',
    } as const;
    const uses = [1, 2, 3].map((nth) => use(20, { ...cell, id: `${nth}`, minutes: 240 }));
    const short = posteriorOf(book, cell, gatherEvidence(uses), { here: 120, usual: 240 });
    const long = posteriorOf(book, cell, gatherEvidence(uses), { here: 240, usual: 240 });
    expect(short.mean).toBeLessThan(long.mean);
  });
});

it('stands above or below the book only when its middle clearly leaves the book, and from two uses on', () => {
  expect(againstBook(book, 0.55, 5)).toBe('alike');
  expect([againstBook(book, 0.64, 2), againstBook(book, 0.46, 2)]).toEqual(['better', 'worse']);
  expect(againstBook(book, 0.9, 1)).toBe('few');
});

describe('a run as lines of the log', () => {
  const facts = cases.beetrootOnDamask;
  const look = (
    passIndex: number,
    round: number,
    leftPct: number | null,
    answer: 'moving' | 'wrong' = 'moving',
  ) => ({
    at: '2026-06-01T10:00:00.000Z',
    passIndex,
    of: [passIndex],
    round,
    answer,
    leftPct,
    byMark: leftPct === null ? [] : [{ markId: 'beetroot', leftPct, answer }],
    isDry: false,
    signIds: [],
  });
  const passes = [
    { methodId: 'coldFlush', effect: { low: 0.3, high: 0.5 }, effectByMark: [] },
    { methodId: 'oxygenSoak', effect: { low: 0.7, high: 0.9 }, effectByMark: [] },
  ];
  const lines = (...looks: Look[]) => usesOf('run', facts, passes, { looks }, knowledge);
  it('gives one line per pass, from the level before it', () => {
    expect(lines(look(0, 1, 75), look(0, 2, 50), look(1, 1, 5))).toMatchObject([
      { methodId: 'coldFlush', rounds: 2, leftPct: 50 },
      { methodId: 'oxygenSoak', rounds: 1, leftPct: 10 },
    ]);
  });
  it('shares what one look found among the passes since the last, by what each was expected to take', () => {
    const shared = lines({ ...look(1, 1, 20), of: [0, 1] });
    expect(shared.map(({ methodId }) => methodId)).toEqual(['coldFlush', 'oxygenSoak']);
    const [flush = expect.unreachable(), soak = expect.unreachable()] = shared;
    // Together they leave a fifth, and the one of which more was expected has done more of it.
    expect((flush.leftPct * soak.leftPct) / 100).toBeCloseTo(20, 0);
    expect(soak.leftPct).toBeLessThan(flush.leftPct);
    // Both were there when it worked.
    expect(shared.map(hasWorked)).toEqual([true, true]);
    // Even where it is gone, neither has all of it to its name.
    const gone = lines({ ...look(1, 1, 0), of: [0, 1] });
    expect(Math.min(...gone.map(({ leftPct }) => leftPct))).toBeGreaterThan(0);
    expect(lines(look(1, 1, 0))).toMatchObject([{ methodId: 'oxygenSoak', leftPct: 0 }]);
  });
  it('says nothing where nobody graded, something went wrong, or one level was told for several', () => {
    expect(lines(look(0, 1, null))).toEqual([]);
    expect(lines(look(0, 1, 50), look(0, 2, null, 'wrong'))).toEqual([]);
    const both = { ...facts, markIds: ['beetroot', 'tea'] };
    expect(usesOf('run', both, passes, { looks: [{ ...look(0, 1, 5), byMark: [] }] }, knowledge)).toEqual([]);
  });
});

describe('a plan with a log', () => {
  const facts = stiffTowels;
  const seen = (methodId: string, ...left: number[]): UseCase[] =>
    left.map((leftPct, index) =>
      use(leftPct, {
        id: `${methodId}${index}`,
        methodId,
        componentId: mainComponentOf('stiffTowels', knowledge) ?? '',
        fibres: fibreFamilyOf(facts, knowledge),
        age: 'old',
      }),
    );
  const planned = (...uses: UseCase[][]) =>
    planTreatment(facts, household, knowledge, gatherEvidence(uses.flat()));
  const passes = (plan: ReturnType<typeof planned>) => plan.passes.map((pass) => pass.methodId);
  const byBook = planned();

  it('is byte-equal to the book without one', () => {
    expect(JSON.stringify(planned())).toBe(JSON.stringify(planTreatment(facts, household, knowledge)));
    expect(byBook.passes.every((pass) => pass.ownLog === null)).toBe(true);
  });
  it('says “4 of 5” on the pass, and moves its range', () => {
    const pass = planned(seen('citricSoak', 0, 5, 0, 25, 100)).passes.find(
      (one) => one.methodId === 'citricSoak',
    );
    const before = byBook.passes.find((one) => one.methodId === 'citricSoak');
    expect(pass?.ownLog).toEqual({ uses: 5, worked: 4, book: before?.effect });
    expect(pass?.findings.map((finding) => finding.code)).toContain('fromOwnLog');
    expect(pass?.effect).not.toEqual(before?.effect);
  });
  it('sets a pass aside that failed three times where the next does better, brings that in, and says why', () => {
    const plan = planned(seen('deepStrip', 100, 100, 100, 100), seen('citricSoak', 5, 0));
    expect(passes(byBook)[0]).toBe('deepStrip');
    expect(passes(plan)).not.toContain('deepStrip');
    expect(passes(plan)[0]).toBe('citricSoak');
    const aside = plan.candidates.find((candidate) => candidate.methodId === 'deepStrip');
    expect(aside).toMatchObject({
      verdict: 'spare',
      findings: [{ code: 'logSaysOther', facts: { worked: 0, uses: 4, methodId: 'citricSoak' } }],
    });
  });
  it('never for one or two failures, and never takes a stronger pass away because a gentler one did well', () => {
    expect(passes(planned(seen('deepStrip', 100, 100)))).toEqual(passes(byBook));
    expect(passes(planned(seen('deepStrip', 0, 0, 0, 0, 0, 0)))).toEqual(passes(byBook));
  });
  it('never widens a limit, and passes the checker that all plans pass', () => {
    const plan = planned(
      seen('deepStrip', 100, 100, 100, 100),
      seen('citricSoak', 0, 0),
      seen('towelMachineStrip', 0, 0, 0),
    );
    expect(plan.envelope).toEqual(byBook.envelope);
    expect(checkPlan(plan, household, knowledge)).toEqual([]);
    const ruledOut = (one: typeof plan) =>
      one.candidates.filter(({ verdict }) => verdict === 'ruledOut').map(({ methodId }) => methodId);
    expect(ruledOut(plan)).toEqual(ruledOut(byBook));
  });
});
