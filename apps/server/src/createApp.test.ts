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

describe('answers', () => {
  it('are pressed where it is worth it', async () => {
    const { headers } = await http().get('/api/catalogue').set('Accept-Encoding', 'gzip').expect(200);
    expect(headers['content-encoding']).toBe('gzip');
  });
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
