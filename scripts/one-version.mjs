import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './setUp.mjs';

/** All packages carry one version, and name what they take by exact versions: a fresh clone gets what was tested. */
const read = (dir) => JSON.parse(readFileSync(join(ROOT, dir, 'package.json'), 'utf8'));
const root = read('.');
const faults = [];
for (const dir of ['.', ...root.workspaces]) {
  const { name, version, dependencies, devDependencies } = read(dir);
  if (version !== root.version) faults.push(`${name} is of version ${version}, the whole of ${root.version}`);
  for (const [other, wanted] of Object.entries({ ...dependencies, ...devDependencies })) {
    if (other.startsWith('@feverfew/') && wanted !== root.version)
      faults.push(`${name} takes ${other} ${wanted}, the whole is of ${root.version}`);
    if (!/^\d+\.\d+\.\d+/.test(wanted)) faults.push(`${name} takes ${other} ${wanted}: name one version`);
  }
}
for (const fault of faults) console.error(fault);
if (faults.length > 0) process.exit(1);
