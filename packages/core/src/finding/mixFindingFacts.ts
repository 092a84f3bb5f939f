import type { Wetting } from '@feverfew/knowledge';
import type { LimitOwner } from './limitOwner.js';

/** What the mixing table finds about a mix or a claim. */
export interface MixFindingFacts {
  onlyInItsBottle: { agentId: string; container: 'bottle' | 'sprayer' };
  burnsWithOxidiser: { oxidiserId: string; fuelId: string };
  tooLittleWater: { agentId: string; neededML: number };
  mustNotMeet: { pairId: string; agentAId: string; agentBId: string };
  unknownWithAnything: { agentId: string };
  gasInClosed: { agentId: string; container: 'bottle' | 'sprayer' | 'jar' };
  gasUnderLid: { agentId: string };
  chlorineOnlyWithWater: { agentId: string };
  chlorineOnlyCold: { maxC: number };
  chlorineTooStrong: { pct: number; maxPct: number };
  solventOnlyCold: { agentId: string; maxC: number };
  ammoniaOnlyCold: { agentId: string; maxC: number };
  tooMuchFlammable: { agentId: string; mostML: number };
  measureGone: Record<string, never>;
  neverOffered: { agentId: string };
  hotterThanPiece: { atC: number; maxC: number; owner: LimitOwner };
  wetterThanPiece: { most: Wetting; owner: LimitOwner };
  onlyBrieflySour: { low: number; min: number; owner: LimitOwner };
  agentOnMetalVessel: { agentId: string; material: string };
  overTheRim: { fillL: number; volumeL: number };
  doesNotDissolve: { agentId: string; leftG: number };
  waterNotReached: { wantedC: number; reachedC: number };
  claimNeutralised: {
    acidId: string;
    sodaId: string;
    acidLeftPct: number;
    sodaLeftPct: number;
    carbonDioxideL: number;
    pH: number;
  };
  claimSodaSoftens: { hardnessMgL: number; waterL: number; sodaG: number; crystalsG: number };
  claimColdOxygen: { tempC: number; lowPct: number; highPct: number; hours: number };
  claimMoreProduct: { agentId: string; perL: number; usualPerL: number; unit: 'g' | 'mL'; times: number };
  claimFilledHigher: { waterL: number; neededL: number; weakerPct: number };
  claimHotAfterHour: { startC: number; afterC: number; belowC: number; minutes: number };
}
