import { findingWords, type Lexicon, type WhatWorksView, type WorksRowView } from '@feverfew/contracts';

const AGE_WORDS: Readonly<Record<WorksRowView['age'], string>> = {
  fresh: 'fresh',
  days: 'days old',
  old: 'old',
};

const FIBRE_WORDS: Readonly<Record<string, string>> = {
  cellulose: 'cotton and its like',
  regeneratedCellulose: 'viscose and its like',
  celluloseEster: 'acetate',
  animalProtein: 'wool, silk and hair',
  synthetic: 'synthetics',
  bastLeaf: 'linen and its like',
  coating: 'coated cloth',
  fill: 'fillings',
  metal: 'metal thread',
  unknown: 'unknown fibres',
};
const fibresText = (fibres: string): string => FIBRE_WORDS[fibres] ?? fibres;

export interface CaseGroup {
  readonly title: string;
  readonly rows: readonly WorksRowView[];
}

/** Rows by what they were used on, in the order they come: "rust on cotton, old" is said once. */
export function caseGroups(rows: readonly WorksRowView[], say: Lexicon): CaseGroup[] {
  const groups = new Map<string, WorksRowView[]>();
  for (const row of rows) {
    const title = caseText(row, say);
    groups.set(title, [...(groups.get(title) ?? []), row]);
  }
  return [...groups].map(([title, own]) => ({ title, rows: own }));
}

const caseText = (row: WorksRowView, say: Lexicon): string =>
  `${say.name(row.markId)} on ${fibresText(row.fibres)}, ${AGE_WORDS[row.age]}`;

export const pct = (share: number): number => Math.round(share * 100);

export interface MoveGroup {
  readonly troubleId: string;
  readonly title: string;
  /** "1 step out, 2 moved". */
  readonly summary: string;
  readonly lines: readonly string[];
}

/** Moves by trouble, in words: "vinegar rinse: step 2 by your results, step 1 by usual figures". */
export function moveGroups(moves: WhatWorksView['moves'], say: Lexicon): MoveGroup[] {
  const groups = new Map<string, { title: string; out: number; lines: string[] }>();
  for (const move of moves) {
    const group = groups.get(move.troubleId) ?? {
      title: `${say.name(move.markId)} on the ${move.pieceName}`,
      out: 0,
      lines: [],
    };
    group.lines.push(moveText(move, say));
    if (move.withLog === null) group.out += 1;
    groups.set(move.troubleId, group);
  }
  return [...groups].map(([troubleId, { title, out, lines }]) => ({
    troubleId,
    title,
    lines,
    summary: [
      ...(out > 0 ? [`${out} ${out === 1 ? 'step' : 'steps'} set aside`] : []),
      ...(lines.length > out ? [`${lines.length - out} in another place`] : []),
    ].join(', '),
  }));
}

function moveText({ methodId, without, withLog, why }: WhatWorksView['moves'][number], say: Lexicon): string {
  const name = say.name(methodId);
  if (withLog === null)
    return `${name}: step ${without} by usual figures, not used now. ${why ? findingWords(why, say) : ''}`;
  if (without === null) return `${name}: step ${withLog} by your results, not used by usual figures`;
  return `${name}: step ${withLog} by your results, step ${without} by usual figures`;
}
