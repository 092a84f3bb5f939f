import type { PhraseSpan } from './findSpans.js';
import { type FoundMark, isOf, ofKind, type Parsed, valueIn } from './phrase.js';
import { clothColour, colourOf } from './readColour.js';

/** Words for a trouble that say nothing of what it is. */
const STUFF = /^(?:stain|mark|spot|patch)$/;
const WORN_PLACES = ['collar', 'cuff', 'underarm'];

/**
 * The trouble of a sentence that names none: a product that was spilt, yellow where skin lies, or a stain of unknown
 * cause. Empty where not even a stain is mentioned.
 * @param isTaken phrases that are read as something else
 */
export function unnamedMark(parsed: Parsed, isTaken: (span: PhraseSpan) => boolean): readonly FoundMark[] {
  const { unknownMarkId, yellowMarkId, skinYellowMarkId, productsAsMarks } = parsed.rules;
  for (const span of ofKind(parsed, 'agent')) {
    const spilt = productsAsMarks.find(({ agentId }) => agentId === valueIn(span, 'agent'));
    if (spilt && !isTaken(span)) return [{ span, markId: spilt.markId }];
  }
  const stuff = stuffIn(parsed);
  const colour = parsed.spans.find((span) => isOf(span, 'colour') && colourOf(parsed, span) !== 'cloth');
  const hue = colour ? parsed.tokens[colour.from]?.stem : undefined;
  const isWorn = WORN_PLACES.some((place) => parsed.spans.some((span) => isOf(span, 'place', place)));
  const isOfSkin = (hue === 'yellow' && (isWorn || isSleptOn(parsed))) || (hue === 'brown' && isWorn);
  if (colour && isOfSkin) return [{ span: stuff ?? colour, markId: skinYellowMarkId }];
  if (stuff) return [{ span: stuff, markId: unknownMarkId }];
  return colour && hue === 'yellow' && !clothColour(parsed) ? [{ span: colour, markId: yellowMarkId }] : [];
}

/** "Some mark", "a ring"; in "a month old stain" the word is part of the age. */
function stuffIn(parsed: Parsed): PhraseSpan | null {
  const { unknownMarkId } = parsed.rules;
  const told =
    parsed.spans.find((span) => isOf(span, 'unknown', 'mark') || isOf(span, 'mark', unknownMarkId)) ??
    parsed.spans.find((span) => isOf(span, 'cue', 'stuff') && !isOf(span, 'make'));
  if (told) return told;
  const at = parsed.tokens.findIndex(({ stem }) => STUFF.test(stem));
  return at < 0 ? null : { from: at, to: at + 1, meanings: [], slips: 0 };
}

const isSleptOn = (parsed: Parsed): boolean =>
  parsed.rules.sleptOnItemIds.some((itemId) => parsed.spans.some((span) => isOf(span, 'item', itemId)));
