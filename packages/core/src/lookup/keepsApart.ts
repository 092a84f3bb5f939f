import type { ForbiddenPair } from '@feverfew/knowledge';

/**
 * The pair stays out of one plan, or what was tried bars it: no rinse or airing between is enough. On a surface that
 * cannot be rinsed through a rinse is not to be had, and airing is not either: what was put on it stays in it.
 */
export const keepsApart = ({ apart, blocksSurface }: ForbiddenPair, rinsable: boolean): boolean =>
  apart === 'plan' || apart === 'rinseAndDry' || (!rinsable && blocksSurface);
