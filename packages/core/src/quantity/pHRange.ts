/**
 * pH of a bath: most likely, and between which bounds, over 25 °C (as a strip reads it cooled) and the bath's own
 * heat.
 */
export interface PHRange {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
  /** Most likely at 25 °C. */
  readonly at25: number;
  /** 'computed' by charge balance, or 'stated' by the products. */
  readonly basis: 'computed' | 'stated';
  /** Ionic strength, mol/L; 0 where the pH is only stated. */
  readonly ionicStrength: number;
  /** False beyond the range the activity model is good for. */
  readonly firm: boolean;
}
