import { createHash } from 'node:crypto';

/** The same id for the same words: a repeat of what was said makes nothing twice. */
export function idFrom(words: string): string {
  const hex = createHash('sha256').update(words).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
