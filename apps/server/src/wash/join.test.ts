import { randomUUID } from 'node:crypto';
import { JoinView, LineView, PieceSummary, PLAIN_LINE, type RunView, WashView } from '@feverfew/contracts';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { z } from 'zod';
import { beetroot, type TestApp, testApp } from '../test/testApp.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp();
});
afterAll(() => server.close());

const wash = async () => WashView.parse((await server.http.get('/api/wash').expect(200)).body);
const join = async (run: RunView) =>
  JoinView.parse((await server.http.get(`/api/wash/with/${run.id}`).expect(200)).body);
const read = async ({ id }: RunView): Promise<RunView> => (await server.http.get(`/api/runs/${id}`)).body;
const stepOf = ({ plan, state }: RunView) => plan.passes[state.passIndex]?.actions[state.actionIndex];
const say = async (run: RunView, event: object): Promise<RunView> =>
  (await server.http.post(`/api/runs/${run.id}/events`).send({ key: randomUUID(), event }).expect(200)).body;
const washesOf = async ({ pieceId }: Pick<RunView, 'pieceId'>) =>
  z
    .array(PieceSummary)
    .parse((await server.http.get('/api/pieces')).body)
    .find(({ id }) => id === pieceId)?.exposure.machineWashes ?? 0;
const post = (path: string, body: object = {}) =>
  server.http.post(`/api/wash/${path}`).send(body).expect(204);
async function add(line: object): Promise<string> {
  const id = randomUUID();
  await post('heap', { lines: [{ id, line: { ...PLAIN_LINE, colour: 'white', ...line } }] });
  return id;
}

/** A treatment that has come to the wash it ends in. */
async function atItsWash(): Promise<RunView> {
  const { planId } = (
    await server.http.post('/api/troubles').send({ pieceId: null, facts: beetroot }).expect(201)
  ).body;
  const plan = (await server.http.get(`/api/plans/${planId}`)).body;
  const passIndex = plan.passes.findLastIndex(
    ({ methodId }: { methodId: string }) => methodId === 'whitesPowderWash',
  );
  const key = randomUUID();
  return (await server.http.post('/api/runs').send({ key, planId, passIndex }).expect(201)).body;
}

describe('a treatment that ends in a wash', () => {
  let run: RunView;
  beforeEach(async () => {
    for (const { lineId } of (await wash()).pieces) await server.http.delete(`/api/wash/heap/${lineId}`);
    run = await atItsWash();
  });

  it('is told which drum it would go with and who holds it, before and once it is in the heap', async () => {
    const shirts = await add({ itemId: 'shirt', name: 'blue shirts', colour: 'pale', count: 2 });
    const offered = await join(run);
    expect(offered).toMatchObject({ lineId: null, inDrum: null, stays: null });
    expect(offered.wash?.agentIds).toEqual(['powderWithBleach']);
    expect(offered.load?.pieces.map(({ id, isOwn }) => isOwn || id)).toEqual([shirts, true]);
    expect(offered.load?.tempC).toBe(40);
    const lineId = await add({ pieceId: run.pieceId });
    expect(await join(run)).toMatchObject({ lineId, load: { number: 1, tempC: 40 } });
  });

  it('goes in with its load and comes out with it; each is taken back once', async () => {
    const washes = await washesOf(run);
    const lineId = await add({ pieceId: run.pieceId });
    const key = randomUUID();
    await post('loads', { key, pieceIds: [lineId] });
    const turning = await read(run);
    expect(stepOf(turning)?.kind).toBe('dwell');
    expect(turning.state.timer).not.toBeNull();
    expect(turning.state.notes.at(-1)?.text).toMatch(/^Washed with a load at \d+ °C\.$/);
    expect((await join(run)).inDrum?.loadId).toBe(key);
    expect((await wash()).machineFreeAt).toBe((await wash()).running[0]?.endsAt);

    server.pass(120);
    await post(`loads/${key}/done`);
    expect(stepOf(await read(run))?.kind).toBe('dry');
    expect(await washesOf(run)).toBe(washes + 1);
    expect((await join(run)).wash).toBeNull();

    const table = (await server.http.get('/api/wash/loads.csv').expect(200)).text.split('\r\n');
    expect(table[0]).toBe('filled,out,programme,tempC,spinRpm,minutes,kWh,waterL,pieces');
    expect(table.filter((line) => line.includes('picnic cloth'))).toHaveLength(1);
    await post(`loads/${key}/undo`);
    expect(stepOf(await read(run))?.kind).toBe('dwell');
    await post(`loads/${key}/undo`);
    const back = await read(run);
    expect(back.state).toEqual(run.state);
    expect(await washesOf(run)).toBe(washes);
    expect((await join(run)).lineId).toBe(lineId);
  });

  it('that was tapped on by hand meanwhile is left where it is', async () => {
    const lineId = await add({ pieceId: run.pieceId });
    const key = randomUUID();
    await post('loads', { key, pieceIds: [lineId] });
    server.pass(60);
    const turning = await read(run);
    await say(turning, { kind: 'actionDone', actionId: stepOf(turning)?.id });
    server.pass(5);
    await post(`loads/${key}/done`);
    expect(stepOf(await read(run))?.kind).toBe('dry');
    await post(`loads/${key}/undo`);
    await post(`loads/${key}/undo`);
    expect(stepOf(await read(run))?.kind).toBe('dry');
  });

  it('holds the machine while it is washed by itself', async () => {
    expect((await wash()).machineFreeAt).toBeNull();
    let now = run;
    while (stepOf(now)?.kind !== 'dwell')
      now = await say(now, { kind: 'actionDone', actionId: stepOf(now)?.id });
    now = await say(now, { kind: 'timerStarted', actionId: stepOf(now)?.id });
    expect((await wash()).machineFreeAt).toBe(now.state.timer?.readyAt);
    expect(await join(run)).toMatchObject({ wash: null, inDrum: null });
  });
});

