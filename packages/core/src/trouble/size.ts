import { ASSUMED_SIZE, SIZE_CM } from '@feverfew/knowledge';

/** How large a trouble is, as people say it; all over is a size of its own. */
export const SIZE_WORDS = ['unknown', 'coin', 'palm', 'hand', 'plate', 'larger', 'allOver'] as const;
export type SizeWord = (typeof SIZE_WORDS)[number];

export interface SidesCm {
  readonly length: number;
  readonly width: number;
}

/** A word, or measured. */
export type Size = SizeWord | SidesCm;

/** Sides for the calculation, cm; null if all over. An unknown size counts as a palm, never as the whole piece. */
export function sidesOf(size: Size): SidesCm | null {
  if (typeof size !== 'string') return size;
  if (size === 'allOver') return null;
  return SIZE_CM[size === 'unknown' ? ASSUMED_SIZE : size];
}
