import { randomUUID, X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { get, type RequestOptions, request } from 'node:http';
import { request as askSafe } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  type Device,
  type DeviceRole,
  type HouseNetwork,
  type Invitation,
  NewPiece,
  type Today,
} from '@feverfew/contracts';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import supertest from 'supertest';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it, vi } from 'vitest';
import { devices } from '../database/tables.js';
import { RunsService } from '../runs/runs.service.js';
import { LATE } from '../test/late.js';
import { type TestApp, testApp } from '../test/testApp.js';

const NAME = 'feverfew.home.arpa';
/** Use of a key by a server over https (RFC 5280 4.2.1.12). */
const SERVERS_ALONE = '1.3.6.1.5.5.7.3.1';
const GONE = '00000000-0000-4000-8000-000000000000';
const dir = mkdtempSync(join(tmpdir(), 'feverfew-door-'));
let house: TestApp;
let network: HouseNetwork;
beforeAll(async () => {
  house = await testApp({ demo: true, doorDir: dir });
  network = (await house.http.put('/api/network').send({ isOpen: true }).expect(200)).body;
});
afterAll(async () => {
  await house.close();
  rmSync(dir, { recursive: true });
});
/** Tries are counted by the minute: each test begins a new one. */
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: Date.now() + 61_000 });
});
afterAll(() => vi.useRealTimers());

const portOf = (isSafe: boolean): string =>
  new URL(network.addresses.find((one) => one.isSafe === isSafe && one.url.includes(NAME))?.url ?? '').port;
const door = () => supertest(`http://127.0.0.1:${portOf(false)}`);

const invite = async (role: DeviceRole, name = 'Phone'): Promise<Invitation> =>
  (await house.http.post('/api/devices/invitations').send({ name, role }).expect(201)).body;

/** A device that was let in; what it sends with every request. */
async function letIn(role: DeviceRole, name?: string): Promise<{ cookie: string; id: string }> {
  const { key } = await invite(role, name);
  const { headers, body } = await door().post('/api/devices/join').send({ key }).expect(200);
  return { cookie: String(headers['set-cookie']).split(';')[0] ?? '', id: body.deviceId };
}

/** Every route there is, from the description of the API. */
function routes(): (readonly [method: 'get' | 'post' | 'put' | 'delete', path: string])[] {
  const { paths } = SwaggerModule.createDocument(house.app, new DocumentBuilder().build());
  const all = Object.entries(paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => [method as 'get', path] as const),
  );
  expect(all.length).toBeGreaterThan(60);
  return all;
}

/** A request of which the rest is sent later. */
function begun(options: RequestOptions, length: number) {
  const call = request({
    ...{ host: '127.0.0.1', port: portOf(false), ...options },
    headers: { 'content-type': 'application/json', 'content-length': length, ...options.headers },
  });
  const answer = new Promise<number>((resolve, reject) => {
    call.on('response', (response) => {
      response.resume();
      resolve(response.statusCode ?? 0);
    });
    call.on('error', reject);
  });
  return { call, answer };
}
const sending = (path: string, cookie: string, length: number) =>
  begun({ path, method: 'PUT', headers: { cookie } }, length);
/** @returns the status of the answer */
function sent(options: RequestOptions, text: string): Promise<number> {
  const { call, answer } = begun(options, Buffer.byteLength(text));
  call.end(text);
  return answer;
}

