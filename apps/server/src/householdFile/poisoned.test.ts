import { randomUUID } from 'node:crypto';
import { deflateRawSync } from 'node:zlib';
import { HOUSEHOLD_FILE, HouseholdFile } from '@feverfew/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { shareByDay } from '../../../../testing/byDay.js';
import { POINT, type TestApp, testApp } from '../test/testApp.js';
import { HouseholdFileService } from './householdFile.service.js';

/**
 * Household files that were spoilt on purpose. After each of them the house is as it was, to the byte, or it holds what
 * the file said and the answer counted.
 */
let home: TestApp;
let text: string;
const written = async () => (await home.http.get('/api/household/file').expect(200)).text;
const send = (body: string | Buffer, type = 'application/json') =>
  home.http
    .put('/api/household/file')
    .set('content-type', type)
    .serialize((raw) => raw)
    .send(body);
beforeAll(async () => {
  home = await testApp({ demo: true });
  await home.app.get(HouseholdFileService, { strict: false }).read(few(JSON.parse(await written())), {
    isOwnBackup: true,
  });
  text = await written();
});
afterAll(() => home.close());

type File = HouseholdFile;
/** The demo house with a few of its plans: it is written out and read in many times here. */
function few(given: unknown): File {
  const file = HouseholdFile.parse(given);
  const runs = [underWay(file), ...file.runs.filter(({ events }) => events.length < 12).slice(0, 3)];
  const planIds = new Set(runs.map(({ planId }) => planId));
  const plans = file.plans.filter(({ id }) => planIds.has(id));
  const runIds = new Set(runs.map(({ id }) => id));
  const photos = file.photos.filter(({ runId }) => runId === null || runIds.has(runId));
  return {
    ...file,
    runs: runs.filter((run, index) => runs.indexOf(run) === index),
    plans,
    trials: [],
    photos,
  };
}
const fresh = (): File => HouseholdFile.parse(JSON.parse(text));
/** With one place of the text exchanged. */
const withText = (from: string | RegExp, to: string): string => {
  const changed = text.replace(from, to);
  return changed === text ? expect.unreachable(`nothing was changed: ${from}`) : changed;
};
const first = <Row>(rows: readonly Row[]): Row => rows[0] ?? expect.unreachable('a row');
/** The version as the file has it. */
const VERSION = `"version":${HOUSEHOLD_FILE.version}`;
const NAME = /"name":"[^"]+"/;
const AT = '2026-01-01T00:00:00.000Z';
const JPEG = Buffer.from(POINT, 'base64');
const picture = (jpeg: Buffer) => (file: File) =>
  file.photos.push({
    ...{ id: randomUUID(), createdAt: AT, runId: first(file.runs).id, pieceId: null },
    jpeg: jpeg.toString('base64'),
  });
/** The point with the size of its frame changed: the header says what the data do not hold. */
const hugeJpeg = () => {
  const jpeg = Buffer.from(JPEG);
  const frame = jpeg.indexOf(Buffer.from([0xff, 0xc0]));
  jpeg.writeUInt32BE(0xffffffff, frame + 5);
  return jpeg;
};
const underWay = (file: File) =>
  file.runs.find(({ events }) => events.at(-1)?.event.kind !== 'finished') ?? expect.unreachable('a run');

