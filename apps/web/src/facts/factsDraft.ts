import {
  EMPTY_FACTS,
  EMPTY_PIECE,
  factsOfPiece,
  type PieceSummary,
  type TroubleFacts,
} from '@feverfew/contracts';

/** Numbered with the shape of the facts: a draft of an older shape is left behind. */
const DRAFT_KEY = 'feverfew.draft.3';

/** The facts being entered, with their piece of the linen book, if any. */
export interface Draft {
  readonly pieceId: string | null;
  readonly facts: TroubleFacts;
  /** The sentence it was read from, as typed. */
  readonly said?: string | undefined;
}

export const EMPTY_DRAFT: Draft = { pieceId: null, facts: EMPTY_FACTS };

/** A piece from the linen book brings all its facts with it. */
export function withPiece(draft: Draft, piece: PieceSummary): Draft {
  return {
    ...draft,
    pieceId: piece.id,
    facts: { ...seenOnNone(draft.facts), piece: factsOfPiece(piece), partIndex: 0 },
  };
}

/** A kind of piece that is not in the book yet: everything else starts unknown. */
export function withItem(
  draft: Draft,
  item: { id: string; name: string; partNames: readonly string[] },
): Draft {
  const parts = item.partNames.map((name) => ({ name, fibres: [] }));
  return {
    ...draft,
    pieceId: null,
    facts: {
      ...seenOnNone(draft.facts),
      piece: { ...EMPTY_PIECE, itemId: item.id, name: item.name, parts },
      partIndex: 0,
    },
  };
}

/** What a look has answered holds for the piece that was looked at. */
function seenOnNone({ seen: _, ...facts }: TroubleFacts): TroubleFacts {
  return facts;
}

export function readDraft(): Draft {
  try {
    const kept = sessionStorage.getItem(DRAFT_KEY);
    return kept ? { ...EMPTY_DRAFT, ...(JSON.parse(kept) as Draft) } : EMPTY_DRAFT;
  } catch {
    return EMPTY_DRAFT;
  }
}

export function keepDraft(draft: Draft): void {
  sessionStorage.setItem(DRAFT_KEY, JSON.stringify(draft));
}

export function dropDraft(): void {
  sessionStorage.removeItem(DRAFT_KEY);
}
