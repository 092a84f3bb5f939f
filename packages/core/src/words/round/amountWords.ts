import { SAID_IN_DROPS_ML } from '@feverfew/knowledge';
import { MEASURE_TOOLS } from '../../household/measureTool.js';
import type { SnappedVolume } from '../../household/snapToTools.js';
import type { Lexicon } from './lexicon.js';

const TOOL_WORDS: Readonly<Record<string, string>> = {
  usTeaspoon: 'US tsp',
  usTablespoon: 'US tbsp',
  usCup: 'US cup',
  metricTeaspoon: 'tsp',
  metricTablespoon: 'tbsp',
  metricCup: 'cup',
  imperialCup: 'imperial cup',
};
const FRACTIONS: Readonly<Record<string, string>> = { '0.25': '¼', '0.5': '½', '0.75': '¾' };
/** Drops of a thin liquid in a millilitre: the pharmacopoeia's dropper, from memory. */
const DROPS_PER_ML = 20;

/**
 * What the measures of the house give: "3½ tbsp", "1 cup + 2 tbsp", "50 mL in a jug".
 * @param isShort says "50 mL" of a jug, where the page has no room for more
 */
export const toolWords = ({ counts }: SnappedVolume, isShort = false): string =>
  counts
    .map(({ toolId, name, count }) =>
      toolId === 'jug'
        ? `${Math.round(count * MEASURE_TOOLS.jug.volumeML)} mL${isShort ? '' : ' in a jug'}`
        : `${countWords(count)}\u00a0${name ?? TOOL_WORDS[toolId]}` +
          (count > 1 && (name !== null || toolId.endsWith('Cup')) ? 's' : ''),
    )
    .join(' + ');

/** A small amount of liquid that no spoon measures: "5 drops". */
export const dropWords = (volumeML: number): string => {
  const drops = Math.max(1, Math.round(volumeML * DROPS_PER_ML));
  return `${drops} ${drops === 1 ? 'drop' : 'drops'}`;
};

/** An amount of liquid as a hand measures it, with the exact one: "1 tsp (5 mL)", "12 drops", "40 mL". */
export function liquidWords(volumeML: number, snapped: SnappedVolume | null, say: Lexicon): string {
  if (volumeML < SAID_IN_DROPS_ML) return dropWords(volumeML);
  const exact = say.volume(volumeML);
  if (!snapped || snapped.counts.some(({ toolId }) => toolId === 'jug')) return exact;
  return `${toolWords(snapped)} (${exact})`;
}

function countWords(count: number): string {
  const whole = Math.floor(count);
  const part = FRACTIONS[String(count - whole)] ?? '';
  return `${whole > 0 ? whole : ''}${part}` || '0';
}
