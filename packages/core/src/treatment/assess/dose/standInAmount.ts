import type { Substitution } from '@feverfew/knowledge';
import { agentById } from '../../../lookup/agentById.js';
import type { PlanContext } from '../../case/planContext.js';
import type { Wanted } from './doseTarget.js';

/** What the recipe asked for, in the unit of the arithmetic, and the stand-in's amount for it. */
export function standInAmount(
  wanted: Wanted,
  { wantedAgentId, wantedUnit, useUnit, factor }: Substitution,
  { knowledge }: Pick<PlanContext, 'knowledge'>,
): { asked: Wanted; used: Wanted } {
  const asked = inUnit(wanted, wantedUnit, agentById(knowledge, wantedAgentId).densityGPerML.centre);
  const { amount, low, high } = asked;
  return { asked, used: { unit: useUnit, amount: amount * factor, low: low * factor, high: high * factor } };
}

function inUnit(wanted: Wanted, unit: 'g' | 'mL', densityGPerML: number): Wanted {
  if (wanted.unit === unit) return wanted;
  const factor = unit === 'g' ? densityGPerML : 1 / densityGPerML;
  return { unit, amount: wanted.amount * factor, low: wanted.low * factor, high: wanted.high * factor };
}
