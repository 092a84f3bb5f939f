import type {
  Chemistry,
  DryingWay,
  MechanicalAction,
  Programme,
  Protects,
  Wetting,
} from '@feverfew/knowledge';
import type { LimitOwner } from '../finding/limitOwner.js';

export interface ChemistryBounds {
  readonly maxTempC?: number;
  readonly maxDwellMin?: number;
  readonly maxRounds?: number;
}

interface Owned {
  readonly owner: LimitOwner;
  readonly protects: Protects;
  readonly sourceIds: readonly string[];
}

/** `soakOverMin`: holds only for soaks longer than this, min. */
export type TempLimit = Owned & {
  readonly quantity: 'tempC';
  readonly maxC: number;
  readonly soakOverMin?: number | undefined;
};
export type PHLimit = Owned & {
  readonly quantity: 'pH';
  readonly min: number;
  readonly max: number;
  readonly weakAcidBrieflyMin: number;
  /** For oxalic acid on a spot; earlier plans have none. */
  readonly spotAcidMin?: number | undefined;
  /** For an oxygen-bleach bath; earlier plans have none. */
  readonly oxygenMax?: number | undefined;
};
export type WettingLimit = Owned & { readonly quantity: 'wetting'; readonly most: Wetting };
export type ActionLimit = Owned & { readonly quantity: 'action'; readonly most: MechanicalAction };
export type ProgrammeLimit = Owned & { readonly quantity: 'programme'; readonly most: Programme };
export type DryingLimit = Owned & { readonly quantity: 'drying'; readonly forbids: DryingWay };
export type ChemistryLimit = Owned & {
  readonly quantity: 'chemistry';
  readonly chemistry: Chemistry;
  readonly verdict: 'never' | 'limited' | 'test';
  readonly bounds: ChemistryBounds;
};

/** One limit on one quantity, with its owner and its ground. A limit without a source cannot exist. */
export type Limit =
  | TempLimit
  | PHLimit
  | WettingLimit
  | ActionLimit
  | ProgrammeLimit
  | DryingLimit
  | ChemistryLimit;
