import { type Knowledge, OXYGEN_PER_PEROXIDE } from '@feverfew/knowledge';
import { toHundredth } from '../../quantity/rounding.js';
import { chemistryIndex } from '../solution/chemistryIndex.js';
import { type Pour, pureG } from '../solution/pour.js';

/** Available oxygen of an amount, g. */
export function oxygenInPour({ agentId, massG, volumeML, strengthPct }: Pour, knowledge: Knowledge): number {
  const { agentOf, substanceOf } = chemistryIndex(knowledge);
  const agent = agentOf(agentId);
  const oxygenG = agent.composition.reduce((sum, { substanceId, share }) => {
    const { peroxideMol, molarMassG } = substanceOf(substanceId);
    const grams = pureG(share, { massG: massG ?? 0, volumeML: volumeML ?? 0, strengthPct }, agent);
    return sum + ((grams * peroxideMol) / molarMassG) * G_PER_MOL_PEROXIDE * OXYGEN_PER_PEROXIDE;
  }, 0);
  return toHundredth(oxygenG);
}

const G_PER_MOL_PEROXIDE = 34.0147;
