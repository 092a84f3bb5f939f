import type { MixPour } from './mix.js';

/** The table the other way round: from what is wanted to what is poured. */
export type TableQuestion =
  | { readonly kind: 'dilute'; readonly fromPct: number; readonly toPct: number; readonly finalML: number }
  | {
      readonly kind: 'spot';
      readonly productParts: number;
      readonly waterParts: number;
      readonly areaCm2: number;
      readonly wet: SpotWetness;
    }
  | {
      readonly kind: 'scale';
      readonly items: readonly MixPour[];
      readonly fromL: number;
      readonly toL: number;
    }
  | { readonly kind: 'blend'; readonly waterL: number; readonly wantedC: number }
  | { readonly kind: 'opened'; readonly pct: number; readonly months: number }
  | {
      readonly kind: 'raise';
      readonly waterL: number;
      /** Dry mass of what lies in it; 0 = nothing. */
      readonly clothG: number;
      readonly fromC: number;
      readonly toC: number;
    }
  | {
      readonly kind: 'cool';
      readonly vesselId: string;
      readonly lid: boolean;
      readonly waterL: number;
      readonly startC: number;
      readonly wantedC: number;
    };
/** What a cloth takes up, mL per cm². Common practice, no source. */
export const SPOT_WETNESS = { damp: 0.1, wet: 0.25, soaked: 0.5 } as const;
export type SpotWetness = keyof typeof SPOT_WETNESS;
