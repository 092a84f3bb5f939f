import type { Agent } from '@feverfew/knowledge';
import type { Household } from '../../household/household.js';
import type { Ingredient } from '../plan/recipe.js';
import { measureIngredient } from './measureIngredient.js';
import { unmeasured } from './unmeasured.js';

/**
 * What the product's own label asks for, where the household has entered it; else "by its label" without a figure.
 * @param bathL litres of bath; null = one machine wash
 */
export function byLabel(agent: Agent, bathL: number | null, household: Household): Ingredient {
  const dose = household.products.find((product) => product.agentId === agent.id)?.labelDose;
  const amount = dose ? amountFor(dose, bathL) : null;
  if (!dose || amount === null) return unmeasured(agent.id, 'label');
  const measured = measureIngredient(
    agent,
    { unit: dose.unit, amount, low: amount, high: amount },
    household,
  );
  return { ...measured, basis: 'label', range: null };
}

/** A dose per wash says nothing of a soak, nor the other way round. */
function amountFor(
  { amount, perL }: { readonly amount: number; readonly perL: number | null },
  bathL: number | null,
): number | null {
  if (bathL === null) return perL === null ? amount : null;
  return perL === null ? null : (amount * bathL) / perL;
}
