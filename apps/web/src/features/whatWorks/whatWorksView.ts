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

/** "rust on cotton, old". */
export const caseText = (row: WorksRowView, say: Lexicon): string =>
  `${say.name(row.markId)} on ${fibresText(row.fibres)}, ${AGE_WORDS[row.age]}`;

export const pct = (share: number): number => Math.round(share * 100);

export interface MoveGroup {
  readonly troubleId: string;
  readonly title: string;
  readonly lines: readonly string[];
}

/** Moves by trouble, in words: "vinegar rinse: off the ladder", "washing soda soak: from pass 2 to pass 1". */
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

function moveText({ methodId, without, withLog, why }: WhatWorksView['moves'][number], say: Lexicon): string {
  const name = say.name(methodId);
  if (withLog === null)
    return `${name}: step ${without} by usual figures, not used now. ${why ? findingWords(why, say) : ''}`;
  if (without === null) return `${name}: step ${withLog} by your results, not used by usual figures`;
  return `${name}: step ${withLog} by your results, step ${without} by usual figures`;
}