describe('who is not let in', () => {
  it('gets the page, the certificate, and nothing else', async () => {
    for (const path of ['/api/today', '/api/catalogue', '/api/docs', '/api/nothing', '/api/changes'])
      expect((await door().get(path).expect(401)).body.type).toBe('urn:feverfew:notLetIn');
    await door().put('/api/household').send({}).expect(401);
    await door().get('/api/network/root.crt').expect(200);
    await door().put('/api/network/root.crt').expect(401);
    await door()
      .get('/api/today')
      .set('Cookie', `feverfew-device=${'x'.repeat(43)}`)
      .expect(401);
    await door().get('/api/today').set('Cookie', 'nonsense; =; feverfew-device').expect(401);
  });
  it('gets no route of the house', async () => {
    const open = ['/api/devices/join', '/api/network/root.crt', '/api/health', '/api/ready'];
    for (const [method, path] of routes())
      if (!open.includes(path))
        expect(`${method} ${path} ${(await door()[method](path.replace('{id}', GONE))).status}`).toBe(
          `${method} ${path} 401`,
        );
  });
  it('sends nothing large: it is asked who it is first', async () => {
    await door()
      .put('/api/household/file')
      .send({ long: 'x'.repeat(3_000_000) })
      .expect(401);
    await door()
      .post('/api/devices/join')
      .send({ key: 'x'.repeat(3000) })
      .expect(413);
  });
  it('is found by an address or a name of this house, not by any other', async () => {
    for (const host of [NAME, '192.168.7.7', '[fd00::1]'])
      await door().get('/api/network/root.crt').set('Host', host).expect(200);
    for (const host of ['evil.example', `${NAME}.evil.example`, 'localhost'])
      await door().get('/api/network/root.crt').set('Host', host).expect(403);
  });
});

describe('being let in', () => {
  it('once by a key, with a cookie no page can read', async () => {
    const { key } = await invite('tub', 'At the tub');
    const { headers, body } = await door().post('/api/devices/join').send({ key }).expect(200);
    expect(body).toMatchObject({ name: 'At the tub', role: 'tub' });
    const cookie = String(headers['set-cookie']);
    expect(cookie).toMatch(
      /^feverfew-device=[\w-]{43}; Max-Age=\d+; Path=\/; Expires=[^;]+; HttpOnly; SameSite=Strict$/,
    );
    const shown = cookie.split(';')[0] ?? '';
    await door().get('/api/today').set('Cookie', shown).expect(200);
    expect((await door().get('/api/devices/me').set('Cookie', shown).expect(200)).body.name).toBe(
      'At the tub',
    );
    await door().post('/api/devices/join').send({ key }).expect(404);
    // What is kept opens nothing.
    const rows = await house.database.db.select().from(devices);
    expect(JSON.stringify(rows)).not.toContain(shown.split('=')[1]);
  });
  it('by the code as a hand types it', async () => {
    const { code } = await invite('look');
    expect(code).toMatch(/^[A-Z0-9]{4} [A-Z0-9]{4}$/);
    const typed = ` ${code.toLowerCase().replace(' ', '-')} `;
    expect((await door().post('/api/devices/join').send({ code: typed }).expect(200)).body.role).toBe('look');
  });
  it('not when it has run out, or was withdrawn', async () => {
    const late = await invite('all');
    const withdrawn = await invite('all');
    await house.http.delete(`/api/devices/invitations/${withdrawn.id}`).expect(204);
    await door().post('/api/devices/join').send({ key: withdrawn.key }).expect(404);
    house.pass(10);
    await door().post('/api/devices/join').send({ key: late.key }).expect(404);
  });
  it('five tries a minute from one address', async () => {
    const { code } = await invite('all');
    for (let n = 0; n < 5; n += 1)
      await door().post('/api/devices/join').send({ code: 'AAAA AAAA' }).expect(404);
    const refused = await door()
      .post('/api/devices/join')
      .set('X-Forwarded-For', '10.1.2.3')
      .send({ code })
      .expect(429);
    expect(refused.headers['retry-after']).toBeDefined();
    expect(refused.body.type).toBe('urn:feverfew:tooManyTries');
  });
  it('twenty tries a minute from all addresses together', async () => {
    const join = (localAddress: string, shown: object) =>
      sent({ localAddress, path: '/api/devices/join', method: 'POST' }, JSON.stringify(shown));
    for (let n = 2; n < 22; n += 1) expect(await join(`127.0.0.${n}`, { code: 'AAAA AAAA' })).toBe(404);
    const { key } = await invite('all');
    expect(await join('127.0.0.99', { key })).toBe(429);
  });
  it('by no page of somebody else', async () => {
    const { key } = await invite('all');
    await door().post('/api/devices/join').set('Origin', 'http://evil.example').send({ key }).expect(403);
  });
});

