import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, inject, it } from 'vitest';
import { openDatabase } from './openDatabase.js';
import { households } from './tables.js';

let dir: string;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'feverfew-data-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

const open = (reset = false) => openDatabase(dir, { templateFile: inject('templateFile'), reset });

describe('a data directory', () => {
  it('is held by one at a time, and free again after closing', async () => {
    const first = await open();
    await expect(open()).rejects.toMatchObject({ code: 'dataDirectoryInUse' });
    await first.close();
    await (await open()).close();
  });

  it('keeps what was written, until a reset', async () => {
    const first = await open();
    await first.db.insert(households).values({ id: 1, settings: {} as never });
    await first.close();
    const second = await open();
    expect(await second.db.select().from(households)).toHaveLength(1);
    await second.close();
    const third = await open(true);
    expect(await third.db.select().from(households)).toHaveLength(0);
    await third.close();
  });

  it('is refused, untouched, when it holds something else', async () => {
    writeFileSync(join(dir, 'letters.txt'), 'mine');
    await expect(open(true)).rejects.toMatchObject({ code: 'notADataDirectory' });
    expect(readFileSync(join(dir, 'letters.txt'), 'utf8')).toBe('mine');
  });
});
