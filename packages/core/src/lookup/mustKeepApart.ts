import type { ForbiddenPair } from '@feverfew/knowledge';

/**
 * True if the pair must not occur in one plan, not even with a rinse or airing between. On a surface that cannot be
 * rinsed through, neither of them helps: what was put on it stays in it.
 *
 * @param rinsable whether water can be rinsed through the piece
 */
export const mustKeepApart = ({ apart, blocksSurface }: ForbiddenPair, rinsable: boolean): boolean =>
  apart === 'plan' || apart === 'rinseAndDry' || (!rinsable && blocksSurface);
