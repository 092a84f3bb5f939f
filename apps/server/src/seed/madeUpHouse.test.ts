import { Today } from '@feverfew/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { beetroot, type TestApp, testApp } from '../test/testApp.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp();
});
afterAll(() => server.close());

const today = async () => Today.parse((await server.http.get('/api/today')).body);
const pieces = async (): Promise<unknown[]> => (await server.http.get('/api/pieces')).body;

describe('the made-up house', () => {
  it('is furnished once by two taps, and left with all that was tried in it', async () => {
    const [one, two] = await Promise.all([
      server.http.post('/api/made-up-house'),
      server.http.post('/api/made-up-house'),
    ]);
    expect([one.status, two.status]).toEqual([204, 204]);
    expect((await today()).madeUp).toBe(true);
    const furnished = await pieces();
    expect(furnished.length).toBeGreaterThan(15);
    expect((await server.http.post('/api/made-up-house')).status).toBe(204);
    expect(await pieces()).toHaveLength(furnished.length);
    expect((await server.http.post('/api/troubles').send({ pieceId: null, facts: beetroot })).status).toBe(
      201,
    );
    expect(await pieces()).toHaveLength(furnished.length + 1);

    expect((await server.http.delete('/api/made-up-house')).status).toBe(204);
    const empty = await today();
    expect(empty).toMatchObject({
      madeUp: false,
      householdTold: false,
      running: [],
      waiting: [],
      settled: [],
    });
    expect(await pieces()).toEqual([]);
  });
  it('is never what a household has told or kept itself', async () => {
    const refused = await server.http.delete('/api/made-up-house');
    expect(refused.status).toBe(409);
    expect(refused.body.detail).toMatch(/nothing in it was touched/);
    expect((await server.http.post('/api/troubles').send({ pieceId: null, facts: beetroot })).status).toBe(
      201,
    );
    expect((await server.http.post('/api/made-up-house')).body.type).toBe('urn:feverfew:houseNotEmpty');
    expect(await pieces()).toHaveLength(1);
  });
});
