import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import * as vocabulary from '@feverfew/knowledge';
import { Knowledge } from '@feverfew/knowledge';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { knowledge } from './fixtures.js';

const SRC = fileURLToPath(new URL('..', import.meta.url));
const FAMILIES = [
  ...['fibres', 'items', 'parts', 'components', 'marks', 'agents', 'methods', 'cautions', 'signs'],
  ...['acidSystems', 'substances', 'positions', 'substitutions', 'forbiddenPairs', 'upkeep', 'wearRules'],
] as const satisfies readonly string[];

/** Words that are an id somewhere and mean something else here. */
const COINCIDENCES: ReadonlyMap<string, string> = new Map([
  ['leather', 'why a professional is named: a finding’s own word'],
  ['noHeatBeforeGone', 'a finding’s own code'],
  ['scale', 'a question of the mixing table'],
  ['cap', 'a measure: the product’s own cap'],
  ['acetone', 'the word shown for ketones'],
  ['glycerine', 'the word shown for polyols'],
  ['carbonic', 'a key of sums of moles'],
]);

const ids = new Set(
  FAMILIES.flatMap((family) =>
    (knowledge[family as keyof typeof knowledge] as { id: string }[]).map(({ id }) => id),
  ),
);
/** Kinds, not records: a chemistry or a kind of trouble may share its word with a product or a mark. */
const kinds = new Set<string>(
  Object.values(vocabulary).flatMap((value) => (Array.isArray(value) ? value : [])),
);

/** Places where a source names a record by its id. */
function recordsNamed(fileName: string, text: string): string[] {
  const source = ts.createSourceFile(fileName, text, ts.ScriptTarget.ES2023, true);
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    if (ts.isStringLiteralLike(node) && ids.has(node.text) && isRecord(node)) {
      const { line } = source.getLineAndCharacterOfPosition(node.getStart());
      found.push(`${fileName}:${line + 1} names “${node.text}”`);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

function isRecord(literal: ts.StringLiteralLike): boolean {
  if (kinds.has(literal.text)) {
    const { parent } = literal;
    // A word that is a kind too counts as a record only where it is held against an id.
    return (
      ts.isBinaryExpression(parent) &&
      /(^|\.)(id|\w+Id)$/.test((parent.left === literal ? parent.right : parent.left).getText())
    );
  }
  return !COINCIDENCES.has(literal.text);
}

const sources = readdirSync(SRC, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts') && !/^(test|proof)\//.test(file))
  .map((file) => join(SRC, file));

describe('the core', () => {
  it('names no record: what a rule goes by is a flag or a kind in the data', () => {
    expect(sources.length).toBeGreaterThan(100);
    expect(sources.flatMap((file) => recordsNamed(relative(SRC, file), readFileSync(file, 'utf8')))).toEqual(
      [],
    );
  });
  it('is found out where it does', () => {
    expect(recordsNamed('a.ts', "const ban = ['chlorineBleach'];")).toEqual([
      'a.ts:1 names “chlorineBleach”',
    ]);
    expect(recordsNamed('b.ts', "if (agentId === 'water') skip();")).toEqual(['b.ts:1 names “water”']);
    expect(recordsNamed('c.ts', "chemistries.includes('water')")).toEqual([]);
    expect(recordsNamed('d.ts', "import x from 'wool'; type T = { kind: 'felting' };")).toEqual([
      'd.ts:1 names “felting”',
    ]);
  });
  it('every coincidence is still one', () => {
    for (const word of COINCIDENCES.keys()) expect([word, ids.has(word)]).toEqual([word, true]);
    expect(Object.keys(Knowledge.shape)).toEqual(expect.arrayContaining([...FAMILIES]));
  });
});
