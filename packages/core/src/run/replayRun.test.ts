import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planTreatment } from '../plan/planTreatment.js';
import type { Step } from '../plan/step.js';
import { cases, household, knowledge } from '../test/fixtures.js';
import { currentStep } from './applyRunEvent.js';
import { replayRun } from './replayRun.js';
import { CHOICES, LOOK_ANSWERS, OUTCOMES, type RunEvent } from './runEvent.js';
import type { RunState } from './runState.js';

const plan = planTreatment(cases.beetrootOnDamask, household, knowledge);
const MINUTE_MS = 60_000;
const START = Date.UTC(2026, 10, 24, 8, 0, 0);
const at = (minute: number) => new Date(START + minute * MINUTE_MS).toISOString();
type Told = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, 'at'> : never) : never;

const looked = (answer: (typeof LOOK_ANSWERS)[number]): Told => ({ kind: 'looked', answer, leftPct: null });
const decided = (choice: (typeof CHOICES)[number]): Told => ({ kind: 'decided', choice });

/** A run told event by event, one minute apart. */
function told(...events: Told[]) {
  return replayRun(
    events.map((event, minute) => ({ ...event, at: at(minute) }) as RunEvent),
    plan,
  );
}

function stateOf(...events: Told[]): RunState {
  const replayed = told(...events);
  if (!replayed.ok) throw new Error(replayed.refusal);
  return replayed.state;
}

const refusalOf = (...events: Told[]) => {
  const replayed = told(...events);
  return replayed.ok ? null : replayed.refusal;
};

/** Events that lead through a rung up to the first step of a kind. */
function upTo(kind: string, rungIndex: number): Told[] {
  const steps = plan.ladder[rungIndex]?.steps ?? [];
  const before = steps.slice(
    0,
    steps.findIndex((step) => step.kind === kind),
  );
  const pass = (step: Step): Told[] =>
    step.kind === 'look' ? [looked('gone'), decided('continue')] : [{ kind: 'stepDone', stepId: step.id }];
  return [{ kind: 'started', rungIndex }, ...before.flatMap(pass)];
}

const kindNow = (state: RunState) => currentStep(state, plan)?.kind;
const oxygen = plan.ladder.findIndex((rung) => rung.methodId === 'oxygenSoak');
const dwellId = plan.ladder[oxygen]?.steps.find((step) => step.kind === 'dwell')?.id ?? '';

