import { randomUUID } from 'node:crypto';
import { HouseholdFile, MAX_EVENTS_READ, MAX_RUN_EVENTS } from '@feverfew/contracts';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { atNight } from '../test/byDay.js';
import { type TestApp, testApp } from '../test/testApp.js';
import { HouseholdFileService } from './householdFile.service.js';

let home: TestApp;
let text: string;
beforeAll(async () => {
  home = await testApp({ demo: true });
  text = (await home.http.get('/api/household/file').expect(200)).text;
});
afterAll(() => home.close());

/** The demo house with one run under way that has so many events. */
function withEvents(many: number): { readonly file: HouseholdFile; readonly runId: string } {
  const file = HouseholdFile.parse(JSON.parse(text));
  const run = file.runs.find(({ events }) => events.at(-1)?.event.kind !== 'finished');
  if (!run) return expect.unreachable('a run under way');
  const at = run.events.at(-1)?.event.at ?? '';
  while (run.events.length < many)
    run.events.push({
      id: randomUUID(),
      key: randomUUID(),
      event: { kind: 'noted', at, text: 'still there' },
    });
  return { file, runId: run.id };
}

it('a run takes its end after as many taps as it may have, and nothing else', async () => {
  const { file, runId } = withEvents(MAX_RUN_EVENTS - 1);
  await home.app.get(HouseholdFileService, { strict: false }).read(file, { isOwnBackup: true });
  const tap = (event: object) =>
    home.http.post(`/api/runs/${runId}/events`).send({ key: randomUUID(), event });
  const refused = await tap({ kind: 'noted', text: 'one more' }).expect(409);
  expect(refused.body.detail).toMatch(/as many taps and notes as it can/);
  const end = { key: randomUUID(), event: { kind: 'finished', outcome: 'gone', note: '' } };
  await home.http.post(`/api/runs/${runId}/events`).send(end).expect(200);
  // Sent again after a lost answer, it counts once.
  await home.http.post(`/api/runs/${runId}/events`).send(end).expect(200);
  const out = JSON.parse((await home.http.get('/api/household/file').expect(200)).text);
  await home.http.put('/api/household/file').send(out).expect(200);
});

atNight('a run from before there was a ceiling comes in again, and takes nothing but its end', async () => {
  const { file, runId } = withEvents(MAX_EVENTS_READ - 1);
  const write = async () => (await home.http.get('/api/household/file').expect(200)).text;
  const readIn = (text: string) =>
    home.http.put('/api/household/file').set('content-type', 'application/json').send(text);
  const tap = (event: object) =>
    home.http.post(`/api/runs/${runId}/events`).send({ key: randomUUID(), event });
  await readIn(JSON.stringify(withEvents(MAX_EVENTS_READ).file)).expect(400);
  await home.app.get(HouseholdFileService, { strict: false }).read(file, { isOwnBackup: true });
  await tap({ kind: 'noted', text: 'one more' }).expect(409);
  await tap({ kind: 'finished', outcome: 'gone', note: '' }).expect(200);
  const out = await write();
  await readIn(out).expect(200);
  expect(await write()).toBe(out);
});

it('a file with a longer run is refused, and others are served meanwhile', async () => {
  const { file } = withEvents(50_000);
  const before = (await home.http.get('/api/household/file').expect(200)).text;
  let longest = 0;
  let last = performance.now();
  const timer = setInterval(() => {
    longest = Math.max(longest, performance.now() - last);
    last = performance.now();
  }, 5);
  const text = JSON.stringify(file);
  last = performance.now();
  const { body } = await home.http
    .put('/api/household/file')
    .set('content-type', 'application/json')
    .send(text)
    .expect(400);
  clearInterval(timer);
  expect(body.errors[0].message).toMatch(/longer than 8 MB/);
  // A hundredth of it where nothing else runs; before there were bounds it was minutes.
  expect(longest).toBeLessThan(5000);
  expect((await home.http.get('/api/household/file').expect(200)).text).toBe(before);
});

it('files and settings that come at once are taken one after the other', async () => {
  const file = JSON.parse(text);
  const { body: settings } = await home.http.get('/api/household').expect(200);
  const answers = await Promise.all([
    home.http.put('/api/household/file').send(file),
    home.http.put('/api/household/file').send(file),
    home.http.put('/api/household').send(settings),
    home.http.put('/api/wash/settings').send({ best: 0.5 }),
  ]);
  expect(answers.map(({ status }) => status)).toEqual([200, 200, 200, 204]);
  await home.http.get('/api/household/file').expect(200);
});

it.each<[string, string, object]>([
  [
    'a year before all years',
    '/api/pieces/ID/apart',
    { piece: 'AS IT IS', createdAt: '0000-01-01T00:00:00.000Z' },
  ],
  ['an object with the length of a text', '/api/pieces/ID/care', { upkeepId: { length: { toString: 1 } } }],
])('%s is refused in words', async (_what, path, odd) => {
  const [piece] = (await home.http.get('/api/pieces').expect(200)).body;
  const moved = { troubleIds: [], careIds: [], pastUseIds: [], photoIds: [], heapIds: [] };
  const { troubles: _t, rounds: _r, lastAt: _l, exposure: _e, wear: _w, due: _d, ...kept } = piece;
  const body =
    'piece' in odd
      ? { piece: { ...kept, id: randomUUID(), createdAt: '0000-01-01T00:00:00.000Z' }, moved }
      : { key: randomUUID(), what: 'upkeep', times: 1, ...odd };
  const { status } = await home.http.post(path.replace('ID', piece.id)).send(body);
  expect(status).toBeGreaterThanOrEqual(400);
  expect(status).toBeLessThan(500);
});
