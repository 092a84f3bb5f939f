import { CHEMISTRIES, type Chemistry, WETTINGS } from '@feverfew/knowledge';
import { type Envelope, windowOf } from '../../envelope/envelope.js';
import type { KnowledgeIndex } from '../../lookup/knowledgeIndex.js';
import { allowsWash } from '../../textile/careLabel.js';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';

/**
 * The facts without the parts at the side that the mark is not on: a gold border, a leather patch. The place is then
 * worked on by itself, and they are kept dry.
 * @returns null where there is none, where the mark is on it or all over, and where the tag lets the whole be washed
 */
export function withoutAside(facts: TroubleFacts, { partsByName }: KnowledgeIndex): TroubleFacts | null {
  const { piece, partIndex, size } = facts;
  const marked = piece.parts[partIndex];
  const isAside = ({ name }: { readonly name: string }) => partsByName.get(name)?.aside === true;
  const parts = piece.parts.filter((part) => !isAside(part));
  if (!marked || isAside(marked) || parts.length === piece.parts.length) return null;
  if (size === 'allOver' || allowsWash(piece.label)) return null;
  return { ...facts, partIndex: parts.indexOf(marked), piece: { ...piece, parts } };
}

/** What lies at the side forbids something that the marked place bears. */
export function holdsBack(all: Envelope, place: Envelope): boolean {
  const isNever = (envelope: Envelope) => (one: (typeof CHEMISTRIES)[number]) =>
    windowOf(envelope, one).verdict === 'never';
  return (
    WETTINGS.indexOf(place.wetting.most) > WETTINGS.indexOf(all.wetting.most) ||
    place.pH.min < all.pH.min ||
    place.pH.max > all.pH.max ||
    CHEMISTRIES.some((one) => isNever(all)(one) && !isNever(place)(one))
  );
}

/** They run and creep: what a solvent harms at the side is harmed all the same. */
const SOLVENTS: readonly Chemistry[] = ['alcohol', 'hydrocarbon', 'ketone', 'ester'];

/** The place may be wetted and rinsed by itself; nothing goes under water, and no solvent goes near the rest. */
export const onTheSpot = (place: Envelope, all: Envelope): Envelope => ({
  ...place,
  wetting: { ...place.wetting, most: place.wetting.most === 'immersion' ? 'spot' : place.wetting.most },
  chemistry: place.chemistry.map((one) =>
    SOLVENTS.includes(one.chemistry) ? windowOf(all, one.chemistry) : one,
  ),
});
