import { performance } from 'node:perf_hooks';
import { ensureInstalled, requireNode20, run } from './setUp.mjs';

/** Time of one full plan over the whole knowledge, on one core: npm run bench [-- plans] */
requireNode20();
ensureInstalled();
run('npx', ['tsc', '-b', 'packages/core']);
const { loadKnowledge } = await import('../packages/knowledge/dist/index.js');
const { planTreatment, whatWouldChange, comparePositions } = await import('../packages/core/dist/index.js');
const { sweepOf } = await import('../packages/core/dist/proof/sweepCase.js');

const knowledge = loadKnowledge();
const sweep = sweepOf(knowledge);
const plans = Number(process.argv[2] ?? 20_000);
const WARM_UP = 3000;

for (let number = 0; number < WARM_UP; number += 1) {
  const { facts, household } = sweep.caseAt(number);
  planTreatment(facts, household, knowledge);
}
const cases = Array.from({ length: plans }, (_, number) => sweep.caseAt(WARM_UP + number));
const times = cases.map(({ facts, household }) => timed(() => planTreatment(facts, household, knowledge)));
report('one plan', times);

const few = cases.filter((_, index) => index % Math.ceil(plans / 200) === 0);
report(
  'every view of one dispute',
  few.map(({ facts, household }) => timed(() => comparePositions('wine', facts, household, knowledge))),
);
report(
  'what would change a struck method',
  few.flatMap(({ facts, household }) => {
    const struck = planTreatment(facts, household, knowledge).candidates.find(
      (candidate) => candidate.verdict === 'ruledOut',
    );
    return struck ? [timed(() => whatWouldChange(struck.methodId, facts, household, knowledge))] : [];
  }),
);

function timed(work) {
  const start = performance.now();
  work();
  return performance.now() - start;
}

function report(name, measured) {
  const sorted = [...measured].sort((a, b) => a - b);
  const at = (share) =>
    (sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0).toFixed(2);
  const perS = Math.round((1000 * sorted.length) / sorted.reduce((sum, ms) => sum + ms, 0));
  console.log(
    `${name}: median ${at(0.5)} ms, 99 % ${at(0.99)} ms, worst ${at(1)} ms, ${perS} per second (${sorted.length} ` +
      `measured)`,
  );
}
