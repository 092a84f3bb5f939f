import type { PieceHistory } from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { TODAY_PCT, threadView } from './threadView';

const say = { name: (id: string) => id } as never;
const trouble = (id: string, day: string, outcome: string | null, more: object = {}) => ({
  id,
  markIds: [id],
  createdAt: `2026-${day}T10:00:00.000Z`,
  status: outcome === null ? 'open' : 'settled',
  outcome,
  runId: null,
  ...more,
});
const thread = (more: object) =>
  threadView(
    {
      piece: { since: null, createdAt: '2026-01-01T10:00:00.000Z' },
      troubles: [],
      care: [],
      upkeep: [],
      now: '2026-06-15T12:00:00.000Z',
      ...more,
    } as unknown as PieceHistory,
    say,
  );

describe('the thread of a piece', () => {
  it('ties a knot where a trouble is gone or nearly, and leaves a loop where it is still there', () => {
    const { knots } = thread({
      troubles: [
        trouble('open', '05-05', null),
        trouble('same', '04-04', 'unchanged'),
        trouble('better', '03-03', 'better'),
        trouble('gone', '02-02', 'gone'),
      ],
    });
    expect(knots.map(({ title, kind }) => `${title} ${kind}`)).toEqual([
      'gone gone',
      'better gone',
      'same still',
      'open still',
    ]);
    expect(knots.map(({ note }) => note)).toEqual([
      'gone, 2 Feb',
      'better, 3 Mar',
      'no change, 4 Apr',
      'open, 5 May',
    ]);
  });
  it('keeps the order of time, all before today, however close together', () => {
    const care = Array.from({ length: 30 }, (_, at) => ({
      at: `2026-06-15T${String(8 + Math.floor(at / 10)).padStart(2, '0')}:${10 + at}:00.000Z`,
      what: 'machineWash',
      upkeepId: null,
      times: 1,
    }));
    const places = thread({ care }).knots.map(({ atPct }) => atPct);
    expect([...places].sort((a, b) => a - b)).toEqual(places);
    expect(new Set(places).size).toBe(30);
    expect(Math.max(...places)).toBeLessThan(TODAY_PCT);
  });
  it('never puts two labels of one side on each other, and gives none to a wash', () => {
    const troubles = Array.from({ length: 12 }, (_, at) =>
      trouble(`t${at}`, `03-${String(28 - at).padStart(2, '0')}`, at % 2 ? 'gone' : null),
    );
    const wash = [{ at: '2026-05-01T10:00:00.000Z', what: 'hotWash', upkeepId: null, times: 2 }];
    const { knots } = thread({ troubles, care: wash });
    for (const side of ['above', 'below']) {
      const at = knots.filter(({ label }) => label === side).map(({ atPct }) => atPct);
      expect(at.length).toBeGreaterThan(1);
      for (const [index, place] of at.slice(1).entries())
        expect(place - (at[index] as number)).toBeGreaterThanOrEqual(11.5);
    }
    expect(knots.at(-1)).toMatchObject({ kind: 'wash', label: null, note: '1 May, 2 times' });
  });
  it('leads to the tub while it is worked on, and to the plan otherwise', () => {
    const { knots } = thread({
      troubles: [
        trouble('b', '03-03', null, { status: 'running', runId: 'r' }),
        trouble('a', '02-02', 'gone'),
      ],
    });
    expect(knots.map(({ to }) => to)).toEqual(['/trouble/a', '/runs/r']);
  });
  it('is coiled where it was in the house before anything was noted', () => {
    const piece = { since: '2024-02-14', createdAt: '2026-01-01T10:00:00.000Z' };
    expect(thread({ piece }).isCoiled).toBe(true);
    expect(thread({ piece }).start.title).toBe('Feb 2024');
    expect(thread({}).isCoiled).toBe(false);
    expect(thread({}).start).toEqual({ title: '1 Jan 2026', note: 'entered' });
  });
  it('shows ahead the care that is due first, not what only must not be done too often', () => {
    const one = (name: string, dueAt: string, more: object = {}) => ({
      upkeepId: name,
      name,
      dueAt,
      isDue: false,
      atMost: false,
      ...more,
    });
    const soak = one('soak', '2026-06-16T00:00:00.000Z', { atMost: true });
    const turn = one('turn it', '2026-07-01T12:00:00.000Z');
    expect(thread({ upkeep: [turn, soak] }).ahead).toEqual({ title: '1 Jul 2026', note: 'turn it' });
    expect(thread({ upkeep: [soak] }).ahead).toBeNull();
    expect(thread({ upkeep: [{ ...turn, isDue: true }] }).ahead?.title).toBe('due now');
  });
});
