import { writeFileSync } from 'node:fs';
import { monitorEventLoopDelay } from 'node:perf_hooks';

/**
 * Imported into a server that is measured: at each SIGUSR2 it writes the longest pause of its event loop since the one
 * before, in ms, into the file that PAUSES_FILE names.
 */
const RESOLUTION_MS = 2;
const delay = monitorEventLoopDelay({ resolution: RESOLUTION_MS });
delay.enable();
process.on('SIGUSR2', () => {
  writeFileSync(process.env.PAUSES_FILE, String(delay.max / 1e6 - RESOLUTION_MS));
  delay.reset();
});
