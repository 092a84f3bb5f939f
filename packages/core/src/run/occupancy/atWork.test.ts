import { describe, expect, it } from 'vitest';
import { NO_PRICES } from '../../cost/costOf.js';
import { cases, HOURLY, household, knowledge, withDwell } from '../../test/fixtures.js';
import { runsInDrum } from '../../treatment/plan/action.js';
import { planTreatment } from '../../treatment/planTreatment.js';
import { exposureOf } from '../../wear/exposure.js';
import { lookQuestions } from '../look/lookQuestions.js';
import { nextAction } from '../next/nextAction.js';
import { nextOptions, oddsToReach } from '../next/nextOptions.js';
import { replayRun } from '../replayRun.js';
import type { RunEvent } from '../runEvent.js';
import { clashesOf, clashesOfRun, occupations, type RunAtWork } from './clashesOf.js';

const plan = withDwell(planTreatment(cases.beetrootOnDamask, household, knowledge), 'oxygenSoak', HOURLY);
const START = Date.UTC(2026, 10, 24, 8, 0, 0);
const at = (minute: number) => new Date(START + minute * 60_000).toISOString();
const oxygen = plan.passes.findIndex((pass) => pass.methodId === 'oxygenSoak');
const steps = plan.passes[oxygen]?.actions ?? [];
const dwellAt = steps.findIndex((action) => action.kind === 'dwell');
const dwellId = steps[dwellAt]?.id ?? '';

/** A soak started at minute 0; more events at minutes of their own. */
function soak(...more: [number, object][]): { events: RunEvent[]; run: RunAtWork } {
  const events = [
    { kind: 'started', passIndex: oxygen, at: at(-30) },
    ...steps.slice(0, dwellAt).map((action) => ({ kind: 'actionDone', actionId: action.id, at: at(-20) })),
    { kind: 'timerStarted', actionId: dwellId, at: at(0) },
    ...more.map(([minute, event]) => ({ ...event, at: at(minute) })),
  ] as RunEvent[];
  const replayed = replayRun(events, plan);
  if (!replayed.ok) throw new Error(replayed.refusal);
  return { events, run: { id: 'soak', pieceName: 'damask cloth', plan, state: replayed.state } };
}
const next = (minute: number, ...more: [number, object][]) =>
  nextAction(soak(...more).run.state, plan, START + minute * 60_000);

describe('what wants a hand', () => {
  it('is the next look-in, then “ready”, then “over” with what to do', () => {
    expect(next(10)).toMatchObject({ what: 'working', at: at(60) });
    expect(next(65)).toMatchObject({ what: 'lookDue', at: at(60) });
    expect(next(130)).toMatchObject({ what: 'ready', at: at(120) });
    expect(next(250)).toMatchObject({ what: 'over', at: at(240), overrun: expect.any(String) });
  });
  it('forgets a look-in that was done, and says what is taken out', () => {
    const looked = { kind: 'looked', answer: 'moving', leftPct: 50 };
    expect(next(62, [61, looked])).toMatchObject({ what: 'decide' });
    expect(next(65, [61, looked], [62, { kind: 'decided', choice: 'wait' }])).toMatchObject({
      what: 'working',
    });
    expect(next(65, [20, { kind: 'paused' }])).toMatchObject({ what: 'paused', at: at(20) });
  });
});

describe('how long a run needs a machine', () => {
  // A mild programme at 30 or 40 °C takes 40 to 90 minutes. Common practice, no source.
  it('an hour and a quarter from the tap that starts the wash', () => {
    const passIndex = plan.passes.findIndex(({ actions }) => actions.some(runsInDrum));
    const replayed = replayRun([{ kind: 'started', passIndex, at: at(0) }], plan);
    if (!replayed.ok) throw new Error(replayed.refusal);
    const run = { id: 'wash', pieceName: 'cloth', plan, state: replayed.state };
    const drum = occupations(run, START).find(({ what }) => what === 'machine');
    const wash = plan.passes[passIndex]?.actions.find(runsInDrum);
    expect((drum?.toMs ?? 0) - (drum?.fromMs ?? 0)).toBe(((wash?.handsOnMin ?? 0) + 75) * 60_000);
  });
});

