import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { type TestApp, testApp } from '../test/testApp.js';
import type { Database } from './openDatabase.js';

let house: TestApp;
beforeAll(async () => {
  house = await testApp({ demo: true });
});
afterAll(() => house.close());

/** All that holds for the tables in use, by name: columns, keys, what points where, indexes. */
async function structureOf(db: Database): Promise<unknown[][]> {
  const asked = [
    sql`select table_name, column_name, ordinal_position, column_default, is_nullable, udt_name, is_generated,
          generation_expression
        from information_schema.columns where table_schema = 'public' order by table_name, ordinal_position`,
    sql`select conrelid::regclass::text as "table", conname, contype, convalidated, pg_get_constraintdef(oid) as definition
        from pg_constraint where connamespace = 'public'::regnamespace order by 1, 2`,
    sql`select tablename, indexname, indexdef from pg_indexes where schemaname = 'public' order by 1, 2`,
    sql`select relname, relpersistence, relkind from pg_class where relnamespace = 'public'::regnamespace order by 1`,
    sql`select nspname from pg_namespace where nspname like 'incoming%'`,
  ];
  const answers: unknown[][] = [];
  for (const question of asked) answers.push((await db.execute(question)).rows);
  return answers;
}

it('a file that is read in leaves every table as it was made, by its names; so does one that is refused', async () => {
  const { db } = house.database;
  const before = await structureOf(db);
  expect(before[0]?.length).toBeGreaterThan(60);
  expect(before[1]?.length).toBeGreaterThan(25);
  const { text } = await house.http.get('/api/household/file').expect(200);
  const put = (file: string) =>
    house.http.put('/api/household/file').set('Content-Type', 'application/json').send(file);
  await put(text).expect(200);
  await put(text).expect(200);
  expect(await structureOf(db)).toEqual(before);
  // A day that does not exist.
  const spoilt = JSON.parse(text);
  const [first, second] = spoilt.pieces;
  spoilt.pieces = [first, { ...second, createdAt: '2026-06-31T00:00:00.000Z' }];
  await put(JSON.stringify(spoilt)).expect(400);
  expect(await structureOf(db)).toEqual(before);
  expect(JSON.parse((await house.http.get('/api/household/file')).text)).toEqual(JSON.parse(text));
});

it('what is written afterwards is held to the same rules', async () => {
  const { db } = house.database;
  const orphan = sql`insert into run_events (id, run_id, seq, key, at, event)
    values (gen_random_uuid(), gen_random_uuid(), 0, gen_random_uuid(), now(), '{}')`;
  await expect(db.execute(orphan)).rejects.toMatchObject({ cause: { code: '23503' } });
  const twice = sql`insert into run_events (id, run_id, seq, key, at, event)
    select gen_random_uuid(), run_id, seq, gen_random_uuid(), at, event from run_events limit 1`;
  await expect(db.execute(twice)).rejects.toMatchObject({ cause: { code: '23505' } });
});
