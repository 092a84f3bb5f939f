import { describe, expect, it } from 'vitest';
import { NO_PRICES } from '../../cost/costOf.js';
import { doneMethods } from '../../log/doneMethods.js';
import { summariseRun } from '../../log/runSummary.js';
import { usesOf } from '../../log/usesOf.js';
import { fewWords, household, label, piece, trouble } from '../../test/fixtures.js';
import { Walk } from '../../test/walk.js';
import { planTreatment } from '../../treatment/planTreatment.js';
import { nextOptions } from '../next/nextOptions.js';
import { currentAction } from '../next/stepOn.js';
import { replayRun } from '../replayRun.js';
import { looksForCurve, marksToAsk } from './markLooks.js';
import { stallView } from './stallView.js';

const sofa = piece('armchair', { polyester: 100 }, { code: 'W' });
/** The courses with peroxide for the second round alone: a look between two rounds has something to lead to. */
const knowledge = {
  ...fewWords,
  courses: fewWords.courses.map((course) => {
    const { surface } = course.cloths;
    if (surface.kind !== 'course') return course;
    const first = surface.first.filter(({ methodIds }) => !methodIds.includes('peroxideDab'));
    return { ...course, cloths: { ...course.cloths, surface: { ...surface, first } } };
  }),
};
/** Powder and detergent for the butter, vinegar for the wine, then peroxide for the wine, then water for both. */
const plan = planTreatment(
  { ...trouble('redWine', sofa), markIds: ['redWine', 'butter'] },
  household,
  knowledge,
);
const passOf = (id: string) => plan.rounds.flatMap(({ passes }) => passes).find((pass) => pass.id === id);
const lookWays = (markId: string) =>
  plan.rounds[0]?.look?.byMark.find((one) => one.markId === markId)?.ways ?? [];
const wayOf = (markId: string, way: string) =>
  lookWays(markId).find((one) => one.way === way)?.passId ?? null;
const asked = (walk: Walk) => {
  const action = currentAction(walk.state, plan);
  return action ? marksToAsk(walk.state, plan, action) : [];
};

