import type { Chemistry, Deed, MechanicalAction, Programme, Sensitive, Wetting } from '@feverfew/knowledge';
import type { FibreShare, PiecePart } from '../textile/piece.js';
import type { LimitOwner } from './limitOwner.js';

/** Facts behind every kind of finding the planner makes. Words for each stand in `findingWords`. */
export interface FindingFacts {
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
  sizeAssumed: { lengthCm: number; widthCm: number };
  fieldByField: { cm: number };
  /** A danger of the trouble or of what is on it, where no pass is offered that would say it. */
  dangerHere: { cautionId: string; text: string };
  solventOnIt: { agentIds: readonly string[] };
  chlorineFumesFrom: { componentId: string };
  /** Two products tried before give off gas on the piece. */
  productsReact: { agentAId: string; agentBId: string; pairId: string };
  /** Soaked with fuel, or fuel in foam or padding: out of use. */
  soakedWithFuel: Record<string, never>;
  /** Drying oil all over it, not cured: it heats up by itself and burns. */
  soakedWithDryingOil: Record<string, never>;
  /** Mould or germs in a filling that cannot be rinsed. */
  rottenInside: { by: 'mould' | 'germs' };
  fluorideOnIt: { agentId: string };
  explosiveWhenDry: { componentId: string; agentId: string };
  onlyInItsBottle: { agentId: string; container: 'bottle' | 'sprayer' };
  burnsWithOxidiser: { oxidiserId: string; fuelId: string };
  tooLittleWater: { agentId: string; neededML: number };
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
  apartFromRung: { pairId: string; rungMethodId: string; agentId: string };
  littleEffect: { highPct: number };
  /** Chosen by the person for this plan. */
  leftOut: Record<string, never>;
  chosenInstead: { methodId: string };
  /** Washed now it would not be dry by the time it must be ready. */
  washLater: Record<string, never>;
  /** It is wanted within the hour or so: when to stop. */
  stopInTime: Record<string, never>;
  /** The whole load has it: each kind of piece has a plan of its own. */
  wholeLoad: Record<string, never>;
  /** What is sewn on at the side of the mark stays dry: only the place is worked on. */
  keepOffAside: Record<string, never>;
  /** Round one with its drying takes longer than there is time; `inPlace` where it cannot be worn or moved. */
  notInTime: { readyInMin: number; likelyMin: number; inPlace: boolean };
  /** It would not be ready by the time it is wanted. */
  takesTooLong: { minutes: number; readyInMin: number };
  /** Adds next to nothing to what the passes before it take. */
  addsLittle: { pct: number };
  /** Rinsed out before the next product, which may not meet it. */
  rinsedForNext: { agentId: string; pairId: string };
  /** Rinsed out because the cloth bears it only briefly. */
  rinsedForCloth: { low: number; high: number };
  /** Eligible but not in the plan, with its own effect. */
  otherWay: { than: 'gentler' | 'stronger' | 'alike'; lowPct: number; highPct: number };
  fromOwnLog: { uses: number; worked: number; bookLowPct: number; bookHighPct: number };
  logSaysOther: { methodId: string; uses: number; worked: number; chancePct: number };
  hiddenTestFirst: { chemistry: Chemistry; owner: LimitOwner };
  ownDyeAtRisk: { agentId: string };
  notInCupboard: { agentId: string };
  standsIn: { substitutionId: string; useAgentId: string; wantedAgentId: string };
  bigPour: { agentId: string; amount: number; unit: 'g' | 'mL' };
  roundsLeft: { done: number; left: number };
  triedOnce: { agentId: string };
  notHotter: { maxC: number; owner: LimitOwner };
  notHotterAgent: { maxC: number };
  notHotterMethod: { maxC: number };
  notLonger: { maxMin: number; owner: LimitOwner };
  notLongerMethod: { maxMin: number };
  notStronger: { agentId: string; highPerL: number; unit: 'g' | 'mL' };
  notStrongerPH: { agentId: string; highPerL: number; unit: 'g' | 'mL'; maxPH: number; owner: LimitOwner };
  kettlesNeeded: { hotC: number; toC: number; kettles: number; litres: number };
  longerForCool: { minutes: number; tempC: number; sharePct: number };
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
  onlyAfter: { agentIds: readonly string[] };
  /** Its grades differ in weight, there is no scale, and the grade was not given. */
  gradeUnknown: { agentId: string; grades: readonly string[] };
  /** Older plans do not say how long. */
  acidBriefly: { pH: number; maxMin?: number };
  positionFollowed: { positionId: string };
  ageLowersOdds: { age: string };
  heatLowersOdds: { heat: string };
  markNeeded: Record<string, never>;
  itemNeeded: Record<string, never>;
  nothingLeft: Record<string, never>;
  causeUnknown: { markId: string };
  triedHot: Record<string, never>;
  chlorineTried: Record<string, never>;
  onePlanForAll: { marks: number };
  dryCleanNoPermission: { sign: 'P' | 'F' };
  /** Older plans do not say whether it bears bleach. */
  hygieneAfter: { maxC: number; mayBleach?: boolean };
  worthBuying: {
    agentIds: readonly string[];
    methodId: string;
    nowHighPct: number;
    thenHighPct: number;
  };
  fibresUnknown: Record<string, never>;
  /** What was not given was taken as it usually is: `parts` null = what it is made of was given. */
  usualTaken: {
    parts: readonly PiecePart[] | null;
    fibres: readonly FibreShare[];
    washC: 30 | 40 | 60 | null;
    colour: 'white' | null;
    unlessFibreIds: readonly string[];
  };
  noLabelKnown: Record<string, never>;
  codeUnknown: Record<string, never>;
  /** Only what the missing code holds back: the water test would open it. */
  afterWaterTest: { methodId: string };
  waterTestFailed: Record<string, never>;
  /** Nothing dry helps here; the test decides whether water may. */
  waterTestFirst: Record<string, never>;
  noHomeMethod: Record<string, never>;
  noCleaningHelps: { markId: string };
  professionalHand: {
    because:
      | 'explosive'
      | 'fluoride'
      | 'fuel'
      | 'dryingOil'
      | 'rotten'
      | 'codeX'
      | 'codeS'
      | 'antique'
      | 'leather'
      | 'dryCleanOnly'
      | 'noMethod';
  };
  rinseTriedFirst: { agentIds: readonly string[] };
  cupboardHoldsPair: { pairId: string; agentAId: string; agentBId: string };
  /** The line itself; older plans have none and are read by id. */
  markAdvice: { markId: string; text?: string };
  itemNote: { itemId: string; text?: string };
  /** `hotWash`: hot water sets it as well; plans from before knowledge 2026.11.10 do not say. */
  noHeatBeforeGone: { readonly hotWash?: boolean };
}

export type FindingCode = keyof FindingFacts;

/** A failure or a remark as data; the words come last. */
export type Finding = {
  [Code in FindingCode]: {
    readonly code: Code;
    readonly facts: Readonly<FindingFacts[Code]>;
    readonly sourceIds: readonly string[];
  };
}[FindingCode];

export function finding<Code extends FindingCode>(
  code: Code,
  facts: FindingFacts[Code],
  sourceIds: readonly string[] = ['commonPractice'],
): Finding {
  return { code, facts, sourceIds } as unknown as Finding;
}
