import { readdirSync, readFileSync } from 'node:fs';
import { PGlite } from '@electric-sql/pglite';
import {
  HouseholdShape,
  NewPiece,
  PLAIN_LINE,
  PlanShape,
  renameOldKeys,
  TroubleFactsShape,
} from '@feverfew/contracts';
import { expect, it } from 'vitest';
import { PLAIN_HOUSEHOLD } from '../household/plainHousehold.js';

const migration = (name: string) =>
  readFileSync(new URL(`../../drizzle/${name}.sql`, import.meta.url), 'utf8');
const ID = '00000000-0000-4000-8000-000000000001';

const label = {
  wash: { kind: 'hand' },
  bleach: 'never',
  tumble: 'never',
  natural: 'flat',
  shade: true,
  iron: 'low',
  dryClean: 'P',
};
const piece = {
  itemId: 'jumper',
  name: 'old jumper',
  parts: [{ name: 'whole piece', fibres: [{ fibreId: 'wool', sharePct: 100 }] }],
  colour: 'white',
  fastness: 'unknown',
  condition: 'sound',
  label,
  code: null,
  dryMassG: null,
  metalParts: false,
};
const facts = {
  markId: 'blood',
  piece,
  partIndex: 0,
  age: 'hours',
  wetness: 'dry',
  heat: 'none',
  sizeCm: null,
  triedAgentIds: ['vinegar'],
};
const SHARES = { coldL: 7, hotTapL: 0, kettleL: 0, kettles: 0, tempC: 12, reached: true };
const step = {
  id: 'r1s1-mix',
  kind: 'mix',
  handsOnMin: 4,
  ingredients: [
    {
      agentId: 'delicateDetergent',
      basis: 'label',
      massG: null,
      volumeML: null,
      range: null,
      snapped: { counts: [{ toolId: 'jug', count: 2 }], volumeML: 20, errorPct: 0 },
      strengthPct: null,
      dilution: null,
    },
  ],
  waterML: null,
  bath: null,
  vessel: null,
  tempC: null,
  pH: { low: 6, high: 8 },
  action: null,
  dwell: null,
  rinses: null,
  rinseWay: null,
  programme: null,
  dryingWays: [],
  notes: [],
  expectedSignIds: [],
  alarmSignIds: [],
  cautionIds: [],
};
const rung = {
  methodId: 'coldSoak',
  effect: { low: 0.2, high: 0.5 },
  risk: 'low',
  handsOnMin: 20,
  totalMin: { low: 30, high: 50 },
  maxRounds: 3,
  missingAgentIds: [],
  findings: [],
  cautionIds: [],
  steps: [step],
};

