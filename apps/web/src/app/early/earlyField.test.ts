import { readFileSync } from 'node:fs';
import { MAX_CHARACTERS } from '@feverfew/contracts';
import { expect, it } from 'vitest';
import { EARLY_PATHS } from './earlyField';

const fileOf = (path: string): string => readFileSync(`apps/web/${path}`, 'utf8');

it('the early field is on the same pages, and as long, as the field of the page', () => {
  const paths = /\[(.*?)\]\.includes\(location\.pathname\)/.exec(fileOf('public/early.js'))?.[1];
  expect(paths).toBe(EARLY_PATHS.map((path) => `'${path}'`).join(', '));
  expect(fileOf('index.html')).toContain(`maxlength="${MAX_CHARACTERS}"`);
});
