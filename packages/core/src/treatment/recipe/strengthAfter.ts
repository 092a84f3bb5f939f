import { OXYGEN_PER_PEROXIDE } from '@feverfew/knowledge';
import { chemistryShelf } from '../../bath/solution/chemistryIndex.js';
import { type Pour, pureG } from '../../bath/solution/pour.js';
import { agentById, type PlanContext } from '../case/planContext.js';
import type { Ingredient } from '../plan/action.js';

/** Beyond this a powder makes a paste, and a strength in water says nothing, g/L. */
const PASTE_G_PER_L = 300;

/** Each amount with its strength in the mix as it stands and the oxygen it brings. Volumes of liquids add. */
export function withStrengths(
  waterML: number,
  ingredients: readonly Ingredient[],
  context: Pick<PlanContext, 'knowledge'>,
): Ingredient[] {
  const liquidML = ingredients.reduce((sum, one) => {
    const poured = agentById(context.knowledge, one.agentId).form === 'liquid' ? (one.volumeML ?? 0) : 0;
    return sum + poured + (one.dilution?.waterML ?? 0);
  }, 0);
  const totalML = waterML + liquidML;
  return ingredients.map((one) => ({
    ...one,
    strengthAfter: totalML > 0 ? strengthOf(one, totalML, context) : null,
    oxygenG: oxygenOf(one, context),
  }));
}

/** Strength of one amount in a mix: % where the bottle has a strength, else g or mL per litre. */
export function strengthOf(
  { agentId, massG, volumeML, strengthPct }: Pour,
  totalML: number,
  { knowledge }: Pick<PlanContext, 'knowledge'>,
): Ingredient['strengthAfter'] {
  const agent = agentById(knowledge, agentId);
  if (agentId === 'water') return null;
  if (agent.strength && strengthPct !== null && volumeML !== null)
    return { value: twoFigures((strengthPct * volumeML) / totalML), unit: '%' };
  if (massG !== null) {
    const gPerL = (1000 * massG) / totalML;
    return gPerL > PASTE_G_PER_L ? null : { value: twoFigures(gPerL), unit: 'g/L' };
  }
  return volumeML === null ? null : { value: twoFigures((1000 * volumeML) / totalML), unit: 'mL/L' };
}

/** Available oxygen of an amount, g. */
export function oxygenOf(
  { agentId, massG, volumeML, strengthPct }: Pour,
  { knowledge }: Pick<PlanContext, 'knowledge'>,
): number {
  const { agentOf, substanceOf } = chemistryShelf(knowledge);
  const agent = agentOf(agentId);
  const oxygenG = agent.makeup.reduce((sum, { substanceId, share }) => {
    const { peroxideMol, molarMassG } = substanceOf(substanceId);
    const grams = pureG(share, { massG: massG ?? 0, volumeML: volumeML ?? 0, strengthPct }, agent);
    return sum + ((grams * peroxideMol) / molarMassG) * G_PER_MOL_PEROXIDE * OXYGEN_PER_PEROXIDE;
  }, 0);
  return Math.round(oxygenG * 100) / 100;
}

const G_PER_MOL_PEROXIDE = 34.0147;

/** Two figures that count, three from 10 up. */
const twoFigures = (value: number): number => Number(value.toPrecision(value >= 10 ? 3 : 2));
