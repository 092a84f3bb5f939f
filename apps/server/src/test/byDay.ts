import { it } from 'vitest';
import { isNight } from '../../../../testing/byDay.js';

/** Only in the nightly run: it is long, and others hold most of it by day. */
export const atNight = isNight ? it : it.skip;
