import type { RunEvent, RunView } from '@feverfew/contracts';
import { expect, it } from 'vitest';
import type { HeldTap } from '../../app/offline/tapStore';
import { conditionsHere } from './conditionsHere';
import { costText, wayLine } from './look/nextOptionView';
import { stallWords } from './look/stallWords';
import { withHeld } from './useRunInHand';

const START = Date.UTC(2026, 5, 15, 9, 0, 0);
const iso = (minute: number) => new Date(START + minute * 60_000).toISOString();
const dwell = { minMin: 20, maxMin: 40, lookEveryMin: 10, keep: 'none', attended: false };
const plan = {
  passes: [
    {
      maxRounds: 2,
      actions: [
        { id: 'apply', kind: 'apply', dwell: null },
        { id: 'dwell', kind: 'dwell', dwell, alarmSignIds: [] },
        { id: 'look', kind: 'look', dwell: null, alarmSignIds: [] },
      ],
    },
  ],
} as unknown as RunView['plan'];
const started: RunEvent = { kind: 'started', at: iso(0), passIndex: 0 };
const run = { id: 'run', plan, events: [started], state: { actionIndex: 0 } } as unknown as RunView;
const held = (minute: number, event: HeldTap['event']): HeldTap => ({
  runId: 'run',
  key: String(minute),
  event,
  tappedAt: START + minute * 60_000,
  nth: minute,
});

it('goes on without a line by the same rules, each tap at its own time', () => {
  const taps = [
    held(3, { kind: 'actionDone', actionId: 'apply' }),
    held(5, { kind: 'timerStarted', actionId: 'dwell' }),
  ];
  const inHand = withHeld(run, taps, 0);
  expect(inHand.state).toMatchObject({ actionIndex: 1, timer: { startedAt: iso(5), readyAt: iso(25) } });
  // A device whose own clock is four minutes fast.
  expect(withHeld(run, taps, -4 * 60_000).state.timer?.startedAt).toBe(iso(1));
});

it('leaves a held tap that does not fit to the server to refuse', () => {
  const inHand = withHeld(
    run,
    [held(1, { kind: 'decided', choice: 'repeat' }), held(2, { kind: 'actionDone', actionId: 'apply' })],
    0,
  );
  expect(inHand.state.actionIndex).toBe(1);
  expect(inHand.events).toHaveLength(2);
});

it('says cost, time and odds in one line, and nothing where nothing is known', () => {
  const cost = { amount: 0.416, isAtLeast: true, isUnknown: false };
  expect(costText(cost, '€')).toBe('at least €0.42');
  expect(costText({ ...cost, isUnknown: true }, '€')).toBe('');
  const way = {
    way: 'repeat',
    methodId: 'x',
    cost,
    handsOnMin: 9.6,
    totalMin: { low: 120, high: 240 },
    leftPct: { low: 5, high: 20 },
    oddsGone: 0.614,
    roundsLeft: 1,
  } as const;
  expect(wayLine(way, '€')).toBe(
    '10 min hands on, 2–4 h in all · at least €0.42 · then 5–20 % left · ' +
      'odds of a trace or less 61 in 100 · 1 more round the piece bears',
  );
  expect(
    wayLine(
      { ...way, totalMin: { low: 0, high: 0 }, cost: null, leftPct: null, oddsGone: null, way: 'stop' },
      '',
    ),
  ).toBe('');
});

it('puts the curve into words: stalled, or about how many rounds', () => {
  const removed = { low: 0.2, likely: 0.5, high: 0.7 };
  const base = { points: [], forecast: [], changeLinePct: 40, removed };
  expect(stallWords({ ...base, verdict: 'moving', roundsLeft: { low: 1, likely: 2, high: 5 } })).toMatch(
    /50 % of what was left.*about 2 more rounds to a trace \(at most 5\)/,
  );
  expect(stallWords({ ...base, verdict: 'moving', roundsLeft: { low: 1, likely: 1, high: null } })).toMatch(
    /about 1 more round to a trace \(or never\)/,
  );
  expect(stallWords({ ...base, verdict: 'stalled', roundsLeft: null })).toMatch(/That is a stall/);
});

it('says a condition of a step at its first action alone', () => {
  const checks = [{ id: 'isOrange', text: 'it is orange', when: 'beforeStep' }];
  const plan = { rounds: [{ passes: [{ id: 'r1p2', checks }] }] };
  const at = (actionIndex: number, passId: string | null) =>
    conditionsHere({ plan, state: { actionIndex } } as never, { passId } as never);
  expect(at(0, 'r1p2')).toEqual(['Only if it is orange.']);
  expect([at(1, 'r1p2'), at(0, null), at(0, 'r9p9')]).toEqual([[], [], []]);
});
