import { randomUUID } from 'node:crypto';
import { HOUSEHOLD_FILE, MixVerdictShape, Problem, SavedMix, TableAnswerShape } from '@feverfew/contracts';
import { EMPTY_MIX, type Mix } from '@feverfew/core';
import { loadKnowledge } from '@feverfew/knowledge';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type TestApp, testApp } from '../test/testApp.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp({ demo: true });
});
afterAll(() => server.close());

const pour = (agentId: string, amount: number, unit = 'mL', strengthPct: number | null = null) => ({
  agentId,
  amount,
  unit,
  strengthPct,
});
const mix = (fields: Partial<Mix>): Mix => ({ ...EMPTY_MIX, ...fields });
const judge = (fields: Partial<Mix>) => server.http.post('/api/mixes/judge').send(mix(fields));
const chlorineAndVinegar = mix({ waterML: 1000, pours: [pour('chlorineBleach', 10), pour('vinegar', 100)] });
const problem = (body: unknown) => Problem.parse(body);

describe('the mixing table', () => {
  it('judges a mix by its contract, and says why one is not made without a recipe', async () => {
    const sound = MixVerdictShape.parse(
      (await judge({ waterML: 300, pours: [pour('peroxide', 100)] }).expect(200)).body,
    );
    expect(sound.bath?.pours[0]?.strengthAfter).toEqual({ value: 0.75, unit: '%' });
    const refused = MixVerdictShape.parse(
      (await server.http.post('/api/mixes/judge').send(chlorineAndVinegar).expect(200)).body,
    );
    expect(refused.bath).toBeNull();
    expect(refused.refused.map((one) => one.code)).toContain('mustNotMeet');
  });
  it('answers from what is wanted', async () => {
    const ask = { kind: 'dilute', fromPct: 12, toPct: 3, finalML: 300 };
    const answer = TableAnswerShape.parse(
      (await server.http.post('/api/mixes/answer').send(ask).expect(200)).body,
    );
    expect(answer).toMatchObject({ product: { volumeML: 75 }, water: { volumeML: 225 } });
  });
  it.each([
    [{ kind: 'dilute', fromPct: 3, toPct: 12, finalML: 300 }, /3 % cannot become 12 %/],
    [
      { kind: 'blend', waterL: 10, wantedC: 120 },
      /^The warmth wanted in °C is 120: it has to lie between 0 and 95\.$/,
    ],
    [{ kind: 'raise', waterL: -1, clothG: 0, fromC: 40, toC: 60 }, /^The water in L is -1:/],
  ])('says what is wrong with %j', async (question, words) => {
    const { body } = await server.http.post('/api/mixes/answer').send(question).expect(400);
    expect(problem(body).detail).toMatch(words);
  });
  it('names the field of a wrong mix', async () => {
    const { body } = await judge({ pours: [pour('vinegar', -5)] }).expect(400);
    expect(problem(body).errors?.[0]?.path).toBe('pours.0.amount');
    expect(problem((await judge({ pours: [pour('moonDust', 5)] }).expect(400)).body).detail).toMatch(
      /moonDust/,
    );
  });
});

describe('the shelf', () => {
  it('keeps a mix, reads it with its verdict, and lets it go', async () => {
    const body = { name: 'half and half', mix: mix({ waterML: 100, pours: [pour('vinegar', 100)] }) };
    const kept = SavedMix.parse((await server.http.post('/api/mixes').send(body).expect(201)).body);
    expect(kept.verdict.bath?.totalML).toBe(200);
    expect(SavedMix.parse((await server.http.get(`/api/mixes/${kept.id}`).expect(200)).body).name).toBe(
      'half and half',
    );
    await server.http.delete(`/api/mixes/${kept.id}`).expect(204);
    await server.http.get(`/api/mixes/${kept.id}`).expect(404);
    await server.http.delete(`/api/mixes/${randomUUID()}`).expect(404);
  });
  it('keeps nothing that must not be poured: every forbidden pair is turned away with its reason', async () => {
    const { forbiddenPairs, agents } = loadKnowledge();
    const carrier = (chemistry: string) =>
      agents.find((agent) => agent.chemistries.includes(chemistry as never))?.id ?? '';
    for (const { a, b } of forbiddenPairs) {
      const body = {
        name: 'no',
        mix: mix({ waterML: 1000, pours: [pour(carrier(a), 5, 'mL', 3), pour(carrier(b), 5, 'mL', 3)] }),
      };
      const { body: answer } = await server.http.post('/api/mixes').send(body).expect(409);
      expect(problem(answer).type).toBe('urn:feverfew:mixRefused');
    }
  });
  it('judges again what was kept: a household that changes its mind sees no recipe', async () => {
    const settings = (await server.http.get('/api/household')).body;
    const allowed = { ...settings, household: { ...settings.household, allowChlorine: true } };
    await server.http.put('/api/household').send(allowed).expect(200);
    const body = { name: 'chlorine, weak', mix: mix({ waterML: 1000, pours: [pour('chlorineBleach', 10)] }) };
    const { id } = (await server.http.post('/api/mixes').send(body).expect(201)).body;
    await server.http.put('/api/household').send(settings).expect(200);
    const again = SavedMix.parse((await server.http.get(`/api/mixes/${id}`)).body);
    expect(again.verdict.bath).toBeNull();
    expect(again.verdict.refused.map((one) => one.code)).toEqual(['offByDefault']);
    await server.http.delete(`/api/mixes/${id}`).expect(204);
  });
});