describe('a clock that is set', () => {
  const DAY = 24 * 60;
  it('set back, moves what lies in the future of it, and the rest of the soak is as long as it was', () => {
    // Ahead by a day when the clock of the soak was started; noticed ten minutes later.
    const { state } = soak([10 - DAY, { kind: 'clockSet', byMs: -DAY * 60_000 }]).run;
    expect(state.timer).toMatchObject({
      startedAt: at(-DAY),
      readyAt: at(120 - DAY),
      latestAt: at(240 - DAY),
    });
    expect(state.startedAt).toBe(at(-30 - DAY));
  });
  it('set forward, moves all of it', () => {
    const { state } = soak([10 + DAY, { kind: 'clockSet', byMs: DAY * 60_000 }]).run;
    expect(state.timer).toMatchObject({ readyAt: at(120 + DAY), latestAt: at(240 + DAY) });
  });
  it('is nobody’s turn: undo takes back the tap before it, and redo brings that again at its right time', () => {
    const set = [10 - DAY, { kind: 'clockSet', byMs: -DAY * 60_000 }] as [number, object];
    expect(soak(set, [11 - DAY, { kind: 'undone' }]).run.state.timer).toBeNull();
    const again = soak(set, [11 - DAY, { kind: 'undone' }], [12 - DAY, { kind: 'redone' }]).run;
    expect(again.state.timer).toMatchObject({ readyAt: at(120 - DAY) });
    // Taken back before it was set, too.
    const late = soak([1, { kind: 'undone' }], set, [12 - DAY, { kind: 'redone' }]).run;
    expect(late.state.timer).toMatchObject({ readyAt: at(120 - DAY) });
  });
});

describe('clashes', () => {
  const { run } = soak();
  const other: RunAtWork = { ...run, id: 'other', pieceName: 'napkins' };
  it('are seen before they happen: one vessel wanted twice', () => {
    const clashes = clashesOf([run, other], START + 5 * 60_000);
    expect(clashes.map((clash) => clash.kind)).toContain('vesselTwice');
    expect(clashes[0]).toMatchObject({ runIds: ['soak', 'other'], pieceNames: ['damask cloth', 'napkins'] });
    expect((clashes[0]?.freeAt ?? '') > at(5)).toBe(true);
  });
  it('are none for one alone, and none with a run that is over', () => {
    expect(clashesOf([run], START)).toEqual([]);
    const over = { ...other, state: { ...other.state, status: 'finished' as const } };
    expect(clashesOf([run, over], START)).toEqual([]);
  });
  it('say of colours that may come out that they never share a water', () => {
    const red: RunAtWork = {
      ...other,
      plan: {
        ...plan,
        facts: { ...plan.facts, piece: { ...plan.facts.piece, colour: 'dark', fastness: 'unknown' } },
      },
    };
    const kinds = (runs: RunAtWork[]) => clashesOf(runs, START).map((clash) => clash.kind);
    expect(kinds([run, red])).toContain('coloursTogether');
    expect(kinds([red, { ...red, id: 'third' }])).toContain('coloursTogether');
    expect(kinds([run, other])).not.toContain('coloursTogether');
  });
  it('say when the solvents of all runs together are more than a room bears in a day', () => {
    const pad = (id: string, volumeML: number): RunAtWork => {
      const [pass] = plan.passes;
      const [mix] = pass?.actions.filter((action) => action.kind === 'mix') ?? [];
      const [one] = mix?.ingredients ?? [];
      if (!pass || !mix || !one) throw new Error('no mix');
      const poured = { ...mix, ingredients: [{ ...one, agentId: 'isopropanol', volumeML }] };
      return {
        ...other,
        id,
        state: { ...other.state, passIndex: 0 },
        plan: { ...plan, passes: [{ ...pass, actions: [poured] }] },
      };
    };
    const kinds = (runs: RunAtWork[]) => clashesOf(runs, START).map((clash) => clash.kind);
    expect(kinds([pad('a', 50), pad('b', 50)])).not.toContain('solventsTogether');
    const three = [pad('a', 40), pad('b', 40), pad('c', 40)] as const;
    expect(kinds([...three])).toContain('solventsTogether');
    expect(clashesOfRun(three[0], three.slice(1), START)).toHaveLength(
      clashesOf(three, START).filter(({ runIds }) => runIds.includes('a')).length,
    );
  });
  it('of one run are those of all that name it', () => {
    const all = [run, other, { ...run, id: 'third' }, { ...run, id: 'fourth' }];
    const of = (one: RunAtWork) =>
      clashesOfRun(
        one,
        all.filter((each) => each !== one),
        START,
      );
    for (const one of all) {
      const sifted = clashesOf(all, START).filter(({ runIds }) => runIds.includes(one.id));
      expect(sifted.length).toBeGreaterThan(0);
      expect(of(one).map(({ kind, runIds }) => [kind, [...runIds].sort()])).toEqual(
        expect.arrayContaining(sifted.map(({ kind, runIds }) => [kind, [...runIds].sort()])),
      );
      expect(of(one)).toHaveLength(sifted.length);
    }
  });
});

