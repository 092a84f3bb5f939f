import type { ExpectedEffect } from '../effect/effectRange.js';

export type AgainstBook = 'better' | 'worse' | 'alike' | 'few';

/** Fewer uses than this say nothing against the book. From memory. */
const MIN_USES = 2;
/** The middle has to leave the book's middle by this share of its range. From memory. */
const CLEARLY = 0.25;

/** How the household is to the book: by where its middle lies. @param mean share removed per round, 0–1 */
export function againstBook(book: ExpectedEffect, mean: number, uses: number): AgainstBook {
  if (uses < MIN_USES) return 'few';
  const off = (mean - (book.low + book.high) / 2) / Math.max(0.01, book.high - book.low);
  return off > CLEARLY ? 'better' : off < -CLEARLY ? 'worse' : 'alike';
}
