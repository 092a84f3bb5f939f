import { randomUUID } from 'node:crypto';
import { LineView, type NewHeapLine, PieceSummary, PLAIN_LINE, Problem, WashView } from '@feverfew/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { z } from 'zod';
import { beetroot, type TestApp, testApp } from '../test/testApp.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp({ demo: false });
});
afterAll(() => server.close());

const handful = (itemId: string, more: Partial<NewHeapLine> = {}): NewHeapLine => ({
  ...PLAIN_LINE,
  colour: 'white',
  itemId,
  ...more,
});
const wash = async () => WashView.parse((await server.http.get('/api/wash').expect(200)).body);
const line = async () => LineView.parse((await server.http.get('/api/wash/line').expect(200)).body);
async function add(...lines: NewHeapLine[]): Promise<string[]> {
  const given = lines.map((one) => ({ id: randomUUID(), line: one }));
  await server.http.post('/api/wash/heap').send({ lines: given }).expect(204);
  return given.map(({ id }) => id);
}
const settings = (changed: object) => server.http.put('/api/wash/settings').send(changed);
async function emptied(): Promise<void> {
  for (const { lineId } of (await wash()).pieces) await server.http.delete(`/api/wash/heap/${lineId}`);
  await settings({ arrangement: null, leftOut: [], best: 0, machine: null }).expect(204);
}