it('brings a book of the first shape into the present one without losing a fact', async () => {
  const client = await PGlite.create();
  await client.exec(migration('0000_first'));
  const envelope = {
    tempC: { max: 30, limits: [] },
    pH: { min: 4, max: 8.5, weakAcidBrieflyMin: 4, limits: [] },
    wetting: { most: 'immersion', limits: [] },
    action: { most: 'press', limits: [] },
    programme: { most: 'hand', limits: [] },
    chemistry: [],
    drying: [],
  };
  const plan = {
    knowledgeVersion: '2026.11.1',
    facts,
    envelope,
    ladder: [rung],
    candidates: [],
    findings: [],
  };
  const {
    allowOxalic: _new,
    roomC: _room,
    ownMeasures: _own,
    products: _products,
    pregnancy: _pregnancy,
    baby: _baby,
    pets: _pets,
    septicTank: _septicTank,
    vessels,
    ...household
  } = PLAIN_HOUSEHOLD.household;
  const oldVessels = vessels.map(({ form: _form, shape: _shape, ...vessel }) => vessel);
  const put = (table: string, columns: string, ...values: unknown[]) =>
    client.query(
      `INSERT INTO ${table} (${columns}) VALUES (${values.map((_, index) => `$${index + 1}`).join(', ')})`,
      values,
    );
  const SOAK = ID.replace(/1$/, '2');
  const soaked = {
    ...plan,
    ladder: [{ ...rung, steps: [{ ...step, bath: { waterL: 7, shares: SHARES } }] }],
  };
  await put('pieces', 'id, created_at, facts', ID, new Date(), { ...piece, note: 'moth hole' });
  await put('troubles', 'id, created_at, piece_id, facts', ID, new Date(), ID, facts);
  await put(
    'plans',
    'id, created_at, trouble_id, knowledge_version, plan',
    ID,
    new Date(),
    ID,
    '2026.11.1',
    plan,
  );
  const later = new Date(Date.now() + 1000);
  await put('troubles', 'id, created_at, piece_id, facts', SOAK, later, ID, facts);
  const columns = 'id, created_at, trouble_id, knowledge_version, plan';
  await put('plans', columns, SOAK, later, SOAK, '2026.11.1', soaked);
  const { prices: _prices, ...oldSettings } = PLAIN_HOUSEHOLD;
  await put('households', 'id, settings', 1, {
    ...oldSettings,
    household: { ...household, vessels: oldVessels, schools: { dyeRun: 'reducerFirst' } },
  });

  await client.exec(migration('0001_facts_of_several_troubles'));
  await client.exec(migration('0002_baths_and_mixes'));
  await client.exec(migration('0003_tub_and_log'));
  await client.exec(migration('0004_sizes_and_history'));
  await client.exec(migration('0016_one_vocabulary'));
  await client.exec(migration('0017_choices_of_passes'));

  const read = async (table: string, column: string, id = ID) =>
    (await client.query<Record<string, unknown>>(`SELECT ${column} FROM ${table} WHERE id::text = $1`, [id]))
      .rows[0]?.[column];
  expect(TroubleFactsShape.parse(await read('troubles', 'facts'))).toMatchObject({
    markIds: ['blood'],
    size: 'unknown',
    tried: [{ agentId: 'vinegar', times: 1, effect: 'unknown', hot: false, washedOut: 'unknown' }],
    piece: { label: { ...label, wetClean: null } },
  });
  expect(NewPiece.parse(await read('pieces', 'facts'))).toEqual({
    ...piece,
    label: expect.anything(),
    note: 'moth hole',
    since: null,
    replacementCost: null,
  });
  expect(await read('pieces', 'facts')).toMatchObject({ since: null });
  const upgraded = PlanShape.parse(await read('plans', 'plan'));
  expect(((await read('plans', 'plan')) as { passes: object[] }).passes[0]).toMatchObject({ ownLog: null });
  expect(upgraded.facts).toMatchObject({ markIds: ['blood'], size: 'unknown' });
  // A size not given was the whole piece where the plan began with a bath: it stays so.
  expect(TroubleFactsShape.parse(await read('troubles', 'facts', SOAK)).size).toBe('allOver');
  expect(PlanShape.parse(await read('plans', 'plan', SOAK)).facts.size).toBe('allOver');
  expect(upgraded.passes[0]?.actions[0]).toMatchObject({
    id: 'r1s1-mix',
    batches: 1,
    outlook: null,
    pH: { low: 6, high: 8, likely: 7, basis: 'stated' },
    ingredients: [{ strengthAfter: null, snapped: { counts: [{ toolId: 'jug', name: null, count: 2 }] } }],
  });
  const settings = (await read('households', 'settings', '1')) as { household: unknown; prices: unknown };
  expect(settings.prices).toEqual(PLAIN_HOUSEHOLD.prices);
  expect(HouseholdShape.parse(settings.household)).toMatchObject({
    allowOxalic: false,
    pregnancy: false,
    septicTank: false,
    positions: {},
    roomC: 20,
    vessels: [{ form: 'bucket', shape: null }, { form: 'basin' }],
  });
  await client.close();
});

/** A database as it was before a migration. */
async function databaseBefore(number: string): Promise<PGlite> {
  const client = await PGlite.create();
  const names = readdirSync(new URL('../../drizzle', import.meta.url))
    .filter((name) => name.endsWith('.sql') && name < number)
    .sort();
  for (const name of names) await client.exec(migration(name.replace('.sql', '')));
  await client.query('INSERT INTO pieces (id, created_at, facts) VALUES ($1, now(), $2)', [ID, piece]);
  return client;
}

