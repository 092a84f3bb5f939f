import { ChakraProvider } from '@chakra-ui/react';
import type { RunState, Step } from '@feverfew/contracts';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactElement } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { system } from '../../theme/system';
import { DecisionPanel } from './DecisionPanel';
import { FinishForm } from './FinishForm';
import { LookPanel } from './LookPanel';
import { RunLog } from './RunLog';
import { TimerPanel } from './TimerPanel';

const show = (ui: ReactElement) => render(<ChakraProvider value={system}>{ui}</ChakraProvider>);
const voice = (pending = false) => ({ send: vi.fn(), pending, error: null });
const START = Date.UTC(2026, 5, 15, 9, 0, 0);
const iso = (minute: number) => new Date(START + minute * 60_000).toISOString();
const step = {
  id: 'r2s4-dwell',
  kind: 'dwell',
  dwell: { minMin: 120, maxMin: 240, lookEveryMin: 60, keep: 'wet', untilCool: false, attended: false },
} as unknown as Step;
const state = (more: Partial<RunState> = {}): RunState => ({
  status: 'active',
  rungIndex: 0,
  round: 1,
  stepIndex: 3,
  timer: null,
  decision: null,
  stopping: false,
  looks: [],
  notes: [],
  mixes: [],
  outcome: null,
  startedAt: iso(0),
  finishedAt: null,
  ...more,
});
const soaking = {
  stepId: step.id,
  startedAt: iso(0),
  readyAt: iso(120),
  latestAt: iso(240),
  lookAts: [iso(60), iso(120), iso(180)],
};

afterEach(cleanup);

describe('looking', () => {
  it('reports the answer, and how much is left only if it was said', async () => {
    const say = voice();
    show(<LookPanel say={say} />);
    await userEvent.click(screen.getByRole('button', { name: /^Stalled/ }));
    expect(say.send).toHaveBeenLastCalledWith({ kind: 'looked', answer: 'stalled', leftPct: null });
    await userEvent.click(screen.getByRole('button', { name: 'half' }));
    await userEvent.click(screen.getByRole('button', { name: /^Still moving/ }));
    expect(say.send).toHaveBeenLastCalledWith({ kind: 'looked', answer: 'moving', leftPct: 50 });
    await userEvent.click(screen.getByRole('button', { name: 'half' }));
    await userEvent.click(screen.getByRole('button', { name: /^Gone/ }));
    expect(say.send).toHaveBeenLastCalledWith({ kind: 'looked', answer: 'gone', leftPct: 0 });
  });
  it('takes no second tap while the first is on its way', async () => {
    const say = voice(true);
    show(<LookPanel say={say} />);
    await userEvent.click(screen.getByRole('button', { name: /^Gone/ }));
    expect(say.send).not.toHaveBeenCalled();
  });
});

describe('deciding', () => {
  it('puts the recommended way first, and leaves finishing to its own form', async () => {
    const say = voice();
    show(
      <DecisionPanel say={say} decision={{ answer: 'moving', choices: ['repeat', 'nextRung', 'finish'] }} />,
    );
    expect(screen.getAllByRole('button').map((button) => button.textContent)).toEqual([
      'Same again, fresh mix',
      'Next rung',
    ]);
    await userEvent.click(screen.getByRole('button', { name: 'Next rung' }));
    expect(say.send).toHaveBeenCalledWith({ kind: 'decided', choice: 'nextRung' });
  });
  it('shows nothing where only finishing is left', () => {
    show(<DecisionPanel say={voice()} decision={{ answer: 'gone', choices: ['finish'] }} />);
    expect(screen.queryByRole('button')).toBeNull();
  });
  it('writes the outcome with a trimmed note', async () => {
    const say = voice();
    show(<FinishForm answer="stalled" say={say} />);
    await userEvent.type(screen.getByRole('textbox'), '  a shadow stays ');
    await userEvent.click(screen.getByRole('button', { name: 'Write down: Better, and accepted' }));
    expect(say.send).toHaveBeenCalledWith({ kind: 'finished', outcome: 'better', note: 'a shadow stays' });
  });
});

describe('the clock', () => {
  it('says the window before it starts', async () => {
    const say = voice();
    show(<TimerPanel step={step} state={state()} nowMs={START} say={say} />);
    expect(screen.getByText('2–4 h, look in every 60 min.')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Start the clock' }));
    expect(say.send).toHaveBeenCalledWith({ kind: 'timerStarted', stepId: step.id });
  });
  it('counts, calls a look-in due and forgets it once somebody looked', () => {
    const at = (minute: number, looks: RunState['looks'] = []) => (
      <TimerPanel
        step={step}
        state={state({ timer: soaking, looks })}
        nowMs={START + minute * 60_000}
        say={voice()}
      />
    );
    const view = show(at(65));
    expect(screen.getByTestId('clock').textContent).toBe('55:00');
    expect(screen.getByText(/Lift a corner and look/)).toBeTruthy();
    view.rerender(
      <ChakraProvider value={system}>
        {at(65, [{ at: iso(62), rungIndex: 0, round: 1, answer: 'moving', leftPct: null }])}
      </ChakraProvider>,
    );
    expect(screen.queryByText(/Lift a corner and look/)).toBeNull();
  });
  it('says by how much it is over and what to do, with the answers at hand', () => {
    show(
      <TimerPanel step={step} state={state({ timer: soaking })} nowMs={START + 265 * 60_000} say={voice()} />,
    );
    expect(
      screen.getByText(/Over by 25:00\. It was to stay wet: wet it again now\. Then look\./),
    ).toBeTruthy();
    expect(screen.getByRole('button', { name: /^Gone/ })).toBeTruthy();
  });
});

describe('the log', () => {
  it('puts looks and notes in order of time', () => {
    show(
      <RunLog
        state={state({
          looks: [
            { at: iso(60), rungIndex: 0, round: 1, answer: 'moving', leftPct: 40 },
            { at: iso(120), rungIndex: 0, round: 2, answer: 'gone', leftPct: 0 },
          ],
          notes: [{ at: iso(90), text: 'changed the water' }],
        })}
      />,
    );
    expect(screen.getAllByRole('listitem').map((line) => line.textContent?.split(' · ')[1])).toEqual([
      'Round 1: still moving, about 40 % left',
      '“changed the water”',
      'Round 2: gone',
    ]);
  });
});
