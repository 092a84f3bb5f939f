import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ServerError } from '../problems/serverError.js';
import { startFailure } from '../start/startFailure.js';
import { placesOf, sealKeyOf } from './dataDirectory.js';

describe('the key that plans are sealed with', () => {
  let dir = '';
  beforeEach(() => {
    dir = mkdtempSync(join(tmpdir(), 'feverfew-seal-'));
  });
  afterEach(() => rmSync(dir, { recursive: true, force: true }));

  it('is made once, 32 bytes, and read again', () => {
    const key = sealKeyOf(placesOf(dir));
    expect(key).toHaveLength(32);
    expect(sealKeyOf(placesOf(dir)).equals(key)).toBe(true);
  });
  it.each([
    ['empty', ''],
    ['cut short', 'ab12'],
    ['no hex', 'z'.repeat(64)],
    ['half hex', `${'a'.repeat(32)}${'-'.repeat(32)}`],
  ])('that is %s ends the start in words, and stays as it is', (_, text) => {
    const { sealKey } = placesOf(dir);
    writeFileSync(sealKey, text);
    const failure = thrownBy(() => sealKeyOf(placesOf(dir)));
    expect(failure).toBeInstanceOf(ServerError);
    expect(failure).toMatchObject({ code: 'badSealKey' });
    expect(startFailure(failure, undefined)).toContain(`${sealKey} holds no key`);
    expect(readFileSync(sealKey, 'utf8')).toBe(text);
  });
});

function thrownBy(run: () => unknown): unknown {
  try {
    run();
  } catch (error) {
    return error;
  }
  return null;
}
