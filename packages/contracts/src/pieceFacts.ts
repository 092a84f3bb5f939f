import type { PieceFacts } from '@feverfew/core';
import type { NewPiece, Piece } from './piece.js';

/** The facts of a piece that a person enters: all but those the server adds. */
export function toldOf({ id: _id, createdAt: _at, photoId: _photo, ...told }: Piece): NewPiece {
  return told;
}

/** What a plan is made from. */
export function factsOfPiece(piece: PieceFacts): PieceFacts {
  const { itemId, name, parts, colour, fastness, condition, label, code, dryMassG, metalParts } = piece;
  return { itemId, name, parts, colour, fastness, condition, label, code, dryMassG, metalParts };
}