describe('the heap', () => {
  it('is empty, then sorted into loads with their dose, their dryer and what each says to each piece', async () => {
    expect(await wash()).toMatchObject({ pieces: [], loads: [], running: [], proven: true });
    const [sheets, shirts, darks] = await add(
      handful('bedSheet', { count: 3 }),
      handful('shirt', { count: 2, colour: 'pale' }),
      handful('tShirt', { count: 4, colour: 'dark' }),
    );
    const view = await wash();
    expect(view.loads.map(({ pieceIds }) => [...pieceIds].sort())).toEqual(
      [[sheets, shirts].sort(), [darks]].map((ids) => ids as string[]),
    );
    expect(view.proven).toBe(true);
    const [first] = view.loads;
    expect(first).toMatchObject({
      tempC: 40,
      joining: { holderIds: [shirts], heldIds: [sheets], apartC: 60 },
    });
    expect(first?.compartments.main?.volumeML).toBeGreaterThan(20);
    expect(view.answers[darks ?? '']?.[0]).toMatchObject({ may: false, why: { code: 'clash' } });
    expect(view.pieces.find(({ id }) => id === sheets)?.assumed).toEqual(['tag', 'mass']);
    await settings({ best: 1 }).expect(204);
    expect((await wash()).loads).toHaveLength(3);
    await emptied();
  });

  it('takes the colour of its kind where none is said, and says that it was assumed', async () => {
    const ids = await add(
      handful('towel', { colour: null }),
      handful('jeans', { colour: null }),
      handful('babyClothes', { colour: null }),
      handful('shirt', { colour: 'dark' }),
    );
    const { pieces } = await wash();
    const found = ids.map((id) => pieces.find(({ lineId }) => lineId === id));
    expect(found.map((piece) => [piece?.colour, piece?.assumed.includes('colour')])).toEqual([
      ['white', true],
      ['dark', true],
      ['pale', true],
      ['dark', false],
    ]);
    await emptied();
  });

  it.each([
    ['white', true],
    [null, false],
  ] as const)('towels of colour %s get oxygen bleach: %s', async (colour, isGiven) => {
    await add(handful('towel', { colour, count: 6, soil: 'heavy' }));
    const [load] = (await wash()).loads;
    expect(load?.compartments.oxygen !== null).toBe(isGiven);
    await emptied();
  });

  it('a line told twice is there once, and what is no piece is refused at its place', async () => {
    const given = { id: randomUUID(), line: handful('towel') };
    await server.http
      .post('/api/wash/heap')
      .send({ lines: [given] })
      .expect(204);
    await server.http
      .post('/api/wash/heap')
      .send({ lines: [given] })
      .expect(204);
    expect((await wash()).pieces).toHaveLength(1);
    const wrong = async (more: Partial<NewHeapLine>) =>
      Problem.parse(
        (
          await server.http
            .post('/api/wash/heap')
            .send({ lines: [{ id: randomUUID(), line: handful('towel', more) }] })
            .expect(400)
        ).body,
      );
    expect((await wrong({ count: 0 })).errors?.[0]?.path).toBe('lines.0.line.count');
    expect((await wrong({ itemId: 'moonSuit' })).detail).toMatch(/moonSuit/);
    expect((await wrong({ use: 'moonDust' })).detail).toMatch(/moonDust/);
    expect((await wrong({ itemId: null, pieceId: randomUUID() })).detail).toMatch(/not in the linen book/);
    expect((await wrong({ itemId: null })).errors?.[0]?.message).toMatch(/which piece/);
    await emptied();
  });

  it('keeps what somebody arranged, and what may not be together falls out of it', async () => {
    const [towels, sheets, darks] = await add(
      handful('towel', { count: 2 }),
      handful('bedSheet'),
      handful('tShirt', { colour: 'dark' }),
    );
    expect((await wash()).loads).toHaveLength(2);
    await settings({ arrangement: [[towels], [sheets, darks]] }).expect(204);
    const view = await wash();
    expect(view.arranged).toBe(true);
    expect(view.loads.map(({ pieceIds }) => pieceIds)).toEqual([[towels], [sheets], [darks]]);
    await settings({ leftOut: [darks] }).expect(204);
    expect((await wash()).stays).toEqual([{ pieceId: darks, reason: { code: 'leftOut' } }]);
    expect((await wash()).answers[darks ?? '']).toHaveLength(2);
    await emptied();
  });

  it('splits a handful that is more than a drum, and fills with a part of it', async () => {
    const [towels] = await add(handful('towel', { count: 20 }));
    const view = await wash();
    expect(view.pieces.map(({ count }) => count)).toEqual([10, 10]);
    const key = randomUUID();
    const [one] = view.loads;
    await server.http.post('/api/wash/loads').send({ key, pieceIds: one?.pieceIds }).expect(204);
    await server.http.post('/api/wash/loads').send({ key, pieceIds: one?.pieceIds }).expect(204);
    const left = await wash();
    expect(left.pieces.map(({ count }) => count)).toEqual([10]);
    expect(left.running[0]?.pieces).toMatchObject([{ lineId: towels, count: 10 }]);
    await server.http.post(`/api/wash/loads/${key}/undo`).expect(204);
    expect((await wash()).pieces.map(({ count }) => count)).toEqual([10, 10]);
    await emptied();
  });

  it('fills with what is shown as one load, and with nothing else', async () => {
    const [towels, darks] = await add(handful('towel'), handful('leggings', { colour: 'dark' }));
    const refused = await server.http
      .post('/api/wash/loads')
      .send({ key: randomUUID(), pieceIds: [towels, darks] })
      .expect(409);
    expect(Problem.parse(refused.body).detail).toMatch(/Lint of|greys/);
    await server.http
      .post('/api/wash/loads')
      .send({ key: randomUUID(), pieceIds: [randomUUID()] })
      .expect(404);
    await emptied();
  });
});

describe('a piece with an open trouble', () => {
  const told = async (markId: string, agentId: string | null) => {
    const tried = agentId
      ? [{ agentId, times: 1, effect: 'unknown', hot: false, washedOut: 'no' } as const]
      : [];
    const facts = { ...beetroot, markIds: [markId], tried };
    const { body } = await server.http.post('/api/troubles').send({ pieceId: null, facts }).expect(201);
    return body.pieceId as string;
  };
  it.each<[string, string | null, string]>([
    ['beetroot', 'petrol', 'solventSmells'],
    ['humanUrine', 'chlorineBleach', 'productOnIt'],
    ['rust', 'strongRustRemover', 'productOnIt'],
    ['fuelSpill', null, 'fuel'],
  ])('%s, with %s put on it, joins nothing: %s', async (markId, agentId, code) => {
    const pieceId = await told(markId, agentId);
    await add({ ...PLAIN_LINE, pieceId }, handful('towel', { count: 3 }));
    const view = await wash();
    const line = view.pieces.find((piece) => piece.pieceId === pieceId);
    expect(view.stays.find((stay) => stay.pieceId === line?.id)?.reason.code).toBe(code);
    expect(view.loads.flatMap(({ pieceIds }) => pieceIds)).not.toContain(line?.id);
    await emptied();
  });
  it('faeces on it: a drum of its own', async () => {
    const pieceId = await told('faeces', null);
    await add({ ...PLAIN_LINE, pieceId }, handful('towel', { count: 3 }));
    const view = await wash();
    const line = view.pieces.find((piece) => piece.pieceId === pieceId);
    expect(view.loads.find(({ pieceIds }) => pieceIds.includes(line?.id ?? ''))?.pieceIds).toHaveLength(1);
    await emptied();
  });
});

