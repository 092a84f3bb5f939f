import { randomBytes } from 'node:crypto';
import { ROUTES, type RouteName } from '@feverfew/contracts';
import { BLANK_LABEL, EMPTY_FACTS, EMPTY_PIECE, type TroubleFacts } from '@feverfew/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { NextFunction, Request, Response } from 'express';
import pg from 'pg';
import supertest from 'supertest';
import { expect, inject } from 'vitest';
import { problemsOf } from '../api/describeApi.js';
import { createApp } from '../createApp.js';
import { type OpenDatabase, openDatabase } from '../database/openDatabase.js';
import { openServerDatabase } from '../database/serverDatabase.js';
import { answerOf } from '../problems/problems.js';
import { seedDemo } from '../seed/seedDemo.js';

export const START = new Date('2026-06-15T09:00:00.000Z');

/** The smallest JPEG there is: one grey point. */
export const POINT =
  `/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP${'/'.repeat(86)}wAALCAABAAEBAREA` +
  '/8QAFAABAAAAAAAAAAAAAAAAAAAAA//EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AR//Z';

/** All test houses share one key, unless a test sets another. */
export const SEAL_KEY = Buffer.alloc(32, 7);

export interface TestDatabase extends OpenDatabase {
  /** Where further servers reach it too; null for one in memory. */
  readonly url: string | null;
}

/** An empty migrated database: in memory, or a copy on a PostgreSQL server where the tests run on one. */
export async function testDatabase(): Promise<TestDatabase> {
  const template = inject('postgres');
  if (!template) {
    const inMemory = await openDatabase(null, { templateFile: inject('templateFile') });
    return { ...inMemory, url: null };
  }
  const name = `test_${randomBytes(8).toString('hex')}`;
  const [from, admin] = [new URL(template), new URL(template)];
  const templateName = from.pathname.slice(1);
  admin.pathname = '/postgres';
  await onServer(admin.href, `create database ${name} template ${templateName}`);
  from.pathname = `/${name}`;
  const database = await openServerDatabase(from.href);
  await database.started();
  return {
    db: database.db,
    url: from.href,
    close: async () => {
      await database.close();
      await onServer(admin.href, `drop database ${name} with (force)`);
    },
  };
}

export async function onServer(url: string, question: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  await client.query(question);
  await client.end();
}

/** The whole server on a database of its own, with a clock the test turns. */
export async function testApp({
  demo = false,
  sealKey = SEAL_KEY,
  doorDir,
}: {
  demo?: boolean;
  sealKey?: Buffer;
  /** Where the door to the household's network keeps its certificate; left out, there is no door to open. */
  doorDir?: string;
} = {}) {
  const database = await testDatabase();
  let now = START;
  const app: NestExpressApplication = await createApp({
    db: database.db,
    clock: () => now,
    webDir: null,
    quiet: true,
    sealKey,
    ...(doorDir ? { door: { dir: doorDir, port: 0, names: ['feverfew.home.arpa'] } } : {}),
  });
  const undeclared = recordUndeclared(app);
  await app.init();
  if (demo) await seedDemo(app, now);
  return {
    app,
    database,
    http: supertest(app.getHttpServer()),
    /** Lets minutes pass. */
    pass: (minutes: number) => {
      now = new Date(now.getTime() + minutes * 60_000);
    },
    close: async () => {
      await app.close();
      await database.close();
      expect([...undeclared], 'problems that the description of the API does not name').toEqual([]);
    },
  };
}

/** Problems that a route answered and its description does not name. */
function recordUndeclared(app: NestExpressApplication): ReadonlySet<string> {
  const found = new Set<string>();
  const named = new Map(
    (Object.keys(ROUTES) as RouteName[]).map((name) => [
      `${ROUTES[name].method} /api${ROUTES[name].path}`,
      problemsOf(name).map((code) => answerOf(code).type),
    ]),
  );
  app.use((request: Request, response: Response, next: NextFunction) => {
    const { send } = response;
    response.send = (body: unknown) => {
      const route = `${request.method} ${request.route?.path}`;
      const isProblem = response.statusCode >= 400 && response.statusCode < 500;
      const type = isProblem && typeof body === 'string' ? (JSON.parse(body).type as string) : null;
      if (type && named.get(route)?.includes(type) === false) found.add(`${route}: ${type}`);
      return send.call(response, body);
    };
    next();
  });
  return found;
}

export type TestApp = Awaited<ReturnType<typeof testApp>>;

export const beetroot = {
  ...EMPTY_FACTS,
  markIds: ['beetroot'],
  piece: {
    ...EMPTY_PIECE,
    itemId: 'tableLinen',
    name: 'picnic cloth',
    parts: [{ name: 'whole piece', fibres: [{ fibreId: 'linen', sharePct: 100 }] }],
    colour: 'white',
    label: {
      ...BLANK_LABEL,
      wash: { kind: 'machine', maxC: 60, bars: 0 },
      bleach: 'oxygenOnly',
      tumble: 'low',
    },
  },
  age: 'hours',
  wetness: 'dry',
  size: { length: 6, width: 4 },
  reach: 'shop',
} satisfies TroubleFacts;
