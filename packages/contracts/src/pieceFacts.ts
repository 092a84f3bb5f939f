import type { PieceFacts } from '@feverfew/core';
import type { NewPiece, Piece } from './piece.js';

/** What of a piece can be told: all but what the server gives it. */
export function toldOf({ id: _id, createdAt: _at, photoId: _photo, ...told }: Piece): NewPiece {
  return told;
}

/** What a plan is made from. */
export function factsOfPiece(piece: PieceFacts): PieceFacts {
  const { itemId, name, parts, colour, fastness, condition, label, code, dryMassG, metalParts } = piece;
  return { itemId, name, parts, colour, fastness, condition, label, code, dryMassG, metalParts };
}