it('gives the steps of stored plans no checks and no advice, in their order, and leaves the rest alone', async () => {
  const client = await databaseBefore('0015');
  await client.query('INSERT INTO troubles (id, created_at, piece_id, facts) VALUES ($1, now(), $1, $2)', [
    ID,
    facts,
  ]);
  const pass = (id: string) => ({ id, onlyIf: 'Orange.', actions: [] });
  const plan = {
    rounds: [
      { id: 'r1', passes: [pass('r1p1'), pass('r1p2')] },
      { id: 'r2', passes: [] },
    ],
    ladder: [1, 2],
  };
  const put = (last: number, value: object) =>
    client.query(
      'INSERT INTO plans (id, created_at, trouble_id, knowledge_version, plan) VALUES ($1, now(), $2, $3, $4)',
      [ID.replace(/1$/, String(last)), ID, '2026.11.14', value],
    );
  await put(1, plan);
  await put(2, { rounds: [], ladder: [] });
  await put(3, { ladder: [] });

  await client.exec(migration('0015_checks_of_passes'));

  const { rows } = await client.query<{ plan: object }>('SELECT plan FROM plans ORDER BY id');
  const filled = (id: string) => ({ ...pass(id), checks: [], advice: [] });
  expect(rows.map((row) => row.plan)).toEqual([
    {
      ...plan,
      rounds: [
        { id: 'r1', passes: [filled('r1p1'), filled('r1p2')] },
        { id: 'r2', passes: [] },
      ],
    },
    { rounds: [], ladder: [] },
    { ladder: [] },
  ]);
  await client.close();
});

it('gives plans, facts, settings and events of version 8 the names of the file of version 9, and leaves texts alone', async () => {
  const client = await databaseBefore('0016');
  const note = 'It said "ladder": 5, "steps": 2, and "kind": "school".';
  const old = {
    facts: { schools: { wine: 'noSalt' }, note },
    ladder: [{ steps: [{ id: 'r1s1-mix' }] }],
    rounds: [
      {
        passes: [
          {
            findings: ['otherSchool', 'schoolFollowed'].map((code) => ({
              code,
              details: { schoolId: 'noSalt' },
            })),
          },
        ],
      },
    ],
    candidates: [{ methodId: 'oxygenSoak', verdict: 'rung', findings: [] }],
    schools: [{ dispute: 'wine', schoolId: 'noSalt', chosenBy: 'plan' }],
    envelope: { limits: [{ owner: { kind: 'school', schoolId: 'noSalt' } }] },
  };
  const events = [
    { kind: 'started', at: '2026-01-01T10:00:00.000Z', rungIndex: 1 },
    { kind: 'stepDone', at: '2026-01-01T10:01:00.000Z', stepId: 'r1s1-mix' },
    { kind: 'noted', at: '2026-01-01T10:02:00.000Z', text: note },
  ];
  const settings = { household: { schools: { wine: 'noSalt' } } };
  await client.query('INSERT INTO troubles (id, created_at, piece_id, facts) VALUES ($1, now(), $1, $2)', [
    ID,
    old.facts,
  ]);
  await client.query(
    'INSERT INTO plans (id, created_at, trouble_id, knowledge_version, plan) VALUES ($1, now(), $1, $2, $3)',
    [ID, '2026.11.14', old],
  );
  await client.query('INSERT INTO runs (id, created_at, plan_id) VALUES ($1, now(), $1)', [ID]);
  for (const [seq, event] of events.entries()) {
    const id = ID.replace(/1$/, String(seq + 1));
    await client.query(
      'INSERT INTO run_events (id, run_id, seq, key, at, event) VALUES ($1, $2, $3, $1, now(), $4)',
      [id, ID, seq, event],
    );
  }
  await client.query('INSERT INTO households (id, settings) VALUES (1, $1)', [settings]);

  await client.exec(migration('0016_one_vocabulary'));

  const all = async (column: string, table: string, order: string) =>
    (
      await client.query<Record<string, unknown>>(`SELECT ${column} FROM ${table} ORDER BY ${order}`)
    ).rows.map((row) => row[column]);
  expect(await all('plan', 'plans', 'id')).toEqual([renameOldKeys(old)]);
  expect(await all('plan', 'plans', 'id')).toMatchObject([
    {
      facts: { positions: { wine: 'noSalt' }, note },
      passes: [{ actions: [{ id: 'r1s1-mix' }] }],
      rounds: [{ passes: [{ findings: [{ code: 'otherPosition' }, { code: 'positionFollowed' }] }] }],
      candidates: [{ verdict: 'inPlan' }],
      positions: [{ positionId: 'noSalt' }],
      envelope: { limits: [{ owner: { kind: 'position', positionId: 'noSalt' } }] },
    },
  ]);
  expect(await all('facts', 'troubles', 'id')).toEqual([{ positions: { wine: 'noSalt' }, note }]);
  expect(await all('settings', 'households', 'id')).toEqual([
    { household: { positions: { wine: 'noSalt' } } },
  ]);
  expect(await all('event', 'run_events', 'seq')).toEqual([
    { kind: 'started', at: '2026-01-01T10:00:00.000Z', passIndex: 1 },
    { kind: 'actionDone', at: '2026-01-01T10:01:00.000Z', actionId: 'r1s1-mix' },
    { kind: 'noted', at: '2026-01-01T10:02:00.000Z', text: note },
  ]);
  await client.close();
});

