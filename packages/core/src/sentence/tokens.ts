/** One word of a typed sentence. */
export interface Token {
  /** As typed. */
  readonly text: string;
  /** Lower case, without accents, apostrophes and plural ending; a number keeps its digits. */
  readonly stem: string;
  /** Its value where it is a number or a word for one. */
  readonly count: number | null;
  /** Ends in the plural, as typed. */
  readonly isPlural: boolean;
  /** First character in the sentence, and the one after its last. */
  readonly from: number;
  readonly to: number;
  /** Number of the clause it is in; a full stop or a comma starts a new one. */
  readonly clause: number;
}

/** Longest sentence that is read, characters. */
export const MAX_CHARACTERS = 1000;

/** Words that carry nothing here and may be inside any phrase. */
const ARTICLES = new Set('a an the my his her our your their'.split(' '));

const COUNTS: Readonly<Record<string, number>> = {
  ...{ one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10 },
  ...{ eleven: 11, twelve: 12, dozen: 12, fifteen: 15, twenty: 20, thirty: 30, half: 0.5, couple: 2, few: 3 },
};

/** Sizes of paper are one word: the letter of "A4" is no article. */
const WORD = /\b[Aa][3-6]\b|\d+(?:[.,]\d+)?|\p{L}[\p{L}\p{M}]*(?:['’]\p{L}+)*|[.,;:!?()\n–—…]+/gu;

/** The words of a sentence, articles left out. */
export function tokensOf(text: string): readonly Token[] {
  let clause = 0;
  return [...text.slice(0, MAX_CHARACTERS).matchAll(WORD)].flatMap((match): Token[] => {
    const [typed] = match;
    if (!/[\p{L}\d]/u.test(typed)) {
      clause += 1;
      return [];
    }
    const plain = plainOf(typed);
    if (ARTICLES.has(plain)) return [];
    const stem = stemOf(plain);
    return [
      {
        text: typed,
        stem,
        count: /^\d/.test(plain) ? Number(plain.replace(',', '.')) : (COUNTS[plain] ?? null),
        isPlural: stem !== plain && plain.endsWith('s'),
        from: match.index,
        to: match.index + typed.length,
        clause,
      },
    ];
  });
}

const plainOf = (typed: string): string =>
  typed
    .normalize('NFD')
    .replace(/\p{M}|['’]/gu, '')
    .toLowerCase();

/** Words of a name, without accents, apostrophes, plural endings and articles. */
export const stemsOfName = (name: string): string[] =>
  (
    name
      .normalize('NFD')
      .replace(/\p{M}|['’]/gu, '')
      .toLowerCase()
      .match(/\ba[3-6]\b|\d+(?:[.,]\d+)?|\p{L}+|#/gu) ?? []
  )
    .filter((word) => !ARTICLES.has(word))
    .map(stemOf);

/** One form for singular and plural, spelled as most do. */
export function stemOf(word: string): string {
  if (word.length <= 3) return word;
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (/(?:ch|sh|x|ss|zz)es$/.test(word)) return word.slice(0, -2);
  if (word.endsWith('s') && !/(?:ss|us|is)$/.test(word)) return word.slice(0, -1);
  return word;
}
