import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { HOUSEHOLD_FILE } from '@feverfew/contracts';
import { afterAll, describe, expect, it } from 'vitest';
import { backUp, writeWhole } from './keepBackups.js';
import { listBackups, newestGood } from './listBackups.js';

const dir = mkdtempSync(join(tmpdir(), 'feverfew-backup-'));
afterAll(() => rmSync(dir, { recursive: true, force: true }));
const day = (index: number) => () => new Date(Date.UTC(2026, 0, 1 + index, 8));
async function* parts(...texts: string[]) {
  yield* texts;
}
async function* broken() {
  yield '{"half":';
  throw new Error('disk');
}

describe('the daily backup', () => {
  it('is written once a day, whole, and kept fourteen deep', async () => {
    let written = 0;
    const write = () => {
      written += 1;
      return parts('{"day":', String(written), '}');
    };
    expect(await backUp({ dir, write, clock: day(0) })).toMatch(/household-2026-01-01\.json$/);
    expect(await backUp({ dir, write, clock: day(0) })).toBeNull();
    for (let index = 1; index <= 20; index += 1) await backUp({ dir, write, clock: day(index) });
    const kept = readdirSync(dir).sort();
    expect(kept).toHaveLength(14);
    expect(kept[0]).toBe('household-2026-01-08.json');
    expect(JSON.parse(readFileSync(join(dir, kept.at(-1) ?? ''), 'utf8'))).toEqual({ day: 21 });
  });
  it('leaves other files in the directory alone, and no half file behind', async () => {
    writeFileSync(join(dir, 'mine.txt'), 'mine');
    await expect(backUp({ dir, write: broken, clock: day(30) })).rejects.toThrow('disk');
    const names = readdirSync(dir);
    expect(names).toContain('mine.txt');
    expect(names.filter((name) => name.endsWith('.part') || name.includes('01-31'))).toEqual([]);
  });
  it('takes the place of nothing where what was written does not read back', async () => {
    const path = join(dir, 'kept.txt');
    writeFileSync(path, 'before');
    async function* spoilt() {
      yield 'one';
      // Another person writes into it meanwhile.
      writeFileSync(`${path}.part`, 'two');
      yield 'three';
    }
    await expect(writeWhole(path, spoilt())).rejects.toThrow(/read back/);
    expect(readFileSync(path, 'utf8')).toBe('before');
    rmSync(path);
  });
});

describe('the list of backups', () => {
  it('has the newest first, says what is in each, and which cannot be read', () => {
    const own = mkdtempSync(join(tmpdir(), 'feverfew-list-'));
    const house = { ...HOUSEHOLD_FILE, pieces: [{}, {}], troubles: [{}], runs: [] };
    writeFileSync(join(own, 'household-2026-01-01.json'), JSON.stringify(house));
    writeFileSync(join(own, 'household-2026-01-02.json'), JSON.stringify(house).slice(0, 40));
    writeFileSync(join(own, 'letters.json'), '[]');
    const listed = listBackups(own);
    expect(listed).toHaveLength(3);
    expect(listed.filter(({ holds }) => holds === null)).toHaveLength(2);
    expect(newestGood(own)?.holds).toEqual({ pieces: 2, troubles: 1, runs: 0 });
    expect(listBackups(join(own, 'nothing'))).toEqual([]);
    rmSync(own, { recursive: true });
  });
});
