import { type Agent, type Method, USABLE_FILL_SHARE } from '@feverfew/knowledge';
import { type BathVolume, bathVolume } from '../bath/bathVolume.js';
import type { PlanContext } from './context.js';
import type { Vessel } from './household.js';

export type VesselChoice =
  | { readonly kind: 'chosen'; readonly vessel: Vessel; readonly bath: BathVolume }
  | { readonly kind: 'tooSmall'; readonly neededL: number; readonly largestL: number }
  | { readonly kind: 'unsuitable'; readonly agentId: string; readonly neededL: number };

/** The smallest vessel that holds piece and liquor without slopping over and bears every agent in it. */
export function selectVessel(
  method: Method,
  agents: readonly Agent[],
  { household, dryMassG }: PlanContext,
): VesselChoice {
  const bath = bathVolume(dryMassG, method.liquorRatioLPerKg ?? 10);
  const neededL = Math.round((bath.fillL / USABLE_FILL_SHARE) * 10) / 10;
  const large = household.vessels
    .filter((vessel) => vessel.volumeL >= neededL)
    .sort((a, b) => a.volumeL - b.volumeL || a.id.localeCompare(b.id, 'en'));
  if (large.length === 0) {
    return {
      kind: 'tooSmall',
      neededL,
      largestL: Math.max(0, ...household.vessels.map((vessel) => vessel.volumeL)),
    };
  }
  const vessel = large.find((candidate) =>
    agents.every((agent) => !agent.notInVessels.includes(candidate.material)),
  );
  if (vessel) return { kind: 'chosen', vessel, bath };
  const culprit = agents.find((agent) =>
    large.some((candidate) => agent.notInVessels.includes(candidate.material)),
  );
  return { kind: 'unsuitable', agentId: culprit?.id ?? '', neededL };
}
