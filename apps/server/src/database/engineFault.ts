/** What the database says when it is not the question's fault. */
export type EngineFault =
  /** There is no room; nothing of it was written. */
  | 'full'
  /** The disk takes nothing any more; nothing of it was written. */
  | 'readOnly'
  /** Something of what was kept cannot be read any more. */
  | 'damaged'
  /** A server that does not answer just now; it may again. */
  | 'away'
  /** Two wrote to the same at once, and this one was turned back. */
  | 'collided'
  /** What it would have belonged to has gone meanwhile. */
  | 'orphaned'
  /** The engine has come to its end: it answers nothing any more. */
  | 'gone';

/** SQLSTATE codes after appendix A of the PostgreSQL 18 manual, and those of the network. */
const CODES: Readonly<Record<string, EngineFault>> = {
  '53100': 'full',
  XX001: 'damaged',
  XX002: 'damaged',
  '58P01': 'damaged',
  '57P01': 'away',
  '57P02': 'away',
  '57P03': 'away',
  '53300': 'away',
  '08000': 'away',
  '08003': 'away',
  '08006': 'away',
  ECONNREFUSED: 'away',
  ECONNRESET: 'away',
  EPIPE: 'away',
  ETIMEDOUT: 'away',
  ENOTFOUND: 'away',
  EAI_AGAIN: 'away',
  '40001': 'collided',
  '40P01': 'collided',
  '23503': 'orphaned',
};
const WORDS: readonly (readonly [RegExp, EngineFault])[] = [
  [/read-only file system/i, 'readOnly'],
  [/no space left|disk quota exceeded/i, 'full'],
  [
    /invalid page|could not read block|could not open file|unexpected data beyond EOF|missing chunk/i,
    'damaged',
  ],
  // Messages of the driver that mean a lost connection or a connection timeout.
  [
    /^Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error/,
    'away',
  ],
  [/PGlite (is|failed)|PANIC|unreachable|program has already aborted|memory access out of bounds/i, 'gone'],
];

/** null where an error is none of the engine's own. Looks at what caused it too. */
export function engineFault(error: unknown): EngineFault | null {
  for (let at = error, depth = 0; at instanceof Error && depth < 5; at = at.cause, depth += 1) {
    const code = (at as { code?: unknown }).code;
    const byCode = typeof code === 'string' ? CODES[code] : undefined;
    if (byCode) return byCode;
    if (at.constructor.name === 'RuntimeError') return 'gone';
    // A wrapper quotes the whole question, in which anything may stand: only what is at the bottom of it tells.
    if (at.cause instanceof Error) continue;
    const { message } = at;
    const byWords = WORDS.find(([pattern]) => pattern.test(message));
    if (byWords) return byWords[1];
  }
  return null;
}
