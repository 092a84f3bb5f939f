export interface Range3 {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}
