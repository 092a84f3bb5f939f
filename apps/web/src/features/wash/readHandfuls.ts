import { type Catalogue, type NewHeapLine, PLAIN_LINE } from '@feverfew/contracts';
import { searchOver } from '../../search/searchOptions';

type Colour = NonNullable<NewHeapLine['colour']>;

/** How people say how light a thing is. Red, blue and black are dark enough to give dye. */
const COLOURS: readonly (readonly [RegExp, Colour])[] = [
  [/^whites?$/, 'white'],
  [/^(natural|cream|undyed|ecru|unbleached)$/, 'natural'],
  [/^(pale|light|pastel|pink|beige)$/, 'pale'],
  [/^(mid|coloured|colored|grey|gray|green|yellow|orange)$/, 'mid'],
  [/^(dark|darks|black|navy|red|blue|brown|purple)$/, 'dark'],
  [/^(patterned|striped|multicoloured|checked)$/, 'multicoloured'],
];
const NUMBERS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  dozen: 12,
};
const SOILS: readonly (readonly [RegExp, NewHeapLine['soil']])[] = [
  [/^(dirty|filthy|muddy|soiled)$/, 'heavy'],
  [/^(freshen|hardly|barely)$/, 'light'],
];

/** "sheets", but not "dress". */
const SEVERAL = /[^s]s$/;
/** Names of one piece that look like several. */
const ONE_BY_NAME =
  /(jeans|trousers|breeches|shorts|leggings|pants|tights|overalls|dungarees|py?[aj]+mas|joggers|knickers|briefs|trunks|chinos|gloves|mittens|canvas|underpants)$/;
/** Cloth of small things, of which a heap holds more. */
const OF_SMALL_THINGS: readonly string[] = ['stripe', 'pique', 'knit', 'muslin'];

/** How many are meant where only "sheets" or "tea towels" is said: our own choice, shown to be put right. */
function usualCount(itemId: string, catalogue: Catalogue): number {
  const weave = catalogue.clothKinds.find(({ itemIds }) => itemIds.includes(itemId))?.weave ?? '';
  return OF_SMALL_THINGS.includes(weave) ? 4 : 2;
}

/** A handful read from typed words. Words that were not understood are shown. */
export interface ReadHandful {
  readonly text: string;
  readonly line: NewHeapLine | null;
}

/**
 * "6 dark socks, 2 bath towels, a duvet cover": one handful between commas, semicolons or line ends. What is not said is
 * taken as usual: one of it, washed often, in the colour of its kind. New things are not tested.
 */
export function readHandfuls(text: string, catalogue: Catalogue): ReadHandful[] {
  return text
    .split(/[,;\n]+| and /)
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => ({ text: part, line: readHandful(part, catalogue) }));
}

function readHandful(text: string, catalogue: Catalogue): NewHeapLine | null {
  let line: NewHeapLine = PLAIN_LINE;
  const left: string[] = [];
  let isCounted = false;
  // A pair of jeans is one piece, and so is a pair of socks.
  for (const word of text
    .toLowerCase()
    .replace(/\bpairs? of\b/, '')
    .split(/[\s×]+/)) {
    const number = NUMBERS[word] ?? (/^x?\d{1,2}x?$/.test(word) ? Number(word.replaceAll('x', '')) : null);
    const colour = COLOURS.find(([pattern]) => pattern.test(word))?.[1];
    const soil = SOILS.find(([pattern]) => pattern.test(word))?.[1];
    if (number && number > 0) {
      isCounted = true;
      line = { ...line, count: number };
    } else if (colour) line = { ...line, colour };
    else if (soil) line = { ...line, soil };
    else if (word === 'new') line = { ...line, fastness: 'unknown' };
    else left.push(word);
  }
  const asked = left.join(' ');
  const [best] = searchOver(catalogue.items).find(asked);
  if (!best || asked === '') return null;
  const itemId = best.record.id;
  const isSeveral = !isCounted && SEVERAL.test(asked) && !ONE_BY_NAME.test(asked);
  return { ...line, itemId, name: asked, count: isSeveral ? usualCount(itemId, catalogue) : line.count };
}
