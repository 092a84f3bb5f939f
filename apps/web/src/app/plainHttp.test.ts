import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

const src = `${process.cwd()}/apps/web/src/`;

it('nothing in the pages needs a secure context: a phone at the tub comes by plain http', () => {
  const files = readdirSync(src, { recursive: true })
    .map(String)
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name));
  expect(files.length).toBeGreaterThan(200);
  // Undefined there; keys are made by `uuid`, which falls back on what every page has.
  const users = files.filter((name) => /crypto\.(randomUUID|subtle)/.test(readFileSync(src + name, 'utf8')));
  expect(users).toEqual([]);
});
