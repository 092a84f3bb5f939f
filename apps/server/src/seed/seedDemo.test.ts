import { SavedMix, Today } from '@feverfew/contracts';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { z } from 'zod';
import { type TestApp, testApp } from '../test/testApp.js';
import { seedDemo } from './seedDemo.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp({ demo: true });
});
afterAll(() => server.close());

it('fills every screen: pieces, open troubles, two soaks under way, finished runs', async () => {
  const pieces = (await server.http.get('/api/pieces')).body;
  const today = Today.parse((await server.http.get('/api/today')).body);
  expect(pieces.length).toBeGreaterThanOrEqual(12);
  expect(today.waiting.length).toBeGreaterThanOrEqual(8);
  expect(today.running.map((run) => run.vesselName).sort()).toEqual(['enamel bath', 'lidded 14 L bucket']);
  expect(today.running.find((run) => run.pieceName === 'lawn petticoat')).toMatchObject({
    methodId: 'longOxygenSoak',
    state: { timer: { actionId: expect.any(String) } },
  });
  expect(today.settled.length).toBeGreaterThanOrEqual(5);
  const mixes = z.array(SavedMix).parse((await server.http.get('/api/mixes')).body);
  expect(mixes.length).toBeGreaterThanOrEqual(3);
  expect(mixes.flatMap((mix) => mix.verdict.refused)).toEqual([]);
});

it('does not touch a book that has pieces', async () => {
  const before = (await server.http.get('/api/pieces')).body.length;
  expect(await seedDemo(server.app, new Date())).toBe(false);
  expect((await server.http.get('/api/pieces')).body.length).toBe(before);
});