describe('a run', () => {
  it('begins at the first step of its rung', () => {
    expect(stateOf({ kind: 'started', rungIndex: oxygen })).toMatchObject({
      status: 'active',
      rungIndex: oxygen,
      round: 1,
      stepIndex: 0,
      timer: null,
    });
  });

  it('keeps its soak in absolute times: ready, latest and every look-in', () => {
    const events = upTo('dwell', oxygen);
    const { timer } = stateOf(...events, { kind: 'timerStarted', stepId: dwellId });
    const from = events.length;
    expect(timer).toEqual({
      stepId: dwellId,
      startedAt: at(from),
      readyAt: at(from + 120),
      latestAt: at(from + 240),
      lookAts: [at(from + 60), at(from + 120), at(from + 180)],
    });
  });

  it('waits when it still moves at a look-in, with the timer untouched', () => {
    const soaking = [...upTo('dwell', oxygen), { kind: 'timerStarted', stepId: dwellId } as Told];
    const asked = stateOf(...soaking, looked('moving'));
    expect(asked.decision?.choices[0]).toBe('wait');
    expect(stateOf(...soaking, looked('moving'), decided('wait'))).toMatchObject({
      decision: null,
      timer: stateOf(...soaking).timer,
    });
  });

  it('goes on to rinsing when it is gone', () => {
    const state = stateOf(...upTo('look', oxygen), looked('gone'), decided('continue'));
    expect(kindNow(state)).toBe('rinse');
  });

  it('repeats from the mix while it moves, at most as often as the method bears', () => {
    let events: Told[] = [...upTo('look', oxygen)];
    const maxRounds = plan.ladder[oxygen]?.maxRounds ?? 0;
    for (let round = 1; round < maxRounds; round += 1) {
      expect(stateOf(...events, looked('moving')).decision?.choices[0]).toBe('repeat');
      events = [...events, looked('moving'), decided('repeat')];
      const state = stateOf(...events);
      expect([kindNow(state), state.round, state.timer]).toEqual(['mix', round + 1, null]);
      const steps = plan.ladder[oxygen]?.steps ?? [];
      const again = steps.slice(
        state.stepIndex,
        steps.findIndex((step) => step.kind === 'look'),
      );
      events = [...events, ...again.map((step): Told => ({ kind: 'stepDone', stepId: step.id }))];
    }
    expect(stateOf(...events, looked('moving')).decision?.choices).not.toContain('repeat');
    expect(refusalOf(...events, looked('moving'), decided('repeat'))).toBe('notOffered');
  });

  it('climbs to the next rung when it stalls, beginning with a rinse', () => {
    const state = stateOf(...upTo('look', 0), looked('stalled'), decided('nextRung'));
    expect(state).toMatchObject({ rungIndex: 1, round: 1 });
    expect(plan.ladder[1]?.steps.some((step) => step.kind === 'rinseBefore')).toBe(true);
  });

  it('offers nothing but stopping when something is wrong, and then rinses out', () => {
    const wrong = stateOf(
      ...upTo('dwell', oxygen),
      { kind: 'timerStarted', stepId: dwellId },
      looked('wrong'),
    );
    expect(wrong.decision?.choices).toEqual(['stop']);
    const stopped = stateOf(
      ...upTo('dwell', oxygen),
      { kind: 'timerStarted', stepId: dwellId },
      looked('wrong'),
      decided('stop'),
    );
    expect([kindNow(stopped), stopped.stopping, stopped.timer]).toEqual(['rinse', true, null]);
  });

  it('ends with an outcome and a note', () => {
    const state = stateOf(...upTo('finalLook', 0), looked('gone'), {
      kind: 'finished',
      outcome: 'gone',
      note: 'Cold did it.',
    });
    expect(state).toMatchObject({
      status: 'finished',
      outcome: 'gone',
      decision: null,
      notes: [{ text: 'Cold did it.' }],
    });
    expect(state.finishedAt).not.toBeNull();
  });

  it('takes back the last tap, even the last word, but never the start', () => {
    const events = [
      ...upTo('finalLook', 0),
      looked('gone'),
      { kind: 'finished', outcome: 'gone', note: '' } as Told,
    ];
    expect(stateOf(...events, { kind: 'undone' })).toEqual(stateOf(...events.slice(0, -1)));
    expect(stateOf(...events, { kind: 'undone' }, { kind: 'undone' })).toEqual(
      stateOf(...events.slice(0, -2)),
    );
    expect(refusalOf({ kind: 'started', rungIndex: 0 }, { kind: 'undone' })).toBe('nothingToUndo');
  });

  it('takes a note at any time, after the end too', () => {
    const events: Told[] = [
      { kind: 'started', rungIndex: 0 },
      { kind: 'finished', outcome: 'abandoned', note: '' },
      { kind: 'noted', text: 'Ran out of vinegar.' },
    ];
    expect(stateOf(...events).notes).toEqual([{ at: at(2), text: 'Ran out of vinegar.' }]);
  });

  it.each([
    ['notStarted', [] as Told[]],
    ['notStarted', [{ kind: 'stepDone', stepId: 'x' }]],
    [
      'alreadyStarted',
      [
        { kind: 'started', rungIndex: 0 },
        { kind: 'started', rungIndex: 0 },
      ],
    ],
    ['noSuchRung', [{ kind: 'started', rungIndex: 9 }]],
    [
      'notThisStep',
      [
        { kind: 'started', rungIndex: 0 },
        { kind: 'stepDone', stepId: 'r1s9-dry' },
      ],
    ],
    ['notThisStep', [{ kind: 'started', rungIndex: 0 }, looked('gone')]],
    [
      'lookFirst',
      [
        ...upTo('look', 0),
        { kind: 'stepDone', stepId: plan.ladder[0]?.steps.find((step) => step.kind === 'look')?.id ?? '' },
      ],
    ],
    ['nothingToDecide', [{ kind: 'started', rungIndex: 0 }, decided('continue')]],
    ['notOffered', [...upTo('look', 0), looked('gone'), decided('nextRung')]],
    [
      'notADwell',
      [
        { kind: 'started', rungIndex: 0 },
        { kind: 'timerStarted', stepId: plan.ladder[0]?.steps[0]?.id ?? '' },
      ],
    ],
    [
      'timerRuns',
      [
        ...upTo('dwell', oxygen),
        { kind: 'timerStarted', stepId: dwellId },
        { kind: 'timerStarted', stepId: dwellId },
      ],
    ],
    [
      'finished',
      [
        { kind: 'started', rungIndex: 0 },
        { kind: 'finished', outcome: 'gone', note: '' },
        { kind: 'stepDone', stepId: 'r1s1-lift' },
      ],
    ],
  ] as [string, Told[]][])('returns %s, and throws nothing', (refusal, events) => {
    expect(refusalOf(...events)).toBe(refusal);
  });

  it('keeps its invariants under any sequence of taps', () => {
    const stepIds = plan.ladder.flatMap((rung) => rung.steps.map((step) => step.id));
    const tap: fc.Arbitrary<Told> = fc.oneof(
      fc.record({ kind: fc.constant('stepDone' as const), stepId: fc.constantFrom(...stepIds) }),
      fc.record({ kind: fc.constant('timerStarted' as const), stepId: fc.constantFrom(...stepIds) }),
      fc.constantFrom(...LOOK_ANSWERS).map(looked),
      fc.constantFrom(...CHOICES).map(decided),
      fc.record({
        kind: fc.constant('finished' as const),
        outcome: fc.constantFrom(...OUTCOMES),
        note: fc.constant(''),
      }),
      fc.constant({ kind: 'undone' as const }),
    );
    fc.assert(
      fc.property(fc.array(tap, { maxLength: 60 }), (taps) => {
        let kept: Told[] = [{ kind: 'started', rungIndex: 0 }];
        for (const next of taps) {
          const tried = told(...kept, next);
          if (!tried.ok) continue;
          kept = [...kept, next];
          const { state } = tried;
          const rung = plan.ladder[state.rungIndex];
          expect(rung?.steps[state.stepIndex]).toBeDefined();
          expect(state.round).toBeLessThanOrEqual(rung?.maxRounds ?? 0);
          expect(state.status === 'finished').toBe(state.outcome !== null);
          if (state.timer) expect(currentStep(state, plan)?.dwell).not.toBeNull();
        }
      }),
      { numRuns: 150 },
    );
  });
});
