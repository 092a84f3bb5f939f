export interface Taps {
  readonly coldC: number;
  readonly hotC: number;
  /** Litres of one kettle; 0 = none. */
  readonly kettleL: number;
}