describe('a look at several troubles', () => {
  it('has its ways for each of them in the plan', () => {
    const better = ['redWine', 'butter'].map((id) => passOf(wayOf(id, 'better') ?? ''));
    expect(better.map((pass) => pass?.helps)).toEqual([['redWine'], ['butter']]);
    for (const id of ['redWine', 'butter']) expect(passOf(wayOf(id, 'noChange') ?? '')?.helps).toContain(id);
    // What nothing later helps has no way on.
    expect(plan.rounds.at(-1)?.look?.byMark.map(({ ways }) => ways[2]?.passId)).toEqual([null, null]);
  });
  it('asks, at a pass, of what the pass is done for, and of all of them when dry', () => {
    const walk = new Walk(plan).upToLook();
    expect([walk.kind, asked(walk)]).toEqual(['look', ['butter']]);
    expect(asked(walk.upToTheEnd())).toEqual(['redWine', 'butter']);
  });
  it('asks no more of what was found gone, and again of it when dry', () => {
    const walk = new Walk(plan).upToLook().lookAt({ butter: 0 }, 'continue');
    while (walk.passId === 'r1p1') walk.done();
    // The detergent for the butter is left out, the vinegar for the wine is not.
    expect(walk.passId).toBe('r1p3');
    expect(walk.state.times).toEqual([1, 0, 1]);
    expect(asked(walk.upToTheEnd())).toEqual(['redWine', 'butter']);
    walk.lookAt({ redWine: 50, butter: 0 }, 'nextPass');
    expect(walk.passId).toBe(wayOf('redWine', 'noChange'));
    expect(asked(walk.lookingUpToTheEnd({ redWine: 50 }))).toEqual(['redWine']);
  });
  it('leads, where one of them is better, to what takes most of that one', () => {
    const walk = new Walk(plan).upToTheEnd().lookAt({ redWine: 0, butter: 25 }, 'repeat');
    expect(walk.passId).toBe(wayOf('butter', 'better'));
    const other = new Walk(plan).upToTheEnd().lookAt({ redWine: 50, butter: 0 }, 'repeat');
    expect(other.passId).toBe(wayOf('redWine', 'better'));
  });
  it('does the same again for what still moves, not for what has stalled', () => {
    const walk = new Walk(plan).upToTheEnd().lookAt({ redWine: 50, butter: 100 }, 'repeat');
    expect(walk.passId).toBe(wayOf('redWine', 'better'));
  });
  it('draws its curve, and estimates the odds, of what still moves', () => {
    const walk = new Walk(plan).upToTheEnd().lookAt({ redWine: 50, butter: 0 }, 'repeat');
    walk.lookingUpToTheEnd({ redWine: 50, butter: 0 });
    walk.send({ kind: 'looked', answer: null, leftPct: null, marks: [{ markId: 'redWine', leftPct: 25 }] });
    const { looks, passIndex } = walk.state;
    const { points } = stallView({ looks: looksForCurve(looks, passIndex, plan) }, passIndex);
    expect(points.map(({ leftPct }) => leftPct.likely)).toEqual([100, 50, 25]);
    const [again] = nextOptions(walk.state, plan, NO_PRICES);
    // Whatever comes next begins at the quarter of the wine, not at the mean of both.
    expect(again?.leftPct?.high).toBeLessThanOrEqual(25);
    expect(again?.leftPct?.high).toBeGreaterThan(12.5);
  });
  it('leads, where one of them has not changed, past what does nothing for it', () => {
    const walk = new Walk(plan).upToTheEnd().lookAt({ redWine: 0, butter: 100 }, 'nextPass');
    expect(walk.passId).toBe(wayOf('butter', 'noChange'));
    expect(passOf(walk.passId ?? '')?.helps).toContain('butter');
    const ofWine = plan.rounds
      .slice(1)
      .flatMap(({ passes }) => passes.filter(({ helps }) => helps.join() === 'redWine'));
    expect(ofWine.map(({ id }) => id)).not.toContain(walk.passId);
  });
  it('opens heat once a dry look has found all of them gone', () => {
    const walk = new Walk(plan).upToTheEnd().lookAt({ redWine: 0, butter: 5 }, 'repeat');
    expect(walk.state.heat).toBe('closed');
    walk.lookingUpToTheEnd({ butter: 5 }).lookAt({ butter: 0 }, 'finish');
    expect([walk.state.heat, asked(walk)]).toEqual(['open', ['redWine', 'butter']]);
  });
  it('keeps heat closed, and asks again, where a later look finds one of them there after all', () => {
    const walk = new Walk(plan).upToTheEnd().lookAt({ redWine: 50, butter: 0 }, 'repeat').upToLook();
    expect(walk.kind).toBe('look');
    walk.lookAt({ redWine: 25, butter: 25 }, 'continue');
    expect(asked(walk.lookingUpToTheEnd({ redWine: 5, butter: 25 }))).toEqual(['redWine', 'butter']);
    expect(() => walk.lookAt({ redWine: 0 }, 'finish')).toThrow('lookNeedsLevel');
    walk.lookAt({ redWine: 0, butter: 5 }, 'finish');
    expect(walk.state.heat).toBe('closed');
  });
  it('shuts heat again where the same dry look is told otherwise', () => {
    const walk = new Walk(plan).upToTheEnd().lookAt({ redWine: 0, butter: 0 }, 'finish');
    expect(walk.state.heat).toBe('open');
    walk.lookAt({ redWine: 0, butter: 25 }, 'finish');
    expect(walk.state.heat).toBe('closed');
  });
  it('takes no level of what is none of its troubles, and leaves none out that is asked for', () => {
    const walk = new Walk(plan).upToTheEnd();
    expect(() => walk.lookAt({ redWine: 0, butter: 0, rust: 0 }, 'finish')).toThrow('noSuchMark');
    expect(() => walk.lookAt({ redWine: 0 }, 'finish')).toThrow('lookNeedsLevel');
  });
  it('still takes one level for all, as a page of before tells it', () => {
    const walk = new Walk(plan).upToTheEnd().send({ kind: 'looked', answer: null, leftPct: 50 });
    expect(walk.state.looks.at(-1)).toMatchObject({ leftPct: 50, answer: 'moving', byMark: [] });
  });
});

