import { type Agent, type Dose, type Method, SMALL_MIX_SPREAD, type Substitution } from '@feverfew/knowledge';
import { pouringTemp } from '../../bath/heat/heatTheBath.js';
import { waterShares } from '../../bath/waterShares.js';
import { wallOf } from '../../household/vesselWall.js';
import { agentById } from '../../lookup/agentById.js';
import { toTenth } from '../../quantity/rounding.js';
import { maxDose } from '../assess/dose/maxDose.js';
import { spotAmount } from '../assess/dose/spotAmount.js';
import { standInAmount } from '../assess/dose/standInAmount.js';
import type { Wanted } from '../assess/dose/wanted.js';
import { vesselHere } from '../assess/vesselHere.js';
import type { WorkWindow } from '../assess/workWindow.js';
import type { PlanContext } from '../case/planContext.js';

import type { Ingredient, Recipe } from '../plan/recipe.js';
import { bathOutlook } from './bathOutlook.js';
import { byLabel } from './byLabel.js';
import { measureIngredient } from './measureIngredient.js';
import { unmeasured } from './unmeasured.js';
import { withStrengths } from './withStrengths.js';

/** A method with its stand-in, if any, and the window it is worked in. */
export interface RecipeFor {
  readonly method: Method;
  readonly standIn: Substitution | null;
  readonly window: WorkWindow;
}

/** Amounts for one round: a bath sized to piece and vessel, or a small mix sized to the spot. */
export function recipe(forWhat: RecipeFor, context: PlanContext): Recipe {
  return forWhat.method.liquorRatioLPerKg === null
    ? smallMix(forWhat, context)
    : bathRecipe(forWhat, context);
}

function bathRecipe({ method, standIn, window }: RecipeFor, context: PlanContext): Recipe {
  const choice = vesselHere(method, context);
  if (choice.kind !== 'chosen')
    return { ingredients: [], waterML: null, bath: null, vessel: null, batches: 1, outlook: null };
  const { vessel, bath, batches } = choice;
  // Poured so that the tub's own wall has had its share before the piece goes in.
  const pouredC = Math.min(
    95,
    pouringTemp(bath.waterL, window.tempC.target, [wallOf(vessel, bath.waterL, context.household)]),
  );
  const shares = waterShares(bath.waterL, pouredC, context.household.taps);
  const least = isLessAtFirst(context);
  const ingredients = withStrengths(
    bath.waterL * 1000,
    ingredientsOf({ method, standIn, bathL: bath.waterL }, context, (dose, agent) => {
      if (dose.per !== 'litre') return null;
      const { low } = dose.amount;
      const high = maxDose(dose.amount, agent, window.doseMost);
      return {
        unit: dose.unit,
        amount: (least ? low : (low + high) / 2) * bath.waterL,
        low: low * bath.waterL,
        high: high * bath.waterL,
      };
    }),
    context.knowledge,
  );
  return {
    ingredients,
    waterML: null,
    bath: { waterL: bath.waterL, shares: roundShares(shares) },
    vessel: {
      id: vessel.id,
      name: vessel.name,
      volumeL: vessel.volumeL,
      fillL: toTenth(bath.fillL),
    },
    batches,
    outlook: bathOutlook(
      {
        method,
        window,
        vessel,
        waterL: bath.waterL,
        shares,
        textileKg: context.dryMassG / batches / 1000,
        ingredients,
      },
      context,
    ),
  };
}

const isLessAtFirst = ({ positions }: PlanContext): boolean =>
  [...positions.values()].some(
    ({ position }) => position.effect.kind === 'dose' && position.effect.at === 'low',
  );

function smallMix({ method, standIn }: RecipeFor, context: PlanContext): Recipe {
  const totalML = spotAmount(method, context);
  const agentParts = method.agents.reduce(
    (sum, use) => sum + (use.dose.per === 'parts' ? use.dose.parts : 0),
    0,
  );
  const parts = agentParts + (method.waterParts ?? 0);
  // Powders and liquids used one after the other are not one mix: each covers the spot by itself.
  const most = Math.max(...method.agents.map((use) => (use.dose.per === 'parts' ? use.dose.parts : 0)));
  const share = (own: number) => (totalML * own) / (method.waterParts === null ? most : parts);
  const ingredients = ingredientsOf({ method, standIn, bathL: null }, context, (dose, agent) => {
    if (dose.per !== 'parts') return null;
    const amount = share(dose.parts);
    const high = Math.min(amount * SMALL_MIX_SPREAD.high, agent.mostMLPerRound ?? Number.POSITIVE_INFINITY);
    return { unit: 'mL', amount, low: amount * SMALL_MIX_SPREAD.low, high };
  });
  // A powder standing in for a liquid is dissolved in as much water as the liquid would have been.
  const dissolved = ingredients.reduce((sum, one) => {
    const wanted = one.standsInFor;
    const forLiquid = wanted !== null && agentById(context.knowledge, wanted.agentId).form === 'liquid';
    return sum + (forLiquid && one.massG !== null ? wanted.amount : 0);
  }, 0);
  const waterML = (method.waterParts ? share(method.waterParts) : 0) + dissolved;
  return {
    ingredients: withStrengths(waterML, ingredients, context.knowledge),
    waterML: waterML > 0 ? Math.round(waterML) : null,
    bath: null,
    vessel: null,
    batches: 1,
    outlook: null,
  };
}

type DoseOf = (dose: Dose, agent: Agent) => Wanted | null;

function ingredientsOf(
  { method, standIn, bathL }: { method: Method; standIn: Substitution | null; bathL: number | null },
  { knowledge, household }: PlanContext,
  wantedOf: DoseOf,
): Ingredient[] {
  return method.agents.map((use) => {
    const agent = agentById(knowledge, use.agentId);
    const wanted = wantedOf(use.dose, agent);
    if (!wanted)
      return use.dose.per === 'step' ? unmeasured(agent.id, 'step') : byLabel(agent, bathL, household);
    if (standIn?.useAgentId !== use.agentId) return measureIngredient(agent, wanted, household);
    const { asked, used } = standInAmount(wanted, standIn, { knowledge });
    return {
      ...measureIngredient(agent, used, household),
      standsInFor: {
        agentId: standIn.wantedAgentId,
        amount: toTenth(asked.amount),
        unit: asked.unit,
      },
    };
  });
}

function roundShares(shares: ReturnType<typeof waterShares>) {
  return {
    ...shares,
    coldL: toTenth(shares.coldL),
    hotTapL: toTenth(shares.hotTapL),
    kettleL: toTenth(shares.kettleL),
    tempC: toTenth(shares.tempC),
  };
}
