import type { PieceFacts } from '../textile/piece.js';

/** What a mix is made in. Bottles and sprayers close; cups and vessels stand open, a lid on a vessel lies loose. */
export type MixContainer =
  | { readonly kind: 'vessel'; readonly vesselId: string }
  | { readonly kind: 'cup' }
  | { readonly kind: 'bottle' }
  | { readonly kind: 'sprayer' };
export const CONTAINER_KINDS = ['vessel', 'cup', 'bottle', 'sprayer'] as const;

/**
 * One product, counted in a unit of volume or mass, in the product's cap, or in a measure of the house (`own:` and
 * its id).
 */
export interface MixPour {
  readonly agentId: string;
  readonly amount: number;
  readonly unit: string;
  /** Strength on this bottle, %; null = as the cupboard says. */
  readonly strengthPct: number | null;
}

/** A free mix on the table. */
export interface Mix {
  readonly container: MixContainer;
  readonly waterML: number;
  /** Temperature wanted of the water, °C; null = as the cold tap gives it. */
  readonly waterC: number | null;
  readonly pours: readonly MixPour[];
  /** What is to go into it or get it; null = nothing yet. */
  readonly on: PieceFacts | null;
}

/** Ranges the form and the contract share. */
export const MIX_WATER_ML = { min: 0, max: 400_000 } as const;
/** Least water a hand can pour, mL: a drop. Less is none at all. Common practice, no source. */
export const MIN_WATER_ML = 0.05;
export const MIX_WATER_C = { min: 0, max: 95 } as const;
export const MAX_POURS = 8;

export const EMPTY_MIX: Mix = {
  container: { kind: 'cup' },
  waterML: 0,
  waterC: null,
  pours: [],
  on: null,
};
