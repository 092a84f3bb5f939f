import {
  celsiusToFahrenheit,
  dropWords,
  gToMass,
  type Ingredient,
  type Lexicon,
  labelWords,
  type Measures,
  mLToVolume,
  toolWords,
} from '@feverfew/contracts';

/** "40 °C" or "104 °F". */
export function tempText(tempC: number, { temperature }: Measures): string {
  return temperature === 'F'
    ? `${Math.round(celsiusToFahrenheit(tempC))}\u00a0°F`
    : `${Math.round(tempC)}\u00a0°C`;
}

/** "350 mL", "7 L"; "12 fl oz", "7.4 qt". */
export function volumeText(volumeML: number, { system }: Measures): string {
  if (system === 'us') {
    return volumeML >= 900
      ? `${oneDecimal(mLToVolume(volumeML, 'usQuart'))}\u00a0US\u00a0qt`
      : `${oneDecimal(mLToVolume(volumeML, 'usFluidOunce'))}\u00a0US\u00a0fl\u00a0oz`;
  }
  return volumeML >= 1000 ? `${oneDecimal(volumeML / 1000)}\u00a0L` : `${oneDecimal(volumeML)}\u00a0mL`;
}

export function massText(massG: number, { system }: Measures): string {
  if (system === 'us') return `${oneDecimal(gToMass(massG, 'oz'))}\u00a0oz`;
  return massG >= 1000 ? `${oneDecimal(massG / 1000)}\u00a0kg` : `${oneDecimal(massG)}\u00a0g`;
}

/** What the household's own tools measure. */
export const toolText = ({ snapped }: Pick<Ingredient, 'snapped'>): string | null =>
  snapped && toolWords(snapped);

/** The exact amount beside the tools' one: grams for powders, millilitres for liquids. */
export function exactText(
  { massG, volumeML }: Pick<Ingredient, 'massG' | 'volumeML'>,
  measures: Measures,
): string | null {
  if (massG !== null) return massText(massG, measures);
  return volumeML === null ? null : volumeText(volumeML, measures);
}

/** Amount in one phrase: tools first, exact in brackets where it says more; by label where the product says. */
export function amountText(ingredient: Ingredient, measures: Measures): string {
  const exact = exactText(ingredient, measures) ?? '';
  const tools = toolText(ingredient);
  if (!tools && ingredient.massG === null && (ingredient.volumeML ?? 0) < 2)
    return `${dropWords(ingredient.volumeML ?? 0)} (${exact})`;
  if (ingredient.basis === 'weighed' || !tools) return exact;
  const sameJug = tools.endsWith('in a jug') && ingredient.massG === null;
  return sameJug ? tools : `${tools} (${exact})`;
}

/** One line of a recipe: "3½ tbsp (53 g) oxygen bleach powder", "colour-run reducer by its label". */
export function pourText(ingredient: Ingredient, measures: Measures, say: Lexicon): string {
  const what = agentText(ingredient, say);
  if (ingredient.basis === 'step') return what;
  if (ingredient.basis === 'label') return labelWords(ingredient, what, say);
  return `${amountText(ingredient, measures)} ${what}`;
}

/** "+4 %" when the tools miss by more than a hair. */
export function errorText({ snapped, basis }: Ingredient): string | null {
  if (!snapped || basis !== 'measured' || Math.abs(snapped.errorPct) < 1) return null;
  return `your measures give ${Math.abs(snapped.errorPct)} % ${snapped.errorPct > 0 ? 'more' : 'less'}`;
}

function oneDecimal(value: number): string {
  return (value >= 20 ? Math.round(value) : Math.round(value * 10) / 10).toString();
}

/** What is poured: "hydrogen peroxide 3 %"; the strength is that of the bottle at hand. */
export function agentText({ agentId, strengthPct }: Ingredient, say: Lexicon): string {
  return strengthPct === null ? say.name(agentId) : `${say.name(agentId)} ${strengthPct}\u00a0%`;
}
