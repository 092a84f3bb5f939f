import { type Knowledge, WATER_ID } from '@feverfew/knowledge';
import { agentById } from '../../lookup/agentById.js';
import type { Pour } from './pour.js';

/** g or mL per litre of bath, or % of what the strength is of. */
export interface StrengthInMix {
  readonly value: number;
  readonly unit: 'g/L' | 'mL/L' | '%';
}

/** Beyond this a powder makes a paste, and a strength in water says nothing, g/L. */
const PASTE_G_PER_L = 300;

/**
 * Strength of one amount in a mix: % where the bottle has a strength, else g or mL per litre; null where it is not
 * known.
 */
export function strengthInMix(
  { agentId, massG, volumeML, strengthPct }: Pour,
  totalML: number,
  knowledge: Knowledge,
): StrengthInMix | null {
  const agent = agentById(knowledge, agentId);
  if (agentId === WATER_ID) return null;
  if (agent.strength && strengthPct !== null && volumeML !== null)
    return { value: twoFigures((strengthPct * volumeML) / totalML), unit: '%' };
  if (massG !== null) {
    const gPerL = (1000 * massG) / totalML;
    return gPerL > PASTE_G_PER_L ? null : { value: twoFigures(gPerL), unit: 'g/L' };
  }
  return volumeML === null ? null : { value: twoFigures((1000 * volumeML) / totalML), unit: 'mL/L' };
}

/** Two figures that count, three from 10 up. */
const twoFigures = (value: number): number => Number(value.toPrecision(value >= 10 ? 3 : 2));
