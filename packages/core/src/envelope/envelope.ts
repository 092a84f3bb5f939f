import {
  CHEMISTRIES,
  type Chemistry,
  type DryingWay,
  type MechanicalAction,
  type Programme,
  type Wetting,
} from '@feverfew/knowledge';
import type {
  ActionLimit,
  ChemistryBounds,
  ChemistryLimit,
  DryingLimit,
  Limit,
  PHLimit,
  ProgrammeLimit,
  TempLimit,
  WettingLimit,
} from './limit.js';

export interface ChemistryWindow {
  readonly chemistry: Chemistry;
  readonly verdict: 'allowed' | 'never' | 'limited' | 'test';
  readonly bounds: ChemistryBounds;
  /** Every limit on it, the winning one first. */
  readonly limits: readonly ChemistryLimit[];
}

export interface DryingWindow {
  readonly way: DryingWay;
  readonly allowed: boolean;
  readonly limits: readonly DryingLimit[];
}

/** The tightest limit per quantity over everything that applies; each list holds the owners, tightest first. */
export interface Envelope {
  readonly tempC: {
    readonly max: number;
    readonly limits: readonly TempLimit[];
    /** Tightest of those that hold for a long soak alone, where it is tighter. */
    readonly longSoak?: TempLimit | undefined;
  };
  readonly pH: {
    readonly min: number;
    readonly max: number;
    readonly weakAcidBrieflyMin: number;
    readonly spotAcidMin?: number | undefined;
    readonly oxygenMax?: number | undefined;
    readonly limits: readonly PHLimit[];
  };
  readonly wetting: { readonly most: Wetting; readonly limits: readonly WettingLimit[] };
  readonly action: { readonly most: MechanicalAction; readonly limits: readonly ActionLimit[] };
  readonly programme: { readonly most: Programme; readonly limits: readonly ProgrammeLimit[] };
  readonly chemistry: readonly ChemistryWindow[];
  readonly drying: readonly DryingWindow[];
}

const POSITION = new Map(CHEMISTRIES.map((chemistry, index) => [chemistry, index]));

/** The window of one chemistry; the envelope holds them in the order of the vocabulary. */
export function windowOf(envelope: Pick<Envelope, 'chemistry'>, chemistry: Chemistry): ChemistryWindow {
  const window = envelope.chemistry[POSITION.get(chemistry) ?? -1];
  if (!window) throw new Error(`envelope without ${chemistry}`);
  return window;
}

export type { Limit };
