import { type Catalogue, findDangers, type Lexicon, type PieceSummary } from '@feverfew/contracts';
import type { Draft } from '../../facts/factsDraft';
import { draftOf, readWords } from '../../facts/readWords';
import { marksText } from '../../facts/sentenceView';
import { FLOOR, type Named } from '../../search/nameSearch';
import { searchOver } from '../../search/searchOptions';
import { tellingOf } from '../../search/words';
import { PLACES } from './places';

export interface SearchHit {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  /** Where it leads; a trouble being told leads to the trouble page with its draft. */
  readonly to: string;
  readonly draft: Draft | null;
  /** A page that is read before anything is done. Words that only may mean it are not enough. */
  readonly isDanger: boolean;
}

/** Answers, best first over all kinds; where nothing is good enough, what comes nearest. */
export interface FoundHits {
  readonly answers: readonly SearchHit[];
  readonly nearest: readonly SearchHit[];
}

const MOST_ANSWERS = 12;
const MOST_NEAREST = 3;

interface Scored {
  readonly hit: SearchHit;
  readonly score: number;
}

/** Everything by any word, by one score: a whole name or alias first, whatever kind it is of. */
export function findEverything(
  query: string,
  catalogue: Catalogue,
  pieces: readonly PieceSummary[],
  say: Lexicon,
): FoundHits {
  if (query.trim() === '') return { answers: [], nearest: [] };
  const over = <T extends Named>(records: readonly T[], hitOf: (record: T) => SearchHit): Scored[] =>
    searchOver(records)
      .find(query)
      .map(({ record, score }) => ({ hit: hitOf(record), score }));
  const family = (kind: string, name: string, records: readonly Named[]) =>
    over(records, ({ id, name: text }) => ({
      id: `${name}.${id}`,
      name: text,
      kind,
      to: `/reference/${name}/${id}`,
      draft: null,
      isDanger: false,
    }));
  const dangers = findDangers(query, catalogue.dangers);
  // What is no matter of cleaning is not told as a trouble.
  const isTold = dangers.every(({ isOnly }) => !isOnly);
  const scored = [
    ...(isTold ? toldTrouble(query, catalogue, pieces, say) : []),
    ...over(ownPieces(pieces), ({ id, name }) => ({
      id: `piece.${id}`,
      name,
      kind: 'your linen',
      to: `/pieces/${id}`,
      draft: null,
      isDanger: false,
    })),
    ...family('trouble', 'marks', catalogue.marks),
    ...family('kind of piece', 'items', catalogue.items),
    ...family('product', 'agents', catalogue.agents),
    ...family('fibre', 'fibres', catalogue.fibres),
    ...over(PLACES, ({ id, name, to }) => ({
      id: `place.${id}`,
      name,
      kind: 'screen',
      to,
      draft: null,
      isDanger: false,
    })),
    ...lower(family('method', 'methods', catalogue.methods)),
    ...lower(family('soil', 'components', catalogue.components)),
    ...lower(
      over(catalogue.words, ({ id, name }) => ({
        id: `word.${id}`,
        name: `What ${name} means`,
        kind: 'word',
        to: '/reference/words',
        draft: null,
        isDanger: false,
      })),
    ),
  ].sort((a, b) => b.score - a.score);
  const [sure, perhaps] = [true, false].map((wanted) =>
    dangers.filter(({ isSure }) => isSure === wanted).map(({ danger }) => dangerHit(danger, wanted)),
  ) as [SearchHit[], SearchHit[]];
  const pages = sure.length + perhaps.length;
  const answers = scored.filter(({ score }) => score >= FLOOR).slice(0, Math.max(1, MOST_ANSWERS - pages));
  const nearest = answers.length + pages > 0 ? [] : scored.slice(0, MOST_NEAREST);
  return {
    answers: [...sure, ...answers.map(({ hit }) => hit), ...perhaps],
    nearest: nearest.map(({ hit }) => hit),
  };
}

const dangerHit = ({ id, name }: Catalogue['dangers'][number], isSure: boolean): SearchHit => ({
  id: `danger.${id}`,
  name,
  kind: isSure ? 'read this first' : 'if you mean this',
  to: `/danger/${id}`,
  draft: null,
  isDanger: isSure,
});

/** Ways and soils are named after products and troubles: those come first. */
const lower = (found: readonly Scored[]): Scored[] =>
  found.map(({ hit, score }) => ({ hit, score: score * 0.95 }));

const ownLists = new WeakMap<readonly PieceSummary[], readonly Named[]>();
const NO_ALIASES: readonly string[] = [];

/** The linen book as records with names; one list for each list of pieces, so that it is indexed once. */
function ownPieces(pieces: readonly PieceSummary[]): readonly Named[] {
  const known = ownLists.get(pieces) ?? pieces.map(({ id, name }) => ({ id, name, aliases: NO_ALIASES }));
  ownLists.set(pieces, known);
  return known;
}

/** A slip in a mark's name, and each word nobody understood, make it less sure that this was meant. */
const SLIP = 0.06;
/** "Tea towel" is a piece, not tea on a towel. */
const TWO_THINGS = 0.02;

function toldTrouble(
  query: string,
  catalogue: Catalogue,
  pieces: readonly PieceSummary[],
  say: Lexicon,
): Scored[] {
  const read = readWords(query, catalogue, pieces);
  if (read.markIds.length === 0) return [];
  const draft = draftOf(read, catalogue, pieces);
  const { piece } = draft.facts;
  const on = piece.itemId ? ` on the ${piece.name}` : '';
  const all = tellingOf(query).length;
  // A trouble and a piece are most of what was meant, whatever else stood beside them.
  const onSomething = read.itemId !== null || read.pieceId !== null;
  const things = read.markIds.length + (onSomething ? 1 : 0) + (read.colour ? 1 : 0);
  const score =
    (1 - (onSomething ? 0.5 : 1) * (read.left.length / Math.max(1, all))) *
    (read.exact === 1 ? 1 : 1 - SLIP) *
    (things > 1 ? 1 - TWO_THINGS : 1);
  const hit: SearchHit = {
    id: 'told',
    name: `${marksText(read.markIds, say)}${on}`,
    kind: 'tell it as a new trouble',
    to: '/trouble',
    draft,
    isDanger: false,
  };
  return [{ hit, score }];
}
