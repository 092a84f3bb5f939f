import { randomUUID } from 'node:crypto';
import { HouseholdFile, Today, WhatWorksView } from '@feverfew/contracts';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readLog, writeLog } from './log/logCsv.js';
import { type TestApp, testApp } from './test/testApp.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp({ demo: true });
});
afterAll(() => server.close());

const fileOf = async (from: TestApp): Promise<string> =>
  (await from.http.get('/api/household/file').expect(200)).text;

describe('the whole household as a file', () => {
  it('goes out, into an empty house, and out again byte for byte', async () => {
    const before = await fileOf(server);
    const file = HouseholdFile.parse(JSON.parse(before));
    expect(file.runs.flatMap((run) => run.events).length).toBeGreaterThan(150);
    const other = await testApp();
    const { body } = await other.http.put('/api/household/file').send(file).expect(200);
    expect(body).toMatchObject({ pieces: file.pieces.length, runs: file.runs.length });
    expect(await fileOf(other)).toBe(before);
    const here = Today.parse((await server.http.get('/api/today')).body);
    const there = Today.parse((await other.http.get('/api/today')).body);
    expect(there.running).toEqual(here.running);
    expect(there.waiting).toEqual(here.waiting);
    const works = async (at: TestApp) => WhatWorksView.parse((await at.http.get('/api/what-works')).body);
    expect((await works(other)).moves).toEqual((await works(server)).moves);
    await other.close();
  });

  it('reads a file of the first version: settings and shelf, and leaves the book alone', async () => {
    const file = JSON.parse(await fileOf(server));
    const { prices: _prices, ...settings } = file.settings;
    const mixes = file.mixes.map(({ name, mix }: { name: string; mix: object }) => ({ name, mix }));
    const first = { format: file.format, version: 1, settings, mixes };
    await server.http.put('/api/household/file').send(first).expect(200);
    const after = JSON.parse(await fileOf(server));
    expect(after.pieces).toEqual(file.pieces);
    expect(after.settings.prices.money).toBe('');
    await server.http.put('/api/household/file').send(file).expect(200);
    expect(JSON.parse(await fileOf(server))).toEqual(file);
  });

  type File = ReturnType<typeof HouseholdFile.parse>;
  it.each([
    [
      'a run whose events do not follow',
      (file: File) => file.runs[0]?.events.splice(1, 1),
      /runs\.\d+\.events/,
    ],
    ['a plan of a trouble that is not in it', (file: File) => file.troubles.splice(0, 1), /troubleId/],
    [
      'a piece of a kind nobody knows',
      (file: File) => Object.assign(file.pieces[0]?.facts ?? {}, { itemId: 'dragonHide' }),
      /itemId/,
    ],
    ['the same piece twice', (file: File) => file.pieces.push(file.pieces[0] as File['pieces'][0]), /pieces/],
    [
      'a picture that is none',
      (file: File) =>
        file.photos.push({
          id: randomUUID(),
          createdAt: '2026-01-01T00:00:00.000Z',
          runId: file.runs[0]?.id ?? '',
          pieceId: null,
          jpeg: 'aGVsbG8=',
        }),
      /jpeg/,
    ],
    [
      'a picture of nothing',
      (file: File) =>
        file.photos.push({
          id: randomUUID(),
          createdAt: '2026-01-01T00:00:00.000Z',
          runId: null,
          pieceId: null,
          jpeg: '',
        }),
      /photos\.\d+"/,
    ],
    [
      'a waiting plan doctored to pour what may not meet',
      (file: File) => {
        const over = new Set(file.runs.map((run) => run.planId));
        const mix = file.plans
          .filter(({ id }) => !over.has(id))
          .flatMap(({ plan }) => plan.passes.flatMap((pass) => pass.actions))
          .find(
            (step) => step.kind === 'mix' && step.ingredients.some((one) => one.agentId === 'oxygenBleach'),
          );
        const [first] = mix?.ingredients ?? [];
        if (mix && first) mix.ingredients = [...mix.ingredients, { ...first, agentId: 'chlorineBleach' }];
      },
      /plans/,
    ],
  ])('refuses %s, with its place, and changes nothing', async (_name, spoil, place) => {
    const before = await fileOf(server);
    const file = HouseholdFile.parse(JSON.parse(before));
    spoil(file);
    const { body } = await server.http.put('/api/household/file').send(file).expect(400);
    expect(JSON.stringify(body.errors)).toMatch(place);
    expect(await fileOf(server)).toBe(before);
  });
});

