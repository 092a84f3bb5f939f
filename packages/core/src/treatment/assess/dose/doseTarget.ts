export interface Wanted {
  readonly unit: 'g' | 'mL';
  readonly amount: number;
  readonly low: number;
  readonly high: number;
}
