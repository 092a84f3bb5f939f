import { readFileSync } from 'node:fs';
import { FILE_MIGRATIONS, HOUSEHOLD_FILE, HouseholdFile, migrateFile } from '@feverfew/contracts';
import {
  currentAction,
  nextAction,
  OUTCOMES,
  type Plan,
  RUN_SUMMARY_VERSION,
  type RunEvent,
  type RunState,
  replayRun,
} from '@feverfew/core';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { RunsService } from '../runs/runs.service.js';
import { type TestApp, testApp } from './testApp.js';

/** A household as each version of the file wrote it: every later version must read it. See scripts/household-fixture.mjs. */
const written = (version: number): Record<string, unknown> =>
  JSON.parse(readFileSync(new URL(`./fixtures/household-v${version}.json`, import.meta.url), 'utf8'));
const given = written(2);

let server: TestApp;
let file: HouseholdFile;
beforeAll(async () => {
  server = await testApp();
  // The files were written later than the time of the test clock.
  server.pass(365 * 24 * 60);
  file = HouseholdFile.parse(migrateFile(given, 2));
});
afterAll(() => server.close());

it('has one migration from each version to the next', () => {
  expect(FILE_MIGRATIONS.map(({ from, to }) => [from, to])).toEqual(
    Array.from({ length: HOUSEHOLD_FILE.version - 2 }, (_, at) => [at + 2, at + 3]),
  );
});

it.each(FILE_MIGRATIONS.map(({ from }) => from))(
  'brings the file of version %i into the present shape, and a file of the present version nowhere else',
  (version) => {
    const migrated = migrateFile(written(version), version);
    expect(HouseholdFile.safeParse(migrated).error?.issues[0]).toBeUndefined();
    expect(migrateFile(migrated, HOUSEHOLD_FILE.version)).toBe(migrated);
  },
);

it('reads the household of version 2 whole, and writes it again in the present one without a loss', async () => {
  const { body } = await server.http.put('/api/household/file').send(given).expect(200);
  expect(body).toMatchObject({ pieces: file.pieces.length, troubles: file.troubles.length });
  expect((await server.http.get('/api/household/file').expect(200)).body).toEqual(file);
  const sizes = file.troubles.map(({ facts }) => facts.size);
  expect(sizes).toContain('allOver');
  expect(sizes.some((size) => typeof size === 'object')).toBe(true);
});

it('reads the household of the present version whole, checks its plans, and writes it again without a loss', async () => {
  const present = written(HOUSEHOLD_FILE.version);
  await server.http.put('/api/household/file').send(present).expect(200);
  const { body } = await server.http.get('/api/household/file').expect(200);
  // Plans from before there were rounds come out without any. Nothing else is added or lost.
  expect(body).toEqual(HouseholdFile.parse(present));
  expect(body).toMatchObject(present);
  await server.http.put('/api/household/file').send(given).expect(200);
});

it.each([3, 4, 5, 6, 7, 8, 9])('reads the household of version %i as it is', async (version) => {
  const before = migrateFile(written(version), version);
  await server.http.put('/api/household/file').send(written(version)).expect(200);
  const { body } = await server.http.get('/api/household/file').expect(200);
  expect(body).toMatchObject(before);
  await server.http.put('/api/household/file').send(given).expect(200);
});

it('holds what runs have had since there were rounds, and what pieces have since they have pictures', () => {
  const { photos } = HouseholdFile.parse(written(HOUSEHOLD_FILE.version));
  expect(photos.map(({ runId, pieceId }) => [runId === null, pieceId === null])).toEqual([
    [false, true],
    [true, false],
  ]);
  const present = HouseholdFile.parse(migrateFile(written(4), 4));
  const events = present.runs.flatMap((run) => run.events.map(({ event }) => event));
  expect(events.map(({ kind }) => kind)).toEqual(
    expect.arrayContaining(['tested', 'skipped', 'undone', 'redone', 'looked', 'decided', 'finished']),
  );
  expect(events.some((event) => event.kind === 'looked' && event.marks !== undefined)).toBe(true);
  expect(present.troubles.some(({ facts }) => Object.keys(facts.choices?.instead ?? {}).length > 0)).toBe(
    true,
  );
  expect(present.plans.some(({ plan }) => plan.rounds.length > 1)).toBe(true);
});

