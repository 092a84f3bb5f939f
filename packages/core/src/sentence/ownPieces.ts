import type { PieceFacts } from '../textile/piece.js';
import type { Parsed } from './phrase.js';
import { stemsOfName } from './tokens.js';

/** A piece of the house, as far as the reader looks at it. */
export interface OwnPiece {
  readonly id: string;
  readonly name: string;
  readonly itemId?: string | null;
  readonly colour?: PieceFacts['colour'];
  readonly parts?: PieceFacts['parts'];
}

export interface NamedPiece {
  readonly pieceId: string | null;
  /** Pieces of the kind that was given: one of them may be meant. */
  readonly askIds: readonly string[];
}

/** Most pieces that are offered. */
const MAX_ASKED = 3;

/**
 * The piece of the house that is meant: only one whose whole name is in the sentence. Those of the same kind are
 * asked about, unless a fibre or colour that was given speaks against them.
 */
export function pieceMeant({ tokens }: Parsed, pieces: readonly OwnPiece[], told: PieceFacts): NamedPiece {
  const stems = tokens.map(({ stem }) => stem);
  const isNamed = ({ name }: OwnPiece) => {
    const words = stemsOfName(name);
    return (
      words.length > 1 && stems.some((_, at) => words.every((word, place) => stems[at + place] === word))
    );
  };
  const named = pieces.filter(isNamed).sort((a, b) => b.name.length - a.name.length)[0];
  if (named) return { pieceId: named.id, askIds: [] };
  const alike = pieces.filter(
    (piece) => told.itemId !== null && piece.itemId === told.itemId && !isOther(piece, told),
  );
  return { pieceId: null, askIds: alike.slice(0, MAX_ASKED).map(({ id }) => id) };
}

/** Another colour or another fibre was given. */
function isOther({ colour, parts }: OwnPiece, told: PieceFacts): boolean {
  if (told.colour !== 'unknown' && colour !== undefined && colour !== 'unknown' && colour !== told.colour)
    return true;
  const fibres = new Set((parts ?? []).flatMap((part) => part.fibres.map(({ fibreId }) => fibreId)));
  const toldFibres = told.parts.flatMap((part) => part.fibres.map(({ fibreId }) => fibreId));
  return fibres.size > 0 && toldFibres.length > 0 && !toldFibres.some((id) => fibres.has(id));
}
