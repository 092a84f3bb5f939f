import type { PieceSummary, SentenceReading } from '@feverfew/contracts';
import { type Draft, withPiece } from './factsDraft';

/** A sentence as a trouble being described; a piece of the house that was named brings its facts with it. */
export function draftOfReading(
  { facts, pieceId }: SentenceReading,
  said: string,
  pieces: readonly PieceSummary[],
): Draft {
  const draft: Draft = { pieceId: null, facts, said: said.trim() };
  const piece = pieces.find(({ id }) => id === pieceId);
  return piece ? withPiece(draft, piece) : draft;
}
