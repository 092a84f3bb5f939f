import type { Caution, Deed } from '@feverfew/knowledge';
import type { PieceFacts } from '../../textile/piece.js';

/** What nobody does to this piece, whatever a line says: by its tag, and by the cautions said of it and of its trouble. */
export function barredDeeds(
  { label }: Pick<PieceFacts, 'label'>,
  cautions: readonly Caution[],
): ReadonlySet<Deed> {
  return new Set<Deed>([
    // ISO 3758: a crossed-out iron means no steam either; drip drying is without spin or wringing.
    ...(label?.iron === 'never' ? (['steam'] as const) : []),
    ...(label?.natural === 'drip' ? (['wring'] as const) : []),
    ...cautions.flatMap((caution) => caution.bars),
  ]);
}
