import { type Agent, USUAL_WASH_DOSE } from '@feverfew/knowledge';
import { detergentFactor } from '../../bath/water/hardness.js';
import type { Household } from '../../household/household.js';
import type { Wanted } from '../assess/dose/doseTarget.js';
import type { Ingredient } from '../plan/recipe.js';
import { measureIngredient } from './measureIngredient.js';
import { unmeasured } from './unmeasured.js';

/**
 * What the product's own label asks for, where the household has entered it. Otherwise "by its label": for a wash with
 * the usual dose, which has a range; for a bath without a figure.
 * @param bathL litres of bath; null = none, as in a machine
 */
export function byLabel(
  agent: Agent,
  { bathL, inDrum }: { readonly bathL: number | null; readonly inDrum: boolean },
  household: Household,
): Ingredient {
  const dose = household.products.find((product) => product.agentId === agent.id)?.labelDose;
  const amount = dose ? amountFor(dose, bathL) : null;
  if (!dose || amount === null) {
    const usual = inDrum ? usualWashDose(agent, household) : null;
    return usual
      ? { ...measureIngredient(agent, usual, household), basis: 'label', snapped: null }
      : unmeasured(agent.id, 'label');
  }
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

/** Soft to hard water, and half a load to a full one, against the usual dose: dose tables of labels, from memory. */
const MIN_OF_USUAL = 0.5;
const MAX_OF_USUAL = 1.3;

/** Detergent for a usual load of usual soil in the household's water, or the oxygen that goes with it; null for all else. */
function usualWashDose(agent: Agent, { hardnessMgL }: Household): Wanted | null {
  const { powderG, delicateML, everydayML, oxygenG } = USUAL_WASH_DOSE;
  const washes = agent.washRole !== null || agent.chemistries.includes('detergent');
  if (!washes)
    return agent.chemistries.includes('percarbonate')
      ? {
          unit: 'g',
          amount: oxygenG,
          low: oxygenG * MIN_OF_USUAL,
          high: oxygenG * MAX_OF_USUAL,
        }
      : null;
  const isPowder = agent.form === 'powder';
  const usual = isPowder ? powderG : agent.washRole === 'delicate' ? delicateML : everydayML;
  const amount = Math.round((usual * detergentFactor(hardnessMgL, 'usual', 1)) / 5) * 5;
  return {
    unit: isPowder ? 'g' : 'mL',
    amount,
    low: amount * MIN_OF_USUAL,
    high: amount * MAX_OF_USUAL,
  };
}
