import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { loadKnowledge } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';

const ROOT = join(import.meta.dirname, '../..');

interface Example {
  readonly file: string;
  readonly expression: string;
  readonly value: string;
}

/** `expression // value` behind `@example`, on its line or on the next. */
const EXAMPLE = /@example\s(?:\s*\*\s)?\s*(.+?) \/\/ (.+?)(?:\s*\*\/)?$/gm;

/** What the examples may name besides the exports of their file. */
const knowledge = loadKnowledge();
const { sentenceCatalogue } = await import(join(ROOT, 'core/src/test/sentences/sentenceCatalogue.ts'));
const KNOWN = { knowledge, catalogue: sentenceCatalogue(knowledge) };

const examples: readonly Example[] = ['knowledge', 'core', 'contracts'].flatMap((name) =>
  readdirSync(join(ROOT, name, 'src'), { recursive: true, encoding: 'utf8' })
    .filter((path) => path.endsWith('.ts') && !path.endsWith('.test.ts'))
    .flatMap((path) => {
      const file = join(ROOT, name, 'src', path);
      return [...readFileSync(file, 'utf8').matchAll(EXAMPLE)].map(([, expression = '', value = '']) => ({
        file,
        expression,
        value,
      }));
    }),
);

const evaluate = (text: string, scope: object): unknown =>
  new Function(...Object.keys(scope), `return (${text});`)(...Object.values(scope));

/** Numbers of an example are rounded: to half a per cent. */
function rounded(value: unknown): unknown {
  if (typeof value === 'number')
    return expect.toSatisfy((found) => Math.abs(found - value) <= Math.abs(value) / 200);
  if (Array.isArray(value)) return value.map(rounded);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, rounded(one)]));
}

describe('examples of docstrings', () => {
  it('are found', () => expect(examples.length).toBeGreaterThan(20));

  it.each(examples)('$expression', async ({ file, expression, value }) => {
    const found = evaluate(expression, { ...KNOWN, ...(await import(file)) });
    expect(found).toEqual(rounded(evaluate(value, {})));
  });
});
