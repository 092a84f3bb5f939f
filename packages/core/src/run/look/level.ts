import type { LikelyRange } from '../../quantity/likelyRange.js';

/**
 * What is left by eye against a clean part of the same cloth, on a scale of six. `low` and `high` bound what an
 * eye calls by
 * that name, % of what there was at first; together they leave no gap. From memory: no published scale for marks
 * was used.
 */
export const LEVELS = [
  { id: 'none', leftPct: 0, low: 0, high: 1 },
  { id: 'trace', leftPct: 5, low: 1, high: 12 },
  { id: 'little', leftPct: 25, low: 12, high: 37 },
  { id: 'half', leftPct: 50, low: 37, high: 62 },
  { id: 'most', leftPct: 75, low: 62, high: 88 },
  { id: 'all', leftPct: 100, low: 88, high: 100 },
] as const;
export type Level = (typeof LEVELS)[number];

/** The name an eye gives to `leftPct` (0–100). */
export const levelOf = (leftPct: number): Level =>
  LEVELS.find((level) => leftPct <= level.high) ?? LEVELS[LEVELS.length - 1] ?? LEVELS[0];

/** What an eye that says `leftPct` may have before it, %. */
export function levelRange(leftPct: number): LikelyRange {
  const { low, high } = levelOf(leftPct);
  return { low: Math.min(low, leftPct), likely: leftPct, high: Math.max(high, leftPct) };
}
