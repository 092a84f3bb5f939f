/**
 * "20–30 min", "6–8 h".
 * @example durationWords(90, 150) // '1.5–2.5 h'
 */
export function durationWords(minMin: number, maxMin: number): string {
  const [unit, per] = maxMin >= 120 ? (['h', 60] as const) : (['min', 1] as const);
  const low = Math.round((minMin / per) * 2) / 2;
  const high = Math.round((maxMin / per) * 2) / 2;
  return low === high ? `${high} ${unit}` : `${low}–${high} ${unit}`;
}
