import { randomUUID } from 'node:crypto';
import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { type ChangeNews, PieceHistory, type RunView, Today, TrialView } from '@feverfew/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { RunsService } from './runs/runs.service.js';
import { beetroot, POINT, type TestApp, testApp } from './test/testApp.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp();
  const settings = (await server.http.get('/api/household')).body;
  const cupboard = [
    'oxygenBleach',
    'delicateDetergent',
    'liquidDetergent',
    'dishDetergent',
    'vinegar',
    'isopropanol',
  ];
  await server.http.put('/api/household').send({
    ...settings,
    prices: { ...settings.prices, money: '€', agents: { oxygenBleach: 8 }, professional: 30 },
    household: {
      ...settings.household,
      cupboard: cupboard.map((agentId) => ({
        agentId,
        strengthPct: agentId === 'vinegar' ? 5 : agentId === 'isopropanol' ? 70 : null,
      })),
    },
  });
});
afterAll(() => server.close());

async function kept(facts: object = beetroot) {
  return (await server.http.post('/api/troubles').send({ pieceId: null, facts }).expect(201)).body;
}
async function started(methodId: string, facts: object = beetroot): Promise<RunView> {
  const { planId } = await kept(facts);
  const plan = (await server.http.get(`/api/plans/${planId}`)).body;
  const passIndex = plan.passes.findIndex((pass: { methodId: string }) => pass.methodId === methodId);
  return (await server.http.post('/api/runs').send({ key: randomUUID(), planId, passIndex }).expect(201))
    .body;
}
const say = async (run: RunView, event: object, more: object = {}): Promise<RunView> =>
  (
    await server.http
      .post(`/api/runs/${run.id}/events`)
      .send({ key: randomUUID(), event, ...more })
      .expect(200)
  ).body;
const actionNow = (run: RunView) => run.plan.passes[run.state.passIndex]?.actions[run.state.actionIndex];
async function workTo(run: RunView, kind: string): Promise<RunView> {
  let now = run;
  while (actionNow(now)?.kind !== kind)
    now = await say(now, { kind: 'actionDone', actionId: actionNow(now)?.id });
  return now;
}
const soaking = async () => {
  const run = await workTo(await started('oxygenSoak'), 'dwell');
  return say(run, { kind: 'timerStarted', actionId: actionNow(run)?.id });
};

describe('a start', () => {
  it('counts once however often it is tapped', async () => {
    const { planId } = await kept();
    const body = { key: randomUUID(), planId, passIndex: 0 };
    const [one, two] = await Promise.all([
      server.http.post('/api/runs').send(body),
      server.http.post('/api/runs').send(body),
    ]);
    expect([one.status, two.status]).toEqual([201, 201]);
    expect(one.body.id).toBe(two.body.id);
    const today = Today.parse((await server.http.get('/api/today')).body);
    expect(today.running.filter((run) => run.planId === planId)).toHaveLength(1);
  });
});

describe('a tap that had to wait for a line', () => {
  it('counts from when it was tapped, never before what happened last', async () => {
    const run = await workTo(await started('oxygenSoak'), 'dwell');
    server.pass(90);
    const now = Date.parse((await server.http.get('/api/today')).body.now);
    const soak = await say(
      run,
      { kind: 'timerStarted', actionId: actionNow(run)?.id },
      { heldMs: 60 * 60_000 },
    );
    expect(Date.parse(soak.state.timer?.startedAt ?? '')).toBe(now - 60 * 60_000);
    const early = await say(soak, { kind: 'noted', text: 'held too long' }, { heldMs: 11 * 3_600_000 });
    expect(early.state.notes[0]?.at).toBe(soak.state.timer?.startedAt);
    await server.http
      .post(`/api/runs/${run.id}/events`)
      .send({ key: randomUUID(), heldMs: -5, event: { kind: 'undone' } })
      .expect(400);
  });
});

describe('Today', () => {
  it('says what is over and what to do now, and sees one bucket wanted twice', async () => {
    const run = await soaking();
    await soaking();
    const { body } = await server.http
      .post('/api/runs/clashes')
      .send({ facts: run.plan.facts, passIndex: run.state.passIndex })
      .expect(200);
    expect(body.length).toBeGreaterThan(0);
    server.pass(490);
    const today = Today.parse((await server.http.get('/api/today')).body);
    expect(today.running.find((one) => one.id === run.id)?.hand).toMatchObject({
      what: 'over',
      overrun: expect.any(String),
    });
    expect(today.clashes.map((clash) => clash.kind)).toContain('vesselTwice');
  });
});

