import { dropWords, type Ingredient, type Lexicon, labelWords, type Measures } from '@feverfew/contracts';
import { exactText, toolText } from '../components/text/measureText';

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

/** A poured product: "hydrogen peroxide 3 %"; the strength is that of the household's bottle. */
export function agentText({ agentId, strengthPct }: Ingredient, say: Lexicon): string {
  return strengthPct === null ? say.name(agentId) : `${say.name(agentId)} ${strengthPct}\u00a0%`;
}
