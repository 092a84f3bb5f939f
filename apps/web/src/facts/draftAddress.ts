import { EMPTY_FACTS, EMPTY_PIECE } from '@feverfew/contracts';
import type { Draft } from './factsDraft';

/**
 * Name of the query parameter that holds the entered facts, so that a reload, back and a copied address restore them.
 */
export const TOLD = 'told';

/** The entered facts as text for an address: only the differences from the empty facts. */
export function draftToAddress({ pieceId, facts, said }: Draft): string {
  const { piece, ...rest } = facts;
  const told = {
    ...differing(rest, EMPTY_FACTS),
    ...(same(piece, EMPTY_PIECE) ? {} : { piece: differing(piece, EMPTY_PIECE) }),
  };
  const bytes = new TextEncoder().encode(
    JSON.stringify({ ...(pieceId ? { pieceId } : {}), ...(said ? { said } : {}), facts: told }),
  );
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
}

/** The page on which a trouble is entered, with its facts so far. */
export const addressOf = (draft: Draft): string => `/trouble?${TOLD}=${draftToAddress(draft)}`;

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

const differing = <T extends object>(value: T, empty: object): Partial<T> =>
  Object.fromEntries(
    Object.entries(value).filter(([key, one]) => !same(one, (empty as Record<string, unknown>)[key])),
  ) as Partial<T>;
