import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { OwnServer } from './ownServer';

const SEED_PORT = 4884;

/**
 * Makes the demo household once for all servers of the run: making it takes three times as long as starting on it.
 * Returns what takes it away again.
 */
export default async function seedDemo(): Promise<() => void> {
  const seed = mkdtempSync(join(tmpdir(), 'feverfew-seed-'));
  const server = new OwnServer(SEED_PORT);
  await server.start();
  await server.stop();
  cpSync(server.dataDir, seed, { recursive: true });
  await server.end();
  process.env.FEVERFEW_SEED = seed;
  return () => rmSync(seed, { recursive: true, force: true });
}
