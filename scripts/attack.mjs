import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { drawer, mutant, spoiltBytes } from './hostile.mjs';
import { ask, startServer, untilUp } from './ownServer.mjs';
import { ensureBuilt, ensureInstalled, requireNode20 } from './setUp.mjs';

/**
 * Hostile requests at a server of its own: every route the server describes, with sound bodies made unsound at one
 * place, foreign hosts and pages, bodies that are no JSON, household files, logs and pictures. None may end in a 5xx,
 * hang, tell of the inside, or leave something kept that cannot be written out and read again.
 * npm run attack -- [requests, 20000 unless told otherwise] [seed]
 */
requireNode20();
ensureInstalled();
const template = await ensureBuilt();
const wanted = Number(process.argv[2] ?? 20_000);
const seed = Number(process.argv[3] ?? 1);
const PORT = Number(process.env.ATTACK_PORT ?? 4897);
const BASE = `http://127.0.0.1:${PORT}`;
const HANG_MS = 20_000;
/** The whole house takes longer: by the end it has ten times the rows. */
const WHOLE_HOUSE_MS = 120_000;
/** Every so many requests: is it still up, and can all it keeps be written out? */
const LOOK_EVERY = 2000;
/** What no answer may hold. */
const INSIDE = /node_modules|\bat [\w.<>]+ \(|\.ts:\d|\.js:\d|select .* from "|postgres|pglite/i;

const draw = drawer(seed);
const dataDir = mkdtempSync(join(tmpdir(), 'feverfew-attack-'));
const server = startServer({ port: PORT, dataDir, template });
const told = new Map();
const faults = [];
const fault = (what) => {
  faults.push(what);
  if (faults.length <= 20) console.log(`  ${what}`);
};

/** One request as it is, with any Host. @returns status, type and text; status 0 where nothing came */
function sendOnce({ method, path, headers = {}, body, longestMs = HANG_MS }, agent) {
  return new Promise((done) => {
    const call = request(
      {
        host: '127.0.0.1',
        port: PORT,
        method,
        path,
        headers,
        timeout: longestMs,
        setHost: !('host' in headers),
        agent,
      },
      (response) => {
        const type = String(response.headers['content-type'] ?? '');
        // A line of changes never ends.
        if (type.startsWith('text/event-stream')) {
          done({ status: response.statusCode, type, text: '' });
          return call.destroy();
        }
        const chunks = [];
        response.on('data', (chunk) => chunks.push(chunk));
        response.on('error', () => done({ status: 0, type: '', text: 'cut off' }));
        response.on('end', () =>
          done({ status: response.statusCode, type, text: Buffer.concat(chunks).toString('latin1') }),
        );
      },
    );
    call.on('timeout', () => {
      done({ status: 0, type: '', text: 'hangs' });
      call.destroy();
    });
    call.on('error', (error) => done({ status: 0, type: '', text: String(error.code ?? error) }));
    call.end(body);
  });
}

/** A line kept open may have been closed at the other end: asked again on one of its own. */
async function send(call) {
  const answer = await sendOnce(call);
  return answer.status === 0 && answer.text !== 'hangs' ? sendOnce(call, false) : answer;
}

const JSON_TYPE = { 'content-type': 'application/json' };
const ODD_IDS = [
  '..',
  '%00',
  '%2e%2e%2f',
  'x'.repeat(3000),
  '%ff',
  "'%20or%201=1--",
  '%F0%9F%98%80',
  '-1',
  'null',
  '0',
];
const FOREIGN = [
  { host: 'evil.example' },
  { host: `evil.example:${PORT}` },
  { host: '127.0.0.1.evil.example' },
  { host: '' },
  { origin: 'https://evil.example' },
  { origin: 'null' },
  { 'sec-fetch-site': 'cross-site' },
  { 'sec-fetch-site': 'same-site' },
];
const NOT_JSON = [
  'application/x-www-form-urlencoded',
  'text/plain',
  'multipart/form-data; boundary=x',
  'application/xml',
];

/** Sound things to make unsound: what the demo house keeps, as the routes take it. */
async function gather() {
  const today = await ask(BASE, '/today');
  const [piece] = await ask(BASE, '/pieces');
  const trouble = await ask(BASE, `/troubles/${today.waiting[0].id}`);
  const run = await ask(BASE, `/runs/${today.running[0].id}`);
  const settings = await ask(BASE, '/household');
  const [mix] = await ask(BASE, '/mixes');
  const file = await ask(BASE, '/household/file');
  const log = await (await fetch(`${BASE}/api/log.csv`)).text();
  const jpeg = file.photos[0]?.jpeg ?? POINT;
  const { id: _id, createdAt: _at, photoId: _photo, ...newPiece } = piece;
  const { facts } = trouble;
  const key = () => randomUUID();
  const event = (told) => ({ key: key(), event: told });
  const methodId = run.plan.passes[0].methodId;
  /** Bodies by the end of a route, tried on every route; the rest is told by name. */
  const bodies = [
    () => facts,
    () => ({ facts, methodId, dispute: 'wine', passIndex: 0, pieceId: null, troubleId: null, key: key() }),
    () => ({ facts, methodId }),
    () => ({ facts, dispute: 'wine' }),
    () => ({ facts, passIndex: 0 }),
    () => ({ pieceId: piece.id, facts }),
    () => ({ key: key(), troubleId: null, pieceId: piece.id, facts, passIndex: 0 }),
    () => newPiece,
    () => settings,
    () => ({ name: mix.name, mix: mix.mix }),
    () => mix.mix,
    () => ({ key: key(), planId: trouble.planId, passIndex: 0 }),
    () => event({ kind: 'noted', text: 'x' }),
    () => event({ kind: 'extended', minutes: 10 }),
    () => event({ kind: 'looked', answer: 'moving', leftPct: 50, signIds: [] }),
    () => event({ kind: 'actionDone', actionId: run.plan.passes[0].actions[0].id }),
    () => ({ instead: methodId }),
    () => ({ key: key(), what: 'machineWash', upkeepId: null, times: 3 }),
    () => ({ intoId: piece.id }),
    () => ({ key: key(), jpeg }),
    () => ({ csv: log }),
    () => ({ fact: 'asthma', entry: null, answer: 'yes' }),
    () => ({ kind: 'dilute', fromPct: 12, toPct: 3, finalML: 500 }),
  ];
  const ids = [piece.id, trouble.id, run.id, trouble.planId, mix.id, randomUUID()];
  return { bodies, ids, file, log, jpeg, runId: run.id, pieceId: piece.id };
}

/** The smallest JPEG there is: one grey point. */
const POINT =
  `/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP${'/'.repeat(86)}wAALCAABAAEBAREA` +
  '/8QAFAABAAAAAAAAAAAAAAAAAAAAA//EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AR//Z';

try {
  await untilUp(BASE);
  const { paths } = await (await fetch(`${BASE}/api/docs-json`)).json();
  const routes = Object.entries(paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => ({ path, method: method.toUpperCase() })),
  );
  console.log(`${routes.length} routes, ${wanted} requests, seed ${seed}`);
  const given = await gather();
  /** What would end or empty the house, and with it the attack. */
  const spared = ({ method, path }) =>
    path.includes('made-up') || (method === 'PUT' && path.endsWith('/file'));
  const open = routes.filter((route) => !spared(route));
  const filled = (path) =>
    path.replaceAll(/\{\w+\}/g, () =>
      draw.chance(0.7) ? draw.one(given.ids) : draw.chance(0.5) ? randomUUID() : draw.one(ODD_IDS),
    );

  const kinds = {
    /** A sound body made unsound at one place, or two. */
    body() {
      const route = draw.one(open);
      const sound = draw.one(given.bodies)();
      const body = draw.chance(0.05) ? JSON.stringify(sound) : mutant(sound, draw);
      return {
        method: route.method,
        path: filled(route.path),
        headers: JSON_TYPE,
        body: route.method === 'GET' ? undefined : body,
      };
    },
    address() {
      const route = draw.one(open);
      const tail = draw.one(['', '?x=%00', '/', '//', '/%2e%2e', `?${'a='.repeat(2000)}`, '%']);
      return {
        method: draw.one(['GET', 'HEAD', 'OPTIONS', 'DELETE', 'PATCH', route.method]),
        path: filled(route.path) + tail,
      };
    },
    foreign() {
      const route = draw.one(routes);
      const body = route.method === 'GET' ? undefined : JSON.stringify(draw.one(given.bodies)());
      return {
        method: route.method,
        path: filled(route.path),
        headers: { ...JSON_TYPE, ...draw.one(FOREIGN) },
        body,
        must: (status) => status === 403 || status === 400,
      };
    },
    notJson() {
      const route = draw.one(open.filter(({ method }) => method !== 'GET'));
      return {
        method: route.method,
        path: filled(route.path),
        headers: { 'content-type': draw.one(NOT_JSON) },
        body: 'csv=x&name=y',
        // Without a length a body of DELETE is no HTTP at all.
        must: (status) => status === 415 || status === 400,
      };
    },
    raw() {
      const route = draw.one(open.filter(({ method }) => method !== 'GET'));
      const body = draw.one([
        '{',
        '[[',
        '{"a":',
        'null',
        '1',
        '"x"',
        '[]',
        '{"__proto__":{"a":1}}',
        '\u0000',
        '['.repeat(5000),
      ]);
      return { method: route.method, path: filled(route.path), headers: JSON_TYPE, body };
    },
    file() {
      return {
        method: 'PUT',
        path: '/api/household/file',
        headers: JSON_TYPE,
        body: mutant(given.file, draw),
      };
    },
    log() {
      const csv = draw.chance(0.5) ? mutantText(given.log) : `${given.log}${draw.line()}`;
      return { method: 'POST', path: '/api/log', headers: JSON_TYPE, body: JSON.stringify({ csv }) };
    },
    picture() {
      const jpeg = spoiltBytes(Buffer.from(given.jpeg, 'base64'), draw).toString('base64');
      const path = draw.chance(0.5)
        ? `/api/runs/${given.runId}/photos`
        : `/api/pieces/${given.pieceId}/photo`;
      return {
        method: path.endsWith('photos') ? 'POST' : 'PUT',
        path,
        headers: JSON_TYPE,
        body: JSON.stringify({ key: randomUUID(), jpeg }),
      };
    },
    web() {
      const path = draw.one([
        '/',
        '/trouble',
        '/assets/x.js',
        '/assets/../../package.json',
        '/%2e%2e/package.json',
        '/nothing.php',
        '/..%2f',
      ]);
      return { method: draw.one(['GET', 'POST', 'PUT', 'DELETE']), path, page: true };
    },
  };
  const SHARES = {
    body: 0.5,
    address: 0.1,
    foreign: 0.08,
    notJson: 0.05,
    raw: 0.05,
    file: 0.05,
    log: 0.05,
    picture: 0.09,
    web: 0.03,
  };
  const mutantText = (text) =>
    JSON.parse(mutant(text.split('\n'), draw))
      .toString()
      .replaceAll(',,', '\n');

  for (let count = 0; count < wanted; count += 1) {
    const kind = draw.weighted(SHARES);
    let asked;
    try {
      asked = kinds[kind]();
    } catch {
      continue;
    }
    const { must, page, ...call } = asked;
    const { status, type, text } = await send(call);
    const outcome = `${kind} ${status || text}`;
    told.set(outcome, (told.get(outcome) ?? 0) + 1);
    const named = `${kind}: ${call.method} ${call.path.slice(0, 90)} ${JSON.stringify(call.headers ?? {})}`;
    if (status >= 500) fault(`${status} ${named} ${String(call.body ?? '').slice(0, 300)}`);
    else if (status === 0 && text === 'hangs') fault(`hangs ${named}`);
    else if (status === 0 && !(await isUp()))
      throw new Error(`ended by ${named} ${String(call.body ?? '').slice(0, 300)}`);
    else if (must && !must(status)) fault(`let in (${status}) ${named}`);
    else if (status >= 400 && !page && type.includes('html')) fault(`HTML ${named}`);
    if (status >= 400 && INSIDE.test(text)) fault(`tells of the inside: ${named} ${text.slice(0, 200)}`);
    if ((count + 1) % LOOK_EVERY === 0 || count + 1 === wanted) {
      await lookIn(count + 1);
      console.log(`${count + 1} of ${wanted} requests, ${faults.length} faults`);
    }
  }
} catch (error) {
  fault(String(error?.stack ?? error));
} finally {
  server.kill('SIGKILL');
  rmSync(dataDir, { recursive: true, force: true });
}

