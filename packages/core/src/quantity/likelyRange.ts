export interface LikelyRange {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}
