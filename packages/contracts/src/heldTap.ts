/** Longest a tap may have waited on a device without a line, ms: a month. */
export const MAX_HELD_MS = 31 * 24 * 3_600_000;
