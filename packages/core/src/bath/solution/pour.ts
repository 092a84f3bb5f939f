import type { Agent } from '@feverfew/knowledge';
import { requireWithin } from '../../quantity/domainError.js';

/** So much of one product: by mass or by volume, the other null. */
export interface Pour {
  readonly agentId: string;
  readonly massG: number | null;
  readonly volumeML: number | null;
  /** Strength on the bottle; null = that of the recipes. */
  readonly strengthPct: number | null;
}

/** Amounts one pour may have, g or mL; the form and the contract use the same range. */
export const POUR_AMOUNT = { min: 0.01, max: 20_000 } as const;

/** Grams and millilitres of a pour; a powder by volume through its bulk density at one end of its range. */
export function sizeOf(pour: Pour, agent: Agent, density: 'low' | 'centre' | 'high' = 'centre') {
  const gPerML = agent.densityGPerML[density];
  if (pour.massG !== null) {
    requireWithin(`massG of ${pour.agentId}`, pour.massG, 0, POUR_AMOUNT.max);
    return { massG: pour.massG, volumeML: pour.massG / agent.densityGPerML.centre };
  }
  const volumeML = requireWithin(
    `volumeML of ${pour.agentId}`,
    pour.volumeML ?? Number.NaN,
    0,
    POUR_AMOUNT.max,
  );
  return { massG: volumeML * gPerML, volumeML };
}

/**
 * Grams of one substance of an agent's composition in an amount of it: by share of the mass, or % w/v by the
 * strength on the bottle.
 */
export function pureG(
  share: Agent['composition'][number]['share'],
  amount: { readonly massG: number; readonly volumeML: number; readonly strengthPct: number | null },
  agent: Agent,
  end: 'low' | 'centre' | 'high' = 'centre',
): number {
  return share === null
    ? (amount.volumeML * (amount.strengthPct ?? agent.strength?.recipe ?? 0)) / 100
    : amount.massG * share[end];
}
