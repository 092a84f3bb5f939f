import type { Fibre } from '@feverfew/knowledge';
import type { FibreShare } from './piece.js';

/** A fibre counts for the class of a piece from this share of a part on, %: a trace of stretch makes no synthetic. */
export const COUNTS_FROM_PCT = 15;
/** Groups that need the gentle course wherever they stand. */
export const TENDER_GROUPS: readonly string[] = [
  'regeneratedCellulose',
  'celluloseEster',
  'coating',
  'metal',
  'unknown',
];

/** Enzymes that take protein out would take it as well: wool, silk, hair, and the feathers of a filling. */
export const isProteinFibre = ({ chemistry }: Pick<Fibre, 'chemistry'>): boolean =>
  chemistry.some((rule) => rule.chemistry === 'protease' && rule.verdict === 'never');

/** The fibres of a face that ask for the gentle course; empty = it is treated as ordinary washing. */
export const tenderFibres = (
  face: readonly FibreShare[],
  known: ReadonlyMap<string, Fibre>,
): readonly Fibre[] =>
  face.flatMap(({ fibreId, sharePct }) => {
    const fibre = known.get(fibreId);
    if (!fibre) return [];
    const counts = sharePct >= COUNTS_FROM_PCT && TENDER_GROUPS.includes(fibre.group);
    return counts || isProteinFibre(fibre) ? [fibre] : [];
  });
