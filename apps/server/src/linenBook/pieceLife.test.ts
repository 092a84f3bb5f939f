import type { Piece, PieceHistory, ToBuy, TroubleSummary } from '@feverfew/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { beetroot, type TestApp, testApp } from '../test/testApp.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp();
});
afterAll(() => server.close());

const { name, itemId, parts, colour, fastness, condition, label, code, dryMassG, metalParts } =
  beetroot.piece;
const cloth = { itemId, name, parts, colour, fastness, condition, label, code, dryMassG, metalParts };
const history = async (id: string): Promise<PieceHistory> =>
  (await server.http.get(`/api/pieces/${id}`).expect(200)).body;
const care = (id: string, more: object) =>
  server.http
    .post(`/api/pieces/${id}/care`)
    .send({ key: crypto.randomUUID(), what: 'machineWash', upkeepId: null, times: 1, ...more })
    .expect(200);

describe('a piece that is entered before anything happens to it', () => {
  it('has a life without events, its rules of wear, and nothing to keep away', async () => {
    const { id }: Piece = (await server.http.post('/api/pieces').send(cloth).expect(201)).body;
    const life = await history(id);
    expect(life.care).toEqual([]);
    expect(life.troubles).toEqual([]);
    expect(life.prevent).toEqual([]);
    expect(life.strains.length).toBeGreaterThan(0);
    expect(life.strains.every(({ value }) => value === 0)).toBe(true);
    expect(life.wear).toEqual([]);
  });

  it('lists its washes in order of time; what is nearest to its limit comes first', async () => {
    const swim = { ...cloth, itemId: 'swimwear', name: 'swimming shorts' };
    const { id }: Piece = (await server.http.post('/api/pieces').send(swim).expect(201)).body;
    await care(id, { times: 12 });
    server.pass(60);
    await care(id, { what: 'hotWash', times: 9 });
    const life = await history(id);
    expect(life.care.map(({ what, times }) => [what, times])).toEqual([
      ['machineWash', 12],
      ['hotWash', 9],
    ]);
    const used = life.strains.map(({ value, warnAt }) => value / warnAt);
    expect(used).toEqual([...used].sort((a, b) => b - a));
    expect(life.strains[0]).toMatchObject({ counts: 'hotWashes', value: 9, warnAt: 10 });
    expect(life.wear).toEqual([]);
    await care(id, { what: 'hotWash' });
    expect((await history(id)).wear.map(({ counts }) => counts)).toEqual(['hotWashes']);
  });

  it('says of its last trouble what keeps it away', async () => {
    const { pieceId }: TroubleSummary = (
      await server.http.post('/api/troubles').send({ pieceId: null, facts: beetroot }).expect(201)
    ).body;
    expect((await history(pieceId)).prevent).toEqual(expect.arrayContaining([expect.stringMatching(/\w/)]));
  });
});

describe('what is to be bought', () => {
  it('is what an open trouble would gain from and is not in the house, and not of a trouble that is deleted', async () => {
    const settings = (await server.http.get('/api/household')).body;
    const bare = { ...settings, household: { ...settings.household, cupboard: [] } };
    await server.http.put('/api/household').send(bare).expect(200);
    const { id }: TroubleSummary = (
      await server.http.post('/api/troubles').send({ pieceId: null, facts: beetroot }).expect(201)
    ).body;
    const toBuy = async (): Promise<ToBuy[]> => (await server.http.get('/api/to-buy').expect(200)).body;
    const mine = (await toBuy()).find(({ troubleId }) => troubleId === id);
    expect(mine).toMatchObject({ pieceName: 'picnic cloth', markIds: ['beetroot'] });
    expect(mine?.agentIds.length).toBeGreaterThan(0);
    await server.http.delete(`/api/troubles/${id}`).expect(204);
    expect((await toBuy()).some(({ troubleId }) => troubleId === id)).toBe(false);
    await server.http.put('/api/household').send(settings).expect(200);
  });
});

describe('the bottles of the cupboard', () => {
  it('are kept with the settings and go with the household file; an unknown level is refused', async () => {
    const settings = (await server.http.get('/api/household')).body;
    const bottles = { vinegar: { left: 'half', openedOn: '2026-05-09' } };
    await server.http
      .put('/api/household')
      .send({ ...settings, bottles })
      .expect(200);
    expect((await server.http.get('/api/household')).body.bottles).toEqual(bottles);
    expect((await server.http.get('/api/household/file')).body.settings.bottles).toEqual(bottles);
    const wrong = { vinegar: { left: 'lots', openedOn: null } };
    await server.http
      .put('/api/household')
      .send({ ...settings, bottles: wrong })
      .expect(400);
    // A page of an earlier version sends none, and is not refused.
    const { bottles: _none, ...older } = settings;
    await server.http.put('/api/household').send(older).expect(200);
  });
});
