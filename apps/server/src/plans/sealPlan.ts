import { createHmac, timingSafeEqual } from 'node:crypto';

export const SEAL_KEY = Symbol('sealKey');

/**
 * What shows that a plan in a household file is one this house has made, to the last figure and word: its keyed hash
 * (HMAC-SHA-256). The key stays with the data and never goes into a file.
 * @param plan as it stands in the file, in any order of its keys
 * @returns 43 characters, base64url
 */
export const sealPlan = (plan: unknown, key: Buffer): string =>
  createHmac('sha256', key).update(JSON.stringify(plan, inOrder)).digest('base64url');

export function isSealed(plan: unknown, seal: unknown, key: Buffer): boolean {
  if (typeof seal !== 'string') return false;
  const [given, own] = [Buffer.from(seal), Buffer.from(sealPlan(plan, key))];
  return given.length === own.length && timingSafeEqual(given, own);
}

/** Keys in the order of their letters: a database gives them back in one of its own. */
const inOrder = (_name: string, value: unknown): unknown =>
  value !== null && typeof value === 'object' && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value;
