import { WATER_ID } from '@feverfew/knowledge';
import type { Action } from '../../treatment/plan/action.js';

/** True for a kept mix of just the products a step asks for, none more and none less; water is in both. */
export function holdsTheRecipe(
  { ingredients }: Pick<Action, 'ingredients'>,
  agentIds: readonly string[],
): boolean {
  const asked = new Set(ingredients.map((one) => one.agentId).filter((id) => id !== WATER_ID));
  const given = new Set(agentIds.filter((id) => id !== WATER_ID));
  return asked.size > 0 && asked.size === given.size && [...asked].every((id) => given.has(id));
}
