import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** Debian's Chromium without windows: it draws a page with less work than the whole browser. */
export const CHROMIUM = '/usr/bin/chromium-headless-shell';
/** Puts the household's root certificate where Chromium looks for those it trusts. */
const CERTUTIL = '/usr/bin/certutil';

/** Debian's Chromium, and what tells it whom to trust: installed when absent and root, asked for otherwise. */
export function ensureChromium() {
  if ([CHROMIUM, CERTUTIL].every((file) => existsSync(file))) return;
  const root = process.getuid?.() === 0;
  if (!root || !existsSync('/usr/bin/apt-get')) {
    console.error(
      'The browser tests need Chromium and certutil. On Debian: sudo apt-get install chromium-headless-shell libnss3-tools',
    );
    process.exit(1);
  }
  console.log('Installing Chromium from Debian …');
  installPackages('chromium-headless-shell', 'libnss3-tools');
}

/** Debian's packages, as root; ends this process where that fails. */
export function installPackages(...names) {
  for (const args of [
    ['update', '-qq'],
    ['install', '-y', '-qq', '--no-install-recommends', ...names],
  ]) {
    const { status } = spawnSync('apt-get', args, {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
    if (status !== 0) {
      console.error(`Could not be installed. Try: apt-get install ${names.join(' ')}`);
      process.exit(1);
    }
  }
}
