import fc from 'fast-check';

/**
 * Property tests run on a fixed seed, so that a fault belongs to the current change; the nightly run turns to fresh
 * seeds and more runs (FEVERFEW_FRESH_SEEDS=20: twenty times as many), and prints the seed of what it finds.
 */
const fresh = Number(process.env.FEVERFEW_FRESH_SEEDS ?? 0);
const FIXED_SEED = 20_261_125;
const USUAL_RUNS = 100;

fc.configureGlobal(fresh > 0 ? { numRuns: USUAL_RUNS * fresh } : { seed: FIXED_SEED });

/** How often a property is tried that asks for more or fewer than the usual runs. */
export const runs = (usual: number): number => (fresh > 0 ? usual * fresh : usual);
