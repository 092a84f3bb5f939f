import type { Catalogue, Doubt, PieceSummary } from '@feverfew/contracts';
import { type Draft, withPiece } from '../../../facts/factsDraft';

/** What is given, with a doubt answered; everything else that was said of the piece stays. */
export function answerDoubt(
  draft: Draft,
  { kind }: Doubt,
  id: string,
  catalogue: Catalogue,
  pieces: readonly PieceSummary[],
): Draft {
  const { facts } = draft;
  const { piece } = facts;
  if (kind === 'piece') {
    const own = pieces.find((one) => one.id === id);
    return own ? withPiece(draft, own) : draft;
  }
  if (kind === 'mark') return { ...draft, facts: { ...facts, markIds: [id] } };
  if (kind === 'fibre') {
    const [first, ...rest] = piece.parts.length > 0 ? piece.parts : [{ name: 'whole piece', fibres: [] }];
    const parts = first ? [{ ...first, fibres: [{ fibreId: id, sharePct: 100 }] }, ...rest] : [];
    return { ...draft, facts: { ...facts, piece: { ...piece, parts } } };
  }
  const item = catalogue.items.find((one) => one.id === id);
  if (!item) return draft;
  // The cloth that was given is that of the first part, whatever it is called.
  const [cloth] = piece.parts.filter(({ fibres }) => fibres.length > 0);
  const parts = item.partNames.map((name, at) => ({ name, fibres: at === 0 ? (cloth?.fibres ?? []) : [] }));
  return {
    ...draft,
    pieceId: null,
    facts: { ...facts, partIndex: 0, piece: { ...piece, itemId: item.id, name: item.name, parts } },
  };
}
