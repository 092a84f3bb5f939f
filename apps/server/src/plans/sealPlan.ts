import { createHash, createHmac, timingSafeEqual } from 'node:crypto';

export const SEAL_KEY = Symbol('sealKey');

/** A plan with its trouble and piece, each as its row in a household file. */
export interface SealedWhole<Row = unknown> {
  /** The row of the plan, without its seal. */
  readonly plan: Row;
  readonly trouble: Row;
  readonly piece: Row;
}

/** What is sealed, and how: a seal of another form is none. */
const FORM = 'plan, trouble, piece; 2';

/**
 * The one form of a row in which it is sealed: its keys by the alphabet, since a database keeps them in its own order.
 * @returns SHA-256 of it, 32 bytes
 */
export const digestOf = (row: unknown): Buffer =>
  createHash('sha256').update(JSON.stringify(row, inOrder)).digest();

/**
 * A keyed hash (HMAC-SHA-256) that shows that this house made a plan for this trouble on this piece, word for word. The
 * key stays with the data and never goes into a file.
 * @param whole digests of the three rows
 * @returns 43 characters, base64url
 */
export const sealOf = ({ plan, trouble, piece }: SealedWhole<Buffer>, key: Buffer): string =>
  createHmac('sha256', key).update(FORM).update(plan).update(trouble).update(piece).digest('base64url');

export function isSealed({ plan, trouble, piece }: SealedWhole, seal: unknown, key: Buffer): boolean {
  // Its trouble or its piece is not in the file: nothing was sealed with it.
  if (typeof seal !== 'string' || !trouble || !piece) return false;
  const digests = { plan: digestOf(plan), trouble: digestOf(trouble), piece: digestOf(piece) };
  const [given, own] = [Buffer.from(seal), Buffer.from(sealOf(digests, key))];
  return given.length === own.length && timingSafeEqual(given, own);
}

const inOrder = (_name: string, value: unknown): unknown =>
  value !== null && typeof value === 'object' && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value;