it('holds a run in each state a run can be in', async () => {
  const states: RunState[] = [];
  for (const { id } of file.runs)
    states.push((await server.http.get(`/api/runs/${id}`).expect(200)).body.state);
  const some = (name: string, holds: (state: RunState) => unknown) =>
    expect([name, states.some((state) => Boolean(holds(state)))]).toEqual([name, true]);
  some('at its first step', (state) => state.status === 'active' && state.actionIndex === 0);
  some('a clock running', ({ timer }) => timer && timer.pausedAt === null);
  some('a clock paused', ({ timer }) => timer?.pausedAt);
  some('waiting for a choice', ({ decision }) => decision?.answer === 'moving');
  some('not sure', ({ decision }) => decision?.answer === 'unsure');
  some('in its second round', (state) => state.round === 2);
  some('rinsing out after something went wrong', (state) => state.stopping);
  some('heat open', (state) => state.heat === 'open');
  some('heat on one’s own', (state) => state.heat === 'overridden');
  some('a kept mix', (state) => state.mixes.length > 0);
  some('a picture', (state) => state.photos.length > 0);
  for (const outcome of OUTCOMES) some(outcome, (state) => state.outcome === outcome);
  const kinds = new Set(file.runs.flatMap((run) => run.events.map(({ event }) => event.kind)));
  expect([...kinds].sort()).toEqual(
    [
      ...[
        'decided',
        'extended',
        'finished',
        'heatAllowed',
        'looked',
        'mixUsed',
        'noted',
        'paused',
        'photoKept',
      ],
      ...['resumed', 'started', 'actionDone', 'timerStarted', 'undone'],
    ].sort(),
  );
  expect(file.trials).toHaveLength(1);
});

/** Where each run of version 2 stood a minute after its last event, as the program that wrote the file had it. */
const before: readonly { readonly id: string; readonly step: string }[] = JSON.parse(
  readFileSync(new URL('./fixtures/household-v2-states.json', import.meta.url), 'utf8').replaceAll(
    '"nextRung"',
    '"nextPass"',
  ),
);

it('leaves every run of version 2 where it stood: the step at hand, the clock, what is to decide, what comes next', () => {
  const plans = new Map(file.plans.map(({ id, plan }) => [id, plan as unknown as Plan]));
  const after = file.runs.map(({ id, planId, events: told }) => {
    const plan = plans.get(planId) ?? expect.unreachable();
    const events = told.map(({ event }) => event as RunEvent);
    const replayed = replayRun(events, plan);
    if (!replayed.ok) return expect.unreachable(replayed.refusal);
    const { state } = replayed;
    const { timer } = state;
    const nowMs = Date.parse(events.at(-1)?.at ?? '') + 60_000;
    return {
      id,
      status: state.status,
      method: plan.passes[state.passIndex]?.methodId,
      round: state.round,
      step: currentAction(state, plan)?.id,
      timer: timer && {
        readyAt: timer.readyAt,
        latestAt: timer.latestAt,
        lookAts: timer.lookAts,
        pausedAt: timer.pausedAt,
      },
      decision: state.decision,
      stopping: state.stopping,
      heat: state.heat,
      outcome: state.outcome,
      next: state.status === 'active' ? nextAction(state, plan, nowMs) : null,
    };
  });
  expect(after).toEqual(before);
});

it('makes summaries of another version anew from their events when it starts', async () => {
  const { db } = server.database;
  const before = (await server.http.get('/api/today').expect(200)).body;
  await db.execute(
    sql`update runs set digest = jsonb_set(digest - 'version', '{state,notes}', '[{"text":"stale"}]')`,
  );
  await db.execute(sql`update runs set digest = null where status = 'active'`);
  await server.app.get(RunsService, { strict: false }).onModuleInit();
  expect((await server.http.get('/api/today').expect(200)).body).toEqual(before);
  const { rows } = await db.execute(
    sql`select count(*)::int as stale from runs
        where (digest->>'version')::int is distinct from ${RUN_SUMMARY_VERSION}`,
  );
  expect(rows[0]).toEqual({ stale: 0 });
});

it('holds the facts and the checks that came with version 8', () => {
  const { troubles, plans } = HouseholdFile.parse(written(HOUSEHOLD_FILE.version));
  expect(troubles.map(({ facts }) => facts)).toContainEqual(
    expect.objectContaining({
      pieces: 3,
      place: 'underarm',
      assumed: expect.arrayContaining([expect.objectContaining({ fact: 'colour' })]),
      seen: { isOrange: false, isStiff: true },
    }),
  );
  const checks = plans.flatMap(({ plan }) =>
    plan.rounds.flatMap(({ passes }) => passes.flatMap((pass) => pass.checks)),
  );
  expect(checks).toContainEqual({ id: 'isWet', text: 'it is still wet', when: 'beforeStep' });
});
