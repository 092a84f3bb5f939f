import { type Agent, SAID_IN_DROPS_ML } from '@feverfew/knowledge';
import { dilute } from '../../bath/dilute.js';
import { bottleStrength } from '../../household/bottleStrength.js';
import { densityHere } from '../../household/bulkDensity.js';
import type { Household } from '../../household/household.js';
import { type MeasureTool, toolsFor } from '../../household/measureTool.js';
import { snapToTools } from '../../household/snapToTools.js';
import { toolsOf } from '../../household/toolsOf.js';
import { toHundredth, toTenth } from '../../quantity/rounding.js';
import type { Wanted } from '../assess/dose/doseTarget.js';
import type { Ingredient, Recipe } from '../plan/recipe.js';

/**
 * One agent's amount in grams, millilitres and the household's own measures.
 * A stronger bottle is cut down to the strength the recipe is written for.
 */
export function measureIngredient(agent: Agent, wanted: Wanted, household: Household): Ingredient {
  const cut = cutDown(agent, wanted, household);
  const density = densityHere(agent, household);
  const volumeML = cut.unit === 'mL' ? cut.amount : cut.amount / density;
  const massG = cut.unit === 'g' ? cut.amount : agent.form === 'powder' ? cut.amount * density : null;
  const weighed = agent.form === 'powder' && household.hasScale;
  return {
    agentId: agent.id,
    basis: weighed ? 'weighed' : 'measured',
    massG: massG === null ? null : roundAmount(massG),
    volumeML: roundAmount(volumeML),
    range: { low: roundAmount(cut.low), high: roundAmount(cut.high), unit: cut.unit },
    snapped:
      agent.form === 'liquid' && volumeML < SAID_IN_DROPS_ML
        ? null
        : snappedTo(volumeML, toolsOf(agent.id, household)),
    strengthPct: cut.dilution?.fromPct ?? agent.strength?.recipe ?? null,
    standsInFor: null,
    strengthAfter: null,
    oxygenG: 0,
    dilution: cut.dilution,
  };
}

function cutDown(agent: Agent, wanted: Wanted, household: Household) {
  const { cutFromPct: fromPct, cutShare: share } = bottleStrength(agent, household);
  const toPct = agent.strength?.recipe;
  if (fromPct === null || toPct === undefined || wanted.unit !== 'mL') return { ...wanted, dilution: null };
  const { stockML, waterML } = dilute(fromPct, toPct, wanted.amount);
  return {
    unit: wanted.unit,
    amount: stockML,
    low: wanted.low * share,
    high: wanted.high * share,
    dilution: { fromPct, toPct, waterML: roundAmount(waterML) },
  };
}

/** As fine as a hand can go; a pinch is never rounded away to nothing. */
export function roundAmount(value: number): number {
  if (value >= 100) return Math.round(value);
  if (value >= 10) return Math.round(value * 2) / 2;
  return value >= 0.2 ? toTenth(value) : toHundredth(value);
}

/** An amount in the measures of the house; null where none of them comes near. */
function snappedTo(volumeML: number, tools: readonly MeasureTool[]): Ingredient['snapped'] {
  const snapped = snapToTools(Math.max(0.1, volumeML), tools);
  return (
    snapped && {
      ...snapped,
      volumeML: roundAmount(snapped.volumeML),
      errorPct: Math.round(snapped.errorPct),
    }
  );
}

/** So much of a mix or of plain water, as a hand measures it. */
export const measuredOut = (
  volumeML: number,
  { household }: { readonly household: Household },
): NonNullable<Recipe['putOn']> => ({
  volumeML: roundAmount(volumeML),
  snapped: snappedTo(volumeML, toolsFor(household.tools, household.ownMeasures, null)),
});
