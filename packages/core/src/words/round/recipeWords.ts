import { SAID_IN_DROPS_ML, upperFirst } from '@feverfew/knowledge';
import type { Action } from '../../treatment/plan/action.js';
import type { Ingredient } from '../../treatment/plan/recipe.js';
import type { RoundPass } from '../../treatment/plan/round.js';
import { dropWords, liquidWords, toolWords } from './amountWords.js';
import { durationWords } from './durationWords.js';
import type { Lexicon } from './lexicon.js';

/** A stretch of the line of a step; figures stand out where it is shown. */
export interface Stretch {
  readonly text: string;
  readonly strong: boolean;
}

const plain = (text: string): Stretch => ({ text, strong: false });
const strong = (text: string): Stretch => ({ text, strong: true });

/** Up to this a bath or a dab is cold to the hand, °C. */
export const COLD_C = 25;
/** Shown with its litres or not at all, never as a product. */
export const PLAIN_WATER = 'water';

/**
 * Amounts, water, warmth and time of a step: "2½ tsp (13 mL), 40 °C, 10–15 min". A product that the title of the step
 * names is not named again.
 */
export function recipeStretches(
  { actions, methodId }: Pick<RoundPass, 'actions' | 'methodId'>,
  say: Lexicon,
): readonly Stretch[] {
  const pours = actions
    .flatMap(({ ingredients }) => ingredients)
    .filter(({ agentId }) => agentId !== PLAIN_WATER);
  const title = pours.length === 1 ? say.name(methodId) : '';
  const dwell = actions.find((action) => action.dwell)?.dwell ?? null;
  const parts = [
    joined(
      pours.map((one) => pourStretches(one, title, say)),
      ' + ',
    ),
    waterStretches(actions, say.name(methodId), say),
    putOnStretches(actions, say),
    dwell ? [strong(waitWords(dwell))] : [],
  ].filter((part) => part.length > 0);
  const [first, ...others] = joined(parts, ', ');
  return first ? [{ ...first, text: upperFirst(first.text) }, ...others] : [];
}

/** The same as plain text. */
export const recipeWords = (...of: Parameters<typeof recipeStretches>): string =>
  recipeStretches(...of)
    .map(({ text }) => text)
    .join('');

/** Minutes of a wait: what is aimed for, or the span. */
export const waitWords = ({ minMin, maxMin, aimMin }: NonNullable<Action['dwell']>): string =>
  (aimMin === null ? durationWords(minMin, maxMin) : durationWords(aimMin, aimMin)).replaceAll(' ', '\u00a0');

/** A figure to two digits: a hand pours no more exactly. */
export function twoFigures(amount: number): number {
  if (amount <= 0) return 0;
  const step = 10 ** (Math.floor(Math.log10(amount)) - 1);
  return Number((Math.round(amount / step) * step).toPrecision(2));
}

function joined(parts: readonly (readonly Stretch[])[], by: string): Stretch[] {
  return parts.flatMap((part, at) => (at === 0 ? part : [plain(by), ...part]));
}

/** Words that do not tell one product of its kind from another. */
const OF_ANY = ['hydrogen'];
const OF_ANY_DETERGENT = ['liquid', 'detergent', 'with'];

/** Whether a title has each word of a product's name, except some and those in brackets. */
function namesIn(title: string, name: string, without: readonly string[]): boolean {
  const wordsOf = (text: string): readonly string[] => text.toLowerCase().match(/[\p{L}-]+/gu) ?? [];
  const inTitle = wordsOf(title);
  const words = wordsOf(name.replace(/\(.*\)/, '')).filter((word) => !without.includes(word));
  return words.length > 0 && words.every((word) => inTitle.includes(word));
}

/** @param title the step's, where this is its one product; otherwise empty */
function pourStretches(ingredient: Ingredient, title: string, say: Lexicon): Stretch[] {
  const { agentId, strengthPct, basis } = ingredient;
  const isNamed = namesIn(title, say.name(agentId), OF_ANY);
  const name = `${say.name(agentId).replace(/ \(.*\)/, '')}${strengthPct === null ? '' : ` ${strengthPct} %`}`;
  if (basis === 'step') return isNamed ? [] : [plain(name)];
  if (basis === 'label') {
    const isWashed = name.includes('detergent') && namesIn(title, name, OF_ANY_DETERGENT);
    return labelStretches(ingredient, isNamed ? '' : isWashed ? 'detergent' : name, say);
  }
  const amount = strong(amountText(ingredient, say));
  return isNamed ? [amount] : [amount, plain(` ${name}`)];
}

