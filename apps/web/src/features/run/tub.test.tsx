import type { Action, Pass, RunState, RunView } from '@feverfew/contracts';
import { cleanup, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { inApp, show } from '../../test/inApp';
import { FinishForm } from './finish/FinishForm';
import { DecisionPanel } from './look/DecisionPanel';
import { LookPanel } from './look/LookPanel';
import { RunLog } from './RunLog';
import { SlateClock } from './timer/SlateClock';
import { TimerPanel } from './timer/TimerPanel';

const voice = (pending = false) => ({
  send: vi.fn(),
  pending,
  waiting: 0,
  isUnkept: false,
  onlyLooks: false,
  error: null,
});
const START = Date.UTC(2026, 5, 15, 9, 0, 0);
const iso = (minute: number) => new Date(START + minute * 60_000).toISOString();
const action = {
  id: 'r2s4-dwell',
  kind: 'dwell',
  alarmSignIds: [],
  rinses: null,
  vessel: null,
  dwell: { minMin: 120, maxMin: 240, lookEveryMin: 60, keep: 'wet', untilCool: false, attended: false },
} as unknown as Action;
const state = (more: Partial<RunState> = {}): RunState => ({
  status: 'active',
  passIndex: 0,
  round: 1,
  actionIndex: 3,
  timer: null,
  decision: null,
  times: [1],
  setAside: [],
  barred: [],
  worked: [],
  stopping: false,
  looks: [],
  notes: [],
  mixes: [],
  photos: [],
  heat: 'closed',
  outcome: null,
  startedAt: iso(0),
  finishedAt: null,
  ...more,
});
const soaking = {
  actionId: action.id,
  startedAt: iso(0),
  readyAt: iso(120),
  latestAt: iso(240),
  lookAts: [iso(60), iso(120), iso(180)],
  pausedAt: null,
};
const pass = { methodId: 'oxygenSoak', actions: [action], maxRounds: 3 } as unknown as Pass;
/** A run in that state. */
const run = (more: Partial<RunState> = {}): RunView =>
  ({
    id: 'run',
    markIds: ['beetroot'],
    plan: { facts: { markIds: ['beetroot'] }, passes: [pass], rounds: [] },
    prices: { money: '', agents: {}, kWh: null, waterM3: null, hour: null, professional: 28 },
    state: state(more),
  }) as unknown as RunView;

afterEach(cleanup);

describe('looking', () => {
  it('takes one tap on a picture, and leaves the judging to the rule', async () => {
    const say = voice();
    show(<LookPanel run={run()} pass={pass} action={action} say={say} />);
    await userEvent.click(screen.getByRole('button', { name: 'Half' }));
    expect(say.send).toHaveBeenLastCalledWith({ kind: 'looked', answer: null, leftPct: 50 });
    await userEvent.click(screen.getByRole('button', { name: 'Gone' }));
    expect(say.send).toHaveBeenLastCalledWith({ kind: 'looked', answer: null, leftPct: 0 });
    await userEvent.click(screen.getByRole('button', { name: 'Cannot tell' }));
    expect(say.send).toHaveBeenLastCalledWith({ kind: 'looked', answer: 'unsure', leftPct: null });
  });
  it('asks which stop sign, and takes the word back when there is none', async () => {
    const say = voice();
    show(<LookPanel run={run()} pass={pass} action={action} say={say} />);
    await userEvent.click(screen.getByRole('button', { name: 'Something is wrong' }));
    await userEvent.click(screen.getByRole('button', { name: 'No, all is well' }));
    expect(say.send).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole('button', { name: 'Something is wrong' }));
    await userEvent.click(screen.getByRole('button', { name: 'Something else is wrong' }));
    expect(say.send).toHaveBeenLastCalledWith({ kind: 'looked', answer: 'wrong', leftPct: null });
  });
  it('says what it was last time, and what to check', () => {
    const looks = [
      {
        at: iso(60),
        passIndex: 0,
        of: [0],
        round: 1,
        answer: 'moving' as const,
        leftPct: 75,
        byMark: [],
        isDry: false,
        signIds: [],
      },
    ];
    show(<LookPanel run={run({ looks })} pass={pass} action={action} say={voice()} />);
    expect(screen.getByText(/Last time: most of it/)).toBeTruthy();
    expect(screen.getByText(/Press a white cloth on it/)).toBeTruthy();
  });
  it('takes no second tap while the first is on its way', async () => {
    const say = voice(true);
    show(<LookPanel run={run()} pass={pass} action={action} say={say} />);
    await userEvent.click(screen.getByRole('button', { name: 'Gone' }));
    expect(say.send).not.toHaveBeenCalled();
  });
});

