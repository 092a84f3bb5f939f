import type { Danger } from '../../schema/danger.js';

type Written = Omit<Danger, 'kind' | 'emergency' | 'itemId'> & Partial<Pick<Danger, 'emergency' | 'itemId'>>;

/** Dangers of a kind; most name no signs of their own, and no kind of piece. */
export const dangers = (kind: Danger['kind'], all: readonly Written[]): readonly Danger[] =>
  all.map(({ emergency = null, itemId = null, ...danger }) => ({ ...danger, kind, emergency, itemId }));
