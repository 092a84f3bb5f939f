import { type Agent, FIBRE_DENSITY_G_PER_ML, type Knowledge } from '@feverfew/knowledge';
import { warmingKWh } from '../bath/heat/heatTheBath.js';
import { oxygenInPour } from '../bath/oxygen/oxygenInPour.js';
import { bathPH } from '../bath/solution/bathPH.js';
import { neutralised } from '../bath/solution/neutralised.js';
import { type Pour, sizeOf } from '../bath/solution/pour.js';
import { type StrengthInMix, strengthInMix } from '../bath/solution/strengthInMix.js';
import type { WaterShares } from '../bath/waterShares.js';
import type { Household, Vessel } from '../household/household.js';
import { type SnappedVolume, snapToTools } from '../household/snapToTools.js';
import { toolsOf } from '../household/toolsOf.js';
import { wettedBy } from '../household/vesselShape.js';
import { shapeOf } from '../household/vesselWall.js';
import { agentById } from '../lookup/agentById.js';
import type { LikelyRange } from '../quantity/likelyRange.js';
import type { PHRange } from '../quantity/pHRange.js';
import { toHundredth, toTenth } from '../quantity/rounding.js';
import type { Mix } from './mix.js';
import { type CurvePoint, coolingCurve, dryMassOf, minutesBelow, mixHeat } from './mixHeat.js';

/** One product as it is in the mix. */
export interface MixedPour {
  readonly agentId: string;
  readonly massG: number;
  readonly volumeML: number;
  /** What a powder measured by volume may weigh. */
  readonly massRangeG: { readonly low: number; readonly high: number };
  readonly strengthPct: number | null;
  readonly strengthAfter: StrengthInMix | null;
  readonly snapped: SnappedVolume | null;
}

export interface MixBath {
  readonly totalML: number;
  readonly vessel: {
    readonly name: string;
    readonly volumeL: number;
    /** Mix and piece together. */
    readonly fillL: number;
    readonly depthCm: number;
  } | null;
  readonly pours: readonly MixedPour[];
  readonly pH: PHRange | null;
  readonly carbonDioxideL: number;
  readonly oxygenMgPerL: number | null;
  readonly shares: WaterShares | null;
  readonly startC: number;
  readonly curve: readonly CurvePoint[];
  /** Minutes until below each of these temperatures; null when it never gets there. */
  readonly below: readonly { readonly tempC: number; readonly minutes: LikelyRange | null }[];
  readonly energyKWh: number;
}

/** Temperatures a person asks about, °C. */
const THRESHOLDS_C = [50, 40, 30] as const;

/** Strengths, pH, warmth and oxygen of a mix; null while there is no liquid in it. */
export function mixBath(
  mix: Mix,
  pours: readonly Pour[],
  vessel: Vessel | null,
  household: Household,
  knowledge: Knowledge,
): MixBath | null {
  const totalML =
    mix.waterML + pours.reduce((sum, pour) => sum + liquidML(pour, agentById(knowledge, pour.agentId)), 0);
  if (!(totalML > 0)) return null;
  const { roomC, taps, hardnessMgL } = household;
  const heat = mixHeat(mix, vessel, household, knowledge);
  const oxygenG = pours.reduce(
    (sum, pour) => sum + oxygenInPour(inBoth(pour, agentById(knowledge, pour.agentId)), knowledge),
    0,
  );
  const water = { volumeML: mix.waterML, hardnessMgL };
  const warmest = heat.shares?.tempC ?? taps.coldC;
  return {
    totalML: Math.round(totalML),
    vessel: vessel && {
      name: vessel.name,
      volumeL: vessel.volumeL,
      fillL: toTenth(totalML / 1000 + (dryMassOf(mix, knowledge) ?? 0) / 1000 / FIBRE_DENSITY_G_PER_ML),
      depthCm: Math.round(wettedBy(shapeOf(vessel), totalML / 1000).depthCm),
    },
    pours: pours.map((pour) => mixed(pour, totalML, household, knowledge)),
    pH: bathPH(pours, pours, water, Math.round(heat.startC), knowledge),
    carbonDioxideL: toTenth(neutralised(pours, knowledge)?.carbonDioxideL ?? 0),
    oxygenMgPerL: oxygenG > 0 ? Math.round((1e6 * oxygenG) / totalML) : null,
    shares: heat.shares,
    startC: toTenth(heat.startC),
    curve: coolingCurve(heat, roomC, oxygenG > 0),
    below: THRESHOLDS_C.filter((tempC) => tempC < heat.startC && tempC > roomC).map((tempC) => ({
      tempC,
      minutes: minutesBelow(heat, roomC, tempC),
    })),
    energyKWh: toHundredth(warmest > taps.coldC ? warmingKWh(mix.waterML / 1000, taps.coldC, warmest) : 0),
  };
}

function mixed(pour: Pour, totalML: number, household: Household, knowledge: Knowledge): MixedPour {
  const agent = agentById(knowledge, pour.agentId);
  const whole = inBoth(pour, agent);
  const byVolume = pour.massG === null && agent.form === 'powder';
  const end = (density: 'low' | 'high') =>
    toTenth(byVolume ? sizeOf(pour, agent, density).massG : (whole.massG ?? 0));
  return {
    agentId: pour.agentId,
    massG: toHundredth(sizeOf(pour, agent).massG),
    volumeML: toHundredth(whole.volumeML ?? 0),
    massRangeG: { low: end('low'), high: end('high') },
    strengthPct: pour.strengthPct,
    strengthAfter: strengthInMix(whole, totalML, knowledge),
    snapped: snapToTools(Math.max(0.1, whole.volumeML ?? 0), toolsOf(agent.id, household)),
  };
}

/** A powder has mass and volume, a liquid is measured by volume. */
function inBoth(pour: Pour, agent: Agent): Pour {
  const size = sizeOf(pour, agent);
  return {
    agentId: pour.agentId,
    massG: agent.form === 'liquid' ? null : size.massG,
    volumeML: size.volumeML,
    strengthPct: pour.strengthPct ?? agent.strength?.recipe ?? null,
  };
}

const liquidML = (pour: Pour, agent: Agent): number =>
  agent.form === 'liquid' ? sizeOf(pour, agent).volumeML : 0;