/**
 * "Detergent by its label (usually 60 mL)", or "45 mL detergent, as its label says" where that was entered.
 * @param name the product's; empty where it has been named
 */
export const labelWords = (ingredient: Ingredient, name: string, say: Lexicon): string =>
  labelStretches(ingredient, name, say)
    .map(({ text }) => text)
    .join('');

/** A usual dose has a range; what was entered from a label has none. */
function labelStretches(ingredient: Ingredient, name: string, say: Lexicon): Stretch[] {
  const { massG, volumeML, range } = ingredient;
  const isKnown = massG !== null || volumeML !== null;
  if (isKnown && range === null)
    return [
      strong(amountText(ingredient, say)),
      plain(`${name === '' ? '' : ` ${name}`}, as its label says`),
    ];
  const byLabel = `${name === '' ? '' : `${name} `}by its label`;
  return isKnown
    ? [plain(`${byLabel} (usually `), strong(exactText(ingredient, say)), plain(')')]
    : [plain(byLabel)];
}

/** An amount as a hand measures it, with the exact one. */
function amountText(ingredient: Ingredient, say: Lexicon): string {
  const { massG, volumeML, snapped, basis } = ingredient;
  const exact = exactText(ingredient, say);
  if (massG === null && volumeML !== null && volumeML < SAID_IN_DROPS_ML) return dropWords(volumeML);
  // Millilitres of a jug are a liquid's exact amount already; for a powder they are the measure.
  const isSame = massG === null && snapped?.counts.some(({ toolId }) => toolId === 'jug');
  return !snapped || isSame || basis === 'weighed' ? exact : `${toolWords(snapped, true)} (${exact})`;
}

const exactText = ({ massG, volumeML }: Ingredient, say: Lexicon): string =>
  massG === null ? say.volume(twoFigures(volumeML ?? 0)) : massText(massG, say);

const massText = (massG: number, say: Lexicon): string =>
  say.mass ? say.mass(twoFigures(massG)) : `${twoFigures(massG)}\u00a0g`;

/** What of the mix is put on, where that is less than was mixed; a solvent is poured in several goes. */
function putOnStretches(actions: readonly Action[], say: Lexicon): Stretch[] {
  const putOn = actions.find(({ kind }) => kind === 'apply')?.putOn;
  if (!putOn) return [];
  const amount = strong(liquidWords(twoFigures(putOn.volumeML), putOn.snapped, say));
  return putOn.goes ? [amount, plain(' a go')] : [plain('put on '), amount];
}

function waterStretches(actions: readonly Action[], title: string, say: Lexicon): Stretch[] {
  const work = actions.filter(({ kind }) => kind === 'mix' || kind === 'apply' || kind === 'dwell');
  const mix = work.find(({ bath, waterML }) => bath !== null || waterML !== null);
  const drum = actions.find(
    ({ programme }) => programme !== null && programme !== 'none' && programme !== 'hand',
  );
  // Of the step itself: a rinse before or after it has a temperature of its own.
  const warm = (drum ?? mix)?.tempC ?? work.find(({ tempC }) => tempC !== null)?.tempC ?? null;
  const isCold = warm !== null && warm.target <= COLD_C && !drum;
  const at = warm === null ? '' : isCold ? 'cold' : `at\u00a0${say.temp(warm.target)}`;
  if (mix?.bath)
    return [
      plain('in '),
      strong(`${say.volume(mix.bath.waterL * 1000)} ${at}`.trim()),
      ...(mix.batches > 1 ? [plain(' for each of '), strong(`${mix.batches} lots`)] : []),
    ];
  if (mix?.waterML) {
    const amount = strong(liquidWords(twoFigures(mix.waterML), mix.waterTools ?? null, say));
    return [plain('in '), amount, plain(isCold ? ' cold water' : ` water ${at}`)];
  }
  // A neat product is neither warmed nor cooled.
  const isNeat = actions.some(({ ingredients }) =>
    ingredients.some(({ agentId }) => agentId !== PLAIN_WATER),
  );
  const isTitled = isCold && namesIn(title, 'cold', []);
  if (warm === null || (isNeat && !drum) || isTitled) return [];
  return isCold ? [plain('cold')] : [strong(say.temp(warm.target))];
}