describe('what a device may do', () => {
  /** Routes that write and need less than the role `all`. A new route is in neither list, so it needs `all`. */
  const MAY: Readonly<Record<'look' | 'tub', readonly string[]>> = {
    look: [
      ...['preview', 'compare', 'first-things', 'house-question', 'other-course', 'what-would-change'].map(
        (name) => `POST /api/plans/${name}`,
      ),
      'POST /api/runs/clashes',
      'POST /api/mixes/judge',
      'POST /api/mixes/answer',
    ],
    tub: [
      'POST /api/runs/{id}/events',
      'PUT /api/runs/{id}/course',
      'POST /api/runs/{id}/photos',
      'POST /api/trials/{id}/events',
      'POST /api/wash/heap',
      'PUT /api/wash/heap/{id}',
      'DELETE /api/wash/heap/{id}',
      'PUT /api/wash/settings',
      'POST /api/wash/loads',
      'POST /api/wash/loads/{id}/done',
      'POST /api/wash/loads/{id}/undo',
      'POST /api/wash/by-hand',
      'POST /api/wash/line/hang',
      'POST /api/wash/line/rolled',
      'POST /api/wash/line/dry',
    ],
  };
  const FOR_ALL_ALONE = [
    'GET /api/devices',
    'GET /api/network',
    'GET /api/household/file',
    'GET /api/household/file/schema',
  ];

  const DOES = ['DELETE /api/made-up-house', 'POST /api/made-up-house', 'POST /api/clock/is-right'];

  // Rights are asked before any database: once is enough.
  it.skipIf(inject('postgres')).each(['look', 'tub', 'all'] as const)(
    '%s: every route there is',
    async (role) => {
      const { cookie } = await letIn(role);
      for (const [method, path] of routes()) {
        const route = `${method.toUpperCase()} ${path}`;
        if (path === '/api/changes' || path === '/api/devices/join' || path === '/api/network/root.crt')
          continue;
        const isAllowed =
          role === 'all' ||
          MAY.look.includes(route) ||
          (role === 'tub' && MAY.tub.includes(route)) ||
          (method === 'get' && !FOR_ALL_ALONE.includes(route));
        // What needs no body would really be done.
        if (role === 'all' && DOES.includes(route)) continue;
        // The others do nothing: what is sent fits no shape, or names nothing.
        const asked = door()[method.toLowerCase() as 'get'](path.replace('{id}', GONE)).set('Cookie', cookie);
        const { status } = await (method === 'get' || method === 'delete'
          ? asked
          : asked.send({ nothing: true }));
        expect(`${route} ${isAllowed ? status !== 403 && status < 500 : status}`).toBe(
          `${route} ${isAllowed ? true : 403}`,
        );
      }
    },
  );
  it('the tub takes a run further, and begins none; looking changes nothing', async () => {
    const { body: today } = await house.http.get('/api/today');
    const run = (today as Today).running[0];
    const { body: before } = await house.http.get(`/api/runs/${run?.id}`);
    const event = {
      key: '11111111-1111-4111-8111-111111111111',
      event: { kind: 'noted', text: 'seen' },
      heldMs: 0,
    };
    const look = await letIn('look');
    const refused = await door()
      .post(`/api/runs/${run?.id}/events`)
      .set('Cookie', look.cookie)
      .send(event)
      .expect(403);
    expect(refused.body.detail).toMatch(/only looks/);
    expect((await house.http.get(`/api/runs/${run?.id}`)).body.events).toEqual(before.events);
    const tub = await letIn('tub');
    await door().post(`/api/runs/${run?.id}/events`).set('Cookie', tub.cookie).send(event).expect(200);
    await door().post('/api/runs').set('Cookie', tub.cookie).send({}).expect(403);
    await door().post('/api/troubles/start').set('Cookie', tub.cookie).send({}).expect(403);
  });
});

