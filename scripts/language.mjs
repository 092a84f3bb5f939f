import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { findFaults } from './language/countFaults.mjs';
import { readTexts } from './language/readTexts.mjs';
import { ROOT } from './setUp.mjs';

/**
 * Counts banned words and long sentences (docs/writing.md). A count may only fall.
 *
 * node scripts/language.mjs [--write]   writes the counts down where all of them are as low as before, or lower
 * node scripts/language.mjs --show screen   prints each fault of one kind of text: screen, comments or docs
 */
const COUNTS = join(ROOT, 'scripts/language/counts.json');
const { values } = parseArgs({ options: { write: { type: 'boolean' }, show: { type: 'string' } } });

/** Files whose texts a person reads on screen, in a problem report or in a file that goes out. */
const ON_SCREEN =
  /^(packages\/knowledge\/src\/data|packages\/core\/src|packages\/contracts\/src|apps\/(web|server)\/src)\//;
/** Words people type, which no screen shows. */
const IS_TYPED = /^packages\/knowledge\/src\/data\/typed\//;
const IS_TEST = /(\.(test|spec)\.tsx?$)|\/(test|proof)\//;
const isCode = (path) => /\.tsx?$/.test(path) && !path.endsWith('.d.ts');

const files = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], {
  cwd: ROOT,
  encoding: 'utf8',
})
  .split('\n')
  .filter((path) => isCode(path) || path.endsWith('.md'));
const texts = { screen: [], comments: [], docs: [] };
for (const path of files) {
  const content = readFileSync(join(ROOT, path), 'utf8');
  if (path.endsWith('.md')) {
    // The guide names the words that are not used, and the change log is history.
    if (!/^(docs\/writing|CHANGELOG)\.md$/.test(path)) texts.docs.push(...paragraphs(content));
    continue;
  }
  const { strings, comments } = readTexts(path, content);
  texts.comments.push(...comments);
  if (ON_SCREEN.test(path) && !IS_TEST.test(path) && !IS_TYPED.test(path)) texts.screen.push(...strings);
}

const MAX_WORDS = { screen: 20, comments: 25, docs: 25 };
const faults = Object.fromEntries(
  Object.entries(texts).map(([kind, of]) => [kind, findFaults(of, MAX_WORDS[kind])]),
);
const counts = Object.fromEntries(
  Object.entries(faults).map(([kind, { banned, long }]) => [
    kind,
    { bannedWords: banned.length, longSentences: long.length },
  ]),
);

if (values.show) {
  const { banned, long } = faults[values.show] ?? { banned: [], long: [] };
  for (const word of new Set(banned))
    console.log(`${word}: ${banned.filter((other) => other === word).length}`);
  for (const sentence of long) console.log(sentence);
  process.exit(0);
}

const before = JSON.parse(readFileSync(COUNTS, 'utf8'));
let hasRisen = false;
let hasFallen = false;
for (const [kind, of] of Object.entries(counts))
  for (const [what, count] of Object.entries(of)) {
    const most = before[kind][what];
    hasRisen ||= count > most;
    hasFallen ||= count < most;
    console.log(`${kind}, ${what}: ${count}, at most ${most}${count > most ? '  (too many)' : ''}`);
  }
if (hasRisen) {
  console.error(`A count has risen. See docs/writing.md, and: npm run language -- --show screen`);
  process.exit(1);
}
if (hasFallen && values.write) writeFileSync(COUNTS, `${JSON.stringify(counts, null, 2)}\n`);
else if (hasFallen) {
  console.error('A count has fallen: write it down with npm run language -- --write');
  process.exit(1);
}

/** Paragraphs of a Markdown file, without code blocks, tables and addresses. */
function paragraphs(markdown) {
  return markdown
    .replace(/```[\s\S]*?```/g, '\n\n')
    .replace(/`[^`]*`/g, '…')
    .replace(/\]\([^)]*\)/g, ']')
    .split(/\n\s*\n|\n(?=\s*[-*|\d#])/)
    .filter((block) => !block.trim().startsWith('|'))
    .map((block) => block.replace(/\s+/g, ' ').trim());
}
