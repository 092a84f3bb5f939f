import { createHash } from 'node:crypto';
import { parseArgs } from 'node:util';
import { ensureInstalled, requireNode20, run } from './setUp.mjs';

/**
 * One hash over the plans of the first cases of the sweep: the same before and after a change means that not a byte
 * of any plan is otherwise. npm run plan-hash [-- --count 10000]
 */
requireNode20();
ensureInstalled();
const { values } = parseArgs({ options: { count: { type: 'string', default: '10000' } } });
const count = Number(values.count);
if (!(Number.isInteger(count) && count >= 1)) {
  console.error('--count is a whole number from 1.');
  process.exit(2);
}
run('npx', ['tsc', '-b', 'packages/core']);

const { loadKnowledge } = await import('../packages/knowledge/dist/index.js');
const { planTreatment } = await import('../packages/core/dist/index.js');
const { sweepOf } = await import('../packages/core/dist/proof/sweepCase.js');
const knowledge = loadKnowledge();
const sweep = sweepOf(knowledge);
const hash = createHash('sha256');
let bytes = 0;
for (let number = 0; number < count; number += 1) {
  const { facts, household } = sweep.caseAt(number);
  const text = JSON.stringify(planTreatment(facts, household, knowledge));
  bytes += Buffer.byteLength(text);
  hash.update(text).update('\n');
}
console.log(`${count} plans, ${bytes} bytes, sha256 ${hash.digest('hex')}`);
