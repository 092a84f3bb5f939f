import { toTenth } from '../quantity/rounding.js';
import type { FibreShare } from './piece.js';

/** A fibre with every word people or tags use for it. */
export interface FibreNames {
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
}

export interface ParsedBlend {
  readonly fibres: readonly FibreShare[];
  /** Words that mean nothing here; shown to the person, never dropped in silence. */
  readonly unread: readonly string[];
}

interface Token {
  readonly kind: 'share' | 'fibre' | 'word';
  readonly value: string;
  /** As it was typed. */
  readonly typed: string;
}

/** A fibre with the share that belongs to it; null = no share was typed. */
interface Pair {
  readonly fibre: Token;
  readonly share: Token | null;
}

const FILLERS = new Set([
  'and',
  'with',
  'of',
  'a',
  'some',
  'the',
  'percent',
  'per',
  'cent',
  'fibre',
  'fibres',
]);

/**
 * Reads a blend as it is on tags: "60 co 35 pes 5 el", "60 % cotton, 40 % polyester", "wool 80 polyamide 20",
 * "co/pes 65/35", "wool". The one fibre without a share takes what is left of 100. A share of zero or less, a number
 * without a fibre, and a fibre for which nothing is left are unread.
 * @example parseBlend('60 co 40 pes', knowledge.fibres).fibres // [{ fibreId: 'cotton', sharePct: 60 }, { fibreId: 'polyester', sharePct: 40 }]
 */
export function parseBlend(text: string, names: readonly FibreNames[]): ParsedBlend {
  const tokens = tokensOf(text, names);
  const pairs = pairUp(tokens.filter((token) => token.kind !== 'word'));
  const shareOf = ({ share }: Pair) => (share === null ? null : Number(share.value));
  const given = pairs.reduce((sum, pair) => sum + Math.max(0, shareOf(pair) ?? 0), 0);
  const open = pairs.filter(({ share }) => share === null);
  const rest = open.length > 0 && given < 100 ? toTenth((100 - given) / open.length) : 0;
  const read = pairs.filter((pair) => (shareOf(pair) ?? rest) > 0);
  const used = new Set(read.flatMap(({ fibre, share }) => [fibre, share]));
  return {
    fibres: read.map((pair) => ({ fibreId: pair.fibre.value, sharePct: shareOf(pair) ?? rest })),
    unread: stretchesOf(tokens, (token) => !used.has(token)),
  };
}

/** What was typed in one stretch is said in one stretch: "40 moonweave". */
function stretchesOf(tokens: readonly Token[], isWanted: (token: Token) => boolean): string[] {
  const stretches: string[][] = [[]];
  for (const token of tokens)
    if (isWanted(token)) stretches.at(-1)?.push(token.typed);
    else stretches.push([]);
  return stretches.filter((words) => words.length > 0).map((words) => words.join(' '));
}

function tokensOf(text: string, names: readonly FibreNames[]): Token[] {
  const words = text
    .toLowerCase()
    .replace(/[%°()]/g, ' ')
    .replace(/(\d)([a-z])/g, '$1 $2')
    .replace(/([a-z])(\d)/g, '$1 $2')
    .split(/[\s,;/+&:]+/)
    .filter((word) => word !== '' && !FILLERS.has(word));
  const known = new Map(
    names.flatMap(({ id, name, aliases }) => [name, ...aliases].map((alias) => [alias.toLowerCase(), id])),
  );
  const longest = Math.max(1, ...[...known.keys()].map((alias) => alias.split(' ').length));
  const tokens: Token[] = [];
  for (let index = 0; index < words.length; ) {
    const word = words[index] ?? '';
    if (/^[-−]?\d+(\.\d+)?$/.test(word)) {
      tokens.push({ kind: 'share', value: word.replace('−', '-'), typed: word });
      index += 1;
      continue;
    }
    const length = longestMatch(words, index, longest, known);
    const phrase = words.slice(index, index + length).join(' ');
    const fibreId = known.get(phrase);
    tokens.push(
      fibreId ? { kind: 'fibre', value: fibreId, typed: phrase } : { kind: 'word', value: word, typed: word },
    );
    index += Math.max(1, length);
  }
  return tokens;
}

function longestMatch(
  words: readonly string[],
  index: number,
  longest: number,
  known: ReadonlyMap<string, string>,
): number {
  for (let length = longest; length > 0; length -= 1) {
    if (index + length <= words.length && known.has(words.slice(index, index + length).join(' ')))
      return length;
  }
  return 0;
}

/** Shares before their fibres, after them, or all fibres first and all shares behind. */
function pairUp(tokens: readonly Token[]): Pair[] {
  const fibres = tokens.filter((token) => token.kind === 'fibre');
  const shares = tokens.filter((token) => token.kind === 'share');
  const lastFibre = tokens.map((token) => token.kind).lastIndexOf('fibre');
  const firstShare = tokens.findIndex((token) => token.kind === 'share');
  if (fibres.length > 1 && shares.length === fibres.length && firstShare > lastFibre)
    return fibres.map((fibre, index) => ({ fibre, share: shares[index] ?? null }));
  const sharesFirst = tokens[0]?.kind === 'share';
  return fibres.map((fibre) => {
    const index = tokens.indexOf(fibre);
    const beside = tokens[sharesFirst ? index - 1 : index + 1];
    return { fibre, share: beside?.kind === 'share' ? beside : null };
  });
}
