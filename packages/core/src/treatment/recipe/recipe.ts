import {
  type Agent,
  CUP_MIX,
  type Dose,
  MAX_POURED_ML,
  type Method,
  MIN_MEASURED_ML,
  SMALL_MIX_SPREAD,
  SPOT_AMOUNTS,
  type Substitution,
} from '@feverfew/knowledge';
import { pouringTemp } from '../../bath/heat/heatTheBath.js';
import { waterShares } from '../../bath/waterShares.js';
import { wallOf } from '../../household/vesselWall.js';
import { agentById } from '../../lookup/agentById.js';
import { toTenth } from '../../quantity/rounding.js';
import type { Wanted } from '../assess/dose/doseTarget.js';
import { maxDose } from '../assess/dose/maxDose.js';
import { spotAmount } from '../assess/dose/spotAmount.js';
import { standInAmount } from '../assess/dose/standInAmount.js';
import { vesselHere } from '../assess/vesselHere.js';
import type { WorkWindow } from '../assess/workWindow.js';
import type { PlanContext } from '../case/planContext.js';

import type { Ingredient, Recipe } from '../plan/recipe.js';
import { bathOutlook } from './bathOutlook.js';
import { byLabel } from './byLabel.js';
import { measuredOut, measureIngredient, roundAmount } from './measureIngredient.js';
import { unmeasured } from './unmeasured.js';
import { withStrengths } from './withStrengths.js';

/** A method with its stand-in, if any, and the window it is worked in. */
export interface RecipeFor {
  readonly method: Method;
  readonly standIn: Substitution | null;
  readonly window: WorkWindow;
}

/** Amounts for one round: a bath sized to piece and vessel, or a small mix sized to the spot. */
export function recipe(forWhat: RecipeFor, context: PlanContext, goes = 1): Recipe {
  return forWhat.method.liquorRatioLPerKg === null
    ? smallMix(forWhat, context, goes)
    : bathRecipe(forWhat, context);
}

function bathRecipe({ method, standIn, window }: RecipeFor, context: PlanContext): Recipe {
  const choice = vesselHere(method, context);
  if (choice.kind !== 'chosen')
    return {
      ingredients: [],
      waterML: null,
      putOn: null,
      bath: null,
      vessel: null,
      batches: 1,
      outlook: null,
    };
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
    putOn: null,
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

/**
 * @param goes wet goes of the round, on what cannot be rinsed through
 * @returns amounts as they are mixed; `putOnML` where less than that is put on in one go
 */
function smallMix({ method, standIn }: RecipeFor, context: PlanContext, goes: number): Recipe {
  const goML = spotAmount(method, context, goes);
  const poured = goesOf(method, goML);
  const factor = Math.max(mixedFactor(method, goML, context), poured);
  const share = sharesOf(method, goML * factor);
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
    waterML: waterML > 0 ? roundAmount(waterML) : null,
    waterTools: waterML > 0 ? measuredOut(waterML, context).snapped : null,
    putOn:
      factor > 1
        ? { ...measuredOut(goML, context), ...(poured > 1 ? { goes: Math.round(poured) } : {}) }
        : null,
    bath: null,
    vessel: null,
    batches: 1,
    outlook: null,
  };
}

/** Millilitres of each part of a small mix; powders and liquids that go on one after the other are not one mix. */
function sharesOf({ agents, waterParts }: Method, totalML: number): (parts: number) => number {
  const own = agents.map(({ dose }) => (dose.per === 'parts' ? dose.parts : 0));
  const whole = waterParts === null ? Math.max(...own) : own.reduce((sum, one) => sum + one, waterParts);
  return (parts) => (totalML * parts) / whole;
}

/** How many times what is put on has to be mixed, so that each part can be measured: 1 and up. */
function mixedFactor(method: Method, goML: number, { knowledge }: PlanContext): number {
  const { agents, waterParts } = method;
  if (!waterParts) return 1;
  const share = sharesOf(method, goML);
  const least = agents.flatMap(({ agentId, dose }) => {
    if (dose.per !== 'parts') return [];
    const isPowder = agentById(knowledge, agentId).form === 'powder';
    return [(isPowder ? MIN_MEASURED_ML.powder : MIN_MEASURED_ML.liquid) / share(dose.parts)];
  });
  const products = agents.reduce((sum, { dose }) => sum + (dose.per === 'parts' ? dose.parts : 0), 0);
  const isThinned = waterParts >= CUP_MIX.waterTimes * products;
  return Math.max(1, ...least, isThinned ? CUP_MIX.leastML / goML : 1);
}

/** How many goes of a solvent are poured out at once, 1 and up; in quarters of a teaspoon where that is not more. */
function goesOf({ spotKind, waterParts }: Method, goML: number): number {
  const kind = spotKind ?? 'thin';
  const { goes } = SPOT_AMOUNTS[kind];
  if (waterParts || goes === undefined) return 1;
  const mostML = kind === 'ketone' ? MAX_POURED_ML.ketone : MAX_POURED_ML.other;
  const pouredML = Math.min(goes * goML, mostML);
  const quarters = Math.round(pouredML / QUARTER_TEASPOON_ML);
  // Rounded down, a little would be but one go: then a quarter more is poured out.
  const isShort = quarters > 0 && Math.round((quarters * QUARTER_TEASPOON_ML) / goML) < 2;
  const more = isShort && (quarters + 1) * QUARTER_TEASPOON_ML <= mostML ? 1 : 0;
  const times = ((quarters + more) * QUARTER_TEASPOON_ML || pouredML) / goML;
  return Math.round(times) > 1 ? times : 1;
}
const QUARTER_TEASPOON_ML = 1.25;

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
      return use.dose.per === 'step'
        ? unmeasured(agent.id, 'step')
        : byLabel(agent, { bathL, inDrum: method.inMachine }, household);
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
