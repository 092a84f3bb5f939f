import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Shared by `npm run demo` and `npm test`: plain Node, since nothing is installed yet when it runs. */
export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const CACHE = join(ROOT, '.cache');
const BUILT_FROM = ['packages', 'apps', 'tsconfig.json', 'tsconfig.base.json', 'package-lock.json'];
const NOT_SOURCE = new Set(['node_modules', 'dist', 'dist-types']);

export function requireNode20() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major === 20 && minor >= 19) return;
  console.error(`Feverfew needs Node 20.19 or a later 20; this is ${process.versions.node}.`);
  process.exit(1);
}

/** `npm ci` when the lock file or Node changed since the last time. */
export function ensureInstalled() {
  const stamp = join(ROOT, 'node_modules', '.feverfew-installed');
  const wanted = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .update(process.version)
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.log('Installing packages …');
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(stamp, wanted);
}

/** Compiles what changed; answers with the file of an empty migrated database, which makes a first start quick. */
export async function ensureBuilt() {
  const stamp = join(CACHE, 'built');
  const template = join(
    CACHE,
    `template-${digestOf(['apps/server/drizzle', 'package-lock.json']).slice(0, 12)}.tar`,
  );
  const wanted = digestOf(BUILT_FROM);
  const outputs = ['apps/server/dist/main.js', 'apps/web/dist/index.html'].every((file) =>
    existsSync(join(ROOT, file)),
  );
  const fresh = outputs && existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted;
  mkdirSync(CACHE, { recursive: true });
  if (!fresh) {
    console.log('Building …');
    run('npx', ['tsc', '-b']);
  }
  await Promise.all([
    fresh
      ? null
      : start('npm', [
          'run',
          'build',
          '--silent',
          '--workspace',
          '@feverfew/web',
          '--',
          '--logLevel',
          'warn',
        ]),
    existsSync(template)
      ? null
      : start(process.execPath, ['apps/server/dist/database/writeTemplate.js', template]),
  ]);
  writeFileSync(stamp, wanted);
  return template;
}

/** Runs to the end or ends this process with the same code. */
export function run(command, args) {
  const { status } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit' });
  if (status !== 0) {
    console.error(`"${command} ${args.join(' ')}" failed.`);
    process.exit(status ?? 1);
  }
}

function start(command, args) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit' });
    child.once('error', reject);
    child.once('exit', (code) =>
      code === 0 ? resolve() : reject(new Error(`"${command} ${args.join(' ')}" failed.`)),
    );
  });
}

function digestOf(paths) {
  const hash = createHash('sha256');
  for (const path of paths)
    for (const file of filesUnder(join(ROOT, path)))
      hash.update(relative(ROOT, file)).update(readFileSync(file));
  return hash.digest('hex');
}

function filesUnder(path) {
  if (!statSync(path).isDirectory()) return path.endsWith('.tsbuildinfo') ? [] : [path];
  return readdirSync(path)
    .filter((name) => !NOT_SOURCE.has(name))
    .sort()
    .flatMap((name) => filesUnder(join(path, name)));
}
