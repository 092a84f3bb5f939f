import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { ensureInstalled, requireNode20, run } from './setUp.mjs';

/**
 * How often the planner offers nothing, and how often it bars an ordinary household method that would do something,
 * over the first cases of the sweep. npm run too-careful [-- --count 20000 --cases file]: a file of cases kept from an
 * earlier knowledge shows what a change has done to the same questions.
 */
requireNode20();
ensureInstalled();
const { values } = parseArgs({
  options: { count: { type: 'string', default: '20000' }, cases: { type: 'string' } },
});
const count = Number(values.count);
if (!(Number.isInteger(count) && count >= 1)) {
  console.error('--count is a whole number from 1.');
  process.exit(2);
}
run('npx', ['tsc', '-b', 'packages/core']);

/** What a careful household does without a second thought; solvents and strong bleach are not among them. */
const ORDINARY = new Set([
  ...['oxygenSoak', 'longOxygenSoak', 'colourOxygenSoak', 'machineOxygenWash', 'whitesPowderWash'],
  ...['vinegarSoak', 'vinegarSpot', 'vinegarBlot', 'weakVinegarBlot', 'citricSpot', 'citricSoak'],
  ...[
    'coldSoak',
    'coldFlush',
    'coldBlot',
    'detergentSpot',
    'detergentBlot',
    'delicateHandSoak',
    'warmDetergentSoak',
  ],
  ...['enzymePretreat', 'enzymeSoakBath', 'machineDetergentWash', 'gentleMachineWash', 'hygieneWash'],
  ...['absorbentDry', 'absorbentOnWet', 'dryVacuum', 'airing', 'peroxideDab', 'dyeSuspendingSoak'],
]);

const { loadKnowledge } = await import('../packages/knowledge/dist/index.js');
const { planTreatment } = await import('../packages/core/dist/index.js');
const { sweepOf } = await import('../packages/core/dist/proof/sweepCase.js');
const knowledge = loadKnowledge();
const kept = values.cases === undefined ? null : JSON.parse(readFileSync(values.cases, 'utf8'));
const sweep = kept ? { caseAt: (number) => kept[number] } : sweepOf(knowledge);
const weighed = new Map();
const why = new Map();
let empty = 0;
for (let number = 0; number < count; number += 1) {
  const { facts, household } = sweep.caseAt(number);
  const plan = planTreatment(facts, household, knowledge);
  if (plan.passes.length === 0) empty += 1;
  for (const { methodId, verdict, findings } of plan.candidates) {
    if (!ORDINARY.has(methodId) || verdict === 'noUse') continue;
    const tally = weighed.get(methodId) ?? { all: 0, barred: 0 };
    tally.all += 1;
    if (verdict === 'ruledOut') {
      tally.barred += 1;
      const [first] = findings;
      if (first) why.set(first.code, (why.get(first.code) ?? 0) + 1);
    }
    weighed.set(methodId, tally);
  }
}
const pct = (part, whole) => `${((100 * part) / Math.max(1, whole)).toFixed(1)} %`;
const sum = (key) => [...weighed.values()].reduce((total, tally) => total + tally[key], 0);
console.log(`${count} plans, ${pct(empty, count)} with nothing to do`);
console.log(`ordinary methods weighed ${sum('all')}, barred ${pct(sum('barred'), sum('all'))}`);
for (const [id, { all, barred }] of [...weighed].sort())
  console.log(`  ${id.padEnd(22)} ${all} ${pct(barred, all)}`);
for (const [code, times] of [...why].sort((a, b) => b[1] - a[1]).slice(0, 14))
  console.log(`  ${code.padEnd(30)} ${times}`);

// Everyday requests, and what each kind of piece comes to.
const { ordinaryAnswers, OUTCOMES } = await import('../packages/core/dist/proof/ordinary.js');
const ordinary = ordinaryAnswers(200, sweepOf(knowledge).caseAt(1).household, knowledge);
const rows = new Map();
for (const one of ordinary)
  rows.set(one.facts.piece.itemId, [...(rows.get(one.facts.piece.itemId) ?? []), one]);
console.log(`\n| ${['200 ordinary requests on', ...OUTCOMES].join(' | ')} |`);
for (const [itemId, list] of rows)
  console.log(
    `| ${[itemId, ...OUTCOMES.map((outcome) => list.filter((one) => one.outcome === outcome).length)].join(' | ')} |`,
  );
