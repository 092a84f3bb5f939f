import type { Chemistry, Deed, MechanicalAction, Programme, Sensitive, Wetting } from '@feverfew/knowledge';
import type { LimitOwner } from './limitOwner.js';

/** Why a method is not offered, or is done otherwise than usual. */
export interface MethodFindingFacts {
  chemistryForbidden: { agentId: string; chemistry: Chemistry; owner: LimitOwner };
  bathTooCool: { needsC: number; maxC: number; owner: LimitOwner };
  pHOutside: { low: number; high: number; min: number; max: number; owner: LimitOwner };
  wettingTooMuch: { wanted: Wetting; most: Wetting; owner: LimitOwner };
  dwellTooLong: { needsMin: number; maxMin: number; owner: LimitOwner };
  sunForbidden: { owner: LimitOwner };
  whitesOnly: { methodId: string };
  sturdyOnly: { methodId: string };
  wrongForSoil: { methodId: string; componentId: string };
  strengthUnknown: { agentId: string };
  strengthTooHigh: { agentId: string; pct: number; maxPct: number };
  strengthTooLow: { agentId: string; pct: number; recipePct: number };
  offByDefault: { agentId: string };
  notSoldHere: { agentId: string };
  notWithAsthma: { agentId: string };
  notWithSensitive: { agentId: string; who: Exclude<Sensitive, 'asthma'> };
  dustWithAsthma: { componentId: string };
  barredHere: { deed: Deed };
  tooLargeForSpot: { methodId: string };
  tooMuchSolvent: { agentId: string; neededML: number; mostML: number };
  metalParts: { agentId: string };
  vesselTooSmall: { neededL: number; largestL: number };
  vesselUnsuitable: { agentId: string; neededL: number };
  notForChildren: { agentId: string };
  noMachine: Record<string, never>;
  programmeTooStrong: { wanted: Programme; most: Programme; owner: LimitOwner };
  methodExhausted: { methodId: string; rounds: number; maxRounds: number; stalled: boolean };
  triedInVain: { agentId: string; times: number };
  otherPosition: { positionId: string; followedId: string };
  /** It cannot be rinsed out of such a piece, so no other product may follow. */
  onlyWaterAfter: { triedAgentId: string };
  triedMustNotMeet: { pairId: string; triedAgentId: string; agentId: string };
  littleEffect: { highPct: number };
  fromOwnLog: { uses: number; worked: number; bookLowPct: number; bookHighPct: number };
  hiddenTestFirst: { chemistry: Chemistry; owner: LimitOwner };
  ownDyeAtRisk: { agentId: string };
  notInCupboard: { agentId: string };
  standsIn: { substitutionId: string; useAgentId: string; wantedAgentId: string };
  roundsLeft: { done: number; left: number };
  triedOnce: { agentId: string };
  notHotter: { maxC: number; owner: LimitOwner };
  notHotterAgent: { maxC: number };
  notHotterMethod: { maxC: number };
  notLonger: { maxMin: number; owner: LimitOwner };
  notLongerMethod: { maxMin: number };
  notStronger: { agentId: string; highPerL: number; unit: 'g' | 'mL' };
  notStrongerPH: { agentId: string; highPerL: number; unit: 'g' | 'mL'; maxPH: number; owner: LimitOwner };
  notOftener: { rounds: number };
  dilutedFirst: { agentId: string; fromPct: number; toPct: number };
  coolerThanBest: { bestC: number; gotC: number; owner: LimitOwner };
  tapTooCool: { wantedC: number; reachedC: number };
  actionSoftened: { wanted: MechanicalAction; most: MechanicalAction; owner: LimitOwner };
  /** The sewn-in label outweighs what a fibre alone would say. */
  allowedByLabel: {
    what: 'heat' | 'machine' | 'oxygen' | 'alkali';
    owner: LimitOwner;
    by: LimitOwner;
    /** °C or pH; null where there is no figure. */
    aloneMax: number | null;
    usedMax: number | null;
  };
  oxygenBathBorne: { owner: LimitOwner; otherMaxPH: number; pH: number };
  /** Its grades differ in weight, there is no scale, and the grade was not given. */
  gradeUnknown: { agentId: string; grades: readonly string[] };
  /** Older plans do not say how long. */
  acidBriefly: { pH: number; maxMin?: number };
  positionFollowed: { positionId: string };
  /** Only what the missing code holds back: the water test would open it. */
  afterWaterTest: { methodId: string };
}