describe('looking at several', () => {
  const both = { ...run(), markIds: ['redWine', 'butter'] } as RunView;
  const plan = { ...both.plan, facts: { ...both.plan.facts, markIds: ['redWine', 'butter'] } };
  const dry = { ...action, kind: 'finalLook', dwell: null } as Action;
  it('asks of each, and sends them together once all are told', async () => {
    const say = voice();
    show(<LookPanel run={{ ...both, plan }} pass={pass} action={dry} say={say} />);
    const [wine, butter] = screen.getAllByRole('group').slice(1);
    if (!wine || !butter) return expect.unreachable();
    await userEvent.click(within(wine).getByRole('button', { name: 'Half' }));
    expect(within(wine).getByRole('button', { name: 'Half' }).getAttribute('aria-pressed')).toBe('true');
    const all = screen.getByRole('button', { name: /Still to tell/ });
    expect(all.hasAttribute('disabled')).toBe(true);
    await userEvent.click(within(butter).getByRole('button', { name: 'Cannot tell' }));
    await userEvent.click(screen.getByRole('button', { name: 'That is what I see' }));
    expect(say.send).toHaveBeenCalledWith({
      kind: 'looked',
      answer: null,
      leftPct: null,
      marks: [
        { markId: 'redWine', leftPct: 50 },
        { markId: 'butter', leftPct: null },
      ],
    });
  });
  it('asks only of what is left, by its name', async () => {
    const say = voice();
    const gone = { markId: 'butter', leftPct: 0, answer: 'gone' as const };
    const look = { at: iso(60), passIndex: 0, of: [0], round: 1, answer: 'moving' as const, leftPct: 50 };
    const looks = [{ ...look, byMark: [gone], isDry: true, signIds: [] }];
    show(<LookPanel run={{ ...both, plan, state: state({ looks }) }} pass={pass} action={dry} say={say} />);
    await userEvent.click(screen.getByRole('button', { name: 'A trace' }));
    expect(say.send).toHaveBeenCalledWith({
      kind: 'looked',
      answer: null,
      leftPct: null,
      marks: [{ markId: 'redWine', leftPct: 5 }],
    });
  });
});

