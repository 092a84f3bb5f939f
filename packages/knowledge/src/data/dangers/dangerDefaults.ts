import type { Danger } from '../../schema/danger.js';

type Defaulted = 'emergency' | 'itemId' | 'mayMean' | 'after' | 'replaces';
type Written = Omit<Danger, 'kind' | Defaulted> & Partial<Pick<Danger, Defaulted>>;

/** Dangers of a kind. Most name no signs of their own and no kind of piece; an infection leaves ordinary ways open. */
export const dangers = (kind: Danger['kind'], all: readonly Written[]): readonly Danger[] =>
  all.map((danger) => ({
    emergency: null,
    itemId: null,
    mayMean: [],
    after: null,
    replaces: kind !== 'hygiene',
    ...danger,
    kind,
  }));
