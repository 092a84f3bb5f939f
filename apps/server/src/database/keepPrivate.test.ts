import { chmodSync, mkdirSync, mkdtempSync, rmSync, statSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { keepPrivate } from './keepPrivate.js';

const modeOf = (path: string): string => (statSync(path).mode & 0o777).toString(8);

describe('a data directory', () => {
  let dir = '';
  beforeEach(() => {
    dir = mkdtempSync(join(tmpdir(), 'feverfew-private-'));
  });
  afterEach(() => rmSync(dir, { recursive: true, force: true }));

  it('that was left open is shut at the next start, with all that is in it', () => {
    const house = join(dir, 'data');
    mkdirSync(join(house, 'backups'), { recursive: true });
    const backup = join(house, 'backups', 'household.json');
    writeFileSync(backup, '{}');
    for (const path of [house, join(house, 'backups')]) chmodSync(path, 0o755);
    chmodSync(backup, 0o644);
    keepPrivate(house);
    expect([house, join(house, 'backups'), backup].map(modeOf)).toEqual(['700', '700', '600']);
  });
  it('leaves alone what a link in it leads to', () => {
    const house = join(dir, 'data');
    const other = join(dir, 'other.txt');
    mkdirSync(house);
    writeFileSync(other, 'of somebody else');
    chmodSync(other, 0o644);
    symlinkSync(other, join(house, 'link'));
    keepPrivate(house);
    expect(modeOf(other)).toBe('644');
  });
  it('that is not there is no fault', () => {
    expect(() => keepPrivate(join(dir, 'none'))).not.toThrow();
  });
});