describe('a look', () => {
  it('is judged by the level, carries its prices, and feeds the log of the next plan', async () => {
    const run = await workTo(
      await soaking().then((soak) => say(soak, { kind: 'actionDone', actionId: actionNow(soak)?.id })),
      'look',
    );
    const looked = await say(run, { kind: 'looked', answer: null, leftPct: 5 });
    expect(looked.state.decision?.answer).toBe('moving');
    expect(looked.prices.money).toBe('€');
    const preview = (await server.http.post('/api/plans/preview').send(beetroot)).body;
    const pass = preview.passes.find((one: { methodId: string }) => one.methodId === 'oxygenSoak');
    expect(pass.ownLog).toMatchObject({ uses: 1, worked: 1 });
    await say(looked, { kind: 'undone' });
    const again = (await server.http.post('/api/plans/preview').send(beetroot)).body;
    expect(again.passes.find((one: { methodId: string }) => one.methodId === 'oxygenSoak').ownLog).toBeNull();
  });
  it('is refused in words a person can use', async () => {
    const run = await started('oxygenSoak');
    const { body } = await server.http
      .post(`/api/runs/${run.id}/events`)
      .send({ key: randomUUID(), event: { kind: 'paused' } })
      .expect(409);
    expect(body.detail).toBe('There is no clock to this step.');
  });
});

describe('a clock that was ahead', () => {
  it('is set right by the next tap: no soak waits for it, and what goes out comes in again', async () => {
    server.pass(24 * 60);
    const run = await soaking();
    const wait = (view: RunView) => Date.parse(view.state.timer?.readyAt ?? '') - Date.parse(view.now ?? '');
    const whole = wait(run);
    server.pass(-24 * 60 + 10);
    const after = await say(run, { kind: 'noted', text: 'the clock is right again' });
    // It is not known how long the clock was ahead: the whole wait counts, and not a day of it.
    expect(wait(after)).toBe(whole);
    expect(after.events.map(({ kind }) => kind)).toContain('clockSet');
    server.pass(5);
    expect(wait(await say(run, { kind: 'noted', text: 'on it goes' }))).toBe(whole - 5 * 60_000);
    const file = (await server.http.get('/api/household/file').expect(200)).body;
    await server.http.put('/api/household/file').send(file).expect(200);
    expect((await server.http.get('/api/household/file')).body).toEqual(file);
  });
  it('is set right at the start, for what nobody has tapped since', async () => {
    server.pass(24 * 60);
    const run = await soaking();
    server.pass(-24 * 60 + 10);
    await server.app.get(RunsService, { strict: false }).onModuleInit();
    const { body } = await server.http.get(`/api/runs/${run.id}`).expect(200);
    expect(Date.parse(body.state.timer.readyAt)).toBeLessThan(Date.parse(body.now) + 24 * 3_600_000);
  });
  it('moves what is under way where somebody says that the new time is right', async () => {
    const run = await soaking();
    const readyAt = Date.parse(run.state.timer?.readyAt ?? '');
    await server.app.get(RunsService, { strict: false }).moveClocks(3_600_000);
    const { body } = await server.http.get(`/api/runs/${run.id}`).expect(200);
    expect(Date.parse(body.state.timer.readyAt)).toBe(readyAt + 3_600_000);
    await server.http.post('/api/clock/is-right').expect(204);
  });
});

describe('a picture', () => {
  const clean = Buffer.from(POINT, 'base64');
  const withPlace = Buffer.concat([
    clean.subarray(0, 2),
    Buffer.from([0xff, 0xe1, 0, 13]),
    Buffer.from('Exif\0\0where'),
    clean.subarray(2),
  ]);
  const keep = (run: RunView, bytes: Buffer, key = randomUUID()) =>
    server.http.post(`/api/runs/${run.id}/photos`).send({ key, jpeg: bytes.toString('base64') });

  it('is kept with its run, once, and can be seen again', async () => {
    const run = await started('oxygenSoak');
    const key = randomUUID();
    await keep(run, clean, key).expect(200);
    const { body } = await keep(run, clean, key).expect(200);
    expect(body.state.photos).toMatchObject([{ photoId: key, round: 1 }]);
    const seen = await server.http.get(`/api/photos/${key}`).expect(200);
    expect(seen.headers['content-type']).toBe('image/jpeg');
    expect(Buffer.compare(seen.body, clean)).toBe(0);
  });
  it('loses place and time, is refused as another file or too large, and stays with the run it is of', async () => {
    const run = await started('oxygenSoak');
    const key = randomUUID();
    await keep(run, withPlace, key).expect(200);
    expect(Buffer.compare((await server.http.get(`/api/photos/${key}`)).body, clean)).toBe(0);
    expect((await keep(run, Buffer.from('GIF89a……')).expect(400)).body.detail).toMatch(/not a JPEG/);
    await keep(run, Buffer.concat([clean, Buffer.alloc(400_001)])).expect(400);
    const other = await started('oxygenSoak');
    expect((await keep(other, clean, key).expect(400)).body.detail).toMatch(/something else/);
    expect((await server.http.get(`/api/runs/${other.id}`)).body.state.photos).toEqual([]);
    expect((await server.http.get(`/api/runs/${run.id}`)).body.state.photos).toHaveLength(1);
  });
});

