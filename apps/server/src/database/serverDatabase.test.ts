import { spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { get } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { sql } from 'drizzle-orm';
import supertest from 'supertest';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { createApp } from '../createApp.js';
import { ServerError } from '../problems/serverError.js';
import { seedDemo } from '../seed/seedDemo.js';
import { onServer, START, type TestDatabase, testApp, testDatabase } from '../test/testApp.js';
import { engineFault } from './engineFault.js';
import { openDatabase } from './openDatabase.js';
import { openServerDatabase, type ServerDatabase } from './serverDatabase.js';
import { clearLeftStagings } from './staging.js';
import { households } from './tables.js';

/** Runs only if the tests have a PostgreSQL server; the embedded engine is never shared. */
const template = inject('postgres');
const SEAL_KEY = Buffer.alloc(32, 7);

describe.runIf(template)('two servers on one database', () => {
  let database: TestDatabase;
  let second: ServerDatabase;
  let apps: readonly [NestExpressApplication, NestExpressApplication];
  const http = (index: 0 | 1) => supertest(apps[index].getHttpServer());
  beforeAll(async () => {
    database = await testDatabase();
    const first = await openServerDatabase(database.url ?? '');
    await first.started();
    second = await openServerDatabase(database.url ?? '');
    const on = async (one: ServerDatabase) => {
      const app = await createApp({
        db: one.db,
        clock: () => START,
        webDir: null,
        quiet: true,
        sealKey: SEAL_KEY,
        newsLine: one.news,
        isAlone: one.isAlone,
      });
      await app.listen(0, '127.0.0.1');
      return app;
    };
    apps = [await on(first), await on(second)];
    await seedDemo(apps[0], START);
    closing = async () => {
      for (const app of apps) await app.close();
      await first.close();
      await second.close();
      await database.close();
    };
  });
  let closing: () => Promise<void>;
  afterAll(() => closing());

  const running = async (): Promise<string> => (await http(1).get('/api/today')).body.running[0].id;
  const note = (index: 0 | 1, id: string, text: string) =>
    http(index)
      .post(`/api/runs/${id}/events`)
      .send({ key: keyOf(text), event: { kind: 'noted', text } });
  const keyOf = (text: string) => {
    const hex = Buffer.from(text).toString('hex').padEnd(12, '0').slice(0, 12);
    return `11111111-1111-4111-8111-${hex}`;
  };
  const notesOf = async (index: 0 | 1, id: string): Promise<string[]> =>
    (await http(index).get(`/api/runs/${id}`)).body.state.notes.map(({ text }: { text: string }) => text);

  it('a tap on one server reaches the other at once, and is shown there', async () => {
    const id = await running();
    const { port } = apps[1].getHttpServer().address() as AddressInfo;
    let told = () => {};
    const heard = new Promise<void>((resolve) => {
      told = resolve;
    });
    // News of several runs go out together without an id, as those of the demo a moment before: each has it looked up.
    const line = get({ host: '127.0.0.1', port, path: '/api/changes' }, (answer) => {
      answer.on('data', (part: Buffer) => {
        if (part.includes('"topic":"run"'))
          void notesOf(1, id).then((texts) => {
            if (texts.includes('one')) told();
          });
      });
    });
    await new Promise((open) => line.once('response', open));
    await notesOf(1, id);
    const from = performance.now();
    await note(0, id, 'one').expect(200);
    await heard;
    expect(await notesOf(1, id)).toContain('one');
    // Some 50 ms on a quiet machine; a busy one takes its time.
    expect(performance.now() - from).toBeLessThan(20_000);
    line.destroy();
  });
  it('many taps on both at once: each once, in one order', async () => {
    const id = await running();
    const texts = Array.from({ length: 12 }, (_, n) => `tap ${n}`);
    const answers = await Promise.all(texts.map((text, n) => note(n % 2 === 0 ? 0 : 1, id, text)));
    // A request that lost the race too often is refused, and the client retries.
    const again = texts.filter((_, n) => answers[n]?.status === 503);
    for (const text of again) await note(0, id, text).expect(200);
    expect(answers.every(({ status }) => [200, 503].includes(status))).toBe(true);
    for (const text of texts) await note(1, id, text).expect(200);
    const notes = await notesOf(1, id);
    expect(notes.filter((text) => text.startsWith('tap')).sort()).toEqual([...texts].sort());
    expect(await notesOf(0, id)).toEqual(notes);
  });
  it('news are heard again after the line was cut, and what was missed is looked up', async () => {
    const id = await running();
    await notesOf(1, id);
    await database.db.execute(sql`
      select pg_terminate_backend(pid) from pg_stat_activity
      where application_name like 'feverfew%' and pid <> pg_backend_pid() and datname = current_database()`);
    await expect.poll(async () => (await note(0, id, 'after')).status, { timeout: 60_000 }).toBe(200);
    await expect.poll(() => notesOf(1, id), { timeout: 60_000 }).toContain('after');
  });
  it('one that starts beside another leaves a house in peace that the other may be furnishing', async () => {
    expect(second.isAlone).toBe(false);
    await database.db.update(households).set({ furnishing: true });
    const beside = await createApp({
      db: second.db,
      clock: () => START,
      webDir: null,
      quiet: true,
      isAlone: second.isAlone,
    });
    await beside.init();
    expect((await http(0).get('/api/pieces')).body.length).toBeGreaterThan(0);
    await database.db.update(households).set({ furnishing: false });
    await beside.close();
  });
  it('each says that it is ready', async () => {
    await http(0).get('/api/ready').expect(200, { status: 'up' });
    await http(1).get('/api/health').expect(200, { status: 'up' });
  });
});

describe.runIf(template)('a start on a server', () => {
  const empty = async () => {
    const name = `empty_${randomBytes(6).toString('hex')}`;
    const [url, admin] = [new URL(template ?? ''), new URL(template ?? '')];
    url.pathname = `/${name}`;
    admin.pathname = '/postgres';
    await onServer(admin.href, `create database ${name}`);
    return { url, drop: () => onServer(admin.href, `drop database ${name} with (force)`) };
  };
  it('of three at once on an empty database: one migrates, one is alone', async () => {
    const { url, drop } = await empty();
    // A second waits until the first has started.
    const opened = [0, 1, 2].map(async () => {
      const database = await openServerDatabase(url.href);
      await database.started();
      return database;
    });
    const all = await Promise.all(opened);
    expect(all.filter(({ isAlone }) => isAlone)).toHaveLength(1);
    for (const { db } of all) expect((await db.execute(sql`select * from pieces`)).rows).toEqual([]);
    for (const database of all) await database.close();
    await drop();
  });
  it('clears what a killed server had begun to read in', async () => {
    const { url, drop } = await empty();
    const database = await openServerDatabase(url.href);
    await database.db.execute(sql`create schema incoming_abc`);
    await clearLeftStagings(database.db);
    const left = await database.db.execute(sql`select 1 from pg_namespace where nspname like 'incoming%'`);
    expect(left.rows).toEqual([]);
    await database.close();
    await drop();
  });
  it('outlives a connection that is lost in the middle of a transaction', async () => {
    const { url, drop } = await empty();
    const database = await openServerDatabase(url.href);
    const lost = database.db.transaction(async (tx) => {
      const { rows } = await tx.execute<{ pid: number }>(sql`select pg_backend_pid() as pid`);
      await onServer(url.href, `select pg_terminate_backend(${rows[0]?.pid})`);
      // The connection was lost while idle: no request waits for an answer.
      await new Promise((later) => setTimeout(later, 200));
      await tx.execute(sql`select 1`);
    });
    const fault = await lost.catch((error: unknown) => error);
    expect(engineFault(fault)).toBe('away');
    expect((await database.db.execute(sql`select 1 as one`)).rows).toEqual([{ one: 1 }]);
    await database.close();
    await drop();
  });
  it('tries a transaction once more whose connection had died before it began, and gives back every connection', async () => {
    const { url, drop } = await empty();
    const database = await openServerDatabase(url.href);
    // In a process of its own, waited for: this one does not hear of it before it asks.
    const cutAll = `
      const client = new (require('pg').Client)({ connectionString: ${JSON.stringify(url.href)} });
      client.connect().then(() => client.query("select pg_terminate_backend(pid) from pg_stat_activity " +
        "where datname = current_database() and application_name = 'feverfew'")).then(() => client.end());`;
    let ran = 0;
    for (let round = 0; round < 12; round += 1) {
      // Every connection of the pool has been used, and none is alive when the transaction begins.
      await Promise.all([1, 2, 3].map(() => database.db.execute(sql`select 1`).catch(() => undefined)));
      spawnSync(process.execPath, ['-e', cutAll], { stdio: 'inherit' });
      const answer = await database.db.transaction((tx) => {
        ran += 1;
        return tx.execute(sql`select 1 as one`);
      });
      expect(answer.rows).toEqual([{ one: 1 }]);
    }
    // More than the pool has were lost in just that moment; each transaction ran once, and the pool is as full as before.
    expect(ran).toBe(12);
    const all = await Promise.all(
      Array.from({ length: 12 }, () => database.db.transaction((tx) => tx.execute(sql`select 1 as one`))),
    );
    expect(all).toHaveLength(12);
    await database.close();
    await drop();
  });
  it('does not try a transaction again that had begun: what it wrote may be there', async () => {
    const { url, drop } = await empty();
    const database = await openServerDatabase(url.href);
    let ran = 0;
    const fault = await database.db
      .transaction(async (tx) => {
        ran += 1;
        await tx.execute(sql`select pg_terminate_backend(pg_backend_pid())`);
      })
      .catch((error: unknown) => error);
    expect(engineFault(fault)).toBe('away');
    expect(ran).toBe(1);
    await database.close();
    await drop();
  });
  it.each([
    ['a socket that is not there', (url: URL) => url.searchParams.set('host', '/nowhere'), /nothing answers/],
    [
      'a database that is not there',
      (url: URL) => Object.assign(url, { pathname: '/nowhere' }),
      /no such database/,
    ],
  ])('fails in words: %s', async (_name, spoil, why) => {
    const url = new URL(template ?? '');
    spoil(url);
    const fault = await openServerDatabase(url.href).catch((error: unknown) => error);
    expect(fault).toBeInstanceOf(ServerError);
    expect((fault as ServerError<'databaseAway'>).details.why).toMatch(why);
  });
  it('fails in words: a name that owns nothing', async () => {
    const { url, drop } = await empty();
    const role = `guest_${randomBytes(4).toString('hex')}`;
    await onServer(url.href, `create role ${role} login`);
    const guest = new URL(url);
    guest.username = role;
    await expect(openServerDatabase(guest.href)).rejects.toMatchObject({
      details: { why: expect.stringMatching(/belong/) },
    });
    await drop();
  });
});

describe.runIf(template)('a house', () => {
  it('moves from the embedded database to a server and back, and is the same', async () => {
    const embedded = async () => {
      const database = await openDatabase(null, { templateFile: inject('templateFile') });
      const app = await createApp({
        db: database.db,
        clock: () => START,
        webDir: null,
        quiet: true,
        sealKey: SEAL_KEY,
      });
      await app.init();
      const close = async () => {
        await app.close();
        await database.close();
      };
      return { app, http: supertest(app.getHttpServer()), close };
    };
    const [home, server, back] = [await embedded(), await testApp(), await embedded()];
    await seedDemo(home.app, START);
    const taken = (await home.http.get('/api/household/file').expect(200)).text;
    let file = taken;
    for (const { http } of [server, back]) {
      await http.put('/api/household/file').set('Content-Type', 'application/json').send(file).expect(200);
      file = (await http.get('/api/household/file').expect(200)).text;
      expect(JSON.parse(file)).toEqual(JSON.parse(taken));
    }
    // Its plans are its own still: what runs goes on.
    const { body } = await back.http.get('/api/today');
    expect((await back.http.get(`/api/runs/${body.running[0].id}`)).body.danger).toBeNull();
    for (const one of [home, server, back]) await one.close();
  });
});