describe('a line of the heap', () => {
  it('is of one thing after it was changed from a handful to a piece and back', async () => {
    const { body } = await server.http
      .post('/api/troubles')
      .send({ pieceId: null, facts: beetroot })
      .expect(201);
    const [id] = await add(handful('towel'));
    const put = (line: NewHeapLine) => server.http.put(`/api/wash/heap/${id?.toUpperCase()}`).send(line);
    await put({ ...PLAIN_LINE, pieceId: body.pieceId.toUpperCase() }).expect(204);
    expect((await wash()).pieces).toMatchObject([{ lineId: id, pieceId: body.pieceId }]);
    await server.http.get('/api/household/file').expect(200);
    await put(handful('shirt')).expect(204);
    expect((await wash()).pieces).toMatchObject([{ lineId: id, pieceId: null }]);
    await server.http.get('/api/household/file').expect(200);
    await put({ ...handful('shirt'), pieceId: body.pieceId }).expect(400);
    await emptied();
  });

  it('hangs no longer after its load was emptied, and the file can come in again', async () => {
    const lineIds = await add(handful('towel'));
    const key = randomUUID();
    await server.http.post('/api/wash/loads').send({ key, pieceIds: lineIds }).expect(204);
    await server.http.post('/api/wash/line/hang').send({ lineIds, place: 'rack' }).expect(204);
    await server.http.post(`/api/wash/loads/${key}/undo`).expect(204);
    const { body } = await server.http.get('/api/household/file').expect(200);
    expect(body.heap).toMatchObject([{ loadId: null, place: null, hungAt: null, dryAt: null }]);
    await server.http.put('/api/household/file').send(body).expect(200);
    await emptied();
  });
});

