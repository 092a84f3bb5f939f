import fc from 'fast-check';

/**
 * Property tests run on a fixed seed, so that a fault belongs to the current change; the nightly run turns to fresh
 * seeds and more runs (FEVERFEW_FRESH_SEEDS=20: twenty times as many), and prints the seed of what it finds.
 */
const fresh = Number(process.env.FEVERFEW_FRESH_SEEDS ?? 0);
const FIXED_SEED = 20_261_125;
const USUAL_RUNS = 100;

/** Of the usual runs: mutation testing asks for a twentieth, as each test runs once for each change. */
const share = fresh > 0 ? fresh : Number(process.env.FEVERFEW_SHARE_OF_RUNS ?? 1);

fc.configureGlobal({ numRuns: Math.ceil(USUAL_RUNS * share), ...(fresh > 0 ? {} : { seed: FIXED_SEED }) });

/** How often a property is tried that asks for more or fewer than the usual runs. */
export const runs = (usual: number): number => Math.ceil(usual * share);