describe('the household as a file', () => {
  const kept = (name: string, made: object) => ({
    id: randomUUID(),
    createdAt: '2026-06-01T08:00:00.000Z',
    name,
    mix: made,
  });
  const read = async () => (await server.http.get('/api/household/file').expect(200)).body;
  it('publishes its JSON Schema, vessels and products in it', async () => {
    const { body } = await server.http.get('/api/household/file/schema').expect(200);
    expect(body.$schema).toMatch(/json-schema/);
    expect(JSON.stringify(body)).toMatch(/vessels.*labelDose/s);
  });
  it.each([
    ['a foreign file', { hello: 'world' }, 400, 'foreignFile'],
    ['nothing', null, 400, 'foreignFile'],
    [
      'a newer version',
      { format: 'feverfew-household', version: HOUSEHOLD_FILE.version + 1 },
      400,
      'newerFile',
    ],
    ['a file of no version', { format: 'feverfew-household' }, 400, 'foreignFile'],
    [
      'a cut file of the first version',
      { format: 'feverfew-household', version: 1, settings: {} },
      400,
      'invalidInput',
    ],
    ['a cut file', { format: 'feverfew-household', version: 2, settings: null }, 400, 'invalidInput'],
  ])('refuses %s and changes nothing', async (_name, file, status, type) => {
    const before = await read();
    const { body } = await server.http
      .put('/api/household/file')
      .send(file as object)
      .expect(status);
    expect(problem(body).type).toBe(`urn:feverfew:${type}`);
    expect(await read()).toEqual(before);
  });
  it('lets no forbidden pair in, whatever else the file holds: all or nothing', async () => {
    const before = await read();
    const file = { ...before, mixes: [...before.mixes, kept('smuggled', chlorineAndVinegar)] };
    const { body } = await server.http.put('/api/household/file').send(file).expect(409);
    expect(problem(body).detail).toMatch(/smuggled.*chlorine gas/);
    expect(await read()).toEqual(before);
    const unknown = { ...before, mixes: [kept('odd', mix({ pours: [pour('moonDust', 1)] }))] };
    await server.http.put('/api/household/file').send(unknown).expect(400);
    expect(await read()).toEqual(before);
  });
});

describe('a kept mix in a run', () => {
  it('stands in for the recipe where it holds the same products, and is refused where not', async () => {
    const today = (await server.http.get('/api/today')).body;
    const trouble = today.waiting.find((one: { markIds: string[] }) => one.markIds.includes('beetroot'));
    const plan = (await server.http.get(`/api/plans/${trouble.planId}`)).body;
    const passIndex = plan.passes.findIndex((pass: { methodId: string }) => pass.methodId === 'oxygenSoak');
    let run = (
      await server.http
        .post('/api/runs')
        .send({ key: randomUUID(), planId: trouble.planId, passIndex })
        .expect(201)
    ).body;
    const say = (event: object) =>
      server.http.post(`/api/runs/${run.id}/events`).send({ key: randomUUID(), event });
    const step = () => run.plan.passes[run.state.passIndex].actions[run.state.actionIndex];
    while (step().kind !== 'mix')
      run = (await say({ kind: 'actionDone', actionId: step().id }).expect(200)).body;
    const saved = (await server.http.get('/api/mixes')).body as { id: string; name: string }[];
    const named = (part: string) => saved.find((one) => one.name.includes(part))?.id;
    await say({ kind: 'mixUsed', actionId: step().id, mixId: named('Vinegar') }).expect(409);
    run = (await say({ kind: 'mixUsed', actionId: step().id, mixId: named('White soak') }).expect(200)).body;
    expect(run.state.mixes).toMatchObject([{ name: 'White soak for the bucket' }]);
  });
});
