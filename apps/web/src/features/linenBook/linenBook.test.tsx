import type { PieceHistory } from '@feverfew/contracts';
import { cleanup, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { show } from '../../test/inApp';
import { PieceLife } from './PieceLife';

afterEach(cleanup);

const NOW = '2026-06-15T12:00:00.000Z';
const history = (more: Partial<PieceHistory> = {}): PieceHistory =>
  ({
    piece: { id: 'a', replacementCost: null },
    troubles: [],
    exposure: { rounds: 4, oxygenHours: 2.25, soakHours: 11.6, machineWashes: 31, hotWashes: 6 },
    wear: [],
    upkeep: [],
    cost: { spent: 0, isUnknown: true, isAtLeast: false, breakEvenTries: null },
    money: '€',
    now: NOW,
    ...more,
  }) as unknown as PieceHistory;
const value = (name: string) => screen.getByText(name).nextElementSibling?.textContent;

describe('the life of a piece', () => {
  it('counts what it went through; ten hours and more without a decimal', () => {
    show(<PieceLife history={history()} />);
    expect(value('rounds of treatment')).toBe('4');
    expect(value('hours in oxygen bleach')).toBe('2.3');
    expect(value('hours soaked in all')).toBe('12');
    expect(value('of these at 60 °C or more')).toBe('6');
  });
  it('says that a cost is not known, and what it is once prices are there', () => {
    show(<PieceLife history={history()} />);
    expect(screen.getByText(/^What care cost is not known/)).toBeTruthy();
    cleanup();
    const cost = { spent: 1.5, isUnknown: false, isAtLeast: true, breakEvenTries: 12 };
    const piece = { ...history().piece, replacementCost: 20 };
    const { container } = show(<PieceLife history={history({ cost, piece })} />);
    expect(container.textContent).toContain(
      'Care so far cost at least €1.50. A new one: €20.00. About 12 such rounds cost as much.',
    );
  });
  it('warns of wear with the figure and its limit', () => {
    const wear = [{ ruleId: 'x', name: 'elastane', value: 51.4, warnAt: 50, note: 'It goes slack.' }];
    const { container } = show(<PieceLife history={history({ wear: wear as never })} />);
    expect(container.textContent).toContain('Worn: elastane');
    expect(container.textContent).toContain('51 of 50. It goes slack.');
  });
  it('tells upkeep that is due from what must not be done again yet', () => {
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
    show(<PieceLife history={history({ upkeep: list as never })} />);
    const below = (name: string) => screen.getByText(name).nextElementSibling?.textContent;
    expect(below('proof again')).toBe('not again before 1 July');
    expect(below('starch')).toBe('may be done again');
  });
  it('says of a piece without upkeep that it has none', () => {
    show(<PieceLife history={history()} />);
    expect(screen.getByText('This kind of piece has no rhythm of its own.')).toBeTruthy();
  });
});