describe('what is sent', () => {
  const MUCH = 30_000_000;

  it('is not read from a device that may not do what it asks for', async () => {
    const { cookie } = await letIn('look');
    // Refused though hardly anything of it has come.
    const { call, answer } = sending('/api/household/file', cookie, MUCH);
    call.write('{');
    expect(await answer).toBe(403);
    call.destroy();
  });
  it('counts for nothing where the device was put out while it was sending', async () => {
    const { cookie, id } = await letIn('all');
    const first = async () => (await house.http.get('/api/pieces').expect(200)).body[0];
    const piece = await first();
    const path = `/api/pieces/${piece.id}`;
    const renamed = NewPiece.parse(
      Object.fromEntries(Object.keys(NewPiece.shape).map((key) => [key, piece[key]])),
    );
    const text = JSON.stringify({ ...renamed, name: 'renamed by one who is out' });
    const { call, answer } = sending(path, cookie, Buffer.byteLength(text));
    call.write(text.slice(0, 10));
    await new Promise((done) => setTimeout(done, 200));
    await house.http.delete(`/api/devices/${id}`).expect(200);
    call.end(text.slice(10));
    expect(await answer).toBe(401);
    expect((await first()).name).toBe(piece.name);
    const { cookie: still } = await letIn('all');
    const carried = sending(path, still, Buffer.byteLength(text));
    carried.call.end(text);
    expect(await carried.answer).toBe(200);
  });
  it('nor where it was put out while its tap stood in the queue', async () => {
    const { cookie, id } = await letIn('tub');
    const [run] = ((await house.http.get('/api/today')).body as Today).running;
    const path = `/api/runs/${run?.id}/events`;
    const note = (text: string) => ({ key: randomUUID(), event: { kind: 'noted', text } });
    const service = house.app.get(RunsService, { strict: false });
    const append = service.append.bind(service);
    let open = () => {};
    const gate = new Promise<void>((done) => {
      open = done;
    });
    const held = vi.spyOn(service, 'append').mockImplementation(async (...given) => {
      await gate;
      return append(...given);
    });
    try {
      const ahead = ['one', 'two', 'three', 'four'].map((text) =>
        house.http.post(path).send(note(text)).then(),
      );
      await vi.waitFor(() => expect(held).toHaveBeenCalledTimes(4), LATE);
      const waiting = door().post(path).set('Cookie', cookie).send(note('by one who is out')).then();
      // By then the tap has passed authentication and waits behind the four.
      await new Promise((done) => setTimeout(done, 300));
      await house.http.delete(`/api/devices/${id}`).expect(200);
      open();
      expect((await Promise.all(ahead)).map(({ status }) => status)).toEqual([200, 200, 200, 200]);
      expect((await waiting).status).toBe(401);
      expect(held).toHaveBeenCalledTimes(4);
    } finally {
      held.mockRestore();
    }
  });
  it('of the settings of the wash: the tub arranges the day, and changes no machine, rope or weather', async () => {
    const { cookie } = await letIn('tub');
    const put = (body: object) => door().put('/api/wash/settings').set('Cookie', cookie).send(body);
    await put({ best: 0.5, arrangement: null, leftOut: [] }).expect(204);
    for (const body of [{ machine: null }, { ropeM: 3 }, { dryerG: 900 }, { best: 0.5, ropeM: 3 }])
      await put(body).expect(403);
    await door().put('/api/wash/line/forecast').set('Cookie', cookie).send({ csv: 'x' }).expect(403);
  });
});

describe('a device that is let in', () => {
  it('is listed with when it was last seen, can be called otherwise, and is gone at once when it is removed', async () => {
    const { cookie, id } = await letIn('all', 'Old name');
    house.pass(30);
    await door().get('/api/today').set('Cookie', cookie).expect(200);
    const of = (list: Device[]) => list.find((one) => one.id === id);
    const listed = of((await house.http.get('/api/devices')).body);
    expect(Date.parse(listed?.lastSeenAt ?? '') - Date.parse(listed?.letInAt ?? '')).toBe(30 * 60_000);
    const changed = await house.http
      .put(`/api/devices/${id}`)
      .send({ name: 'New name', role: 'look' })
      .expect(200);
    expect(of(changed.body)).toMatchObject({ name: 'New name', role: 'look' });
    await door().put('/api/household').set('Cookie', cookie).send({}).expect(403);
    expect(of((await house.http.delete(`/api/devices/${id}`).expect(200)).body)).toBeUndefined();
    await door().get('/api/today').set('Cookie', cookie).expect(401);
    await house.http.delete(`/api/devices/${id}`).expect(404);
  });
  it('has its line of changes cut when it is removed, and others keep theirs', async () => {
    const [gone, stays] = [await letIn('look'), await letIn('look')];
    const line = (cookie: string) =>
      new Promise<{ ended: Promise<void>; isOpen: () => boolean; close: () => void }>((resolve) => {
        const asked = get(
          { host: '127.0.0.1', port: portOf(false), path: '/api/changes', headers: { cookie } },
          (answer) => {
            let isOpen = true;
            const ended = new Promise<void>((done) => {
              answer.on('close', () => {
                isOpen = false;
                done();
              });
            });
            answer.resume();
            resolve({ ended, isOpen: () => isOpen, close: () => asked.destroy() });
          },
        );
      });
    const [first, second] = [await line(gone.cookie), await line(stays.cookie)];
    await house.http.delete(`/api/devices/${gone.id}`).expect(200);
    await first.ended;
    expect(second.isOpen()).toBe(true);
    second.close();
  });
});

