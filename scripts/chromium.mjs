import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

export const CHROMIUM = '/usr/bin/chromium';

/** Debian's Chromium for the browser tests: installed when absent and root, asked for otherwise. */
export function ensureChromium() {
  if (existsSync(CHROMIUM)) return;
  const root = process.getuid?.() === 0;
  if (!root || !existsSync('/usr/bin/apt-get')) {
    console.error(
      'The browser tests need Chromium at /usr/bin/chromium. On Debian: sudo apt-get install chromium',
    );
    process.exit(1);
  }
  console.log('Installing Chromium from Debian …');
  for (const args of [
    ['update', '-qq'],
    ['install', '-y', '-qq', '--no-install-recommends', 'chromium'],
  ]) {
    const { status } = spawnSync('apt-get', args, {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
    if (status !== 0) {
      console.error('Chromium could not be installed. Try: apt-get install chromium');
      process.exit(1);
    }
  }
}
