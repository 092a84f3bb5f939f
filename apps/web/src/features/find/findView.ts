import {
  type Catalogue,
  findDangers,
  type Lexicon,
  type PieceSummary,
  readSentence,
  type SentenceReading,
} from '@feverfew/contracts';
import { draftOfReading } from '../../facts/draftOfReading';
import type { Draft } from '../../facts/factsDraft';
import { marksText } from '../../facts/sentenceView';
import { FLOOR, type Named } from '../../search/nameSearch';
import { searchOver } from '../../search/searchOptions';
import { tellingOf } from '../../search/words';
import { FIND_PLACES } from './places';

export interface SearchHit {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  /** Where it leads; a trouble being described leads to the trouble page with its draft. */
  readonly to: string;
  readonly draft: Draft | null;
  /** A page that is read before anything is done. Words that only may mean it are not enough. */
  readonly isDanger: boolean;
}

/** Answers, best first over all kinds; where nothing is good enough, what comes nearest. */
export interface FoundHits {
  /** The words as a trouble being described, however little they tell; null = they name no trouble and no piece. */
  readonly told: SearchHit | null;
  readonly answers: readonly SearchHit[];
  readonly nearest: readonly SearchHit[];
}

export const NOTHING_FOUND: FoundHits = { told: null, answers: [], nearest: [] };
const MAX_ANSWERS = 12;
const MAX_NEAREST = 3;

/** Telling words up to which a text is looked up like a name; a longer one is a sentence. */
const LOOKED_UP = 4;

interface Scored {
  readonly hit: SearchHit;
  readonly score: number;
}

/** Makes the indexes that the first letter typed needs, one at a time, while the browser has nothing else to do. */
export function warmSearch(catalogue: Catalogue): void {
  const { marks, items, agents, fibres, methods, components, words } = catalogue;
  const lists: readonly (readonly Named[])[] = [
    marks,
    items,
    agents,
    fibres,
    FIND_PLACES,
    methods,
    components,
    words,
  ];
  const tasks = [() => void readSentence('', catalogue), ...lists.map((list) => () => void searchOver(list))];
  const next = () => {
    tasks.shift()?.();
    if (tasks.length > 0) whenIdle(next);
  };
  whenIdle(next);
}

const whenIdle = (task: () => void): void => {
  if ('requestIdleCallback' in window) window.requestIdleCallback(task);
  else setTimeout(task, 50);
};

/** Everything by any word, by one score: a whole name or alias first, whatever kind it is of. */
export function findEverything(
  query: string,
  catalogue: Catalogue,
  pieces: readonly PieceSummary[],
  say: Lexicon,
): FoundHits {
  if (query.trim() === '') return NOTHING_FOUND;
  const words = tellingOf(query);
  const isSentence = words.length > LOOKED_UP + 1;
  const over = <T extends Named>(records: readonly T[], hitOf: (record: T) => SearchHit): Scored[] =>
    isSentence
      ? []
      : searchOver(records)
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
  // What is no matter of cleaning is not offered as a trouble.
  const isTold = dangers.every(({ isOnly }) => !isOnly);
  const told = isTold ? toldTrouble(query, catalogue, pieces, say) : null;
  const scored = [
    ...(told?.isAnswer ? [told] : []),
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
    ...over(FIND_PLACES, ({ id, name, to }) => ({
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
  const answers = scored.filter(({ score }) => score >= FLOOR).slice(0, Math.max(1, MAX_ANSWERS - pages));
  const nearest = answers.length + pages > 0 ? [] : scored.slice(0, MAX_NEAREST);
  return {
    told: told?.hit ?? null,
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

/** What was mended or not understood makes it less sure that this was meant. */
const SLIP = 0.06;
/** "Tea towel" is a piece, not tea on a towel. */
const TWO_THINGS = 0.02;

/** @returns null where neither a trouble nor a piece was read; a piece by itself is looked up */
function toldTrouble(
  query: string,
  catalogue: Catalogue,
  pieces: readonly PieceSummary[],
  say: Lexicon,
): (Scored & { readonly isAnswer: boolean }) | null {
  const reading = readSentence(query, catalogue, pieces);
  const { facts, reads, unread } = reading;
  const isOnSomething = facts.piece.itemId !== null || reading.pieceId !== null;
  if (facts.markIds.length === 0 && !isOnSomething) return null;
  const left = unread.reduce((sum, { text }) => sum + tellingOf(text).length, 0);
  const words = Math.max(1, tellingOf(query).length);
  const isMended = reads.some(({ kind, isSure }) => kind === 'mark' && !isSure);
  const things = facts.markIds.length + (isOnSomething ? 1 : 0) + (facts.piece.colour === 'unknown' ? 0 : 1);
  const score =
    (1 - (isOnSomething ? 0.5 : 1) * (left / words)) *
    (isMended ? 1 - SLIP : 1) *
    (things > 1 ? 1 - TWO_THINGS : 1);
  return {
    hit: hitOf(reading, query, pieces, say),
    score,
    isAnswer: facts.markIds.length > 0 || words > LOOKED_UP,
  };
}

function hitOf(
  reading: SentenceReading,
  query: string,
  pieces: readonly PieceSummary[],
  say: Lexicon,
): SearchHit {
  const draft = draftOfReading(reading, query, pieces);
  const { piece, markIds } = draft.facts;
  const on = piece.itemId ? ` on the ${piece.name}` : '';
  return {
    id: 'told',
    name: `${marksText(markIds, say) || 'Something'}${on}`,
    kind: 'tell it as a new trouble',
    to: '/trouble',
    draft,
    isDanger: false,
  };
}
