import type { StrengthInMix } from '../../bath/solution/strengthInMix.js';
import type { WaterShares } from '../../bath/waterShares.js';
import type { SnappedVolume } from '../../household/snapToTools.js';
import type { LikelyRange } from '../../quantity/likelyRange.js';

/** One agent in a mix: exact amount, its allowed range, and what the household's tools can measure. */
export interface Ingredient {
  readonly agentId: string;
  /** 'label': dosed by the product's own label. 'step': nothing to measure, or described in the text of the step. */
  readonly basis: 'weighed' | 'measured' | 'label' | 'step';
  readonly massG: number | null;
  readonly volumeML: number | null;
  readonly range: { readonly low: number; readonly high: number; readonly unit: 'g' | 'mL' } | null;
  readonly snapped: SnappedVolume | null;
  /** Strength of what is poured, % as on the bottle; null where strength does not matter. */
  readonly strengthPct: number | null;
  /** The replaced agent, with the amount of the recipe. */
  readonly standsInFor: {
    readonly agentId: string;
    readonly amount: number;
    readonly unit: 'g' | 'mL';
  } | null;
  /**
   * In the mix as it is: g or mL per litre of bath, or % of what the strength is of; null where it is not
   * known.
   */
  readonly strengthAfter: StrengthInMix | null;
  /** Available oxygen it brings, g. */
  readonly oxygenG: number;
  readonly dilution: { readonly fromPct: number; readonly toPct: number; readonly waterML: number } | null;
}

/** How a bath will be over its time: lumped cooling, within about a factor 1.4. */
export interface BathOutlook {
  /** With tub and piece in, °C. */
  readonly startC: number;
  readonly endC: LikelyRange;
  readonly roomC: number;
  readonly tauMin: LikelyRange;
  /** Minutes until it is no warmer than the hand. */
  readonly coolAtMin: LikelyRange | null;
  readonly topUp: {
    readonly afterMin: number;
    readonly belowC: number;
    readonly hotL: number;
    readonly kettles: number;
    readonly toC: number;
  } | null;
  readonly oxygen: { readonly mgPerL: number; readonly leftShare: LikelyRange } | null;
  readonly energyKWh: number;
}

/**
 * Amounts of one round, the vessel they stand in, and how the bath will be. Fields that do not apply are null or
 * empty.
 */
export interface Recipe {
  readonly ingredients: readonly Ingredient[];
  readonly waterML: number | null;
  /** The same in the measures of the house; not in plans of earlier versions. */
  readonly waterTools?: SnappedVolume | null | undefined;
  /**
   * What is put on in one go, where that is less than is mixed or poured out. `goes`: so many times at most. Without it,
   * what is left is poured away.
   */
  readonly putOn?:
    | {
        readonly volumeML: number;
        readonly snapped: SnappedVolume | null;
        readonly goes?: number | undefined;
      }
    | null
    | undefined;
  readonly bath: { readonly waterL: number; readonly shares: WaterShares } | null;
  readonly vessel: {
    readonly id: string;
    readonly name: string;
    readonly volumeL: number;
    readonly fillL: number;
  } | null;
  /** How many times it is made, a part of the set at a time. */
  readonly batches: number;
  readonly outlook: BathOutlook | null;
}
