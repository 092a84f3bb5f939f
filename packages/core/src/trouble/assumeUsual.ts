import {
  HAND_WASH_MAX_C,
  type Knowledge,
  UNKNOWN_FIBRE_ID,
  type UsualPiece,
  type UsualTag,
} from '@feverfew/knowledge';
import { withTaken } from '../finding/pieceAsTaken.js';
import { USUAL_CHECK_ID } from '../finding/usualCheckId.js';
import { indexKnowledge, type KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import type { FibreShare, PieceFacts, PiecePart } from '../textile/piece.js';
import { tenderFibres } from '../textile/tenderFibres.js';
import type { TroubleFacts } from './troubleFacts.js';

/** What was taken as usual because it was not given, and what it may be instead. */
export interface UsualTaken {
  /** The parts, those filled in that were not given; null = all of them were given. */
  readonly parts: readonly PiecePart[] | null;
  /** The fibres that were filled in; empty = none. */
  readonly fibres: readonly FibreShare[];
  /** Warmest machine wash taken for the tag, °C; null = nothing is taken for it. */
  readonly washC: WashC | null;
  /** Its colour, where nearly all are white; null = none is taken. */
  readonly colour: 'white' | null;
  /** Fibres such a piece is made of more rarely, and that this plan may spoil. */
  readonly unlessFibreIds: readonly string[];
  /** The parts as other ordinary makes of such a piece have them; what spoils one of them is asked about too. */
  readonly rarerMakes: readonly (readonly PiecePart[])[];
  /** Where no figure is taken for the tag: the gentlest washing that such tags ask for; null = a figure is taken. */
  readonly gentlestWash: GentlestWash | null;
}
export interface GentlestWash {
  /** °C */
  readonly maxC: number;
  readonly isByHand: boolean;
}
type WashC = 30 | 40 | 60;
type Make = UsualPiece['compositions'][number];

/** Above this share, what is usual is planned for. Below it the gentle course costs less than a wrong guess. */
const USUAL_ABOVE = 0.6;
/** A colour is seen at a glance, and only asked for where it may be another: nearly all must be white. */
const WHITE_FROM = 0.9;
/** Rarer than this it is not asked about. */
const ASKED_FROM = 0.01;
const WASHES: readonly WashC[] = [60, 40, 30];

/**
 * What is not given of a washable piece, taken as usual: its fibres, and how warm its tag lets it be washed. Nothing is
 * taken where the usual is not usual enough, on frail cloth, and against what was given.
 * @returns null where nothing is taken
 */
export function usualTaken(
  { piece, seen }: Pick<TroubleFacts, 'piece' | 'seen'>,
  index: KnowledgeIndex,
): UsualTaken | null {
  // The person has read the tag, and it says otherwise.
  if (seen?.[USUAL_CHECK_ID] === false) return null;
  const item = index.items.get(piece.itemId ?? '');
  const usual = item && index.usualOf.get(item.id);
  if (!usual || piece.condition !== 'sound' || piece.fastness === 'failed') return null;
  const parts: readonly PiecePart[] =
    piece.parts.length > 0 ? piece.parts : item.partNames.map((name) => ({ name, fibres: [] }));
  const make = parts.some(isOpen) ? usualMake(usual, parts, item.partNames, index) : null;
  if (parts.some(isOpen) && !make) return null;
  const given = parts.filter((part) => !isOpen(part)).flatMap(({ fibres }) => fibres);
  const tags = tagsOf(usual, given, index);
  const isOrdinary = usual.compositions.some((one) => agreesWith(one, parts, item.partNames));
  const washC = piece.label === null && isOrdinary && tags ? washOf(tags) : null;
  const isWhite = piece.colour === 'unknown' && (usual.whiteShare ?? 0) >= WHITE_FROM;
  if (!make && washC === null && !isWhite) return null;
  return {
    parts: make?.parts ?? null,
    fibres: make?.fibres ?? [],
    washC,
    colour: isWhite ? 'white' : null,
    unlessFibreIds: make?.unlessFibreIds ?? [],
    rarerMakes: make?.rarerMakes ?? [],
    gentlestWash: piece.label === null && washC === null ? gentlestOf(tags ?? usual.tags) : null,
  };
}

const isOpen = ({ fibres }: Pick<PiecePart, 'fibres'>): boolean =>
  fibres.every(({ fibreId }) => fibreId === UNKNOWN_FIBRE_ID);

/** The likeliest make that agrees with what was given and asks for no gentle course; null = it is not usual enough. */
function usualMake(
  { compositions }: UsualPiece,
  parts: readonly PiecePart[],
  partNames: readonly string[],
  index: KnowledgeIndex,
) {
  // A part that its kind does not have by itself (a trim, a print) is not guessed.
  const placeOf = ({ name }: PiecePart) => partNames.indexOf(name);
  if (parts.some((part) => isOpen(part) && placeOf(part) < 0)) return null;
  const filledParts = (make: Make): PiecePart[] =>
    parts.map((part) => (isOpen(part) ? { ...part, fibres: make.parts[placeOf(part)] ?? [] } : part));
  const filled = (make: Make) =>
    parts.flatMap((part) => (isOpen(part) ? (make.parts[placeOf(part)] ?? []) : []));
  const tenderIn = (make: Make) => tenderFibres(filled(make), index.fibres);
  // Foam that is soaked does not dry: it is asked about too.
  const keptDryIn = (make: Make) =>
    filled(make).flatMap(({ fibreId }) => {
      const fibre = index.fibres.get(fibreId);
      return fibre && fibre.mostWetting !== null && fibre.mostWetting !== 'immersion' ? [fibre] : [];
    });
  const may = compositions.filter((make) => agreesWith(make, parts, partNames));
  const ordinary = may.filter((make) => tenderIn(make).length === 0);
  const likeliest = ordinary.reduce<Make | null>(
    (best, make) => (best === null || make.share > best.share ? make : best),
    null,
  );
  if (!likeliest || shareOf(ordinary) <= USUAL_ABOVE * shareOf(may)) return null;
  return {
    parts: filledParts(likeliest),
    fibres: filled(likeliest),
    unlessFibreIds: [
      ...new Set(
        may
          .filter(({ share }) => share >= ASKED_FROM)
          .flatMap((make) => [...tenderIn(make), ...keptDryIn(make)].map(({ id }) => id)),
      ),
    ],
    rarerMakes: ordinary.filter((make) => make !== likeliest && make.share >= ASKED_FROM).map(filledParts),
  };
}

/** No part that was given is of other fibres than such a piece has there. */
const agreesWith = (make: Make, parts: readonly PiecePart[], partNames: readonly string[]): boolean =>
  parts.every(
    (part) =>
      isOpen(part) ||
      part.fibres.some(({ fibreId }) =>
        make.parts[partNames.indexOf(part.name)]?.some((one) => one.fibreId === fibreId),
      ),
  );

const shareOf = (makes: readonly Make[]): number => makes.reduce((sum, { share }) => sum + share, 0);

/**
 * What tags say of such a piece, by the fibres that were given.
 * @returns null where a given fibre is tender and no tags are recorded for it
 */
function tagsOf(
  { tags, tagsOfFibres }: UsualPiece,
  given: readonly FibreShare[],
  index: KnowledgeIndex,
): UsualPiece['tags'] | null {
  const own = ownTags(tagsOfFibres, given);
  const isKnown = tenderFibres(given, index.fibres).every(({ id }) => own?.fibreIds.includes(id));
  return isKnown ? (own?.tags ?? tags) : null;
}

const ownTags = (tagsOfFibres: UsualPiece['tagsOfFibres'], given: readonly FibreShare[]) =>
  tagsOfFibres.find(({ fibreIds }) => given.some(({ fibreId }) => fibreIds.includes(fibreId)));

/** What tags say of such a piece: those of a fibre that was given, where they are recorded. */
export const tagsFor = (
  { tags, tagsOfFibres }: UsualPiece,
  parts: readonly PiecePart[],
): UsualPiece['tags'] =>
  ownTags(
    tagsOfFibres,
    parts.flatMap(({ fibres }) => fibres),
  )?.tags ?? tags;

/** The warmest machine wash that most of these tags allow. */
function washOf(tags: UsualPiece['tags']): WashC | null {
  const allow = (tempC: number) =>
    tags.reduce((sum, { says, share }) => (isMachine(says) && says >= tempC ? sum + share : sum), 0);
  return WASHES.find((tempC) => allow(tempC) >= USUAL_ABOVE) ?? null;
}

/** What all of these tags allow that let it be washed at all. */
function gentlestOf(tags: UsualPiece['tags']): GentlestWash | null {
  const asked = tags.filter(({ says, share }) => share >= ASKED_FROM && (says === 'hand' || isMachine(says)));
  if (asked.length === 0) return null;
  return {
    maxC: Math.min(...asked.map(({ says }) => (isMachine(says) ? says : HAND_WASH_MAX_C))),
    isByHand: asked.some(({ says }) => says === 'hand'),
  };
}

const isMachine = (says: UsualTag): says is 30 | 40 | 60 | 95 => typeof says === 'number';

/** Some tags of such a piece bar washing, and this one was not given. */
export function mayBarWashing(
  { itemId, label, parts }: Pick<PieceFacts, 'itemId' | 'label' | 'parts'>,
  index: KnowledgeIndex,
): boolean {
  const usual = index.usualOf.get(itemId ?? '');
  if (!usual || label !== null) return false;
  return tagsFor(usual, parts).some(({ says, share }) => says === 'never' && share >= ASKED_FROM);
}

/**
 * Once a look has said that a piece is not as usual, an open part may be of any make, the rare ones too.
 * @returns the piece with those fibres in its open parts; the same piece where the look said nothing
 */
export function withRareMakes(
  { piece, seen }: Pick<TroubleFacts, 'piece' | 'seen'>,
  index: KnowledgeIndex,
): PieceFacts {
  const item = index.items.get(piece.itemId ?? '');
  const usual = item && index.usualOf.get(item.id);
  if (!usual || seen?.[USUAL_CHECK_ID] !== false) return piece;
  const makes = usual.compositions.filter(({ share }) => share >= ASKED_FROM);
  const rareOf = ({ name }: PiecePart): FibreShare[] =>
    makes.flatMap(({ parts }) => parts[item.partNames.indexOf(name)] ?? []);
  const parts = piece.parts.length > 0 ? piece.parts : item.partNames.map((name) => ({ name, fibres: [] }));
  const unknown = { fibreId: UNKNOWN_FIBRE_ID, sharePct: 100 };
  return {
    ...piece,
    parts: parts.map((part) => (isOpen(part) ? { ...part, fibres: [unknown, ...rareOf(part)] } : part)),
  };
}

/** The facts with what is not given taken as it usually is. */
export function assumeUsual(facts: TroubleFacts, knowledge: Knowledge): TroubleFacts {
  const piece = withTaken(facts.piece, usualTaken(facts, indexKnowledge(knowledge)));
  return piece === facts.piece ? facts : { ...facts, piece };
}
