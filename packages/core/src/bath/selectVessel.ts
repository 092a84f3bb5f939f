import { type Agent, MIN_LIQUOR_L_PER_KG, USABLE_FILL_SHARE } from '@feverfew/knowledge';
import type { Vessel } from '../household/household.js';
import { type BathVolume, bathVolume } from './bathVolume.js';

export type VesselChoice =
  | {
      readonly kind: 'chosen';
      readonly vessel: Vessel;
      /** For one batch. */
      readonly bath: BathVolume;
      readonly batches: number;
    }
  | { readonly kind: 'tooSmall'; readonly neededL: number; readonly largestL: number }
  | { readonly kind: 'unsuitable'; readonly agentId: string; readonly neededL: number };

/** What a vessel is wanted for. */
export interface BathAskedFor {
  /** Water to a kilogram of dry textile; null = the least that covers. */
  readonly liquorRatioLPerKg: number | null;
  readonly agents: readonly Agent[];
  readonly dryMassG: number;
  /** A set that may go in parts, one after the other. */
  readonly isDivisible: boolean;
}

/** Parts a set may be soaked in, one after the other. */
const MAX_BATCHES = 4;

/**
 * The smallest vessel that holds piece and liquor without slopping over and bears every agent in it; a set may go
 * in parts.
 */
export function selectVessel(asked: BathAskedFor, vessels: readonly Vessel[]): VesselChoice {
  const whole = vesselFor(asked, vessels, 1);
  if (whole.kind !== 'tooSmall' || !asked.isDivisible) return whole;
  for (let batches = 2; batches <= MAX_BATCHES; batches += 1) {
    const part = vesselFor(asked, vessels, batches);
    if (part.kind !== 'tooSmall') return part;
  }
  return whole;
}

function vesselFor(
  { liquorRatioLPerKg, dryMassG, agents }: BathAskedFor,
  vessels: readonly Vessel[],
  batches: number,
): VesselChoice {
  const bath = bathVolume(dryMassG / batches, liquorRatioLPerKg ?? MIN_LIQUOR_L_PER_KG);
  const neededL = Math.round((bath.fillL / USABLE_FILL_SHARE) * 10) / 10;
  const large = vessels
    .filter((vessel) => vessel.volumeL >= neededL)
    .sort((a, b) => a.volumeL - b.volumeL || a.id.localeCompare(b.id, 'en'));
  if (large.length === 0) {
    return {
      kind: 'tooSmall',
      neededL,
      largestL: Math.max(0, ...vessels.map((vessel) => vessel.volumeL)),
    };
  }
  const vessel = large.find((candidate) =>
    agents.every((agent) => !agent.notInVessels.includes(candidate.material)),
  );
  if (vessel) return { kind: 'chosen', vessel, bath, batches };
  const culprit = agents.find((agent) =>
    large.some((candidate) => agent.notInVessels.includes(candidate.material)),
  );
  return { kind: 'unsuitable', agentId: culprit?.id ?? '', neededL };
}