describe('what is wet', () => {
  it('may have been washed by hand: wet at once, no wash of a machine, taken back whole', async () => {
    const facts = {
      itemId: 'scarf',
      name: 'silk scarf',
      colour: 'mid',
      fastness: 'proven',
      condition: 'sound',
    };
    const parts = [{ name: 'whole piece', fibres: [{ fibreId: 'silk', sharePct: 100 }] }];
    const made = { ...facts, parts, label: null, code: null, dryMassG: 60, metalParts: false };
    const silk = (await server.http.post('/api/pieces').send(made).expect(201)).body;
    const washes = () => washesOf({ pieceId: silk.id });
    const before = await washes();
    const lineId = await add({ pieceId: silk.id });
    const stay = (await wash()).stays.find(({ pieceId }) => pieceId === lineId);
    expect(stay?.reason.code).toBe('byHand');
    const key = randomUUID();
    await post('by-hand', { key, lineId });
    await post('by-hand', { key, lineId });
    const { running, pieces } = await wash();
    expect(running.find(({ id }) => id === key)).toMatchObject({
      load: { name: 'By hand' },
      pieces: [{ lineId }],
    });
    expect(pieces.some((piece) => piece.lineId === lineId)).toBe(false);
    const wet = LineView.parse((await server.http.get('/api/wash/line')).body).lines;
    expect(wet.find((one) => one.lineId === lineId)).toMatchObject({
      rollHelps: true,
      place: 'shade',
      sun: { value: 'never', by: { kind: 'fibre', fibreId: 'silk' } },
    });
    expect(await washes()).toBe(before);
    await post(`loads/${key}/undo`);
    expect((await wash()).pieces.some((piece) => piece.lineId === lineId)).toBe(true);
    const towel = await add({ itemId: 'towel' });
    await server.http.post('/api/wash/by-hand').send({ key: randomUUID(), lineId: towel }).expect(409);
    await server.http.post('/api/wash/by-hand').send({ key: randomUUID(), lineId: randomUUID() }).expect(404);
  });

  it('loses less where it was rolled in a towel, until it is taken back', async () => {
    const { machine } = await wash();
    const slow = { ...machine, programmes: machine.programmes.map((one) => ({ ...one, spinRpm: 400 })) };
    await server.http.put('/api/wash/settings').send({ machine: slow }).expect(204);
    const line = await add({ itemId: 'towel', count: 2 });
    const key = randomUUID();
    await post('loads', { key, pieceIds: [line] });
    await post(`loads/${key}/done`);
    const wet = async () =>
      LineView.parse((await server.http.get('/api/wash/line')).body).lines.find(
        ({ lineId }) => lineId === line,
      );
    const before = await wet();
    expect(before).toMatchObject({ rolled: false, rollHelps: true });
    await post('line/rolled', { lineIds: [line], rolled: true });
    const after = await wet();
    expect(after?.rolled).toBe(true);
    expect(after?.waterL).toBeLessThan(before?.waterL ?? 0);
    await post('line/rolled', { lineIds: [line], rolled: false });
    expect((await wet())?.waterL).toBe(before?.waterL);
  });

  it('two devices that change different settings in one moment lose neither', async () => {
    const change = (changed: object) => server.http.put('/api/wash/settings').send(changed).expect(204);
    await Promise.all([change({ ropeM: 7 }), change({ best: 0.5 }), change({ dryerG: 5000 })]);
    expect((await wash()).settings).toMatchObject({ ropeM: 7, best: 0.5, dryerG: 5000 });
  });
});
