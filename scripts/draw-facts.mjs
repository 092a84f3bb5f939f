import { parseArgs } from 'node:util';
import { ensureInstalled, requireNode20, run } from './setUp.mjs';

/**
 * Draws facts of the knowledge at random, for a person to judge: six families, each fact with where it stands and its
 * sources. The same seed draws the same facts from the same knowledge.
 * npm run draw-facts [-- --seed 1 --each 20]
 */
requireNode20();
ensureInstalled();
const { values } = parseArgs({
  options: { seed: { type: 'string', default: '1' }, each: { type: 'string', default: '20' } },
});
const [seed, each] = [Number(values.seed), Number(values.each)];
if (!(Number.isInteger(seed) && Number.isInteger(each) && each >= 1)) {
  console.error('--seed and --each are whole numbers.');
  process.exit(2);
}
run('npx', ['tsc', '-b', 'packages/knowledge']);
const { loadKnowledge } = await import('../packages/knowledge/dist/index.js');
const knowledge = loadKnowledge();

/** Fields that say nothing of the world. */
const NO_FACT = new Set([
  'id',
  'name',
  'aliases',
  'sourceIds',
  'heatSourceIds',
  'pHSourceIds',
  'handlingSourceIds',
  'icon',
]);
const FAMILIES = {
  fibres: knowledge.fibres,
  products: knowledge.agents,
  soils: knowledge.components,
  pairs: knowledge.forbiddenPairs,
  cautions: knowledge.cautions,
  'care signs': knowledge.careSignFacts,
};

/** A small generator with a seed (mulberry32). */
let state = seed >>> 0;
function random() {
  state = (state + 0x6d2b79f5) >>> 0;
  let t = Math.imul(state ^ (state >>> 15), state | 1);
  t = (t + Math.imul(t ^ (t >>> 7), t | 61)) ^ t;
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
}

/** One fact a field; a list of rules is a fact a rule; a pair is one fact. What a record leaves at no is no fact. */
const factsOf = (record) =>
  'apart' in record
    ? [`${record.id}: ${record.a} and ${record.b}, ${record.apart}: ${record.happens}`]
    : Object.entries(record).flatMap(([field, value]) => {
        if (value === false || value === null) return [];
        if (NO_FACT.has(field) || value === '' || (Array.isArray(value) && value.length === 0)) return [];
        const list = Array.isArray(value) && typeof value[0] === 'object' ? value : [value];
        return list.map((one) => `${record.id}.${field}: ${JSON.stringify(one)}`);
      });

for (const [family, records] of Object.entries(FAMILIES)) {
  const facts = records.flatMap(factsOf);
  console.log(`\n${family} (${facts.length} facts)`);
  for (let drawn = 0; drawn < Math.min(each, records.length * 20); drawn += 1) {
    const [fact] = facts.splice(Math.floor(random() * facts.length), 1);
    if (fact) console.log(`  ${fact}`);
  }
}