describe('from the drum to dry', () => {
  it('counts a wash for each piece, hangs it, learns when it was dry, and takes each back', async () => {
    const made = await server.http
      .post('/api/pieces')
      .send({
        itemId: 'bedSheet',
        name: 'percale sheet',
        parts: [{ name: 'whole piece', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }],
        colour: 'white',
        fastness: 'proven',
        condition: 'sound',
        label: null,
        code: null,
        dryMassG: 600,
        metalParts: false,
      })
      .expect(201);
    const pieceId = z.object({ id: z.uuid() }).parse(made.body).id;
    const washes = async () =>
      z
        .array(PieceSummary)
        .parse((await server.http.get('/api/pieces')).body)
        .find(({ id }) => id === pieceId)?.exposure.machineWashes ?? 0;
    const [sheet] = await add(handful('bedSheet', { itemId: null, pieceId, name: '' }));
    const key = randomUUID();
    await server.http
      .post('/api/wash/loads')
      .send({ key, pieceIds: [sheet] })
      .expect(204);
    const [running] = (await wash()).running;
    expect(running).toMatchObject({ id: key, doneAt: null, pieces: [{ name: 'percale sheet' }] });
    expect(Date.parse(running?.hangBy ?? '') - Date.parse(running?.endsAt ?? '')).toBe(12 * 3_600_000);
    expect((await line()).lines).toEqual([]);

    await server.http.post(`/api/wash/loads/${key}/done`).expect(204);
    await server.http.post(`/api/wash/loads/${key}/done`).expect(204);
    expect(await washes()).toBe(1);
    await settings({ weather: { origin: 'byHand', weather: 'dryWindy' } }).expect(204);
    await server.http
      .post('/api/wash/line/hang')
      .send({ lineIds: [sheet], place: 'rack' })
      .expect(204);
    const hung = await line();
    expect(hung).toMatchObject({
      origin: 'byHand',
      lines: [{ name: 'percale sheet', place: 'rack', order: 0 }],
    });
    const [wet] = hung.lines;
    expect(wet?.waterL).toBeGreaterThan(0.2);
    expect(Date.parse(wet?.latest ?? '')).toBeGreaterThan(Date.parse(wet?.earliest ?? ''));

    const late = new Date(Date.parse(hung.now) + 40 * 24 * 3_600_000).toISOString();
    await server.http
      .post('/api/wash/line/dry')
      .send({ lineIds: [sheet], at: late })
      .expect(400);
    const early = new Date(Date.parse(hung.now) - 40 * 60_000).toISOString();
    const { body } = await server.http
      .post('/api/wash/line/dry')
      .send({ lineIds: [sheet], at: early })
      .expect(400);
    expect(body.detail).toBe('It was hung up after that. Enter a time after it was hung.');
    server.pass(600);
    const at = new Date(Date.parse(hung.now) + 300 * 60_000).toISOString();
    await server.http
      .post('/api/wash/line/dry')
      .send({ lineIds: [sheet], at })
      .expect(204);
    const dry = await line();
    expect(dry.lines).toEqual([]);
    expect(dry.ownRate.seen).toBe(1);
    expect(dry.ownRate.factor).not.toBe(1);

    await server.http.post(`/api/wash/loads/${key}/undo`).expect(204);
    expect(await washes()).toBe(0);
    await server.http.post(`/api/wash/loads/${key}/undo`).expect(204);
    expect((await wash()).pieces).toHaveLength(1);
  });

  it('is the upkeep that was due, and is due again when it is taken back', async () => {
    const made = await server.http.post('/api/pieces').send({
      itemId: 'looseCover',
      name: 'settle cover',
      parts: [{ name: 'whole piece', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }],
      colour: 'natural',
      fastness: 'proven',
      condition: 'sound',
      label: null,
      code: null,
      dryMassG: 900,
      metalParts: false,
    });
    const pieceId = z.object({ id: z.uuid() }).parse(made.body).id;
    server.pass(130 * 24 * 60);
    const isDue = async () =>
      z
        .array(PieceSummary)
        .parse((await server.http.get('/api/pieces')).body)
        .find(({ id }) => id === pieceId)
        ?.due.some(({ upkeepId }) => upkeepId === 'coversWash');
    expect(await isDue()).toBe(true);
    const [line] = await add(handful('looseCover', { itemId: null, pieceId }));
    const key = randomUUID();
    await server.http
      .post('/api/wash/loads')
      .send({ key, pieceIds: [line] })
      .expect(204);
    await server.http.post(`/api/wash/loads/${key}/done`).expect(204);
    expect(await isDue()).toBe(false);
    await server.http.post(`/api/wash/loads/${key}/undo`).expect(204);
    expect(await isDue()).toBe(true);
    await server.http.post(`/api/wash/loads/${key}/undo`).expect(204);
  });

  it('goes along with a piece that is merged, and comes back with it', async () => {
    const facts = {
      itemId: 'bedSheet',
      parts: [{ name: 'whole piece', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }],
      colour: 'white',
      fastness: 'proven',
      condition: 'sound',
      label: null,
      code: null,
      dryMassG: 600,
      metalParts: false,
    };
    const made = async (name: string) =>
      z.object({ id: z.uuid() }).parse((await server.http.post('/api/pieces').send({ ...facts, name })).body)
        .id;
    const [kept, twice] = [await made('linen sheet'), await made('the linen sheet')];
    const [line] = await add(handful('bedSheet', { itemId: null, pieceId: twice }));
    const merged = await server.http.post(`/api/pieces/${twice}/merge`).send({ intoId: kept }).expect(200);
    const ofLine = async () => (await wash()).pieces.find(({ lineId }) => lineId === line);
    expect(await ofLine()).toMatchObject({ pieceId: kept, name: 'linen sheet', told: { pieceId: kept } });
    await server.http.post(`/api/pieces/${kept}/apart`).send(merged.body).expect(200);
    expect(await ofLine()).toMatchObject({ pieceId: twice, name: 'the linen sheet' });
  });
});
