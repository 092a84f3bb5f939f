import type { Method } from '@feverfew/knowledge';
import type { Finding } from '../../finding/finding.js';
import type { Risk } from '../plan/pass.js';

/**
 * Harshness of the method on this piece: its own 1–9, more if a dye or a test is in the way. Lower is
 * gentler.
 */
export function harshnessHere(method: Method, remarks: readonly Finding[]): number {
  const tests = remarks.some((remark) => remark.code === 'hiddenTestFirst') ? 1 : 0;
  const ownDye = remarks.some((remark) => remark.code === 'ownDyeAtRisk') ? 3 : 0;
  return method.harshness + tests + ownDye;
}

/** Risk to the piece in a word. */
export const riskOf = (harshness: number): Risk =>
  harshness >= 8 ? 'high' : harshness >= 6 ? 'fair' : 'low';
