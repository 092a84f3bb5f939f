import { describe, expect, it } from 'vitest';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { cases, household, knowledge } from '../test/fixtures.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { nextToLook, replayTrial } from './replayTrial.js';
import type { TrialEvent, TrialSetup } from './trial.js';
import { commonDwellMin, trialFaults, trialPasses } from './trialFaults.js';
import { trialVerdict } from './trialVerdict.js';

const setup: TrialSetup = {
  place: 'zones',
  arms: [
    { methodId: 'a', where: 'the left part' },
    { methodId: 'b', where: 'the right part' },
  ],
  dwellMin: 20,
  lookOrder: [1, 0],
};
const index = (minute: number) => new Date(Date.UTC(2026, 5, 15, 9, minute)).toISOString();
const given = (...events: [number, object][]) =>
  replayTrial(
    setup,
    events.map(([minute, event]) => ({ ...event, at: index(minute) }) as TrialEvent),
  );
const both: [number, object][] = [
  [0, { kind: 'treated', arm: 0 }],
  [4, { kind: 'treated', arm: 1 }],
  [5, { kind: 'clockStarted' }],
];

describe('a trial', () => {
  it('keeps one clock for all, begun when the last is on', () => {
    expect(given(...both.slice(0, 1), [5, { kind: 'clockStarted' }])).toEqual({
      ok: false,
      refusal: 'notNow',
    });
    expect(given(...both)).toMatchObject({ state: { phase: 'wait', readyAt: index(25) } });
    expect(given(...both, [24, { kind: 'washed' }])).toEqual({ ok: false, refusal: 'clockFirst' });
  });
  it('is looked at in the order drawn', () => {
    const washed: [number, object][] = [...both, [30, { kind: 'washed' }]];
    expect(given(...washed, [31, { kind: 'looked', arm: 0, leftPct: 5 }])).toEqual({
      ok: false,
      refusal: 'notThisOne',
    });
    const one = given(...washed, [31, { kind: 'looked', arm: 1, leftPct: 75 }]);
    expect(one.ok && nextToLook(setup, one.state)).toBe(0);
    const done = given(
      ...washed,
      [31, { kind: 'looked', arm: 1, leftPct: 75 }],
      [32, { kind: 'looked', arm: 0, leftPct: 5 }],
    );
    expect(done).toMatchObject({ state: { phase: 'told', leftPct: [5, 75] } });
  });
  it('takes a tap back, and refuses one twice', () => {
    expect(given(...both.slice(0, 1), [1, { kind: 'treated', arm: 0 }])).toEqual({
      ok: false,
      refusal: 'alreadyTreated',
    });
    expect(given(...both, [6, { kind: 'undone' }])).toMatchObject({
      state: { phase: 'apply', treated: [0, 1] },
    });
    expect(given([0, { kind: 'undone' }])).toEqual({ ok: false, refusal: 'nothingToUndo' });
  });
});

