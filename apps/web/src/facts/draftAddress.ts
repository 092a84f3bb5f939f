import { EMPTY_FACTS, EMPTY_PIECE } from '@feverfew/contracts';
import type { Draft } from './factsDraft';

/** Name in the address under which what is told stands, so that a reload, back and a copied address bring it back. */
export const TOLD = 'told';

/** What is told, as text for an address: only what differs from nothing told. */
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

/** Where a trouble is told, with what is told of it already. */
export const addressOf = (draft: Draft): string => `/trouble?${TOLD}=${draftToAddress(draft)}`;

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

const differing = <T extends object>(value: T, empty: object): Partial<T> =>
  Object.fromEntries(
    Object.entries(value).filter(([key, one]) => !same(one, (empty as Record<string, unknown>)[key])),
  ) as Partial<T>;
