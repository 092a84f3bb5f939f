import { it } from 'vitest';

const isNight = process.env.FEVERFEW_FRESH_SEEDS !== undefined || process.env.FEVERFEW_NIGHTLY !== undefined;

/** By day each nth of a list, counted from its first; in the nightly run nothing is left out. */
export const shareByDay = <T>(all: readonly T[], nth: number): readonly T[] =>
  isNight ? all : all.filter((_, at) => at % nth === 0);

/** Only in the nightly run: it is long, and others hold most of it by day. */
export const atNight = isNight ? it : it.skip;