describe('what makes a trial unfair or unsafe', () => {
  const plan = planTreatment(cases.beetrootOnDamask, household, knowledge);
  const faults = (methodIds: string[], place: 'zones' | 'pieces' = 'pieces') =>
    trialFaults(plan, methodIds, place, knowledge).map((fault) => fault.code);
  it('is one alone, four, the same twice, or what is not on the passes', () => {
    expect(faults(['oxygenSoak'])).toEqual(['tooFew']);
    expect(faults(['a', 'b', 'c', 'd'])).toEqual(['tooMany']);
    expect(faults(['oxygenSoak', 'oxygenSoak'])).toEqual(['sameTwice']);
    expect(faults(['oxygenSoak', 'petrolSpot'])).toEqual(['notInPlan']);
  });
  it('is what only prepares, and the wash that ends a round', () => {
    expect(plan.rounds.flatMap(({ passes }) => passes).map(({ methodId }) => methodId)).toContain(
      'hotDetergentWash',
    );
    expect(faults(['hotDetergentWash', 'oxygenSoak'])).toEqual(['prepares']);
    expect(trialPasses(plan).map(({ methodId }) => methodId)).not.toContain('hotDetergentWash');
    // Each method once, in however many rounds it is; in plans from before there were rounds, every one.
    for (const facts of Object.values(cases)) {
      const made = planTreatment(facts, household, knowledge);
      const ids = trialPasses(made).map(({ methodId }) => methodId);
      expect(new Set(ids).size).toBe(ids.length);
      const before = { rounds: [], passes: made.passes.map((pass) => ({ ...pass, passId: null })) };
      expect(new Set(trialPasses(before).map((pass) => pass.methodId))).toEqual(
        new Set(made.passes.map((pass) => pass.methodId)),
      );
    }
  });
  it('is a bath on parts of one piece, and times that do not meet', () => {
    const [soak] = trialPasses(plan).filter(({ methodId }) => methodId === 'oxygenSoak');
    if (!soak) return expect.unreachable();
    const spot = { ...soak, methodId: 'detergentSpot', passId: 'r1p0' };
    const first = plan.rounds[0] ?? expect.unreachable();
    const work = first.passes.find(({ methodId }) => methodId === 'oxygenSoak') ?? expect.unreachable();
    const dwelling = (maxMin: number) =>
      spot.actions.map((step) =>
        step.dwell ? { ...step, dwell: { ...step.dwell, minMin: 1, maxMin } } : step,
      );
    const withSpot = (maxMin: number) => ({
      ...plan,
      rounds: [{ ...first, passes: [{ ...work, id: 'r1p0', methodId: 'detergentSpot' }, ...first.passes] }],
      passes: [{ ...spot, actions: dwelling(maxMin) }, ...plan.passes],
    });
    const of = (maxMin: number, place: 'zones' | 'pieces') =>
      trialFaults(withSpot(maxMin), ['detergentSpot', 'oxygenSoak'], place, knowledge).map(
        ({ code }) => code,
      );
    expect(of(5, 'pieces')).toEqual(['noCommonTime']);
    expect(of(5, 'zones')).toEqual(['noCommonTime', 'notOnZones']);
    expect(of(2000, 'pieces')).toEqual([]);
    expect(commonDwellMin([soak, soak])).toBeGreaterThan(0);
  });
  it('is two products side by side that may not meet', () => {
    const spots = planTreatment(
      { ...cases.beetrootOnDamask, markIds: ['ballpoint'], reach: 'shop' },
      household,
      knowledge,
    );
    const pairs = spots.passes.flatMap((one, index) =>
      spots.passes
        .slice(index + 1)
        .map((other) => trialFaults(spots, [one.methodId, other.methodId], 'zones', knowledge)),
    );
    // The planner keeps forbidden partners apart already, so that no trial can bring them together.
    expect(pairs.flat().filter((fault) => fault.code === 'mustNotMeet')).toEqual([]);
    // A plan that is never planned: two spot methods whose products may not meet.
    const { pairsBetween, factsOf } = indexKnowledge(knowledge);
    const spot = knowledge.methods.filter(
      (one) => one.wetting === 'spot' && !one.inMachine && !one.throughRinse,
    );
    const meeting = spot.flatMap((one, index) =>
      spot
        .slice(index + 1)
        .filter((other) =>
          factsOf(one).agents.some((a) => factsOf(other).agents.some((b) => pairsBetween(a, b).length > 0)),
        )
        .map((other) => [one.id, other.id]),
    );
    const [pair = []] = meeting;
    expect(pair).toHaveLength(2);
    const doctored = {
      ...spots,
      passes: pair.map((methodId) => ({ ...spots.passes[0], methodId })),
    } as typeof spots;
    expect(trialFaults(doctored, pair, 'zones', knowledge).map((fault) => fault.code)).toContain(
      'mustNotMeet',
    );
    expect(trialFaults(doctored, pair, 'pieces', knowledge).map((fault) => fault.code)).not.toContain(
      'mustNotMeet',
    );
  });
});

describe('the verdict', () => {
  const alike = [
    { low: 0.3, high: 0.7 },
    { low: 0.3, high: 0.7 },
  ];
  it('is “too little to tell” for the same level, and for one trial of a small difference', () => {
    expect(trialVerdict(alike, [[25], [25]])).toMatchObject({ best: null, says: 'tooLittle' });
    expect(trialVerdict(alike, [[25], [50]])).toMatchObject({ says: 'tooLittle' });
  });
  it('grows surer with trials that agree, and sums to one', () => {
    const verdict = trialVerdict(alike, [
      [0, 0, 5, 0],
      [100, 75, 100, 100],
    ]);
    expect(verdict).toMatchObject({ best: 0, says: 'clear' });
    expect(verdict.chanceBest.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 9);
    expect(
      trialVerdict(alike, [
        [0, 0],
        [100, 75],
      ]).says,
    ).toBe('likely');
  });
});
