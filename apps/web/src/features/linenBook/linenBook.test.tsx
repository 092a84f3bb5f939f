import type { PieceHistory } from '@feverfew/contracts';
import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { show } from '../../test/inApp';
import { PieceCare } from './PieceCare';
import { PieceTag } from './PieceTag';
import { PieceWear } from './PieceWear';

afterEach(cleanup);

const NOW = '2026-06-15T12:00:00.000Z';
const history = (more: Partial<PieceHistory> = {}): PieceHistory =>
  ({
    piece: { id: 'a', replacementCost: null },
    troubles: [],
    exposure: { rounds: 4, oxygenHours: 2.25, soakHours: 11.6, machineWashes: 31, hotWashes: 6 },
    wear: [],
    strains: [],
    upkeep: [],
    prevent: [],
    cost: { spent: 0, isUnknown: true, isAtLeast: false, breakEvenTries: null },
    money: '€',
    now: NOW,
    ...more,
  }) as unknown as PieceHistory;

describe('the wear of a piece', () => {
  it('counts what it went through; ten hours and more without a decimal', () => {
    const { container } = show(<PieceWear history={history()} />);
    expect(container.textContent).toContain('4 rounds · 12 h soaked · 31 washes noted, 6 at 60 °C or more');
    expect(container.textContent).toContain('none to expect');
  });
  it('shows the figure nearest to its limit', () => {
    const strain = {
      ruleId: 'x',
      name: 'plant fibre',
      counts: 'oxygenHours',
      value: 2.25,
      warnAt: 60,
      note: '',
    };
    const { container } = show(<PieceWear history={history({ strains: [strain] as never })} />);
    expect(container.textContent).toContain('2.3 h in oxygen bleach');
    expect(container.textContent).toContain('look at 60');
  });
  it('warns where a limit is reached', () => {
    const wear = [{ ruleId: 'x', name: 'elastane', value: 51.4, warnAt: 50, note: 'It goes slack.' }];
    const { container } = show(<PieceWear history={history({ wear: wear as never })} />);
    expect(container.textContent).toContain('look at it');
    expect(container.textContent).toContain('Worn: elastane');
    expect(container.textContent).toContain('It goes slack.');
  });
  it('says that a cost is not known, and what it is once prices are there', () => {
    show(<PieceWear history={history()} />);
    expect(screen.getByText(/^What care cost is not known/)).toBeTruthy();
    cleanup();
    const cost = { spent: 1.5, isUnknown: false, isAtLeast: true, breakEvenTries: 12 };
    const piece = { ...history().piece, replacementCost: 20 };
    const { container } = show(<PieceWear history={history({ cost, piece })} />);
    expect(container.textContent).toContain(
      'Care so far cost at least €1.50. A new one: €20.00. About 12 such rounds cost as much.',
    );
  });
});

describe('the next care of a piece', () => {
  it('sets upkeep that is due apart from what must not be done again yet', () => {
    const upkeep = (more: object) => ({
      upkeepId: 'a',
      name: 'wash',
      dueAt: '2026-07-01T12:00:00.000Z',
      isDue: false,
      atMost: false,
      lastAt: null,
      note: null,
      ...more,
    });
    const list = [
      upkeep({ upkeepId: 'b', name: 'proof again', atMost: true }),
      upkeep({ upkeepId: 'c', name: 'starch', atMost: true, isDue: true }),
    ];
    show(<PieceCare history={history({ upkeep: list as never })} />);
    const below = (name: string) => screen.getByText(name).nextElementSibling?.textContent;
    expect(below('proof again')).toBe('not again before 1 July');
    expect(below('starch')).toBe('may be done again');
  });
  it('says of a piece without upkeep that it has none', () => {
    show(<PieceCare history={history()} />);
    expect(screen.getByText('This kind of piece has no rhythm of its own.')).toBeTruthy();
  });
  it('names the last of each trouble that is still there, and its way to the work', () => {
    const trouble = (id: string, markId: string, more: object) => ({
      id,
      markIds: [markId],
      status: 'settled',
      outcome: 'gone',
      runId: null,
      handsOnMin: 12.4,
      ...more,
    });
    const troubles = [
      trouble('4', 'wine', { status: 'open', outcome: null }),
      trouble('3', 'sweat', { outcome: 'unchanged' }),
      trouble('2', 'grass', {}),
      trouble('1', 'grass', { outcome: 'worse' }),
    ];
    const { container } = show(<PieceCare history={history({ troubles: troubles as never })} />);
    expect(container.textContent).toContain('wine, 12 min of a hand: to the plan');
    expect(container.textContent).toContain('sweat, still there: plan again');
    // It was worse, and a later one is gone.
    expect(container.textContent).not.toContain('grass');
    expect(container.textContent).not.toContain('no rhythm');
  });
  it('says what keeps the trouble away, where something does', () => {
    show(<PieceCare history={history({ prevent: ['Let deodorant dry first.'] })} />);
    expect(screen.getByRole('region', { name: 'So that it does not come back' }).textContent).toContain(
      'deodorant',
    );
  });
});

describe('the tag of a piece', () => {
  const tag = (piece: object) => show(<PieceTag piece={piece as never} />).container.textContent;
  it('is read out line by line, or said to be missing', () => {
    const label = { wash: { kind: 'machine', maxC: 60, bars: 1 }, bleach: 'oxygenOnly', tumble: null };
    expect(
      tag({ label: { ...label, natural: null, iron: null, dryClean: null, wetClean: null }, code: null }),
    ).toBe('The tag says60° mildoxygen only');
    cleanup();
    expect(tag({ label: null, code: null })).toContain('not entered');
    cleanup();
    expect(tag({ label: null, code: 'W' })).toBe('The code sayscode W');
  });
});