describe('what the log learns of several troubles', () => {
  /** As if each pass took something of the one it is done for, and nothing of the other. */
  const passes = plan.passes.map((pass) => ({
    ...pass,
    effectByMark: ['redWine', 'butter'].map((markId) => ({
      markId,
      ...(passOf(pass.passId ?? '')?.helps.includes(markId)
        ? { low: 0.3, high: 0.6 }
        : { low: 0, high: 0.02 }),
    })),
  }));
  it('counts for each, by the passes that were done for it', () => {
    const walk = new Walk(plan).upToTheEnd().lookAt({ redWine: 25, butter: 50 }, 'repeat');
    const uses = usesOf('run', plan.facts, passes, walk.state, knowledge);
    const of = (markId: string) => uses.filter((use) => use.markId === markId);
    expect(of('butter').map(({ methodId }) => methodId)).toEqual(['absorbentDust', 'detergentBlot']);
    expect(of('redWine').map(({ methodId }) => methodId)).toEqual(['vinegarDetergentBlot']);
    for (const [markId, left] of [
      ['redWine', 25],
      ['butter', 50],
    ] as const) {
      const together = of(markId).reduce((left, use) => left * (use.leftPct / 100), 1);
      expect(together).toBeGreaterThan(left / 100 - 0.03);
      expect(together).toBeLessThan(left / 100 + 0.03);
    }
    expect(new Set(uses.map(({ id }) => id)).size).toBe(uses.length);
  });
  it('says nothing where one level was told for all', () => {
    const walk = new Walk(plan).upToTheEnd().send({ kind: 'looked', answer: null, leftPct: 50 });
    expect(usesOf('run', plan.facts, plan.passes, walk.state, knowledge)).toEqual([]);
  });
  it('knows every pass worked on as done, and which has stalled', () => {
    const walk = new Walk(plan).upToTheEnd().lookAt({ redWine: 100, butter: 100 }, 'nextPass');
    const done = doneMethods([{ methodIds: plan.passes.map(({ methodId }) => methodId), state: walk.state }]);
    expect(done.map(({ methodId, rounds }) => [methodId, rounds])).toEqual(
      [...(plan.rounds[0]?.passes ?? [])].map(({ methodId }) => [methodId, 1]).sort(),
    );
    expect(done.filter(({ stalled }) => stalled)).toHaveLength(1);
  });
});

describe('a wait that has been looked into', () => {
  const soaked = planTreatment(
    trouble('grass', piece('shirt', { cotton: 100 }, { label: label(40), colour: 'white' })),
    household,
    knowledge,
  );
  const waiting = () => {
    const walk = new Walk(soaked);
    while (walk.kind !== 'dwell') walk.done();
    return walk.send({ kind: 'timerStarted', actionId: walk.actionId });
  };
  it('is not looked at again within seconds', () => {
    const walk = waiting().send({ kind: 'looked', answer: null, leftPct: 50 });
    expect(walk.state.decision?.choices).toContain('takeOut');
    walk.send({ kind: 'decided', choice: 'takeOut' });
    expect([walk.passId, walk.kind === 'look']).not.toEqual(['r1p1', true]);
  });
  it('is looked at where nobody could tell, and by a page of before', () => {
    const unsure = waiting().send({ kind: 'looked', answer: 'unsure', leftPct: null });
    expect(unsure.state.decision?.choices).not.toContain('takeOut');
    const before = waiting()
      .send({ kind: 'looked', answer: null, leftPct: 50 })
      .send({ kind: 'decided', choice: 'continue' });
    expect(before.kind).toBe('look');
  });
  it('keeps how long it was, how warm and with how much', () => {
    const walk = waiting();
    const soak = (minutes: number) => {
      const at = new Date(Date.parse(walk.events.at(-1)?.at ?? '') + minutes * 60_000).toISOString();
      return { kind: 'looked', answer: null, leftPct: 50, at } as const;
    };
    const events = [...walk.events, soak(25)];
    const replayed = replayRun(
      [...events, { kind: 'decided', choice: 'takeOut', at: events.at(-1)?.at ?? '' }],
      soaked,
    );
    if (!replayed.ok) return expect.unreachable(replayed.refusal);
    const all = [
      ...events,
      { kind: 'decided' as const, choice: 'takeOut' as const, at: events.at(-1)?.at ?? '' },
    ];
    const { uses } = summariseRun('run', { plan: soaked, events: all, state: replayed.state }, knowledge, 0);
    expect(uses).toMatchObject([
      {
        methodId: 'enzymePretreat',
        minutes: 25,
        tempC: expect.any(Number),
        dose: { unit: expect.stringMatching(/g|mL/) },
      },
    ]);
  });
});