it('gives the choice of the next pass and the finding on products apart their present names', async () => {
  const client = await databaseBefore('0017');
  const note = 'I wrote "choice": "nextRung" down';
  const old = {
    facts: { note },
    candidates: [
      {
        methodId: 'chlorineSoak',
        findings: [{ code: 'apartFromRung', facts: { rungMethodId: 'citricSoak', agentId: 'bleach' } }],
      },
    ],
  };
  const event = { kind: 'decided', at: '2026-01-01T10:00:00.000Z', choice: 'nextRung' };
  await client.query('INSERT INTO troubles (id, created_at, piece_id, facts) VALUES ($1, now(), $1, $2)', [
    ID,
    {},
  ]);
  await client.query(
    'INSERT INTO plans (id, created_at, trouble_id, knowledge_version, plan) VALUES ($1, now(), $1, $2, $3)',
    [ID, '2026.11.14', old],
  );
  await client.query('INSERT INTO runs (id, created_at, plan_id) VALUES ($1, now(), $1)', [ID]);
  await client.query(
    'INSERT INTO run_events (id, run_id, seq, key, at, event) VALUES ($1, $1, 0, $1, now(), $2)',
    [ID, event],
  );

  await client.exec(migration('0017_choices_of_passes'));

  const one = async (query: string) => (await client.query<{ found: unknown }>(query)).rows[0]?.found;
  const plan = await one('SELECT plan AS found FROM plans');
  expect(plan).toEqual({
    facts: { note },
    candidates: [
      {
        methodId: 'chlorineSoak',
        findings: [{ code: 'apartFromPass', facts: { passMethodId: 'citricSoak', agentId: 'bleach' } }],
      },
    ],
  });
  expect(plan).toEqual(renameOldKeys(old));
  expect(await one('SELECT event AS found FROM run_events')).toEqual({ ...event, choice: 'nextPass' });
  await client.close();
});

it('repairs heap lines of earlier versions, and refuses to store such lines', async () => {
  const client = await databaseBefore('0014');
  const id = (last: number) => ID.replace(/1$/, String(last));
  const put = (at: number, column: string | null, line: object) =>
    client.query('INSERT INTO heap_lines (id, created_at, piece_id, line) VALUES ($1, now(), $2, $3)', [
      id(at),
      column,
      line,
    ]);
  const handful = { ...PLAIN_LINE, itemId: 'socks', name: 'socks' };
  await put(1, ID, PLAIN_LINE);
  // A piece that was changed into a handful kept its old column.
  await put(2, ID, handful);
  // A handful that was changed into a piece is named only by its text.
  await put(3, null, { ...PLAIN_LINE, pieceId: ID });
  await put(4, null, { ...PLAIN_LINE, pieceId: id(9) });
  // Hung, then taken back out of its load.
  await client.query("UPDATE heap_lines SET place = 'rack', hung_at = now() WHERE id = $1", [id(2)]);

  await client.exec(migration('0014_heap_line_is_of_one'));

  const { rows } = await client.query<{ id: string; piece_id: string | null; line: object }>(
    'SELECT id, piece_id, line, hung_at FROM heap_lines ORDER BY id',
  );
  const { pieceId: _plain, ...ofPiece } = PLAIN_LINE;
  const { pieceId: _handful, ...ofHandful } = handful;
  expect(rows).toEqual([
    { id: id(1), piece_id: ID, line: ofPiece, hung_at: null },
    { id: id(2), piece_id: null, line: ofHandful, hung_at: null },
    { id: id(3), piece_id: ID, line: ofPiece, hung_at: null },
  ]);
  await expect(put(5, null, ofPiece)).rejects.toThrow('heap_line_is_of_one');
  await expect(put(6, ID, ofHandful)).rejects.toThrow('heap_line_is_of_one');
  await expect(client.query('UPDATE heap_lines SET hung_at = now()')).rejects.toThrow(
    'heap_line_hangs_washed',
  );
  await client.close();
});
