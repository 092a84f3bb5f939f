import { randomUUID } from 'node:crypto';
import { OtherCourseShape, type RunView } from '@feverfew/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { beetroot, type TestApp, testApp } from './test/testApp.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp();
});
afterAll(() => server.close());

const facts = { ...beetroot, markIds: ['grass'], reach: 'shop' };
const startOf = async (told: object = facts): Promise<RunView> =>
  (
    await server.http
      .post('/api/troubles/start')
      .send({ key: randomUUID(), troubleId: null, pieceId: null, facts: told, passIndex: 0 })
      .expect(201)
  ).body;
const say = (run: RunView, event: object) =>
  server.http.post(`/api/runs/${run.id}/events`).send({ key: randomUUID(), event });
const change = (run: RunView, body: object) => server.http.put(`/api/runs/${run.id}/course`).send(body);
const actionNow = ({ plan, state }: RunView) => plan.passes[state.passIndex]?.actions[state.actionIndex];
const methodNow = ({ plan, state }: RunView) => plan.passes[state.passIndex]?.methodId;

/** The first run whose current step could be something else. */
async function withWays() {
  const run = await startOf();
  const other = OtherCourseShape.parse(
    (await server.http.get(`/api/runs/${run.id}/course`).expect(200)).body,
  );
  const [way] = other.ways;
  if (!way) throw new Error('nothing else is offered');
  return { run, way };
}

describe('another course on the way', () => {
  it('is taken, noted, kept with the trouble, and may be taken back', async () => {
    const { run, way } = await withWays();
    const changed: RunView = (await change(run, { instead: way.methodId }).expect(200)).body;
    expect(methodNow(changed)).toBe(way.methodId);
    expect(changed.state.notes.at(-1)?.text).toMatch(/ instead of: /);
    const trouble = (await server.http.get(`/api/troubles/${run.troubleId}`)).body;
    expect(Object.values(trouble.facts.choices.instead)).toEqual([way.methodId]);
    const back: RunView = (await change(changed, { instead: methodNow(run) }).expect(200)).body;
    expect(methodNow(back)).toBe(methodNow(run));
  });
  it('asked for twice is made once', async () => {
    const { run, way } = await withWays();
    const one: RunView = (await change(run, { instead: way.methodId }).expect(200)).body;
    const two: RunView = (await change(run, { instead: way.methodId }).expect(200)).body;
    expect([two.planId, two.events.length]).toEqual([one.planId, one.events.length]);
  });
  it('is refused once the step is under way, for what the piece forbids, and for what there is not', async () => {
    const { run, way } = await withWays();
    expect((await change(run, { instead: 'noSuchMethod' }).expect(409)).body.detail).toMatch(/not possible/);
    expect((await change(run, { vesselId: 'no such' }).expect(409)).body.type).toMatch(/courseRefused/);
    await change(run, {}).expect(400);
    let now = run;
    while (actionNow(now)?.kind !== 'apply') {
      const actionId = actionNow(now)?.id;
      now = (
        await say(now, {
          kind: actionNow(now)?.kind === 'hiddenTest' ? 'tested' : 'actionDone',
          actionId,
          ...(actionNow(now)?.kind === 'hiddenTest' ? { passed: true } : {}),
        }).expect(200)
      ).body;
    }
    expect((await change(now, { instead: way.methodId }).expect(409)).body.detail).toMatch(/under way/);
    expect((await server.http.get(`/api/runs/${run.id}/course`)).body).toEqual({ ways: [], vessels: [] });
    await server.http.get(`/api/runs/${randomUUID()}/course`).expect(404);
  });
  it('goes out with the household and comes in again, and goes on there', async () => {
    const { run, way } = await withWays();
    await change(run, { instead: way.methodId }).expect(200);
    const file = (await server.http.get('/api/household/file').expect(200)).body;
    await server.http.put('/api/household/file').send(file).expect(200);
    const again: RunView = (await server.http.get(`/api/runs/${run.id}`).expect(200)).body;
    expect(methodNow(again)).toBe(way.methodId);
    await say(again, { kind: 'actionDone', actionId: actionNow(again)?.id }).expect(200);
  });
});

describe('a hidden test that failed', () => {
  it('keeps what it spoke against out of every plan of that trouble, and of no other', async () => {
    const pen = {
      ...facts,
      markIds: ['ballpoint'],
      piece: { ...facts.piece, colour: 'dark', fastness: 'unknown' },
    };
    let run = await startOf(pen);
    while (actionNow(run)?.kind !== 'hiddenTest')
      run = (await say(run, { kind: 'actionDone', actionId: actionNow(run)?.id }).expect(200)).body;
    const against = methodNow(run) ?? '';
    await say(run, { kind: 'tested', actionId: actionNow(run)?.id, passed: false }).expect(200);
    const { facts: told } = (await server.http.get(`/api/troubles/${run.troubleId}`)).body;
    expect(told.choices.leftOut).toContain(against);
    const stepsOf = async (given: object) =>
      (await server.http.post('/api/plans/preview').send(given).expect(200)).body.passes.map(
        (pass: { methodId: string }) => pass.methodId,
      );
    expect(await stepsOf(told)).not.toContain(against);
    expect(await stepsOf(pen)).toContain(against);
    // Taken back, the test has said nothing.
    await say(run, { kind: 'undone' }).expect(200);
    const again = (await server.http.get(`/api/troubles/${run.troubleId}`)).body;
    expect(again.facts.choices?.leftOut ?? []).not.toContain(against);
  });
});

describe('a look at several troubles', () => {
  it('is told of each, and read back as it was told', async () => {
    let run = await startOf({ ...facts, markIds: ['grass', 'redWine'] });
    while (actionNow(run)?.kind !== 'look') {
      const action = actionNow(run);
      const test = action?.kind === 'hiddenTest';
      run = (
        await say(run, {
          kind: test ? 'tested' : 'actionDone',
          actionId: action?.id,
          ...(test ? { passed: true } : {}),
        }).expect(200)
      ).body;
    }
    const looked = (marks: object[]) => say(run, { kind: 'looked', answer: null, leftPct: null, marks });
    await looked([{ markId: 'rust', leftPct: 50 }]).expect(409);
    await looked([{ markId: 'grass', leftPct: 101 }]).expect(400);
    run = (
      await looked([
        { markId: 'grass', leftPct: 25 },
        { markId: 'redWine', leftPct: null },
      ]).expect(200)
    ).body;
    expect(run.state.looks.at(-1)?.byMark).toEqual([{ markId: 'grass', leftPct: 25, answer: 'moving' }]);
  });
});
