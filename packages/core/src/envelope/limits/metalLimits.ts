import { type Chemistry, METAL_PEROXYGEN_MIN } from '@feverfew/knowledge';
import type { PieceFacts } from '../../textile/piece.js';
import type { Limit } from '../limit.js';

const PEROXYGENS: readonly Chemistry[] = ['percarbonate', 'peroxide'];

/** Hooks, zips and snaps rust and make pinholes in a long peroxygen bath: off with them, or half an hour at most. */
export function metalLimits({ metalParts }: PieceFacts): Limit[] {
  if (!metalParts) return [];
  return PEROXYGENS.map((chemistry) => ({
    quantity: 'chemistry',
    chemistry,
    verdict: 'limited',
    bounds: { maxDwellMin: METAL_PEROXYGEN_MIN },
    owner: { kind: 'metal' },
    protects: 'piece',
    sourceIds: ['commonPractice'],
  }));
}
