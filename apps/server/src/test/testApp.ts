import { BLANK_LABEL, EMPTY_FACTS, EMPTY_PIECE, type TroubleFacts } from '@feverfew/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import supertest from 'supertest';
import { inject } from 'vitest';
import { createApp } from '../createApp.js';
import { openDatabase } from '../database/openDatabase.js';
import { seedDemo } from '../seed/seedDemo.js';

export const START = new Date('2026-06-15T09:00:00.000Z');

/** The smallest JPEG there is: one grey point. */
export const POINT =
  `/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP${'/'.repeat(86)}wAALCAABAAEBAREA` +
  '/8QAFAABAAAAAAAAAAAAAAAAAAAAA//EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AR//Z';

/** All test houses are one and the same house, unless told otherwise. */
const SEAL_KEY = Buffer.alloc(32, 7);

/** The whole server on a database in memory, with a clock the test turns. */
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
  const database = await openDatabase(null, { templateFile: inject('templateFile') });
  let now = START;
  const app: NestExpressApplication = await createApp({
    db: database.db,
    clock: () => now,
    webDir: null,
    quiet: true,
    sealKey,
    ...(doorDir ? { door: { dir: doorDir, port: 0, names: ['feverfew.home.arpa'] } } : {}),
  });
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
    },
  };
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
