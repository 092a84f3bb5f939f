/** A word with the other turns it is met by. */
interface Word {
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
}

interface Cut<W> {
  readonly text: string;
  readonly term: W | null;
}

const matchers = new WeakMap<
  readonly Word[],
  { readonly find: RegExp; readonly byTurn: Map<string, Word> }
>();

/**
 * A text cut at the words that are explained, each at its first use. The parts joined give the text again.
 * Longer turns go first: "colour-run reducer" is one, not "reducer" in it.
 */
export function splitAtTerms<W extends Word>(text: string, words: readonly W[]): Cut<W>[] {
  const { find, byTurn } = matcherOf(words);
  const told = new Set<string>();
  const cuts: Cut<W>[] = [];
  let from = 0;
  for (const match of text.matchAll(find)) {
    const term = byTurn.get(match[0].toLowerCase()) as W | undefined;
    if (!term || told.has(term.id)) continue;
    told.add(term.id);
    if (match.index > from) cuts.push({ text: text.slice(from, match.index), term: null });
    cuts.push({ text: match[0], term });
    from = match.index + match[0].length;
  }
  if (from < text.length) cuts.push({ text: text.slice(from), term: null });
  return cuts;
}

function matcherOf(words: readonly Word[]) {
  const known = matchers.get(words);
  if (known) return known;
  const turns = words
    .flatMap((word) => [word.name, ...word.aliases].map((turn) => [turn.toLowerCase(), word] as const))
    .sort(([a], [b]) => b.length - a.length);
  const source = turns.map(([turn]) => sourceOf(turn)).join('|');
  const made = {
    find: new RegExp(`(?<![\\w-])(?:${source})(?![\\w-])`, 'gi'),
    byTurn: new Map(turns.map(([turn, word]) => [turn.replace(BEFORE, ''), word])),
  };
  matchers.set(words, made);
  return made;
}

/** What must stand before a turn, in brackets. */
const BEFORE = /^\((.+?)\)/;
const plain = (text: string): string => text.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');

function sourceOf(turn: string): string {
  const before = BEFORE.exec(turn)?.[1];
  return (before ? `(?<=${plain(before)})` : '') + plain(turn.replace(BEFORE, ''));
}
