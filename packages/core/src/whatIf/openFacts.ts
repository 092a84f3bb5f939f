import {
  DEFAULT_FIBRE_SHARE,
  type Item,
  OPEN_FACTS,
  OPEN_FIBRES,
  type OpenFactKey,
  UNKNOWN_FIBRE_ID,
  type UsualPiece,
} from '@feverfew/knowledge';
import { USUAL_CHECK_ID } from '../finding/usualCheckId.js';
import type { KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import { BLANK_LABEL, type CareLabel } from '../textile/careLabel.js';
import type { FibreShare, PiecePart } from '../textile/piece.js';
import { tagsFor } from '../trouble/assumeUsual.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';

/** What an answer tells. */
export interface Told extends Partial<Pick<TroubleFacts, 'age' | 'wetness' | 'heat'>> {
  readonly piece?: Partial<Pick<TroubleFacts['piece'], 'itemId' | 'parts' | 'colour' | 'label'>>;
}

/** An answer a person may give to a fact that is open, how often it is the one, and what it tells. */
export interface OpenAnswer {
  readonly id: string;
  /** 0–1 */
  readonly share: number;
  readonly told: Told;
}

export interface OpenFact {
  readonly fact: OpenFactKey;
  /** Likeliest first. */
  readonly answers: readonly OpenAnswer[];
}

/** So many answers fit on a phone; what is rarer is given in the sentence above. */
const MAX_ANSWERS = 5;
/** A fibre of less than this share of a part is left out of the name of a make, %. */
const NAMED_FROM_PCT = 15;

/** Facts that were not given, each with the answers that are usual for such a piece. */
export function openFacts(
  { markIds, piece, age, wetness, heat, seen }: TroubleFacts,
  index: KnowledgeIndex,
): OpenFact[] {
  // A tag that was read as usual answers both of its questions.
  const isRead = seen?.[USUAL_CHECK_ID] === true;
  const bare = piece.parts.every(isOpen);
  const item = index.items.get(piece.itemId ?? '');
  const usual = item && index.usualOf.get(item.id);
  const all: Readonly<Record<OpenFactKey, readonly OpenAnswer[] | null>> = {
    item:
      piece.itemId === null
        ? OPEN_FACTS.item.map(({ id, itemId, share }) => ({ id, share, told: { piece: { itemId } } }))
        : null,
    fibre: bare && !isRead ? (item && usual ? makesOf(item, usual) : fibresOf(item)) : null,
    colour: piece.colour === 'unknown' ? coloursOf(usual?.whiteShare ?? null) : null,
    when:
      age === 'unknown' && wetness === 'unknown' && markIds.some((id) => happensAtOnce(id, index))
        ? OPEN_FACTS.when.map((one) => ({
            id: one.id,
            share: one.share,
            told: { age: one.age, wetness: one.wetness },
          }))
        : null,
    label: piece.label === null && !isRead ? tagsOf(piece.parts, usual) : null,
    heat:
      heat === 'unknown'
        ? OPEN_FACTS.heat.map((one) => ({ id: one.id, share: one.share, told: { heat: one.heat } }))
        : null,
  };
  return (Object.keys(all) as OpenFactKey[]).flatMap((fact) => {
    const answers = all[fact];
    return answers
      ? [{ fact, answers: [...answers].sort((a, b) => b.share - a.share).slice(0, MAX_ANSWERS) }]
      : [];
  });
}

/** A smell, a film or a yellowing comes little by little: there is no "when". */
const happensAtOnce = (markId: string, { marks }: KnowledgeIndex): boolean => {
  const kind = marks.get(markId)?.kind;
  return kind === 'mark' || kind === 'dyeRun';
};

const isOpen = ({ fibres }: PiecePart): boolean =>
  fibres.every(({ fibreId }) => fibreId === UNKNOWN_FIBRE_ID);

/** What a piece is usually of whose makes are not recorded; null where its kind leaves no doubt. */
function fibresOf(item: Item | undefined): OpenAnswer[] | null {
  const answer = (fibreId: string, share: number): OpenAnswer => ({
    id: fibreId,
    share,
    told: { piece: { parts: [{ name: 'whole piece', fibres: [{ fibreId, sharePct: 100 }] }] } },
  });
  const own = OPEN_FIBRES.find(({ itemIds }) => itemIds.some((id) => id === item?.id));
  if (own) return own.fibre.map(({ fibreId, share }) => answer(fibreId, share));
  const usual = item?.defaultFibres[0]?.fibreId ?? UNKNOWN_FIBRE_ID;
  const { fibre } = OPEN_FACTS;
  if (usual === UNKNOWN_FIBRE_ID) return fibre.map(({ fibreId, share }) => answer(fibreId, share));
  const [known, others] = [
    fibre.find(({ fibreId }) => fibreId === usual),
    fibre.filter(({ fibreId }) => fibreId !== usual),
  ];
  if (!known) return null;
  const rest = (1 - DEFAULT_FIBRE_SHARE) / (1 - known.share);
  return [
    answer(known.fibreId, DEFAULT_FIBRE_SHARE),
    ...others.map(({ fibreId, share }) => answer(fibreId, share * rest)),
  ];
}

/** Makes whose main fibres are the same are one answer: the likeliest of them. */
function makesOf({ partNames }: Item, { compositions }: UsualPiece): OpenAnswer[] {
  const answers = new Map<string, OpenAnswer>();
  for (const { parts, share } of [...compositions].sort((a, b) => b.share - a.share)) {
    const id = nameOfMake(parts);
    const likelier = answers.get(id);
    const told = { piece: { parts: partNames.map((name, at) => ({ name, fibres: parts[at] ?? [] })) } };
    answers.set(id, likelier ? { ...likelier, share: likelier.share + share } : { id, share, told });
  }
  return [...answers.values()];
}

const nameOfMake = (parts: readonly (readonly FibreShare[])[]): string =>
  [
    ...new Set(
      parts.flat().flatMap(({ fibreId, sharePct }) => (sharePct >= NAMED_FROM_PCT ? [fibreId] : [])),
    ),
  ].join('+');

const coloursOf = (whiteShare: number | null): OpenAnswer[] =>
  OPEN_FACTS.colour.map(({ id, colour, share }) => ({
    id,
    share: whiteShare === null ? share : colour === 'white' ? whiteShare : 1 - whiteShare,
    told: { piece: { colour } },
  }));

/** What tags say of such a piece, and of the fibres that were given. */
function tagsOf(parts: readonly PiecePart[], usual: UsualPiece | undefined): OpenAnswer[] {
  if (!usual) return OPEN_FACTS.label.map(({ id, wash, share }) => ({ id, share, told: told(wash) }));
  return tagsFor(usual, parts).flatMap(({ says, share }): OpenAnswer[] => {
    if (says === 'none') return [];
    if (says === 'hand') return [{ id: 'handWash', share, told: told({ kind: 'hand' }) }];
    if (says === 'never') return [{ id: 'doNotWash', share, told: told({ kind: 'never' }) }];
    return [{ id: `wash${says}`, share, told: told({ kind: 'machine', maxC: says, bars: 0 }) }];
  });
}

const told = (wash: CareLabel['wash']): Told => ({ piece: { label: { ...BLANK_LABEL, wash } } });
