/** Words this project does not write, with the rule of docs/writing.md each stands for. */
const BANNED = [
  'told',
  'anew',
  'begun',
  'reckon(?:s|ed|ing)?',
  'nobody',
  'somebody',
  'whoever',
  'of before',
  'at hand',
  'or else',
  'wants',
  'stands',
  'beside',
  'as long as it is',
];

const BANNED_WORDS = new RegExp(`\\b(?:${BANNED.join('|')})\\b`, 'gi');
const sentences = new Intl.Segmenter('en-GB', { granularity: 'sentence' });
const words = new Intl.Segmenter('en-GB', { granularity: 'word' });

/**
 * @param {readonly string[]} texts
 * @param {number} mostWords most words of one sentence
 * @returns {{ banned: string[], long: string[] }} each banned word found, in small letters, and each sentence too long
 */
export function findFaults(texts, mostWords) {
  const banned = texts.flatMap((text) => text.match(BANNED_WORDS) ?? []).map((word) => word.toLowerCase());
  const long = texts
    .flatMap((text) => [...sentences.segment(text)].map(({ segment }) => segment.trim()))
    .filter((sentence) => countWords(sentence) > mostWords);
  return { banned, long };
}

const countWords = (sentence) =>
  [...words.segment(sentence)].filter(({ isWordLike, segment }) => isWordLike || segment === '…').length;