describe('a trial', () => {
  it('is drawn, kept to one clock, looked at in its order, and says what it can', async () => {
    const blood = { ...beetroot, markIds: ['blood'] };
    const trouble = await kept(blood);
    const { passes }: { passes: { methodId: string }[] } = (
      await server.http.get(`/api/plans/${trouble.planId}`)
    ).body;
    const refused = await server.http
      .post('/api/trials')
      .send({
        key: randomUUID(),
        troubleId: trouble.id,
        place: 'zones',
        methodIds: ['enzymePretreat', passes.at(-1)?.methodId],
      })
      .expect(409);
    expect(refused.body.detail).toMatch(/takes it out by itself/);
    const pairs = passes.flatMap((one, index) =>
      passes.slice(index + 1).map((other) => [one.methodId, other.methodId]),
    );
    let trial: TrialView | null = null;
    for (const methodIds of pairs) {
      if (trial) break;
      const answer = await server.http
        .post('/api/trials')
        .send({ key: randomUUID(), troubleId: trouble.id, place: 'pieces', methodIds });
      if (answer.status === 201) trial = TrialView.parse(answer.body);
    }
    if (!trial) throw new Error('no pair of this passes can be tried');
    const tell = async (event: object) =>
      TrialView.parse(
        (
          await server.http
            .post(`/api/trials/${trial?.id}/events`)
            .send({ key: randomUUID(), event })
            .expect(200)
        ).body,
      );
    await tell({ kind: 'treated', arm: 0 });
    await tell({ kind: 'treated', arm: 1 });
    await tell({ kind: 'clockStarted' });
    await server.http
      .post(`/api/trials/${trial.id}/events`)
      .send({ key: randomUUID(), event: { kind: 'washed' } })
      .expect(409);
    server.pass(trial.setup.dwellMin);
    let now = await tell({ kind: 'washed' });
    now = await tell({ kind: 'looked', arm: now.nextToLook, leftPct: 5 });
    now = await tell({ kind: 'looked', arm: now.nextToLook, leftPct: 100 });
    expect(now.verdict).toMatchObject({ trials: 1 });
    expect(now.verdict?.chanceBest.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 9);
    expect(Today.parse((await server.http.get('/api/today')).body).trials).toEqual([]);
    const [arm] = trial.setup.arms;
    const preview = (await server.http.post('/api/plans/preview').send(blood)).body;
    const pass = preview.passes.find((one: { methodId: string }) => one.methodId === arm?.methodId);
    expect(pass.ownLog.uses).toBeGreaterThan(0);
  });
  it('is not set up for a trouble that is not there', async () => {
    await server.http
      .post('/api/trials')
      .send({ key: randomUUID(), troubleId: randomUUID(), place: 'zones', methodIds: ['a', 'b'] })
      .expect(404);
  });
});

describe('a piece', () => {
  it('adds up its life, and upkeep done counts once', async () => {
    const { body: piece } = await server.http
      .post('/api/pieces')
      .send({
        ...beetroot.piece,
        itemId: 'looseCover',
        name: 'stool cover',
        since: '2024-02-01',
        replacementCost: 20,
      })
      .expect(201);
    const key = randomUUID();
    const care = { key, what: 'machineWash', upkeepId: null, times: 3 };
    await server.http.post(`/api/pieces/${piece.id}/care`).send(care).expect(200);
    await server.http.post(`/api/pieces/${piece.id}/care`).send(care).expect(200);
    server.pass(130 * 24 * 60);
    expect(Today.parse((await server.http.get('/api/today')).body).due.map((one) => one.pieceId)).toContain(
      piece.id,
    );
    const { body } = await server.http
      .post(`/api/pieces/${piece.id}/care`)
      .send({ key: randomUUID(), what: 'upkeep', upkeepId: 'coversWash', times: 1 })
      .expect(200);
    const life = PieceHistory.parse(body);
    expect(life.exposure.machineWashes).toBe(3);
    expect(life.upkeep.find((one) => one.upkeepId === 'coversWash')).toMatchObject({ isDue: false });
    await server.http
      .post(`/api/pieces/${piece.id}/care`)
      .send({ key: randomUUID(), what: 'upkeep', upkeepId: 'polishing', times: 1 })
      .expect(400);
  });
});

describe('the line of changes', () => {
  it('tells every listener of a tap, by server-sent events', async () => {
    const own = await testApp();
    await own.app.listen(0, '127.0.0.1');
    const { port } = own.app.getHttpServer().address() as AddressInfo;
    const heard: ChangeNews[] = [];
    const lines = await Promise.all(
      [1, 2].map(
        () =>
          new Promise<http.IncomingMessage>((resolve) => {
            http.get({ host: '127.0.0.1', port, path: '/api/changes' }, resolve);
          }),
      ),
    );
    for (const line of lines) {
      expect(line.headers['content-type']).toMatch(/^text\/event-stream/);
      line.on('data', (chunk) => {
        for (const data of String(chunk).matchAll(/event: news[\s\S]*?data: (.*)/g))
          heard.push(JSON.parse(data[1] ?? ''));
      });
    }
    await own.http.post('/api/troubles').send({ pieceId: null, facts: beetroot }).expect(201);
    await expect.poll(() => heard.filter((news) => news.topic === 'book').length).toBeGreaterThanOrEqual(2);
    for (const line of lines) line.destroy();
    await own.close();
  });
});
