import type { NewHeapLine } from '@feverfew/contracts';
import { type DrumPiece, entryIdOf } from '@feverfew/core';
import type { ReadLine } from './heap.service.js';
import { idFrom } from './idFrom.js';
import type { TakenLine } from './wash.repository.js';

/** Lines that go in whole, and handfuls of which some stay. */
export function takenLines(
  pieces: readonly DrumPiece[],
  lines: readonly ReadLine[],
  key: string,
): TakenLine[] {
  return lines.flatMap(({ entry, row }): TakenLine[] => {
    const own = pieces.filter(({ id }) => entryIdOf(id) === entry.id);
    if (own.length === 0) return [];
    const count = own.reduce((sum, piece) => sum + piece.count, 0);
    const rest = entry.count - count;
    const share = (of: number): NewHeapLine => ({
      ...row.line,
      count: of,
      massG: row.line.massG === null ? null : Math.max(5, Math.round((row.line.massG * of) / entry.count)),
    });
    return [
      {
        lineId: entry.id,
        line: rest > 0 ? share(count) : row.line,
        rest: rest > 0 ? { id: idFrom(`${key} rest ${entry.id}`), line: share(rest) } : null,
      },
    ];
  });
}

export const careIdOf = (loadId: string, lineId: string): string => idFrom(`${loadId} washed ${lineId}`);
