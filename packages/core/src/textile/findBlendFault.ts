import type { FibreShare } from './piece.js';

export type BlendFault =
  | { readonly code: 'blendNot100'; readonly sumPct: number }
  | { readonly code: 'fibreTwice'; readonly fibreId: string }
  | { readonly code: 'shareOutOfRange'; readonly fibreId: string; readonly sharePct: number };

/** Shares are whole labels' worth: each above 0 and at most 100, together 100 within rounding of one percent. */
const BLEND_TOLERANCE_PCT = 1;

/** What is wrong with a blend, or null. An empty blend is "unknown" and no fault. */
export function findBlendFault(fibres: readonly FibreShare[]): BlendFault | null {
  if (fibres.length === 0) return null;
  for (const { fibreId, sharePct } of fibres) {
    if (!(sharePct > 0 && sharePct <= 100)) return { code: 'shareOutOfRange', fibreId, sharePct };
    if (fibres.filter((other) => other.fibreId === fibreId).length > 1)
      return { code: 'fibreTwice', fibreId };
  }
  const sumPct = fibres.reduce((sum, fibre) => sum + fibre.sharePct, 0);
  return Math.abs(sumPct - 100) <= BLEND_TOLERANCE_PCT ? null : { code: 'blendNot100', sumPct };
}
