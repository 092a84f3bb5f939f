import { describe, expect, it } from 'vitest';
import { cases, HOURLY, household, knowledge, withDwell } from '../test/fixtures.js';
import type { Action } from '../treatment/plan/action.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { currentAction } from './next/stepOn.js';
import { replayRun } from './replayRun.js';
import type { CHOICES, LOOK_ANSWERS, RunEvent } from './runEvent.js';
import type { RunState } from './runState.js';

const plan = withDwell(planTreatment(cases.beetrootOnDamask, household, knowledge), 'oxygenSoak', HOURLY);
const MINUTE_MS = 60_000;
const START = Date.UTC(2026, 10, 24, 8, 0, 0);
const at = (minute: number) => new Date(START + minute * MINUTE_MS).toISOString();
type Told = RunEvent extends infer E ? (E extends RunEvent ? Omit<E, 'at'> : never) : never;

const looked = (answer: (typeof LOOK_ANSWERS)[number]): Told => ({ kind: 'looked', answer, leftPct: null });
const decided = (choice: (typeof CHOICES)[number]): Told => ({ kind: 'decided', choice });

/** A run built event by event, one minute apart. */
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

/** Events that lead through a pass up to the first step of a kind. */
function upTo(kind: string, passIndex: number): Told[] {
  const steps = plan.passes[passIndex]?.actions ?? [];
  const before = steps.slice(
    0,
    steps.findIndex((action) => action.kind === kind),
  );
  const pass = (action: Action): Told[] =>
    action.kind === 'look'
      ? [looked('gone'), decided('continue')]
      : [{ kind: 'actionDone', actionId: action.id }];
  return [{ kind: 'started', passIndex }, ...before.flatMap(pass)];
}

const kindNow = (state: RunState) => currentAction(state, plan)?.kind;
const oxygen = plan.passes.findIndex((pass) => pass.methodId === 'oxygenSoak');
/** The pass that washes, dries and looks. */
const washing = (plan.rounds[0]?.passes.length ?? 0) - 1;
const dwellId = plan.passes[oxygen]?.actions.find((action) => action.kind === 'dwell')?.id ?? '';

