import {
  type Agent,
  type Dose,
  DRIED_SODA_PH,
  type Method,
  PASTE_DRIES_MIN,
  type Substitution,
} from '@feverfew/knowledge';
import { bathPH } from '../../../bath/solution/bathPH.js';
import type { Pour } from '../../../bath/solution/pour.js';
import { bottleStrength } from '../../../household/bottleStrength.js';
import { agentById } from '../../../lookup/agentById.js';
import type { PHRange } from '../../../quantity/pHRange.js';
import { toTenth } from '../../../quantity/rounding.js';
import type { PlanContext } from '../../case/planContext.js';
import type { Wanted } from './doseTarget.js';
import { maxDose } from './maxDose.js';
import { standInAmount } from './standInAmount.js';

type Asks = Pick<PlanContext, 'knowledge' | 'index' | 'household'>;

/**
 * pH of a method's working liquid in this household's water, as an interval over its doses and over 25 °C and the
 * bath's heat.
 * Computed where amounts and products are known; stated by the method or the products where a label doses them.
 * @param doseMost how far up its dose ranges it goes, 0–1
 */
export function workingPH(
  method: Method,
  standIn: Substitution | null,
  tempC: number,
  doseMost: number,
  context: Asks,
): PHRange | null {
  const { index, household } = context;
  const facts = index.factsOf(method);
  if (!facts.pHIsComputed) return facts.pH;
  const strengths = facts.agents.map((agent) => bottleStrength(agent, household).cutFromPct).join(' ');
  const key = `${Math.round(tempC)} ${household.hardnessMgL} ${doseMost} ${strengths}`;
  return index.bathPHOf(method, key, () => {
    const { least, most, waterML } = nominalPours(method, standIn, doseMost, context);
    const water = { volumeML: waterML, hardnessMgL: household.hardnessMgL };
    return outward(
      dried(bathPH(least, most, water, Math.round(tempC), context.knowledge), method, facts.agents),
    );
  });
}

/** A soda paste that is left to dry drifts alkaline. */
function dried(pH: PHRange | null, { keep, dwellMin }: Method, agents: readonly Agent[]): PHRange | null {
  const dries = keep === 'letDry' && dwellMin.max > PASTE_DRIES_MIN;
  return pH && dries && agents.some((agent) => agent.driesAlkaline)
    ? { ...pH, high: Math.max(pH.high, DRIED_SODA_PH) }
    : pH;
}

/** Bounds to a tenth, never narrower: limits are written in tenths. */
function outward(pH: PHRange | null): PHRange | null {
  if (!pH) return null;
  return {
    ...pH,
    low: Math.floor(pH.low * 10 + 1e-9) / 10,
    high: Math.ceil(pH.high * 10 - 1e-9) / 10,
    likely: toTenth(pH.likely),
    at25: toTenth(pH.at25),
  };
}

/** One litre of bath, or one part = 100 mL of a small mix, at both ends of its doses. */
export function nominalPours(method: Method, standIn: Substitution | null, doseMost: number, context: Asks) {
  let waterML = (method.waterParts ?? 0) * PART_ML + (method.liquorRatioLPerKg === null ? 0 : 1000);
  const least: Pour[] = [];
  const most: Pour[] = [];
  for (const { agentId, dose } of method.agents) {
    const agent = agentById(context.knowledge, agentId);
    const wanted = wantedOf(dose, agent, doseMost);
    if (!wanted) continue;
    const used = standIn?.useAgentId === agentId ? standInAmount(wanted, standIn, context).used : wanted;
    // A stronger bottle is cut down with the tap's water, which brings its hardness along.
    const { cutFromPct: fromPct, cutShare: share } = bottleStrength(agent, context.household);
    least.push(pourOf(agentId, used.unit, used.low * share, fromPct));
    most.push(pourOf(agentId, used.unit, used.high * share, fromPct));
    waterML += ((used.low + used.high) / 2) * (1 - share);
    // A powder in place of a liquid is dissolved in as much water.
    if (standIn?.useAgentId === agentId && used.unit === 'g' && isLiquid(standIn.wantedAgentId, context))
      waterML += wanted.amount;
  }
  return { least, most, waterML };
}

const PART_ML = 100;
const isLiquid = (agentId: string, { knowledge }: Asks) => agentById(knowledge, agentId).form === 'liquid';

function wantedOf(dose: Dose, agent: Agent, doseMost: number): Wanted | null {
  if (dose.per === 'litre') {
    const { low } = dose.amount;
    const top = maxDose(dose.amount, agent, doseMost);
    return { unit: dose.unit, amount: (low + top) / 2, low, high: top };
  }
  if (dose.per !== 'parts') return null;
  const amount = dose.parts * PART_ML;
  return { unit: 'mL', amount, low: amount, high: amount };
}

const pourOf = (agentId: string, unit: 'g' | 'mL', amount: number, strengthPct: number | null): Pour => ({
  agentId,
  massG: unit === 'g' ? amount : null,
  volumeML: unit === 'mL' ? amount : null,
  strengthPct,
});

/**
 * Ends of the dose range that are tried, strongest first: a dose is cut until the pH is inside what the piece
 * bears.
 */
const DOSE_STEPS = [1, 0.75, 0.5, 0.25, 0] as const;

/**
 * How far up its dose ranges a method may go before its bath leaves the piece's pH; 1 = all the way, also where
 * nothing helps.
 */
export function mostDose(
  method: Method,
  standIn: Substitution | null,
  tempC: number,
  maxPH: number,
  context: Asks,
): number {
  if (method.agents.every((use) => use.dose.per !== 'litre')) return 1;
  return (
    DOSE_STEPS.find((step) => (workingPH(method, standIn, tempC, step, context)?.high ?? 0) <= maxPH) ?? 1
  );
}
