import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request as ask } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import supertest from 'supertest';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { createApp } from './createApp.js';
import { openDatabase } from './database/openDatabase.js';

const web = mkdtempSync(join(tmpdir(), 'feverfew-web-'));
let app: NestExpressApplication;
let database: Awaited<ReturnType<typeof openDatabase>>;
beforeAll(async () => {
  mkdirSync(join(web, 'assets'));
  writeFileSync(join(web, 'index.html'), '<!doctype html><title>Feverfew</title>');
  writeFileSync(join(web, 'assets', 'page.js'), 'export {};');
  database = await openDatabase(null, { templateFile: inject('templateFile') });
  app = await createApp({ db: database.db, clock: () => new Date(), webDir: web, quiet: true });
  await app.listen(0, '127.0.0.1');
});
afterAll(async () => {
  await app.close();
  await database.close();
  rmSync(web, { recursive: true });
});
const http = () => supertest(app.getHttpServer());

describe('pages', () => {
  it.each(['/', '/trouble', '/index.html', '/assets/page.js'])(
    '%s answers HEAD as it answers GET',
    async (path) => {
      const got = await http().get(path).expect(200);
      const head = await http().head(path).expect(200);
      expect(head.headers['content-type']).toBe(got.headers['content-type']);
    },
  );
  it.each(['/api/nothing', '/assets/nothing.js'])('%s stays not found, for both', async (path) => {
    await http().get(path).expect(404);
    await http().head(path).expect(404);
  });
  it('come with a policy of their own that holds on plain http too', async () => {
    const { headers } = await http().get('/').expect(200);
    const policy = String(headers['content-security-policy']);
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("'wasm-unsafe-eval'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toContain('upgrade-insecure-requests');
    expect(headers['strict-transport-security']).toBeUndefined();
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['x-powered-by']).toBeUndefined();
  });
});

describe('who may ask', () => {
  const problem = (type: string) => ({ type: `urn:feverfew:${type}` });
  const json = 'application/json';
  it.each(['evil.example', 'evil.example:4870', '127.0.0.1.evil.example', '192.168.0.9'])(
    'nobody by the name %s: not a page, not data',
    async (host) => {
      for (const path of ['/', '/assets/page.js', '/api/household', '/api/nothing'])
        expect((await http().get(path).set('Host', host).expect(403)).body).toMatchObject(
          problem('foreignHost'),
        );
      await http().put('/api/household').set('Host', host).send({}).expect(403);
    },
  );
  it.each(['localhost', 'localhost:4870', '127.0.0.1:1', '[::1]:4870'])('anybody by %s', async (host) => {
    await http().get('/api/household').set('Host', host).expect(200);
  });
  it.each([
    ['Origin', 'https://evil.example'],
    ['Origin', 'http://127.0.0.1:1'],
    ['Origin', 'null'],
    ['Origin', 'nonsense'],
    ['Sec-Fetch-Site', 'cross-site'],
    ['Sec-Fetch-Site', 'same-site'],
  ])('no page from elsewhere: %s %s', async (header, value) => {
    const line = { csv: 'x' };
    const told = await http().post('/api/log').set(header, value).send(line).expect(403);
    expect(told.body).toMatchObject(problem('foreignPage'));
    await http().get('/api/household/file').set(header, value).expect(403);
    await http().get('/api/changes').set(header, value).expect(403);
    // The pages themselves may be led to from anywhere.
    await http().get('/').set(header, value).expect(200);
  });
  it('our own page', async () => {
    const host = '127.0.0.1:4870';
    await http()
      .get('/api/household')
      .set({ host, origin: `http://${host}` })
      .expect(200);
    await http().get('/api/household').set({ host, 'sec-fetch-site': 'same-origin' }).expect(200);
  });
  it.each(['application/x-www-form-urlencoded', 'text/plain', 'multipart/form-data; boundary=x', undefined])(
    'nothing but JSON is read: %s',
    async (type) => {
      const request = http().post('/api/log');
      if (type) request.set('Content-Type', type);
      else request.unset('Content-Type');
      const { body } = await request.send('csv=x').expect(415);
      expect(body).toMatchObject(problem('notJson'));
    },
  );
  it('what cannot be kept is refused with its place', async () => {
    const { body } = await http()
      .post('/api/pieces')
      .type(json)
      .send('{"name":"a\\u0000b","parts":[{"name":"\\ud800"}]}')
      .expect(400);
    expect(body.errors[0].path).toMatch(/name$/);
    await http()
      .post('/api/pieces')
      .type(json)
      .send(`${'['.repeat(60_000)}${']'.repeat(60_000)}`)
      .expect(400);
    await http().post('/api/pieces').type(json).send('{"name":').expect(400);
  });
  it('answers in words where there is nothing, and nobody keeps what is told', async () => {
    for (const [method, path] of [
      ['post', '/trouble'],
      ['get', '/assets/nothing.js'],
      ['delete', '/api/nothing'],
    ] as const) {
      const { body, headers } = await http()[method](path).expect(404);
      expect(headers['content-type']).toMatch(/problem\+json/);
      expect(body.status).toBe(404);
    }
    expect((await http().get('/api/household')).headers['cache-control']).toBe('no-store');
    expect((await http().get('/api/catalogue')).headers['cache-control']).toBe('no-cache');
  });
});

describe('answers', () => {
  it('are pressed where it is worth it', async () => {
    const { headers } = await http().get('/api/docs-json').set('Accept-Encoding', 'gzip').expect(200);
    expect(headers['content-encoding']).toBe('gzip');
  });
  it.each(['/api/catalogue', '/api/reference'])(
    '%s is the same in every encoding, and asked again has not changed',
    async (path) => {
      const plain = await http().get(path).set('Accept-Encoding', 'identity').expect(200);
      expect(plain.headers['content-encoding']).toBeUndefined();
      const gzip = await http().get(path).set('Accept-Encoding', 'gzip').expect(200);
      expect(gzip.headers['content-encoding']).toBe('gzip');
      expect(gzip.body).toEqual(plain.body);
      const { port } = app.getHttpServer().address() as AddressInfo;
      const br = await fetch(`http://127.0.0.1:${port}${path}`, {
        headers: { 'accept-encoding': 'br, gzip' },
      });
      expect(br.headers.get('content-encoding')).toBe('br');
      expect(br.headers.get('vary')).toContain('Accept-Encoding');
      expect(await br.json()).toEqual(plain.body);
      const etag = br.headers.get('etag') ?? '';
      await http().get(path).set('Accept-Encoding', 'br').set('If-None-Match', etag).expect(304);
    },
  );
  it('the line of changes is told at once, never pressed', async () => {
    const { port } = app.getHttpServer().address() as AddressInfo;
    const headers = await new Promise<Record<string, unknown>>((resolve, reject) => {
      const call = ask(
        { port, host: '127.0.0.1', path: '/api/changes', headers: { 'accept-encoding': 'gzip' } },
        (response) => {
          resolve(response.headers);
          call.destroy();
        },
      );
      call.once('error', reject);
      call.end();
    });
    expect(headers['content-type']).toMatch(/^text\/event-stream/);
    expect(headers['content-encoding']).toBeUndefined();
  });
});
