import type { Lexicon, WhatWorksView, WorksRowView } from '@feverfew/contracts';

export const AGE_WORDS: Readonly<Record<WorksRowView['age'], string>> = {
  fresh: 'fresh',
  days: 'days old',
  old: 'old',
};

const FIBRE_WORDS: Readonly<Record<string, string>> = { unknown: 'unknown fibres' };
export const fibresText = (fibres: string): string =>
  FIBRE_WORDS[fibres] ?? fibres.replace(/([A-Z])/g, ' $1').toLowerCase();

/** "rust on cotton, old". */
export const caseText = (row: WorksRowView, say: Lexicon): string =>
  `${say.name(row.markId)} on ${fibresText(row.fibres)}, ${AGE_WORDS[row.age]}`;

export const pct = (share: number): number => Math.round(share * 100);

/** "better than the book", "as the book says": by where the log’s middle lies against the book’s range. */
export function againstBook({ book, mean }: WorksRowView): 'better' | 'worse' | 'alike' {
  return mean > book.high ? 'better' : mean < book.low ? 'worse' : 'alike';
}

export interface MoveGroup {
  readonly troubleId: string;
  readonly title: string;
  readonly lines: readonly string[];
}

/** Moves by trouble, in words: "vinegar rinse: off the ladder", "washing soda soak: from rung 2 to rung 1". */
export function moveGroups(moves: WhatWorksView['moves'], say: Lexicon): MoveGroup[] {
  const groups = new Map<string, { title: string; lines: string[] }>();
  for (const move of moves) {
    const group = groups.get(move.troubleId) ?? {
      title: `${say.name(move.markId)} on the ${move.pieceName}`,
      lines: [],
    };
    group.lines.push(moveText(move, say));
    groups.set(move.troubleId, group);
  }
  return [...groups].map(([troubleId, group]) => ({ troubleId, ...group }));
}

function moveText({ methodId, without, withLog }: WhatWorksView['moves'][number], say: Lexicon): string {
  const name = say.name(methodId);
  if (withLog === null) return `${name}: rung ${without} by the book, set aside by your log`;
  if (without === null) return `${name}: rung ${withLog} by your log, not on the ladder by the book`;
  return `${name}: rung ${withLog} by your log, rung ${without} by the book`;
}