describe('deciding', () => {
  it('puts the recommended way first, and leaves finishing to its own form', async () => {
    const say = voice();
    const decision = { answer: 'moving', choices: ['wait', 'continue', 'stop', 'finish'] } as const;
    const rinsed = { ...pass, actions: [action, { ...action, kind: 'rinse', rinseWay: 'change' }] } as Pass;
    show(<DecisionPanel run={run({ decision })} pass={rinsed} action={action} say={say} />);
    expect(screen.getAllByRole('button').map((button) => button.textContent)).toEqual([
      'Leave it in',
      'Take it out and go on',
      'Stop and rinse it out',
    ]);
    await userEvent.click(screen.getByRole('button', { name: 'Take it out and go on' }));
    expect(say.send).toHaveBeenCalledWith({ kind: 'decided', choice: 'continue' });
  });
  it.each([
    ['change', 'Stop and rinse it out', /Rinse cold/],
    ['damp', 'Stop and blot it out', /cold damp cloth/],
    ['vacuum', 'Stop and take it off', /Take off dry/],
    [null, 'Stop here', /Leave it as it lies/],
  ] as const)('says how to stop by how the piece is freed of it: %s', (rinseWay, name, advice) => {
    const out = rinseWay === null ? [] : [{ ...action, kind: 'rinse', rinseWay }];
    const own = { ...pass, actions: [action, ...out], rinseOut: null } as unknown as Pass;
    const decision = { answer: 'wrong', choices: ['stop'] } as const;
    show(<DecisionPanel run={run({ decision })} pass={own} action={action} say={voice()} />);
    expect(screen.getByRole('button', { name })).toBeTruthy();
    expect(screen.getByText(advice)).toBeTruthy();
  });
  it('offers every honest ending where something is left, with the note only if wanted', async () => {
    const say = voice();
    const decision = { answer: 'stalled', choices: ['finish'] } as const;
    show(<FinishForm run={run({ decision })} answer="stalled" say={say} />);
    expect(screen.queryByRole('textbox')).toBeNull();
    expect(screen.getByRole('button', { name: /Handed to a professional/ }).textContent).toContain('28.00');
    await userEvent.click(screen.getByRole('button', { name: /Add a note/ }));
    await userEvent.type(screen.getByRole('textbox'), '  a shadow stays ');
    await userEvent.click(screen.getByRole('button', { name: /Save: Better, and accepted/ }));
    expect(say.send).toHaveBeenCalledWith({ kind: 'finished', outcome: 'better', note: 'a shadow stays' });
  });
});

describe('the clock', () => {
  it('says the window before it starts', async () => {
    const say = voice();
    show(<TimerPanel run={run()} pass={pass} action={action} nowMs={START} say={say} />);
    expect(screen.getByText('2–4 h, check every 60 min.')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Start the clock' }));
    expect(say.send).toHaveBeenCalledWith({ kind: 'timerStarted', actionId: action.id });
  });
  it('counts, calls a look-in due and forgets it once somebody looked', () => {
    const at = (minute: number, looks: RunState['looks'] = []) => (
      <>
        <SlateClock run={run({ timer: soaking, looks })} action={action} nowMs={START + minute * 60_000} />
        <TimerPanel
          run={run({ timer: soaking, looks })}
          pass={pass}
          action={action}
          nowMs={START + minute * 60_000}
          say={voice()}
        />
      </>
    );
    const view = show(at(65));
    expect(screen.getByTestId('clock').textContent).toBe('55:00');
    expect(screen.getByText(/Lift a corner and look/)).toBeTruthy();
    view.rerender(
      inApp(
        at(65, [
          {
            at: iso(62),
            passIndex: 0,
            of: [0],
            round: 1,
            answer: 'moving',
            leftPct: null,
            byMark: [],
            isDry: false,
            signIds: [],
          },
        ]),
      ),
    );
    expect(screen.queryByText(/Lift a corner and look/)).toBeNull();
  });
  it('says by how much it is over and what to do, with the answers at hand', () => {
    show(
      <TimerPanel
        run={run({ timer: soaking })}
        pass={pass}
        action={action}
        nowMs={START + 265 * 60_000}
        say={voice()}
      />,
    );
    expect(
      screen.getByText(/By 25 min\. It was to stay wet: wet it again as it was, then check\./),
    ).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Gone' })).toBeTruthy();
  });
});

describe('the log', () => {
  it('puts looks and notes in order of time', () => {
    show(
      <RunLog
        state={state({
          looks: [
            {
              at: iso(60),
              passIndex: 0,
              of: [0],
              round: 1,
              answer: 'moving',
              leftPct: 40,
              byMark: [],
              isDry: false,
              signIds: [],
            },
            {
              at: iso(120),
              passIndex: 0,
              of: [0],
              round: 2,
              answer: 'gone',
              leftPct: 0,
              byMark: [],
              isDry: false,
              signIds: [],
            },
          ],
          notes: [{ at: iso(90), text: 'changed the water' }],
        })}
      />,
    );
    expect(screen.getAllByRole('listitem').map((line) => line.textContent?.split(' · ')[1])).toEqual([
      'Round 1: still moving, half left',
      '“changed the water”',
      'Round 2: gone',
    ]);
  });
});
