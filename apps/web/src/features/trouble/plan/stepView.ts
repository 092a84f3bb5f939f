import {
  type Action,
  DRYING_WORDS,
  durationWords,
  type Lexicon,
  liquidWords,
  type Measures,
  passWords,
  type Round,
  type RoundPass,
} from '@feverfew/contracts';
import { agentText, amountText } from '../../../components/measureText';

/** A stretch of the line of a step; figures stand out. */
export interface Stretch {
  readonly text: string;
  readonly strong: boolean;
}

const plain = (text: string): Stretch => ({ text, strong: false });
const strong = (text: string): Stretch => ({ text, strong: true });

/** Below this a bath or a dab is cold to the hand, °C. */
const COLD_C = 25;

/** Amounts, water, warmth and time of a step, as it is read at the table. */
export function recipeStretches(
  actions: readonly Action[],
  say: Lexicon,
  measures: Measures,
): readonly Stretch[] {
  const mix = actions.find(({ kind }) => kind === 'mix');
  const dwell = actions.find((action) => action.dwell)?.dwell ?? null;
  const parts = [
    joined(
      actions.flatMap(({ ingredients }) =>
        ingredients
          .filter(({ agentId }) => agentId !== PLAIN_WATER)
          .map((one) => pourStretches(one, say, measures)),
      ),
      ' + ',
    ),
    waterStretches(actions, mix, say),
    putOnStretches(actions, say),
    dwell ? [strong(waitText(dwell))] : [],
  ].filter((part) => part.length > 0);
  const [first, ...others] = joined(parts, ', ');
  return first
    ? [{ ...first, text: first.text.charAt(0).toUpperCase() + first.text.slice(1) }, ...others]
    : [];
}

/** What of the mix is put on, where that is less than can be mixed. */
function putOnStretches(actions: readonly Action[], say: Lexicon): Stretch[] {
  const putOn = actions.find(({ kind }) => kind === 'apply')?.putOn;
  return putOn
    ? [plain('put on '), strong(liquidWords(putOn.volumeML, putOn.snapped, say)), plain(' a go')]
    : [];
}

/** Said with its litres, not as a product. */
export const PLAIN_WATER = 'water';

/** The same as plain text. */
export const recipeText = (...of: Parameters<typeof recipeStretches>): string =>
  recipeStretches(...of)
    .map(({ text }) => text)
    .join('');

function joined(parts: readonly (readonly Stretch[])[], by: string): Stretch[] {
  return parts.flatMap((part, at) => (at === 0 ? part : [plain(by), ...part]));
}

function pourStretches(
  ingredient: Action['ingredients'][number],
  say: Lexicon,
  measures: Measures,
): Stretch[] {
  const what = agentText(ingredient, say);
  if (ingredient.basis === 'step') return [plain(what)];
  const byLabel = ingredient.basis === 'label';
  if (byLabel && ingredient.volumeML === null && ingredient.massG === null)
    return [plain(`${what} by its label`)];
  return [strong(amountText(ingredient, measures)), plain(` ${what}${byLabel ? ', as its label says' : ''}`)];
}

function waterStretches(actions: readonly Action[], mix: Action | undefined, say: Lexicon): Stretch[] {
  const drum = actions.find(
    ({ programme }) => programme !== null && programme !== 'none' && programme !== 'hand',
  );
  const warm = (drum ?? mix ?? actions.find(({ tempC }) => tempC))?.tempC ?? null;
  const at = warm === null ? '' : warm.target <= COLD_C && !drum ? 'cold' : say.temp(warm.target);
  if (mix?.bath) {
    const litres = say.volume(mix.bath.waterL * 1000);
    return [plain('in '), strong(at === 'cold' ? `${litres} cold` : `${litres} at\u00a0${at}`)];
  }
  if (mix?.waterML)
    return [
      plain('in '),
      strong(liquidWords(mix.waterML, mix.waterTools ?? null, say)),
      plain(` water${at === 'cold' ? ', cold' : ` at\u00a0${at}`}`),
    ];
  if (at === '') return [];
  return at === 'cold' ? [plain('cold')] : [plain('at '), strong(at)];
}

/** Minutes of a wait: what is aimed for, or the span. */
export const waitText = ({ minMin, maxMin, aimMin }: NonNullable<Action['dwell']>): string =>
  (aimMin === null ? durationWords(minMin, maxMin) : durationWords(aimMin, aimMin)).replaceAll(' ', '\u00a0');

/**
 * The text under the name of a step: how it is done, until when, what comes after. Conditions come before the figures,
 * and the hidden test has a row of its own. How it is done is whole at the next step, later its first sentence.
 */
export function stepLines(pass: RoundPass, isNext: boolean, say: Lexicon): string {
  const { lines, test, how, conditions } = passWords(pass, say);
  return lines
    .filter((line) => (line !== test || pass.opensAfterTest) && !conditions.includes(line))
    .map((line) => (line === how && !isNext ? firstSentence(line) : line))
    .join(' ');
}

const firstSentence = (text: string): string => text.slice(0, text.search(/[.] |$/) + 1) || text;

/** Whether a piece is tried on a hidden spot before this step. */
export const triesHiddenSpot = ({ actions }: RoundPass): boolean =>
  actions.some(({ kind }) => kind === 'hiddenTest');

/** The bath of a step, where it stands in water: how warm and how long. */
export function waterOf(
  { phase, actions }: RoundPass,
  say: Lexicon,
): { warmth: string; time: string } | null {
  const mix = actions.find(({ bath }) => bath !== null);
  const dwell = actions.find((action) => action.dwell)?.dwell;
  if (!mix?.tempC || !dwell || phase === 'wash') return null;
  return {
    warmth: mix.tempC.target <= COLD_C ? 'cold' : say.temp(mix.tempC.target),
    time: waitText(dwell),
  };
}

/** Cautions of each step that no step before it has said: each once, at the first step it belongs to. */
export function cautionsByStep(
  passes: readonly Pick<RoundPass, 'cautionIds'>[],
): readonly (readonly string[])[] {
  const said = new Set<string>();
  return passes.map(({ cautionIds }) => {
    const fresh = [...new Set(cautionIds)].filter((id) => !said.has(id));
    for (const id of fresh) said.add(id);
    return fresh;
  });
}

/** How a round is dried: where, how long, and whether heat waits until it is gone. */
export function dryingView({ action, minutes }: NonNullable<Round['drying']>) {
  const { dryingWays } = action;
  return {
    where: dryingWays.length > 0 ? dryingWays.map((way) => DRYING_WORDS[way]).join(' or ') : 'where it is',
    time: durationWords(minutes.low, minutes.high).replaceAll(' ', '\u00a0'),
    heatWaits: dryingWays.every((way) => !way.startsWith('tumble')),
  };
}
