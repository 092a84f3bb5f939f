import type { HeapPiece, LoadView, PieceNames, WashView } from '@feverfew/contracts';
import type { Arranging } from './useArranging';

/** What the drums are drawn from, on a desk and on a phone. */
export interface DrumsProps {
  readonly wash: WashView;
  readonly arranging: Arranging;
  readonly money: string;
  readonly name: PieceNames;
  readonly mayFill: boolean;
  readonly isBusy: boolean;
  readonly onFill: (load: LoadView) => void;
  readonly onEdit: (piece: HeapPiece) => void;
}

/** Pieces of a load in its own order. */
export const piecesOf = (wash: WashView, ids: readonly string[]): HeapPiece[] =>
  ids.flatMap((id) => wash.pieces.find((piece) => piece.id === id) ?? []);
