import type { Finding, Lexicon, Measures, MixBath, MixedPour } from '@feverfew/contracts';
import { durationWords, findingWords, sharesWords } from '@feverfew/contracts';
import { exactText, toolText } from '../../../components/text/measureText';
import { decimal } from '../../../components/text/numbers';

/** "7.5 g/L", "3 %". */
export const strengthText = ({ strengthAfter }: MixedPour): string =>
  strengthAfter ? `${strengthAfter.value} ${strengthAfter.unit}` : 'a paste';

/** Amount of a poured product: exact, then what the house measures, then the range of a powder by the spoon. */
export function pouredText(pour: MixedPour, isLiquid: boolean, measures: Measures): string {
  const size = { massG: isLiquid ? null : pour.massG, volumeML: pour.volumeML };
  const exact = exactText(size, measures) ?? '';
  const tools = toolText(pour);
  const { low, high } = pour.massRangeG;
  const range = !isLiquid && high - low > 0.05 * pour.massG ? `, weighs ${low}–${high} g` : '';
  return `${exact}${tools && !(isLiquid && tools.endsWith('in a jug')) ? ` = ${tools}` : ''}${range}`;
}

/** "pH 10.0 to 10.7, most likely 10.1"; the pH at 25 °C follows if warmth moves it. */
export function pHText(pH: NonNullable<MixBath['pH']>): string {
  const likely = decimal(pH.likely);
  const bounds = `pH ${decimal(pH.low)} to ${decimal(pH.high)}`;
  return pH.basis === 'stated' ? `${bounds}, as the product states` : `${bounds}, most likely ${likely}`;
}

/** How the pH was found and how far it can be trusted. */
export function pHBasis(pH: NonNullable<MixBath['pH']>): string[] {
  if (pH.basis === 'stated') return ['Stated by the products; nothing in it is of known make.'];
  return [
    `Charge balance of what dissolves, with activities by Davies; ionic strength ${pH.ionicStrength} ` +
      `mol/L${pH.firm ? '' : ': beyond the 0.5 the model is good for, so roughly'}.`,
    `A strip read at 25 °C shows about ${decimal(pH.at25)}; in the warm bath it is ${decimal(pH.likely)}.`,
    'The bounds hold the range of products, of your water’s bicarbonate (unknown share of its hardness), of carbon ' +
      'dioxide kept or gone.',
  ];
}

/** Cold, hot tap and kettle in the order of pouring. */
export function sharesText({ shares }: Pick<MixBath, 'shares'>, say: Lexicon): string {
  return shares ? sharesWords(shares, say) : '';
}

/** "below 40 °C after 3–6 h". */
export const belowText = ({ tempC, minutes }: MixBath['below'][number], say: Lexicon): string =>
  minutes
    ? `below ${say.temp(tempC)} after ${durationWords(minutes.low, minutes.high)}`
    : `stays above ${say.temp(tempC)}`;

export const sentences = (findings: readonly Finding[], say: Lexicon): string[] => [
  ...new Set(findings.map((finding) => findingWords(finding, say))),
];
