import { type Knowledge, LOAD_CHORES } from '@feverfew/knowledge';
import type { DrumPiece } from './drumPiece.js';

export type LoadChore = (typeof LOAD_CHORES)[number];

/** What is done by hand before a load goes in, with the pieces it is done to, in a fixed order. */
export function choresOf(
  pieces: readonly DrumPiece[],
  { clothKinds }: Pick<Knowledge, 'clothKinds'>,
): { readonly chore: LoadChore; readonly pieceIds: readonly string[] }[] {
  const chores = new Map(clothKinds.map(({ id, chores: own }) => [id, new Set(own)]));
  return LOAD_CHORES.flatMap((chore) => {
    const pieceIds = pieces
      .filter(({ clothKindId }) => chores.get(clothKindId)?.has(chore))
      .map(({ id }) => id);
    return pieceIds.length > 0 ? [{ chore, pieceIds }] : [];
  });
}

/** Standing advice on a load: of its kinds of cloth, and of the uses its pieces had, each once. */
export function adviceOf(
  pieces: readonly DrumPiece[],
  { clothKinds, hygienes }: Pick<Knowledge, 'clothKinds' | 'hygienes'>,
): string[] {
  const kinds = clothKinds.filter(({ id, note }) => note && pieces.some((piece) => piece.clothKindId === id));
  const uses = hygienes.filter(({ id }) => pieces.some(({ floor }) => floor?.hygieneId === id));
  return [...new Set([...uses.flatMap(({ notes }) => notes), ...kinds.map(({ note }) => note)])];
}
