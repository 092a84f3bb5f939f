import type {
  Action,
  Chemistry,
  Colour,
  Condition,
  DryingWay,
  Fastness,
  Programme,
  Protects,
  UpholsteryCode,
  Wetting,
} from '@feverfew/knowledge';
import type { LabelSign } from '../textile/careLabel.js';

/** The fact that set a limit. */
export type LimitOwner =
  | { readonly kind: 'fibre'; readonly fibreId: string; readonly sharePct: number; readonly part: string }
  | { readonly kind: 'label'; readonly sign: LabelSign; readonly tempC?: number }
  | { readonly kind: 'noLabel' }
  | { readonly kind: 'code'; readonly code: UpholsteryCode }
  | { readonly kind: 'item'; readonly itemId: string }
  | { readonly kind: 'colour'; readonly colour: Colour; readonly fastness: Fastness }
  | { readonly kind: 'condition'; readonly condition: Condition }
  | { readonly kind: 'soil'; readonly componentId: string }
  | { readonly kind: 'part'; readonly partId: string }
  | { readonly kind: 'school'; readonly schoolId: string };

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

export type TempLimit = Owned & { readonly quantity: 'tempC'; readonly maxC: number };
export type PHLimit = Owned & {
  readonly quantity: 'pH';
  readonly min: number;
  readonly max: number;
  readonly weakAcidBrieflyMin: number;
};
export type WettingLimit = Owned & { readonly quantity: 'wetting'; readonly most: Wetting };
export type ActionLimit = Owned & { readonly quantity: 'action'; readonly most: Action };
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
