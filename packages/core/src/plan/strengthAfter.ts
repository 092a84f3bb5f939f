import { OXYGEN_PER_PEROXIDE } from '@feverfew/knowledge';
import { chemistryShelf } from '../bath/solution/chemistryShelf.js';
import { agentById, type PlanContext } from './context.js';
import type { Ingredient } from './step.js';

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

function strengthOf(
  { agentId, massG, volumeML, strengthPct }: Ingredient,
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

function oxygenOf(
  { agentId, massG, volumeML, strengthPct }: Ingredient,
  { knowledge }: Pick<PlanContext, 'knowledge'>,
): number {
  const { agentOf, substanceOf } = chemistryShelf(knowledge);
  const grams = agentOf(agentId).makeup.reduce((sum, { substanceId, share }) => {
    const { peroxideMol, molarMassG } = substanceOf(substanceId);
    const pureG = share === null ? ((volumeML ?? 0) * (strengthPct ?? 0)) / 100 : (massG ?? 0) * share.centre;
    return sum + ((pureG * peroxideMol) / molarMassG) * G_PER_MOL_PEROXIDE * OXYGEN_PER_PEROXIDE;
  }, 0);
  return Math.round(grams * 100) / 100;
}

const G_PER_MOL_PEROXIDE = 34.0147;

/** Two figures that count, three from 10 up. */
const twoFigures = (value: number): number => Number(value.toPrecision(value >= 10 ? 3 : 2));
