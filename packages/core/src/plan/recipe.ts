import { type Method, SATURATION_ML_PER_G } from '@feverfew/knowledge';
import { spotVolume } from '../bath/spotVolume.js';
import { waterShares } from '../bath/waterShares.js';
import { agentById, type PlanContext } from './context.js';
import { measureIngredient } from './measureIngredient.js';
import { selectVessel } from './selectVessel.js';
import type { Ingredient, Step } from './step.js';
import type { WorkWindow } from './workWindow.js';

export type Recipe = Pick<Step, 'ingredients' | 'waterML' | 'bath' | 'vessel'>;

/** Amounts for one round: a bath sized to piece and vessel, or a small mix sized to the spot. */
export function recipe(method: Method, window: WorkWindow, context: PlanContext): Recipe {
  return method.liquorRatioLPerKg === null ? smallMix(method, context) : bathRecipe(method, window, context);
}

function bathRecipe(method: Method, window: WorkWindow, context: PlanContext): Recipe {
  const agents = method.agents.map((use) => agentById(context.knowledge, use.agentId));
  const choice = selectVessel(method, agents, context);
  if (choice.kind !== 'chosen') return { ingredients: [], waterML: null, bath: null, vessel: null };
  const { vessel, bath } = choice;
  const shares = waterShares(bath.waterL, window.tempC.target, context.household.taps);
  return {
    ingredients: ingredientsOf(method, context, (dose) => {
      if (dose.per !== 'litre') return null;
      const { low, high } = dose.amount;
      return {
        unit: dose.unit,
        amount: ((low + high) / 2) * bath.waterL,
        low: low * bath.waterL,
        high: high * bath.waterL,
      };
    }),
    waterML: null,
    bath: { waterL: bath.waterL, shares: roundShares(shares) },
    vessel: {
      id: vessel.id,
      name: vessel.name,
      volumeL: vessel.volumeL,
      fillL: Math.round(bath.fillL * 10) / 10,
    },
  };
}

function smallMix(method: Method, context: PlanContext): Recipe {
  const totalML = mixVolume(method, context);
  const agentParts = method.agents.reduce(
    (sum, use) => sum + (use.dose.per === 'parts' ? use.dose.parts : 0),
    0,
  );
  const parts = agentParts + (method.waterParts ?? 0);
  // Powders and liquids used one after the other are not one mix: each covers the spot by itself.
  const most = Math.max(...method.agents.map((use) => (use.dose.per === 'parts' ? use.dose.parts : 0)));
  const share = (own: number) => (totalML * own) / (method.waterParts === null ? most : parts);
  return {
    ingredients: ingredientsOf(method, context, (dose) => {
      if (dose.per !== 'parts') return null;
      const amount = share(dose.parts);
      return { unit: 'mL', amount, low: amount * 0.8, high: amount * 1.25 };
    }),
    waterML: method.waterParts ? Math.round(share(method.waterParts)) : null,
    bath: null,
    vessel: null,
  };
}

/** A surface is never saturated: without a size, enough for a patch this wide. */
const UNKNOWN_SPOT_CM = 20;

function mixVolume(method: Method, { facts, dryMassG, rinsable }: PlanContext): number {
  const pickUp = method.pickUpMLPerCm2 ?? 0.25;
  if (facts.sizeCm) return spotVolume(facts.sizeCm.length, facts.sizeCm.width, pickUp);
  if (!rinsable) return spotVolume(UNKNOWN_SPOT_CM, UNKNOWN_SPOT_CM, pickUp);
  return Math.ceil((dryMassG * SATURATION_ML_PER_G) / 50) * 50;
}

type DoseOf = (dose: Method['agents'][number]['dose']) => Parameters<typeof measureIngredient>[1] | null;

function ingredientsOf(
  method: Method,
  { knowledge, household }: PlanContext,
  wantedOf: DoseOf,
): Ingredient[] {
  return method.agents.map((use) => {
    const wanted = wantedOf(use.dose);
    if (wanted) return measureIngredient(agentById(knowledge, use.agentId), wanted, household);
    return {
      agentId: use.agentId,
      basis: 'label',
      massG: null,
      volumeML: null,
      range: null,
      snapped: null,
      strengthPct: null,
      dilution: null,
    };
  });
}

function roundShares(shares: ReturnType<typeof waterShares>) {
  const litres = (value: number) => Math.round(value * 10) / 10;
  return {
    ...shares,
    coldL: litres(shares.coldL),
    hotTapL: litres(shares.hotTapL),
    kettleL: litres(shares.kettleL),
    tempC: Math.round(shares.tempC * 10) / 10,
  };
}