function isUp() {
  return fetch(`${BASE}/api/catalogue`).then(
    (response) => response.ok,
    () => false,
  );
}

/** All that is kept by now goes out, and would come in again. */
async function lookIn(count) {
  const out = await fetch(`${BASE}/api/household/file`);
  const text = await out.text();
  if (out.status !== 200)
    return fault(`after ${count}: the house cannot be written out: ${text.slice(0, 300)}`);
  const back = await send({
    method: 'PUT',
    path: '/api/household/file',
    headers: JSON_TYPE,
    body: text,
    longestMs: WHOLE_HOUSE_MS,
  });
  if (back.status !== 200)
    fault(`after ${count}: what went out does not come in: ${back.text.slice(0, 400)}`);
  for (const path of ['/today', '/pieces', '/what-works', '/mixes', '/log.csv', '/calendar.ics']) {
    const { status } = await send({ method: 'GET', path: `/api${path}` });
    if (status !== 200) fault(`after ${count}: ${path} says ${status}`);
  }
}

const rows = [...told].sort();
for (const [what, times] of rows) console.log(`${String(times).padStart(6)}  ${what}`);
console.log(`${rows.reduce((sum, [, times]) => sum + times, 0)} hostile requests, ${faults.length} faults`);
process.exit(faults.length === 0 ? 0 : 1);
