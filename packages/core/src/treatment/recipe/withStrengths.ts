import type { Knowledge } from '@feverfew/knowledge';
import { oxygenInPour } from '../../bath/oxygen/oxygenInPour.js';
import { strengthInMix } from '../../bath/solution/strengthInMix.js';
import { agentById } from '../../lookup/agentById.js';
import type { Ingredient } from '../plan/recipe.js';

/** Each amount with its strength in the mix and the oxygen it brings. Volumes of liquids add. */
export function withStrengths(
  waterML: number,
  ingredients: readonly Ingredient[],
  knowledge: Knowledge,
): Ingredient[] {
  const liquidML = ingredients.reduce((sum, one) => {
    const poured = agentById(knowledge, one.agentId).form === 'liquid' ? (one.volumeML ?? 0) : 0;
    return sum + poured + (one.dilution?.waterML ?? 0);
  }, 0);
  const totalML = waterML + liquidML;
  const isOnlyByLabel = waterML === 0 && ingredients.every(({ basis }) => basis === 'label');
  return ingredients.map((one) => ({
    ...one,
    // How much water a drum takes is not known.
    strengthAfter: totalML > 0 && !isOnlyByLabel ? strengthInMix(one, totalML, knowledge) : null,
    oxygenG: oxygenInPour(one, knowledge),
  }));
}
