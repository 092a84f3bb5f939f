import {
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { afterEach, beforeEach, describe, expect, inject, it } from 'vitest';
import { shareByDay } from '../../../../testing/byDay.js';
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

  it('is made anew only when that is whole: what fails on the way leaves the one before', async () => {
    const first = await open();
    await first.db.insert(households).values({ id: 1, settings: {} as never });
    await first.close();
    const fill = async () => {
      throw new Error('half way');
    };
    await expect(
      openDatabase(dir, { templateFile: inject('templateFile'), reset: true, fill }),
    ).rejects.toThrow('half way');
    const second = await open();
    expect(await second.db.select().from(households)).toHaveLength(1);
    await second.close();
    // Put aside, the one before is still whole.
    await (await open(true)).close();
    const [aside] = readdirSync(dir).filter((name) => name.startsWith('db.old-'));
    const old = await PGlite.create({ dataDir: join(dir, aside ?? '') });
    expect((await old.query('select id from households')).rows).toEqual([{ id: 1 }]);
    await old.close();
  });

  it('goes on with a change of databases that was cut short, before and after the old one was put aside', async () => {
    const first = await open();
    await first.db.insert(households).values({ id: 1, settings: {} as never });
    await first.close();
    for (const name of ['db.ready', 'db.old-2026-01-01']) {
      renameSync(join(dir, 'db'), join(dir, name));
      if (name === 'db.ready') mkdirSync(join(dir, 'db'));
      else renameSync(join(dir, name), join(dir, 'db.ready'));
      const next = await open();
      expect(await next.db.select().from(households)).toHaveLength(1);
      await next.close();
    }
  });

  it('of an earlier version, with the database beside the backups, is taken over, also when killed on the way', async () => {
    await (await open()).close();
    const db = join(dir, 'db');
    const names = readdirSync(db);
    for (const name of names) renameSync(join(db, name), join(dir, name));
    rmSync(db, { recursive: true });
    // Half of it was moved when the last start was killed.
    mkdirSync(join(dir, 'db.moving'));
    for (const name of names.slice(0, 5)) renameSync(join(dir, name), join(dir, 'db.moving', name));
    await (await open()).close();
    expect(readdirSync(db).sort()).toEqual(expect.arrayContaining(['PG_VERSION', 'base', 'global']));
    expect(readdirSync(dir)).not.toContain('PG_VERSION');
  });

  const write = (...files: string[]) => {
    for (const file of files) {
      mkdirSync(dirname(join(dir, file)), { recursive: true });
      writeFileSync(join(dir, file), 'half');
    }
  };
  it('with nothing but a half-made database, left by a killed first start, starts from nothing', async () => {
    write('db.new/base/1', 'db.new/global/2');
    const made = await open();
    expect(await made.db.select().from(households)).toHaveLength(0);
    await made.close();
    expect(readdirSync(dir).sort()).toEqual(['backups', 'db']);
  });

  const gone = () => rmSync(join(dir, 'db'), { recursive: true });
  const everything = (at: string): string[] =>
    readdirSync(at, { recursive: true }).map((name) => {
      const path = join(at, String(name));
      const { size, mtimeMs } = statSync(path);
      return `${name} ${size} ${mtimeMs}`;
    });
  it.each<[string, () => void]>([
    ['PG_VERSION is gone', () => rmSync(join(dir, 'db/PG_VERSION'))],
    ['PG_VERSION is empty', () => writeFileSync(join(dir, 'db/PG_VERSION'), '')],
    ['its tables are gone', () => rmSync(join(dir, 'db/base'), { recursive: true })],
    ['its control file is gone', () => rmSync(join(dir, 'db/global/pg_control'))],
    [
      'nothing is left in it',
      () => {
        gone();
        mkdirSync(join(dir, 'db'));
      },
    ],
    [
      'it is a file',
      () => {
        gone();
        write('db');
      },
    ],
    [
      'it is gone and a backup is left',
      () => {
        gone();
        write('backups/household-1.json');
      },
    ],
    [
      'it is gone and one put aside is left',
      () => renameSync(join(dir, 'db'), join(dir, 'db.old-2026-01-01')),
    ],
    [
      'half of one of an earlier version lies beside',
      () => {
        gone();
        write('base/1/2', 'pg_wal/0001');
      },
    ],
  ])('is never furnished as an empty house where one was: %s', async (_what, spoil) => {
    write('db/PG_VERSION', 'db/base/1/2', 'db/global/pg_control', 'db/pg_wal/1');
    spoil();
    const before = everything(dir);
    await expect(open()).rejects.toMatchObject({ code: 'dataDamaged' });
    expect(everything(dir)).toEqual(before);
  });
  it('makes an empty house where it is asked for, and puts aside whole what could not be opened', async () => {
    await (await open()).close();
    rmSync(join(dir, 'db/PG_VERSION'));
    await expect(open()).rejects.toMatchObject({ code: 'dataDamaged' });
    const before = everything(join(dir, 'db'));
    await (await open(true)).close();
    const [aside] = readdirSync(dir).filter((name) => name.startsWith('db.old-'));
    expect(everything(join(dir, aside ?? ''))).toEqual(before);
  });

  const damaged = [
    ['a page of a table', 'base', 64_000, 5000],
    ['the catalogue of tables', 'global/pg_filenode.map', 0, 8],
    ['the control file', 'global/pg_control', 0, 20],
  ] as const;
  it.each(shareByDay(damaged, 3))(
    'is told to be damaged, and nothing is changed: %s',
    async (_what, where, least, from) => {
      const first = await open();
      const jpeg = 'x'.repeat(50_000);
      await first.db.insert(households).values({ id: 1, settings: { jpeg } as never });
      await first.close();
      const target = join(dir, 'db', where);
      const files = statSync(target).isDirectory()
        ? readdirSync(target, { recursive: true }).map((name) => join(target, String(name)))
        : [target];
      for (const file of files)
        if (statSync(file).isFile() && statSync(file).size >= least) {
          const bytes = readFileSync(file);
          // In each page: somewhere behind its head.
          for (let at = from; at < bytes.length; at += 8192) bytes.fill(0x5a, at, at + 40);
          writeFileSync(file, bytes);
        }
      await expect(open()).rejects.toMatchObject({ code: 'dataDamaged' });
    },
  );

  it('is refused, untouched, when it holds something else', async () => {
    writeFileSync(join(dir, 'letters.txt'), 'mine');
    await expect(open(true)).rejects.toMatchObject({ code: 'notADataDirectory' });
    expect(readFileSync(join(dir, 'letters.txt'), 'utf8')).toBe('mine');
  });
});
