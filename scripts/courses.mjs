import { parseArgs } from 'node:util';
import { printCourseTable } from './courseTable.mjs';
import { ensureInstalled, requireNode20, run } from './setUp.mjs';

/**
 * The courses, for a person to read: the table of troubles and classes of cloth, or a number of courses drawn at random
 * and written out whole. The same seed draws the same ones from the same knowledge.
 * With --reference, a JSON array of { mark, cloth, strongest }, the table says what that has otherwise.
 * npm run courses [-- --table [--reference FILE]] [-- --seed 1 --draw 30]
 */
requireNode20();
ensureInstalled();
const { values } = parseArgs({
  options: {
    table: { type: 'boolean', default: false },
    reference: { type: 'string' },
    seed: { type: 'string', default: '1' },
    draw: { type: 'string', default: '30' },
  },
});
const [seed, draw] = [Number(values.seed), Number(values.draw)];
if (!(Number.isInteger(seed) && Number.isInteger(draw) && draw >= 1)) {
  console.error('--seed and --draw are whole numbers.');
  process.exit(2);
}
run('npx', ['tsc', '-b', 'packages/core']);
const { CLOTHS, loadKnowledge } = await import('../packages/knowledge/dist/index.js');
const knowledge = loadKnowledge();

/** A small generator with a seed (mulberry32). */
let state = seed >>> 0;
function random() {
  state = (state + 0x6d2b79f5) >>> 0;
  let t = Math.imul(state ^ (state >>> 15), state | 1);
  t = (t + Math.imul(t ^ (t >>> 7), t | 61)) ^ t;
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
}

function table() {
  const counts = { course: 0, honest: 0, missing: 0 };
  for (const mark of knowledge.marks) {
    const course = knowledge.courses.find((one) => one.markIds.includes(mark.id));
    const cells = CLOTHS.map((cloth) => course?.cloths[cloth]?.kind ?? 'missing');
    for (const cell of cells) counts[cell] += 1;
    const signs = cells.map((cell) => ({ course: '●', honest: '○', missing: '✗' })[cell]).join(' ');
    console.log(`${signs}  ${mark.id.padEnd(20)} ${course?.id ?? '—'}`);
  }
  console.log(`\n${CLOTHS.join(', ')}`);
  console.log(`${counts.course} filled, ${counts.honest} honestly closed, ${counts.missing} missing`);
}

const checkText = (id) => knowledge.checks.find((check) => check.id === id)?.text ?? id;
const nameOf = (id) => knowledge.methods.find((method) => method.id === id)?.name ?? id;
const span = (given, unit) => (given ? ` ${given.min}–${given.max} ${unit}` : '');
function passLine(pass) {
  const more = [
    pass.when === 'always' ? '' : pass.when.map(({ checkId }) => `only if ${checkText(checkId)}`).join(', '),
    ...pass.advice.map(({ text }) => text),
    pass.expect && `expect: ${pass.expect}`,
    pass.stop && `stop: ${pass.stop}`,
    pass.after === 'none' ? '' : `then: ${pass.after}`,
  ].filter(Boolean);
  return `${pass.optional ? '(may) ' : ''}${pass.purpose}: ${pass.methodIds.map(nameOf).join(' / ')}${span(pass.minutes, 'min')}${span(pass.tempC, '°C')} ${more.join(' | ')}`;
}

function written(course) {
  const texts = (notes) => notes.map((note) => note.text).join(' ');
  console.log(`\n=== ${course.id}: ${course.name} [${course.markIds.join(', ')}] ${course.confidence}`);
  console.log(`is: ${course.verdict.is}`);
  for (const { see, means, courseId } of course.verdict.tells)
    console.log(`  tell: ${see.text} → ${means}${courseId ? ` (${courseId})` : ''}`);
  console.log(`cause: ${course.verdict.cause} → ${texts(course.verdict.causeAction)}`);
  console.log(
    `at once: ${texts(course.atOnce.garment)} // ${texts(course.atOnce.surface)} // ${texts(course.atOnce.donts)}`,
  );
  for (const cloth of CLOTHS) {
    const given = course.cloths[cloth];
    if (given.kind === 'honest') {
      console.log(`- ${cloth}: ${given.next}: ${given.why}`);
      continue;
    }
    console.log(`- ${cloth}:`);
    for (const pass of given.first) console.log(`    1 ${passLine(pass)}`);
    if (given.wash)
      console.log(
        `    wash ${given.wash.methodIds.map(nameOf).join(' / ')}${span(given.wash.tempC, '°C')} ${texts(given.wash.extra)}`,
      );
    console.log(
      `    dry ${given.dry.ways.join(', ')} ${texts(given.dry.notes)} | look ${given.checks.join(', ')}`,
    );
    for (const pass of given.second) console.log(`    2 ${passLine(pass)}`);
    console.log(`    end ${given.end.rounds}: ${given.end.next}: ${given.end.text} ${texts(given.notes)}`);
  }
  for (const { what, why } of course.never) console.log(`never: ${what.text} ${why}`);
  console.log(`says: ${texts(course.says)} | prevent: ${texts(course.prevent)}`);
  for (const { question, ways } of course.disputes) console.log(`dispute: ${question} ${ways.join(' / ')}`);
}

if (values.table) {
  table();
  printCourseTable(knowledge, await import('../packages/core/dist/index.js'), values.reference);
} else {
  const left = [...knowledge.courses];
  for (let drawn = 0; drawn < draw && left.length > 0; drawn += 1)
    written(left.splice(Math.floor(random() * left.length), 1)[0]);
}