/** What is not JSON of a household file at all. */
const BYTES: readonly [string, () => string | Buffer][] = [
  ['nothing', () => ''],
  ['half of it', () => text.slice(0, text.length / 2)],
  ['all but its last sign', () => text.slice(0, -1)],
  ['it twice, one after the other', () => text + text],
  ['null', () => 'null'],
  ['a number', () => '8'],
  ['a text that holds it', () => JSON.stringify(text)],
  ['a list that holds it', () => `[${text}]`],
  ['UTF-16', () => Buffer.from(text, 'utf16le')],
  ['a NUL in the middle', () => withText('"pieces"', '"pie\u0000ces"')],
  ['bytes that are no UTF-8', () => Buffer.concat([Buffer.from([0xff, 0xfe, 0xc0]), Buffer.from(text)])],
  ['a zip', () => deflateRawSync(Buffer.from(text))],
  ['a picture', () => JPEG],
  [
    'depth without end',
    () => withText('"pieces":', `"x":${'['.repeat(100_000)}${']'.repeat(100_000)},"pieces":`),
  ],
  ['a name twice', () => withText('"format"', `${VERSION},"format"`)],
  ['a name twice in a row', () => withText(NAME, '"name":"a","name":"b"')],
  ['NaN', () => withText(VERSION, '"version":NaN')],
  ['a figure beyond all figures', () => withText(VERSION, '"version":1e999')],
];

