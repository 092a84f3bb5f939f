import type {
  Catalogue,
  Lexicon,
  PieceFacts,
  PieceSummary,
  RunningEntry,
  TroubleSummary,
} from '@feverfew/contracts';
import type { DrawnPiece } from '../../components/drawings/ShelfDrawing';

type Item = Catalogue['items'][number];

/** Where pieces are kept, in this order. */
export const SHELVES = ['linen', 'clothes', 'rail', 'place'] as const;
export type ShelfId = (typeof SHELVES)[number];
export const SHELF_NAMES: Readonly<Record<ShelfId, string>> = {
  linen: 'House linen',
  clothes: 'Clothes',
  rail: 'Rail',
  place: 'In its place',
};

/** What a piece may need, the most urgent first: one word of it is shown below the piece. */
export const STATES = ['water', 'worn', 'trouble', 'due'] as const;
export type PieceState = (typeof STATES)[number];

/** A piece with what is known of it from the rest of the house. */
export interface ShelvedPiece {
  readonly piece: PieceSummary;
  readonly shelf: ShelfId;
  readonly drawn: DrawnPiece;
  /** Its mass is only the usual one of its kind. */
  readonly isMassAssumed: boolean;
  readonly openMarkIds: readonly string[];
  readonly run: RunningEntry | null;
  readonly states: readonly PieceState[];
}

type Kinds = Pick<Catalogue, 'items' | 'fibres'>;

interface House extends Kinds {
  readonly open: readonly TroubleSummary[];
  readonly running: readonly RunningEntry[];
}

/** Pieces as they are kept, with their drawing and what they need. */
export function shelvedPieces(pieces: readonly PieceSummary[], house: House): ShelvedPiece[] {
  return pieces.map((piece) => {
    const item = house.items.find(({ id }) => id === piece.itemId);
    const openMarkIds = house.open
      .filter(({ pieceId }) => pieceId === piece.id)
      .flatMap(({ markIds }) => markIds);
    const run = house.running.find(({ pieceId }) => pieceId === piece.id) ?? null;
    const needs: Readonly<Record<PieceState, boolean>> = {
      water: run !== null,
      worn: piece.wear.length > 0,
      trouble: openMarkIds.length > 0,
      due: piece.due.length > 0,
    };
    return {
      piece,
      shelf: shelfOf(item),
      isMassAssumed: piece.dryMassG === null,
      openMarkIds,
      run,
      states: STATES.filter((state) => needs[state]),
      drawn: drawnPiece(piece, house, {
        isMarked: openMarkIds.length > 0,
        isAway: run !== null && run.place.kind !== 'place',
      }),
    };
  });
}

/** What a drawing of a piece shows. */
export function drawnPiece(
  piece: Pick<PieceFacts, 'itemId' | 'dryMassG' | 'colour' | 'parts'>,
  { items, fibres }: Kinds,
  now: Pick<DrawnPiece, 'isMarked' | 'isAway'>,
): DrawnPiece {
  const item = items.find(({ id }) => id === piece.itemId);
  const [main] = [...(piece.parts[0]?.fibres ?? [])].sort((a, b) => b.sharePct - a.sharePct);
  return {
    silhouette: item?.silhouette ?? 'cloth',
    isHung: item?.isHung ?? false,
    massG: piece.dryMassG ?? item?.dryMassG ?? 0,
    colour: piece.colour,
    group: fibres.find(({ id }) => id === main?.fibreId)?.group ?? 'unknown',
    ...now,
  };
}

function shelfOf(item: Item | undefined): ShelfId {
  if (!item) return 'linen';
  if (item.isHung) return 'rail';
  if (item.silhouette === 'roll' || item.silhouette === 'block') return 'place';
  return item.icon === 'garment' || item.icon === 'headwear' ? 'clothes' : 'linen';
}

/** "wool, viscose lining", "polyester–cotton": at most two names, the rest is on the page of the piece. */
export function shortBlend(piece: PieceSummary, say: Lexicon): string {
  const [first, second] = piece.parts;
  const names = [...(first?.fibres ?? [])]
    .sort((a, b) => b.sharePct - a.sharePct)
    .slice(0, 2)
    .map(({ fibreId }) => say.name(fibreId));
  const lining = second?.fibres[0];
  const more = lining && first ? `, ${say.name(lining.fibreId)} ${second.name}` : '';
  return names.length === 0 ? 'fibres not entered' : names.join('–') + more;
}

export const countOf = (pieces: readonly ShelvedPiece[], state: PieceState): number =>
  pieces.filter(({ states }) => states.includes(state)).length;

/** Orders in which pieces are shown. */
export const ORDERS = ['shelf', 'name', 'lately', 'list'] as const;
export type Order = (typeof ORDERS)[number];
const BEFORE: Readonly<Record<Order, (a: PieceSummary, b: PieceSummary) => number>> = {
  shelf: () => 0,
  name: (a, b) => a.name.localeCompare(b.name),
  lately: (a, b) => (b.lastAt ?? '').localeCompare(a.lastAt ?? ''),
  list: (a, b) => a.name.localeCompare(b.name),
};

export const inOrder = (pieces: readonly PieceSummary[], order: Order): PieceSummary[] =>
  [...pieces].sort(BEFORE[order]);
