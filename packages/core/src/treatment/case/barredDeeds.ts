import type { Caution, Deed } from '@feverfew/knowledge';
import { allowsWash, barsSteam, dripsDry } from '../../textile/careLabel.js';
import type { PieceFacts } from '../../textile/piece.js';

/** Deeds forbidden on this piece, whatever a line says: by its tag, and by the cautions of it and of its trouble. */
export function barredDeeds(
  { label }: Pick<PieceFacts, 'label'>,
  cautions: readonly Caution[],
): ReadonlySet<Deed> {
  return new Set<Deed>([
    ...(barsSteam(label) ? (['steam'] as const) : []),
    ...(label?.iron === 'never' ? (['iron'] as const) : []),
    ...(dripsDry(label) ? (['wring'] as const) : []),
    ...cautions.flatMap(({ bars, tagLifts }) =>
      tagLifts && allowsWash(label) ? bars.filter((deed) => deed !== 'water') : bars,
    ),
  ]);
}
