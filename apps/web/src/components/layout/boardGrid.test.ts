import { describe, expect, it } from 'vitest';
import { boardGrid, pageColumns } from './boardGrid';

const ABREAST = { base: 2, md: 4, lg: 5, xl: 7 };

describe('a board', () => {
  it('is as long as what is on it', () => {
    expect(boardGrid(3, ABREAST).gridColumn).toEqual({
      base: 'span 2',
      md: 'span 3',
      lg: 'span 3',
      xl: 'span 3',
    });
  });
  it('has rows of one length: eight where seven have room are four and four', () => {
    expect(boardGrid(8, ABREAST).inside.xl).toBe('repeat(4, minmax(0, 1fr))');
    expect(boardGrid(7, ABREAST).inside.xl).toBe('repeat(7, minmax(0, 1fr))');
    expect(boardGrid(15, ABREAST).inside.xl).toBe('repeat(5, minmax(0, 1fr))');
  });
  it('is among the columns of its page', () => {
    expect(pageColumns(ABREAST).lg).toBe('repeat(5, minmax(0, 1fr))');
  });
});
