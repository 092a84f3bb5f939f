import type { FibreShare, PiecePart } from '../textile/piece.js';

/** What holds for a whole plan: dangers, unknown facts, odds, ends. */
export interface PlanFindingFacts {
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