describe('a run', () => {
  it('begins at the first step of its pass', () => {
    expect(stateOf({ kind: 'started', passIndex: oxygen })).toMatchObject({
      status: 'active',
      passIndex: oxygen,
      round: 1,
      actionIndex: 0,
      timer: null,
    });
  });

  it('keeps its soak in absolute times: ready, latest and every look-in', () => {
    const events = upTo('dwell', oxygen);
    const { timer } = stateOf(...events, { kind: 'timerStarted', actionId: dwellId });
    const from = events.length;
    expect(timer).toEqual({
      actionId: dwellId,
      startedAt: at(from),
      readyAt: at(from + 120),
      latestAt: at(from + 240),
      pausedAt: null,
      lookAts: [at(from + 60), at(from + 120), at(from + 180)],
    });
  });

  it('waits when it still moves at a look-in, with the timer untouched', () => {
    const soaking = [...upTo('dwell', oxygen), { kind: 'timerStarted', actionId: dwellId } as Told];
    const asked = stateOf(...soaking, looked('moving'));
    expect(asked.decision?.choices[0]).toBe('wait');
    expect(stateOf(...soaking, looked('moving'), decided('wait'))).toMatchObject({
      decision: null,
      timer: stateOf(...soaking).timer,
    });
  });

  it('goes on to the wash when it is gone', () => {
    const state = stateOf(...upTo('look', oxygen), looked('gone'), decided('continue'));
    expect([state.passIndex, kindNow(state)]).toEqual([washing, 'mix']);
  });

  it('repeats from the mix while it moves, at most as often as the method bears', () => {
    let events: Told[] = [...upTo('look', oxygen)];
    const maxRounds = plan.passes[oxygen]?.maxRounds ?? 0;
    for (let round = 1; round < maxRounds; round += 1) {
      expect(stateOf(...events, looked('moving')).decision?.choices[0]).toBe('repeat');
      events = [...events, looked('moving'), decided('repeat')];
      const state = stateOf(...events);
      expect([kindNow(state), state.round, state.timer]).toEqual(['mix', round + 1, null]);
      const steps = plan.passes[oxygen]?.actions ?? [];
      const again = steps.slice(
        state.actionIndex,
        steps.findIndex((action) => action.kind === 'look'),
      );
      events = [...events, ...again.map((action): Told => ({ kind: 'actionDone', actionId: action.id }))];
    }
    expect(stateOf(...events, looked('moving')).decision?.choices).not.toContain('repeat');
    expect(refusalOf(...events, looked('moving'), decided('repeat'))).toBe('notOffered');
  });

  it('inside a round goes on past what stalled, and nothing is skipped', () => {
    const asked = stateOf(...upTo('look', oxygen), looked('stalled'));
    expect(asked.decision?.choices).toEqual(['continue', 'stop']);
    const state = stateOf(...upTo('look', oxygen), looked('stalled'), decided('continue'));
    expect(state).toMatchObject({ passIndex: washing, round: 1, actionIndex: 0 });
  });

  it('offers nothing but stopping when something is wrong, and then rinses out before it dries', () => {
    const soaking = [...upTo('dwell', oxygen), { kind: 'timerStarted', actionId: dwellId } as Told];
    expect(stateOf(...soaking, looked('wrong')).decision?.choices).toEqual(['stop']);
    const stop = [...soaking, looked('wrong'), decided('stop')];
    const stopped = stateOf(...stop);
    expect([kindNow(stopped), stopped.stopping, stopped.timer]).toEqual(['rinse', true, null]);
    const rinsed = stateOf(...stop, {
      kind: 'actionDone',
      actionId: currentAction(stopped, plan)?.id ?? '',
    });
    expect([rinsed.passIndex, kindNow(rinsed), rinsed.stopping]).toEqual([washing, 'dry', true]);
  });

  it('ends with an outcome and a note', () => {
    const state = stateOf(...upTo('finalLook', washing), looked('gone'), {
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
      ...upTo('finalLook', washing),
      looked('gone'),
      { kind: 'finished', outcome: 'gone', note: '' } as Told,
    ];
    expect(stateOf(...events, { kind: 'undone' })).toEqual(stateOf(...events.slice(0, -1)));
    expect(stateOf(...events, { kind: 'undone' }, { kind: 'undone' })).toEqual(
      stateOf(...events.slice(0, -2)),
    );
    expect(refusalOf({ kind: 'started', passIndex: 0 }, { kind: 'undone' })).toBe('nothingToUndo');
  });

  it('takes a note at any time, after the end too', () => {
    const events: Told[] = [
      { kind: 'started', passIndex: 0 },
      { kind: 'finished', outcome: 'abandoned', note: '' },
      { kind: 'noted', text: 'Ran out of vinegar.' },
    ];
    expect(stateOf(...events).notes).toEqual([{ at: at(2), text: 'Ran out of vinegar.' }]);
  });

  it.each([
    ['notStarted', [] as Told[]],
    ['notStarted', [{ kind: 'actionDone', actionId: 'x' }]],
    [
      'alreadyStarted',
      [
        { kind: 'started', passIndex: 0 },
        { kind: 'started', passIndex: 0 },
      ],
    ],
    ['noSuchPass', [{ kind: 'started', passIndex: 9 }]],
    [
      'notThisStep',
      [
        { kind: 'started', passIndex: 0 },
        { kind: 'actionDone', actionId: 'r1s9-dry' },
      ],
    ],
    ['notThisStep', [{ kind: 'started', passIndex: 0 }, looked('gone')]],
    [
      'lookFirst',
      [
        ...upTo('look', 0),
        {
          kind: 'actionDone',
          actionId: plan.passes[0]?.actions.find((action) => action.kind === 'look')?.id ?? '',
        },
      ],
    ],
    ['nothingToDecide', [{ kind: 'started', passIndex: 0 }, decided('continue')]],
    ['notOffered', [...upTo('look', 0), looked('gone'), decided('nextPass')]],
    [
      'notADwell',
      [
        { kind: 'started', passIndex: 0 },
        { kind: 'timerStarted', actionId: plan.passes[0]?.actions[0]?.id ?? '' },
      ],
    ],
    [
      'timerRuns',
      [
        ...upTo('dwell', oxygen),
        { kind: 'timerStarted', actionId: dwellId },
        { kind: 'timerStarted', actionId: dwellId },
      ],
    ],
    [
      'finished',
      [
        { kind: 'started', passIndex: 0 },
        { kind: 'finished', outcome: 'gone', note: '' },
        { kind: 'actionDone', actionId: 'r1s1-lift' },
      ],
    ],
  ] as [string, Told[]][])('returns %s, and throws nothing', (refusal, events) => {
    expect(refusalOf(...events)).toBe(refusal);
  });
});

describe('a clock', () => {
  const soaking = [...upTo('dwell', oxygen), { kind: 'timerStarted', actionId: dwellId } as Told];
  const from = soaking.length - 1;
  /** Events at minutes of their own, after the soak began. */
  const later = (...events: [number, Told][]) =>
    replayRun(
      [
        ...soaking.map((event, minute) => ({ ...event, at: at(minute) }) as RunEvent),
        ...events.map(([minute, event]) => ({ ...event, at: at(from + minute) }) as RunEvent),
      ],
      plan,
    );
  const timerAfter = (...events: [number, Told][]) => {
    const given = later(...events);
    return given.ok ? given.state.timer : given.refusal;
  };

  it('stands while it is taken out; the latest end does not move', () => {
    expect(timerAfter([30, { kind: 'paused' }])).toMatchObject({ pausedAt: at(from + 30) });
    expect(timerAfter([30, { kind: 'paused' }], [75, { kind: 'resumed' }])).toMatchObject({
      readyAt: at(from + 120 + 45),
      latestAt: at(from + 240),
      pausedAt: null,
    });
  });
  it('never reaches past the latest end, however long it was out', () => {
    expect(timerAfter([30, { kind: 'paused' }], [235, { kind: 'resumed' }])).toMatchObject({
      readyAt: at(from + 240),
    });
  });
  it('is put off within the window and no further', () => {
    expect(timerAfter([10, { kind: 'extended', minutes: 30 }])).toMatchObject({ readyAt: at(from + 150) });
    expect(timerAfter([130, { kind: 'extended', minutes: 30 }])).toMatchObject({ readyAt: at(from + 160) });
    expect(timerAfter([10, { kind: 'extended', minutes: 240 }])).toMatchObject({ readyAt: at(from + 240) });
    expect(timerAfter([10, { kind: 'extended', minutes: 240 }], [20, { kind: 'extended', minutes: 5 }])).toBe(
      'windowEnds',
    );
  });
  it.each([
    [
      'timerPaused',
      [
        [30, { kind: 'paused' }],
        [40, { kind: 'paused' }],
      ],
    ],
    [
      'timerPaused',
      [
        [30, { kind: 'paused' }],
        [40, looked('moving')],
      ],
    ],
    [
      'timerPaused',
      [
        [30, { kind: 'paused' }],
        [40, { kind: 'extended', minutes: 10 }],
      ],
    ],
    ['notPaused', [[30, { kind: 'resumed' }]]],
    ['windowEnds', [[241, { kind: 'paused' }]]],
    ['windowEnds', [[241, { kind: 'extended', minutes: 10 }]]],
  ] as [string, [number, Told][]][])('returns %s', (refusal, events) => {
    expect(timerAfter(...events)).toBe(refusal);
  });
  it('may not be stopped on what has to stay wet', () => {
    const paste = planTreatment({ ...cases.beetrootOnDamask, markIds: ['grass'] }, household, knowledge);
    const passIndex = paste.passes.findIndex((pass) =>
      pass.actions.some((action) => action.dwell?.keep === 'wet'),
    );
    const steps = paste.passes[passIndex]?.actions ?? [];
    const dwellAt = steps.findIndex((action) => action.dwell?.keep === 'wet');
    const events = [
      { kind: 'started', passIndex },
      ...steps.slice(0, dwellAt).map((action) => ({ kind: 'actionDone', actionId: action.id })),
      { kind: 'timerStarted', actionId: steps[dwellAt]?.id },
      { kind: 'paused' },
    ].map((event, minute) => ({ ...event, at: at(minute) }) as RunEvent);
    expect(replayRun(events, paste)).toEqual({ ok: false, refusal: 'mustStayWet' });
  });
});

describe('a look', () => {
  const level = (leftPct: number | null, signIds: string[] = []): Told => ({
    kind: 'looked',
    answer: null,
    leftPct,
    signIds,
  });
  const looking = upTo('look', oxygen);
  it.each([
    [100, 'stalled'],
    [75, 'moving'],
    [5, 'moving'],
    [0, 'gone'],
  ])('calls %i %% left on the first look %s', (leftPct, answer) => {
    expect(stateOf(...looking, level(leftPct)).decision?.answer).toBe(answer);
  });
  it('holds a level against the round before: the same level twice has stalled', () => {
    const steps = plan.passes[oxygen]?.actions ?? [];
    const again = steps
      .slice(
        steps.findIndex((action) => action.kind === 'mix'),
        steps.findIndex((action) => action.kind === 'look'),
      )
      .map((action): Told => ({ kind: 'actionDone', actionId: action.id }));
    const second = [...looking, level(50), decided('repeat'), ...again];
    expect(stateOf(...second, level(50)).decision?.answer).toBe('stalled');
    expect(stateOf(...second, level(25)).decision?.answer).toBe('moving');
  });
  it('stops at an alarm sign whatever level was told', () => {
    const [alarm = ''] =
      plan.passes[oxygen]?.actions.find((action) => action.kind === 'look')?.alarmSignIds ?? [];
    expect(stateOf(...looking, level(5, [alarm])).decision).toEqual({ answer: 'wrong', choices: ['stop'] });
  });
  it('asks for a level where nothing was told, and takes “cannot tell”', () => {
    expect(refusalOf(...looking, level(null))).toBe('lookNeedsLevel');
    expect(stateOf(...looking, looked('unsure')).decision?.choices).toEqual(['continue', 'stop']);
  });
});

describe('heat before it is gone', () => {
  const heat: Told = { kind: 'heatAllowed', reason: 'what is left I accept' };
  it('is closed until a dry last look says gone', () => {
    expect(stateOf(...upTo('finalLook', washing), looked('moving')).heat).toBe('closed');
    expect(stateOf(...upTo('look', 0), looked('gone')).heat).toBe('closed');
    expect(stateOf(...upTo('finalLook', washing), looked('gone')).heat).toBe('open');
  });
  it('can be taken on oneself, with the reason in the log, once nothing is left in the cloth', () => {
    expect(refusalOf(...upTo('dwell', oxygen), heat)).toBe('productInside');
    const state = stateOf(...upTo('dry', washing), heat);
    expect(state.heat).toBe('overridden');
    expect(state.notes[0]?.text).toContain('what is left I accept');
    expect(refusalOf(...upTo('finalLook', washing), looked('gone'), heat)).toBe('heatIsOpen');
  });
  it('cannot be waived where it would endanger people', () => {
    const solvent = planTreatment(
      {
        ...cases.beetrootOnDamask,
        markIds: ['ballpoint'],
        reach: 'shop',
      },
      household,
      knowledge,
    );
    const passIndex = solvent.passes.findIndex((pass) => pass.cautionIds.includes('noDryerAfterSolvent'));
    const steps = solvent.passes[passIndex]?.actions ?? [];
    const events = [{ kind: 'started', passIndex }, heat].map(
      (event, minute) => ({ ...event, at: at(minute) }) as RunEvent,
    );
    expect(steps.length).toBeGreaterThan(0);
    expect(replayRun(events, solvent)).toEqual({ ok: false, refusal: 'heatEndangersPeople' });
  });
});
