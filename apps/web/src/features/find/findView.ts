import type { Catalogue, Lexicon, PieceSummary } from '@feverfew/contracts';
import { searchOptions } from '../../components/searchOptions';
import type { Draft } from '../../facts/factsDraft';
import { draftOf, readWords } from '../../facts/readWords';
import { marksText } from '../../facts/sentenceView';

export interface SearchHit {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  /** Where it leads; a trouble being told leads to the trouble page with its draft. */
  readonly to: string;
  readonly draft: Draft | null;
}

const MOST_A_KIND = 4;

/** Everything by any word: a trouble as told first, then pieces, knowledge and rooms. */
export function findEverything(
  query: string,
  catalogue: Catalogue,
  pieces: readonly PieceSummary[],
  say: Lexicon,
): SearchHit[] {
  if (query.trim() === '') return [];
  const group = (kind: string, family: string, records: Catalogue['fibres']): SearchHit[] =>
    searchOptions(records, query)
      .slice(0, MOST_A_KIND)
      .map(({ id, name }) => ({
        id: `${family}.${id}`,
        name,
        kind,
        to: `/reference/${family}/${id}`,
        draft: null,
      }));
  const owned = searchOptions(
    pieces.map(({ id, name }) => ({ id, name, aliases: [] })),
    query,
  );
  return [
    ...toldTrouble(query, catalogue, pieces, say),
    ...owned.slice(0, MOST_A_KIND).map(({ id, name }) => ({
      id: `piece.${id}`,
      name,
      kind: 'in the linen book',
      to: `/pieces/${id}`,
      draft: null,
    })),
    ...group('trouble', 'marks', catalogue.marks),
    ...group('agent', 'agents', catalogue.agents),
    ...group('method', 'methods', catalogue.methods),
    ...group('fibre', 'fibres', catalogue.fibres),
    ...group('kind of piece', 'items', catalogue.items),
    ...group('soil', 'components', catalogue.components),
  ];
}

function toldTrouble(
  query: string,
  catalogue: Catalogue,
  pieces: readonly PieceSummary[],
  say: Lexicon,
): SearchHit[] {
  const read = readWords(query, catalogue, pieces);
  if (read.markIds.length === 0) return [];
  const draft = draftOf(read, catalogue, pieces);
  const { piece } = draft.facts;
  const on = piece.itemId ? ` on the ${piece.name}` : '';
  return [
    {
      id: 'told',
      name: `${marksText(read.markIds, say)}${on}`,
      kind: 'tell it as a new trouble',
      to: '/trouble',
      draft,
    },
  ];
}
