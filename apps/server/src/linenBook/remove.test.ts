import type { Piece, TroubleSummary } from '@feverfew/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { beetroot, type TestApp, testApp } from '../test/testApp.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp();
});
afterAll(() => server.close());

const keep = async (pieceId: string | null): Promise<TroubleSummary> =>
  (await server.http.post('/api/troubles').send({ pieceId, facts: beetroot }).expect(201)).body;
const pieces = async (): Promise<Piece[]> => (await server.http.get('/api/pieces')).body;

describe('what nothing was done on', () => {
  it('is taken away, the trouble with its plan, the piece once no trouble is kept of it', async () => {
    const { id, pieceId } = await keep(null);
    const refused = await server.http.delete(`/api/pieces/${pieceId}`).expect(409);
    expect(refused.body.type).toBe('urn:feverfew:hasHistory');
    await server.http.delete(`/api/troubles/${id}`).expect(204);
    await server.http.get(`/api/troubles/${id}`).expect(404);
    await server.http.delete(`/api/troubles/${id}`).expect(404);
    await server.http.delete(`/api/pieces/${pieceId}`).expect(204);
    expect(await pieces()).toEqual([]);
    await server.http.delete(`/api/pieces/${pieceId}`).expect(404);
  });
});

describe('what something was done on', () => {
  it('stays, with words why', async () => {
    const { id, pieceId } = await keep(null);
    const start = { key: crypto.randomUUID(), troubleId: id, pieceId, facts: beetroot, passIndex: 0 };
    await server.http.post('/api/troubles/start').send(start).expect(201);
    const refused = await server.http.delete(`/api/troubles/${id}`).expect(409);
    expect(refused.body.detail).toMatch(/its results stay/);
    expect((await server.http.get(`/api/troubles/${id}`).expect(200)).body.status).toBe('running');
  });
  it('keeps a piece that was washed', async () => {
    const { id, pieceId } = await keep(null);
    await server.http.delete(`/api/troubles/${id}`).expect(204);
    const care = { key: crypto.randomUUID(), what: 'machineWash', upkeepId: null, times: 1 };
    await server.http.post(`/api/pieces/${pieceId}/care`).send(care).expect(200);
    await server.http.delete(`/api/pieces/${pieceId}`).expect(409);
    expect((await pieces()).map((piece) => piece.id)).toContain(pieceId);
  });
});
