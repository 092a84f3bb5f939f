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
 * "co/pes 65/35", "wool". The one fibre without a share takes what is left of 100.
 * @example parseBlend('60 co 40 pes', knowledge.fibres).fibres // [{ fibreId: 'cotton', sharePct: 60 }, { fibreId: 'polyester', sharePct: 40 }]
 */
export function parseBlend(text: string, names: readonly FibreNames[]): ParsedBlend {
  const tokens = tokensOf(text, names);
  const unread = tokens.filter((token) => token.kind === 'word').map((token) => token.value);
  const told = tokens.filter((token) => token.kind !== 'word');
  const pairs = pairUp(told);
  const given = pairs.reduce((sum, pair) => sum + (pair.share ?? 0), 0);
  const open = pairs.filter((pair) => pair.share === null);
  const rest = open.length > 0 && given < 100 ? (100 - given) / open.length : null;
  return {
    fibres: pairs.flatMap(({ fibreId, share }) => {
      const sharePct = share ?? (rest === null ? null : toTenth(rest));
      return sharePct === null ? [] : [{ fibreId, sharePct }];
    }),
    unread,
  };
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
    if (/^\d+(\.\d+)?$/.test(word)) {
      tokens.push({ kind: 'share', value: word });
      index += 1;
      continue;
    }
    const length = longestMatch(words, index, longest, known);
    const fibreId = known.get(words.slice(index, index + length).join(' '));
    tokens.push(fibreId ? { kind: 'fibre', value: fibreId } : { kind: 'word', value: word });
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
function pairUp(tokens: readonly Token[]): { fibreId: string; share: number | null }[] {
  const fibres = tokens.filter((token) => token.kind === 'fibre');
  const shares = tokens.filter((token) => token.kind === 'share');
  const lastFibre = tokens.map((token) => token.kind).lastIndexOf('fibre');
  const firstShare = tokens.findIndex((token) => token.kind === 'share');
  if (fibres.length > 1 && shares.length === fibres.length && firstShare > lastFibre)
    return fibres.map((fibre, index) => ({ fibreId: fibre.value, share: Number(shares[index]?.value) }));
  const sharesFirst = tokens[0]?.kind === 'share';
  return fibres.map((fibre) => {
    const index = tokens.indexOf(fibre);
    const beside = tokens[sharesFirst ? index - 1 : index + 1];
    return { fibreId: fibre.value, share: beside?.kind === 'share' ? Number(beside.value) : null };
  });
}