describe('by https', () => {
  const safely = (
    path: string,
    more: object = {},
  ): Promise<{ status: number; text: string; cookie: string }> =>
    new Promise((resolve, reject) => {
      const asked = askSafe(
        { host: '127.0.0.1', port: portOf(true), servername: NAME, path, headers: { host: NAME }, ...more },
        (answer) => {
          let text = '';
          answer.on('data', (part) => {
            text += part;
          });
          answer.on('end', () =>
            resolve({ status: answer.statusCode ?? 0, text, cookie: String(answer.headers['set-cookie']) }),
          );
        },
      );
      asked.on('error', reject);
      if ('body' in more) asked.write(more.body);
      asked.end();
    });
  const root = async (): Promise<string> => {
    const { body } = await door()
      .get('/api/network/root.crt')
      .buffer(true)
      .parse((answer, done) => {
        const parts: Buffer[] = [];
        answer.on('data', (part: Buffer) => parts.push(part));
        answer.on('end', () => done(null, Buffer.concat(parts)));
      });
    return `-----BEGIN CERTIFICATE-----\n${(body as Buffer).toString('base64')}\n-----END CERTIFICATE-----`;
  };

  it('the line holds for who trusts the root, and for nobody else', async () => {
    const ca = await root();
    expect((await safely('/api/today', { ca })).status).toBe(401);
    await expect(safely('/api/today')).rejects.toThrow(/certificate/);
    await expect(safely('/api/today', { ca, servername: 'bank.example' })).rejects.toThrow(/altnames/);
  });
  it('the root vouches for servers alone, and for no mail name', async () => {
    const { keyUsage, raw, ca } = new X509Certificate(await root());
    expect([ca, keyUsage]).toEqual([true, [SERVERS_ALONE]]);
    expect(raw.toString('latin1').split('.invalid')).toHaveLength(3);
  });
  it('the cookie stays on the safe line', async () => {
    const { key } = await invite('look');
    const body = JSON.stringify({ key });
    const headers = { host: NAME, 'content-type': 'application/json', 'content-length': body.length };
    const { cookie } = await safely('/api/devices/join', { ca: await root(), method: 'POST', headers, body });
    expect(cookie).toMatch(/^__Host-feverfew-device=.+; HttpOnly; Secure; SameSite=Strict$/);
    const shown = cookie.split(';')[0] ?? '';
    const ca = await root();
    const today = async (cookie: string) =>
      (await safely('/api/today', { ca, headers: { host: NAME, cookie } })).status;
    expect(await today(shown)).toBe(200);
    // Neither opens the other line, by its own name or by that of the other.
    const plain = await letIn('look');
    expect(await today(plain.cookie)).toBe(401);
    await door().get('/api/today').set('Cookie', shown).expect(401);
  });
});

it('shut, it is shut, and the certificate stays the same when it is opened again', async () => {
  const port = portOf(false);
  const before = network.rootFingerprint;
  expect((await house.http.put('/api/network').send({ isOpen: false }).expect(200)).body.addresses).toEqual(
    [],
  );
  await expect(supertest(`http://127.0.0.1:${port}`).get('/')).rejects.toThrow(/ECONNREFUSED/);
  network = (await house.http.put('/api/network').send({ isOpen: true }).expect(200)).body;
  expect(network).toMatchObject({ isOpen: true, fault: null, rootFingerprint: before });
});