describe('ways on', () => {
  const looked = (leftPct: number) =>
    soak([130, { kind: 'actionDone', actionId: dwellId }], [131, { kind: 'looked', answer: null, leftPct }])
      .run;
  it('carry cost, time and odds; repeating is bounded by what the piece bears', () => {
    const ways = nextOptions(looked(50).state, plan, {
      ...NO_PRICES,
      money: '€',
      agents: { oxygenBleach: 8 },
      waterM3: 4,
      kWh: 0.3,
    });
    const repeat = ways.find((way) => way.way === 'repeat');
    expect(repeat?.roundsLeft).toBe((plan.passes[oxygen]?.maxRounds ?? 0) - 1);
    expect(repeat?.cost).toMatchObject({ isUnknown: false });
    expect(repeat?.totalMin.high).toBeGreaterThan(0);
    expect(repeat?.leftPct?.high).toBeLessThanOrEqual(50);
  });
  it('are silent about money that was not told', () => {
    expect(
      nextOptions(looked(50).state, plan, NO_PRICES).find((way) => way.way === 'repeat')?.cost,
    ).toMatchObject({ isUnknown: true });
  });
  it('give odds of one where a trace is left already, and fewer the more is left', () => {
    const effect = { low: 0.4, high: 0.8 };
    expect(oddsToReach(12, 5, effect)).toBe(1);
    expect(oddsToReach(12, 25, effect)).toBeGreaterThan(oddsToReach(12, 100, effect));
  });
});

it('asks what fits: smell for odours, foam where it was dabbed, dryness at the last look', () => {
  const pass = plan.passes[oxygen] ?? { actions: [] };
  const action = (kind: string) =>
    [...pass.actions, ...plan.passes.flatMap((one) => one.actions)].find((one) => one.kind === kind) ??
    expect.unreachable(kind);
  const ask = (kind: string, kinds: Parameters<typeof lookQuestions>[2]) => {
    return lookQuestions(pass, action(kind), kinds);
  };
  expect(ask('dwell', ['mark'])).toEqual(['colourOnCloth', 'waterDirtOrDye', 'besideControl']);
  expect(ask('finalLook', ['mark'])).toEqual(['dryFirst', 'besideControl']);
  expect(ask('finalLook', ['odour'])).toEqual(['dryFirst', 'smellWarm']);
});

it('adds up what a piece was put through: hours in oxygen, washes, rounds; undone taps do not count', () => {
  const { events } = soak([180, { kind: 'actionDone', actionId: dwellId }]);
  expect(exposureOf(events, plan, knowledge, START)).toMatchObject({
    oxygenHours: 3,
    soakHours: 3,
    rounds: 1,
    machineWashes: 0,
  });
  const taken = [...events, { kind: 'undone', at: at(181) } as RunEvent];
  expect(exposureOf(taken, plan, knowledge, START + 240 * 60_000)).toMatchObject({ oxygenHours: 4 });
});