describe('the log as CSV', () => {
  it('goes out with a heading and one line per use, and comes in again without a double', async () => {
    const { text, headers } = await server.http.get('/api/log.csv').expect(200);
    expect(headers['content-type']).toMatch(/^text\/csv/);
    expect(text.split('\r\n')[0]).toBe(
      'id,date,piece,mark,method,fibres,age,rounds,leftPct,minutes,tempC,note',
    );
    const lines = text.trim().split('\r\n').length - 1;
    // Runs of this house keep their minutes and temperature; an imported log may lack both.
    expect(text).toMatch(/,\d+,\d+,\d+,\d+,/);
    const { body } = await server.http.post('/api/log').send({ csv: text }).expect(200);
    expect(body).toEqual({ added: 0, known: lines });
  });

  it('takes other dialects: semicolons, a byte-order mark, decimal commas; the plans learn from it', async () => {
    const uses = (await server.http.get('/api/what-works')).body.uses;
    const csv =
      '\uFEFFdate;piece;mark;method;fibres;age;rounds;leftPct;note\r\n' +
      '2026-03-01;"bath towels";stiffTowels;citricSoak;cellulose;old;1;12,5;"said ""soft""; kept"\r\n';
    expect((await server.http.post('/api/log').send({ csv }).expect(200)).body).toEqual({
      added: 1,
      known: 0,
    });
    expect((await server.http.get('/api/what-works')).body.uses).toBe(uses + 1);
    expect((await server.http.get('/api/log.csv')).text).toContain('"said ""soft""; kept"');
    expect((await server.http.post('/api/log').send({ csv }).expect(200)).body).toEqual({
      added: 0,
      known: 1,
    });
  });

  it('refuses every line at fault with its number, and adds none of the others', async () => {
    const csv = [
      'date,piece,mark,method,fibres,age,rounds,leftPct,minutes,note',
      '2026-03-01,bath towels,stiffTowels,citricSoak,cellulose,old,1,10,45,fine',
      'yesterday,bath towels,stiffTowels,citricSoak,cellulose,old,1,10,,',
      '2026-03-01,ghost sheet,stiffTowels,citricSoak,cellulose,old,1,10,,',
      '2026-03-01,bath towels,stiffTowels,witchcraft,cellulose,old,1,10,,',
      '2026-03-01,bath towels,stiffTowels,citricSoak,cellulose,old,1,250,,',
      '2026-03-01,bath towels,stiffTowels,citricSoak,cellulose,old,1,10,long,',
    ].join('\n');
    const before = (await server.http.get('/api/log.csv')).text;
    const { body } = await server.http.post('/api/log').send({ csv }).expect(400);
    expect(body.errors.map((error: { path: string }) => error.path)).toEqual([
      'line.3',
      'line.4',
      'line.5',
      'line.6',
      'line.7',
    ]);
    expect((await server.http.get('/api/log.csv')).text).toBe(before);
    await server.http.post('/api/log').send({ csv: 'when,what\n1,2' }).expect(400);
  });

  it.each(['=1+1', '+1', '-1', '@a', '＝1+1', '＋1', '\u200b=1+1', ' \u00a0=1+1', '\ufeff=cmd|calc'])(
    'leads %j by an apostrophe, and takes it off again',
    (piece) => {
      const line = { id: 'x', date: '2026-01-01', piece, mark: 'tea', method: 'm', fibres: 'cellulose' };
      const more = { age: 'old', rounds: '1', leftPct: '5', minutes: '', tempC: '40', note: '' };
      const text = writeLog([{ ...line, ...more }]);
      const cells = Papa.parse<string[]>(text).data[1] ?? [];
      expect(cells[2]).toMatch(/^'/);
      expect(readLog(text).lines[0]?.piece).toBe(piece);
    },
  );

  it('refuses what it could not write out again', async () => {
    const lines = (id: string, date: string) =>
      [
        'id,date,piece,mark,method,fibres,age,rounds,leftPct',
        `${id},${date},damask cloth,beetroot,oxygenSoak,cellulose,old,1,5`,
      ].join('\n');
    const send = (csv: string) => server.http.post('/api/log').send({ csv });
    for (const [id, date] of [
      ['x'.repeat(90), '2026-01-01'],
      ['year', '0000-01-01'],
      ['late', '0999-12-31'],
    ] as const) {
      const { body } = await send(lines(id, date)).expect(400);
      expect(body.errors[0].path).toBe('line.2');
    }
    await server.http.get('/api/household/file').expect(200);
  });

  it('lets no cell run as a formula, and reads its own text back', () => {
    const line = {
      id: 'x',
      date: '2026-01-01',
      piece: '=HYPERLINK("http://x")',
      mark: 'tea',
      method: 'm',
      fibres: 'cellulose',
      age: 'old',
      rounds: '1',
      leftPct: '5',
      minutes: '',
      tempC: '40',
      note: '+1, "and" @cmd\n-2',
    };
    const csv = writeLog([line]);
    for (const cell of csv.split('\r\n')[1]?.match(/("([^"]|"")*"|[^,]*)/g) ?? [])
      expect(cell.replace(/^"/, '')).not.toMatch(/^[=+\-@]/);
    expect(readLog(csv)).toEqual({ lines: [line], faults: [] });
  });
});

describe('the calendar', () => {
  it('is iCalendar with the end of each soak and every upkeep', async () => {
    const { text, headers } = await server.http.get('/api/calendar.ics').expect(200);
    expect(headers['content-type']).toMatch(/^text\/calendar/);
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(text.trim()).toMatch(/END:VCALENDAR$/);
    const unfolded = text.replace(/\r\n[ \t]/g, '');
    expect(unfolded).toContain('SUMMARY:Look: lawn petticoat');
    expect(unfolded).toContain('BEGIN:VALARM');
    expect(unfolded).toMatch(/SUMMARY:sofa covers: wash the covers/);
    expect(unfolded.match(/BEGIN:VEVENT/g)?.length).toBe(unfolded.match(/^UID:/gm)?.length);
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });
});
