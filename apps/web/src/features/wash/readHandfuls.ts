import { type Catalogue, type NewHeapLine, PLAIN_LINE } from '@feverfew/contracts';
import { searchOver } from '../../search/searchOptions';

type Colour = NewHeapLine['colour'];

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

/** A handful read from typed words. Words that were not understood are shown. */
export interface ReadHandful {
  readonly text: string;
  readonly line: NewHeapLine | null;
}

/**
 * "6 dark socks, 2 bath towels, a duvet cover": one handful between commas, semicolons or line ends. By default: white,
 * washed often, one of it. New things are not tested.
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
  let coloured = false;
  const left: string[] = [];
  for (const word of text.toLowerCase().split(/[\s×]+/)) {
    const number = NUMBERS[word] ?? (/^\d{1,2}x?$/.test(word) ? Number.parseInt(word, 10) : null);
    const colour = COLOURS.find(([pattern]) => pattern.test(word))?.[1];
    const soil = SOILS.find(([pattern]) => pattern.test(word))?.[1];
    if (number && number > 0) line = { ...line, count: number };
    else if (colour) {
      coloured = true;
      line = { ...line, colour };
    } else if (soil) line = { ...line, soil };
    else if (word === 'new') line = { ...line, fastness: 'unknown' };
    else left.push(word);
  }
  const asked = left.join(' ');
  const [best] = searchOver(catalogue.items).find(asked);
  if (!best || asked === '') return null;
  const itemId = best.record.id;
  // A mostly dark handful without a stated colour is not taken for white.
  return { ...line, itemId, name: asked, colour: coloured ? line.colour : usualColour(itemId, catalogue) };
}

/** Bed, table and bathroom are white where nothing else is said; what is worn may be anything, so that it is dark. */
export function usualColour(itemId: string, catalogue: Catalogue): Colour {
  const weave = catalogue.clothKinds.find(({ itemIds }) => itemIds.includes(itemId))?.weave;
  return weave === 'percale' || weave === 'damask' || weave === 'loops' || weave === 'muslin'
    ? 'white'
    : 'dark';
}