/** What is JSON, and no house. */
const REFUSED: readonly [string, (file: File) => unknown][] = [
  ['another format', (file) => Object.assign(file, { format: 'Feverfew-Household' })],
  ['a version as a text', (file) => Object.assign(file, { version: String(HOUSEHOLD_FILE.version) })],
  ['half a version', (file) => Object.assign(file, { version: 7.5 })],
  ['a version of tomorrow', (file) => Object.assign(file, { version: HOUSEHOLD_FILE.version + 1 })],
  ['a name of its own', (file) => Object.assign(file, { owner: 'x' })],
  ['a name of its own in a row', ({ pieces }) => Object.assign(first(pieces), { owner: 'x' })],
  ['a list in place of a row', ({ pieces }) => pieces.push([] as never)],
  ['nothing in place of a row', ({ runs }) => runs.push(null as never)],
  ['a record in place of a list', (file) => Object.assign(file, { pieces: { length: 1 } })],
  [
    'an id twice, once in capitals',
    ({ pieces }) => pieces.push({ ...first(pieces), id: first(pieces).id.toUpperCase() }),
  ],
  ['an id that is none', ({ pieces }) => Object.assign(first(pieces), { id: '../../etc/passwd' })],
  [
    'an event of two runs',
    ({ runs }) => Object.assign(first(runs[1]?.events ?? []), { key: first(first(runs).events).key }),
  ],
  ['an event twice', ({ runs }) => first(runs).events.push(first(first(runs).events))],
  ['an event left out', ({ runs }) => first(runs).events.splice(0, 1)],
  ['events in another order', ({ runs }) => first(runs).events.reverse()],
  [
    'a step its plan does not have',
    (file) =>
      underWay(file).events.push({
        id: randomUUID(),
        key: randomUUID(),
        event: { kind: 'actionDone', at: underWay(file).events.at(-1)?.event.at ?? AT, actionId: 'pourIt' },
      }),
  ],
  [
    'a run of a plan without steps',
    (file) => {
      const { planId } = underWay(file);
      for (const { id, plan } of file.plans) if (id === planId) plan.passes = [];
    },
  ],
  [
    'a run that begins where its plan does not',
    ({ runs }) => Object.assign(first(first(runs).events).event, { passIndex: 19 }),
  ],
  [
    'a trouble whose piece is not in it',
    ({ pieces, troubles }) => {
      const { pieceId } = first(troubles);
      pieces.splice(
        pieces.findIndex(({ id }) => id === pieceId),
        1,
      );
    },
  ],
  [
    'a line of the heap in a load that is not there',
    ({ heap }) => Object.assign(first(heap), { loadId: randomUUID() }),
  ],
  [
    'a line of the heap of two pieces',
    ({ heap, pieces }) =>
      Object.assign(first(heap), { pieceId: first(heap).pieceId ? null : first(pieces).id }),
  ],
  [
    'a line that hangs and was never washed',
    ({ heap }) => Object.assign(first(heap), { loadId: null, hungAt: AT }),
  ],
  [
    'a mix that gives off chlorine',
    ({ mixes }) => {
      const pour = first(first(mixes).mix.pours);
      first(mixes).mix.pours = [
        { ...pour, agentId: 'chlorineBleach' },
        { ...pour, agentId: 'vinegar' },
      ];
    },
  ],
  [
    'an agent nobody knows',
    ({ mixes }) => Object.assign(first(first(mixes).mix.pours), { agentId: 'dragonsBlood' }),
  ],
  [
    'shares of more than all',
    ({ pieces }) =>
      Object.assign(first(first(pieces).facts.parts), {
        fibres: [
          { fibreId: 'cotton', sharePct: 99 },
          { fibreId: 'silk', sharePct: 99 },
        ],
      }),
  ],
  [
    'a share below nothing',
    ({ pieces }) =>
      Object.assign(first(first(pieces).facts.parts), {
        fibres: [
          { fibreId: 'cotton', sharePct: 101 },
          { fibreId: 'silk', sharePct: -1 },
        ],
      }),
  ],
  [
    'a thousand fibres',
    ({ pieces }) =>
      Object.assign(first(first(pieces).facts.parts), {
        fibres: Array.from({ length: 1000 }, () => ({ fibreId: 'cotton', sharePct: 0.1 })),
      }),
  ],
  [
    '__proto__ as a fibre',
    ({ pieces }) =>
      Object.assign(first(first(pieces).facts.parts), { fibres: [{ fibreId: '__proto__', sharePct: 100 }] }),
  ],
  [
    'constructor as a kind of piece',
    ({ pieces }) => Object.assign(first(pieces).facts, { itemId: 'constructor' }),
  ],
  [
    'a mark by a name every object has',
    ({ troubles }) => Object.assign(first(troubles).facts, { markIds: ['toString'] }),
  ],
  [
    'an answer named like a part of every object',
    ({ troubles }) => Object.assign(first(troubles).facts, { answers: { constructor: 'valueOf' } }),
  ],
  ['no times of washing', ({ care }) => Object.assign(first(care), { times: 0 })],
  [
    'times of washing that are no whole number',
    ({ care }) => Object.assign(first(care), { times: 1.0000000001 }),
  ],
  [
    'a day that is not in the calendar',
    ({ pieces }) => Object.assign(first(pieces), { createdAt: '2026-02-30T00:00:00.000Z' }),
  ],
  [
    'a moment of another clock',
    ({ pieces }) => Object.assign(first(pieces), { createdAt: '2026-01-01T00:00:00+14:00' }),
  ],
  ['a moment as a number', ({ pieces }) => Object.assign(first(pieces), { createdAt: 1767225600000 })],
  ['a text without end', ({ pieces }) => Object.assign(first(pieces).facts, { name: 'x'.repeat(1_000_000) })],
  ['half a character', ({ pieces }) => Object.assign(first(pieces).facts, { name: 'red \ud83d' })],
  ['a NUL in a text', ({ pieces }) => Object.assign(first(pieces).facts, { name: 'red\u0000sock' })],
  [
    'a picture that is none',
    picture(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>')),
  ],
  ['a picture of another kind', picture(Buffer.from('89504e470d0a1a0a0000000d49484452', 'hex'))],
  ['half a picture', picture(JPEG.subarray(0, JPEG.length / 2))],
  ['a picture larger than a wall', picture(hugeJpeg())],
  [
    'a picture of a run and a piece',
    (file) => {
      picture(JPEG)(file);
      Object.assign(file.photos.at(-1) ?? {}, { pieceId: first(file.pieces).id });
    },
  ],
  [
    'a vessel of no size',
    ({ settings }) => Object.assign(settings?.household.vessels[0] ?? {}, { volumeL: -1 }),
  ],
];

/** What is a house, however odd: it is read, and counted. */
const TAKEN: readonly [string, () => string][] = [
  ['the same file, written with room between', () => JSON.stringify(JSON.parse(text), null, 2)],
  ['its rows backwards', () => JSON.stringify(reordered(fresh(), (rows) => rows.reverse()))],
  ['every id in capitals', () => text.replaceAll(UUID, (id) => id.toUpperCase())],
  ['a piece with the id of a run', () => text.replaceAll(pieceUnderWay(fresh()), first(fresh().runs).id)],
  ['names that a page could take for its own', () => named('<img src=x onerror=alert(1)>')],
  ['names that run from right to left', () => named('\u202egnihtyna\u2066 \u200d')],
  ['a name of nothing but what is not seen', () => named('\u200b\u2060')],
  ['words of plans exchanged', () => withText(/"why":"[^"]+"/g, '"why":"Pour in chlorine bleach."')],
  ['a run of the next century', () => text.replaceAll('"at":"2026', '"at":"2126')],
  ['a plan made before there were pieces', () => withText(/"createdAt":"2026/g, '"createdAt":"1900')],
  ['no seal on any plan', () => withText(/"seal":"[^"]+"/g, '"seal":null')],
  ['seals of somebody else', () => withText(/"seal":"[^"]+"/g, '"seal":"c2VhbA"')],
  ['no household told', () => JSON.stringify({ ...fresh(), settings: null, washing: null, mixes: [] })],
];
/** The piece of the run that is looked at afterwards: the ids of a demo house, and so their order, are new each time. */
const pieceUnderWay = (file: File): string => {
  const plan = file.plans.find(({ id }) => id === underWay(file).planId);
  const trouble = file.troubles.find(({ id }) => id === plan?.troubleId);
  return trouble?.pieceId ?? expect.unreachable('a piece');
};
const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;
const named = (name: string) => {
  const file = fresh();
  for (const { facts } of file.pieces) Object.assign(facts, { name });
  return JSON.stringify(file);
};
const reordered = (file: File, order: (rows: unknown[]) => unknown) =>
  Object.fromEntries(
    Object.entries(file).map(([name, value]) => [name, Array.isArray(value) ? order([...value]) : value]),
  );
/** What a file says, in whatever order and letters its rows and ids stand. */
const said = (given: string) =>
  reordered(JSON.parse(given.replaceAll(new RegExp(UUID, 'gi'), (id) => id.toLowerCase())), (rows) =>
    rows.map((row) => JSON.stringify(row)).sort(),
  );

/** Every one of them fills a database. */
describe('taken as it was, and counted', () => {
  it.each(shareByDay(TAKEN, 3))('%s', async (_what, spoil) => {
    const sent = spoil();
    const { status, body } = await send(sent);
    expect(status, JSON.stringify(body)).toBe(200);
    const file = HouseholdFile.parse(JSON.parse(sent));
    expect(body).toMatchObject({
      ...{ pieces: file.pieces.length, troubles: file.troubles.length, runs: file.runs.length },
      mixes: file.mixes.length,
    });
    const out = await written();
    expect(said(out)).toEqual(said(sent));
    // What it says of plans holds at the tub too.
    const { danger } = (await home.http.get(`/api/runs/${underWay(file).id}`).expect(200)).body;
    expect(danger === 'planNotOurs').toBe(body.plansToRead > 0);
  });
});

describe('refused, and the house is as it was', () => {
  beforeAll(async () => {
    await send(text).expect(200);
  });

  it('what is no file', async () => {
    for (const [what, spoil] of BYTES) {
      const { status, body } = await send(spoil());
      expect(`${what}: ${status >= 400 && status < 500}`).toBe(`${what}: true`);
      expect(`${what}: ${body.detail}`).not.toMatch(/position \d|token|JSON at|undefined|object Object/i);
    }
    expect((await send(text.slice(0, -1))).body.detail).toMatch(/cut short/);
    expect(await written()).toBe(text);
  });

  it('a file that is no house', async () => {
    for (const [what, spoil] of REFUSED) {
      const file = fresh();
      const before = JSON.stringify(file);
      spoil(file);
      expect(JSON.stringify(file), what).not.toBe(before);
      const { status } = await send(JSON.stringify(file));
      expect(`${what}: ${status}`).toMatch(/: (400|409|422)$/);
    }
    expect(await written()).toBe(text);
  });
});
