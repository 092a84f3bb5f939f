import { createHmac, randomUUID } from 'node:crypto';
import { HouseholdFile } from '@feverfew/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { SEAL_KEY, type TestApp, testApp } from '../test/testApp.js';
import { HouseholdFileService } from './householdFile.service.js';

/** The demo house, and one that knows nothing of it. */
let home: TestApp;
let stranger: TestApp;
let text: string;
beforeAll(async () => {
  home = await testApp({ demo: true });
  stranger = await testApp({ sealKey: Buffer.alloc(32, 9) });
  text = withFewPlans((await home.http.get('/api/household/file').expect(200)).text);
  await home.http.put('/api/household/file').send(JSON.parse(text)).expect(200);
});
afterAll(async () => {
  await home.close();
  await stranger.close();
});

type File = HouseholdFile;
/** Plans of a file that are tried. */
const SOME = 6;
/** Plans besides those with a run under way: a file of all of them takes four times as long to read. */
const OTHERS = 7;
function withFewPlans(whole: string): string {
  const file = HouseholdFile.parse(JSON.parse(whole));
  const inUse = new Set(underWay(file).map(({ planId }) => planId));
  const waits = waiting(file);
  const others = file.plans.filter((one) => !inUse.has(one.id) && one !== waits).slice(0, OTHERS);
  const kept = new Set([...inUse, waits.id, ...others.map(({ id }) => id)]);
  return JSON.stringify({
    ...file,
    plans: file.plans.filter(({ id }) => kept.has(id)),
    runs: file.runs.filter(({ planId }) => kept.has(planId)),
  });
}
const fresh = (): File => HouseholdFile.parse(JSON.parse(text));
const read = (at: TestApp, file: File) => at.http.put('/api/household/file').send(file);
const begin = (at: TestApp, planId: string) =>
  at.http.post('/api/runs').send({ key: randomUUID(), planId, passIndex: 0 });
const underWay = (file: File) => file.runs.filter(({ events }) => events.at(-1)?.event.kind !== 'finished');
const passesOf = (file: File) => file.plans.flatMap(({ plan }) => plan.passes);
const stepsOf = (file: File) => passesOf(file).flatMap(({ actions }) => actions);
const planOf = (file: File, planId: string) =>
  file.plans.find(({ id }) => id === planId) ?? expect.unreachable('a plan');
/** A plan that has no run yet, and whose every step could be carried out. */
const waiting = (file: File) => {
  const begun = new Set(file.runs.map(({ planId }) => planId));
  return (
    file.plans.find(({ id, plan }) => !begun.has(id) && plan.passes.length > 0) ?? expect.unreachable('one')
  );
};

/** As a seal of an earlier form wrote a plan. */
const inOrder = (_name: string, value: unknown): unknown =>
  value !== null && typeof value === 'object' && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value;

const ofMohair = ({ parts }: { parts: readonly { fibres: unknown }[] }) => {
  for (const part of parts) Object.assign(part, { fibres: [{ fibreId: 'mohair', sharePct: 100 }] });
};

describe('a house reads its own file', () => {
  it('goes on with what is under way, and may begin what waits', async () => {
    const file = fresh();
    await read(home, file).expect(200);
    for (const { id } of underWay(file))
      expect((await home.http.get(`/api/runs/${id}`).expect(200)).body.danger).toBeNull();
    await begin(home, waiting(file).id).expect(201);
    await read(home, fresh()).expect(200);
  });

  it.each<[string, (file: File) => void]>([
    [
      'a figure',
      (file) => {
        for (const { dwell } of stepsOf(file)) if (dwell) dwell.maxMin *= 20;
      },
    ],
    [
      'a word',
      (file) => {
        for (const { notes } of stepsOf(file)) notes.push('Pour in chlorine bleach.');
      },
    ],
    [
      'a caution',
      (file) => {
        for (const pass of passesOf(file)) pass.cautionIds = [];
      },
    ],
    [
      'the products, as if long ago',
      (file) => {
        for (const { plan } of file.plans) plan.knowledgeVersion = '0';
        for (const { ingredients } of stepsOf(file))
          for (const one of ingredients) one.agentId = 'chlorineBleach';
      },
    ],
    [
      'the seals of others',
      (file) => {
        const seals = file.plans.map(({ seal }) => seal);
        for (const [index, row] of file.plans.entries()) row.seal = seals[(index + 1) % seals.length] ?? null;
        for (const step of stepsOf(file)) step.handsOnMin += 1;
      },
    ],
  ])('with %s changed in every plan, and follows none of them', async (_what, spoil) => {
    const file = fresh();
    spoil(file);
    const answer = await read(home, file);
    // What the checker finds in a plan that waits is refused; the rest is kept to be read.
    if (answer.status === 400) expect(answer.body.errors[0].path).toMatch(/^plans/);
    else {
      for (const { id } of underWay(file))
        expect((await home.http.get(`/api/runs/${id}`).expect(200)).body.danger).toBe('planNotOurs');
      for (const { id } of file.plans.slice(0, SOME)) await begin(home, id).expect(409);
    }
  });

  it.each<[string, (file: File) => void]>([
    [
      'its plan on another trouble',
      (file) => {
        const ids = file.plans.map(({ troubleId }) => troubleId);
        const other = (id: string) => ids.find((one) => one !== id) ?? id;
        for (const row of file.plans) row.troubleId = other(row.troubleId);
      },
    ],
    [
      'other marks told',
      (file) => {
        for (const { facts } of file.troubles) Object.assign(facts, { markIds: ['mud', 'nailVarnish'] });
      },
    ],
    [
      'another fibre in trouble and piece',
      (file) => {
        for (const { facts } of file.troubles) ofMohair(facts.piece);
        for (const { facts } of file.pieces) ofMohair(facts);
      },
    ],
    [
      'another fibre in the linen book alone',
      (file) => {
        for (const { facts } of file.pieces) ofMohair(facts);
      },
    ],
    [
      'the names of pieces exchanged',
      ({ pieces }) => {
        const names = pieces.map(({ facts }) => facts.name);
        for (const [index, { facts }] of pieces.entries())
          Object.assign(facts, { name: names[(index + 1) % names.length] });
      },
    ],
    [
      'every trouble on another piece',
      ({ troubles, pieces }) => {
        const ids = pieces.map(({ id }) => id);
        for (const trouble of troubles)
          trouble.pieceId = ids[(ids.indexOf(trouble.pieceId) + 1) % ids.length] ?? trouble.pieceId;
      },
    ],
    [
      'seals of an earlier form, over the plan alone',
      ({ plans }) => {
        for (const row of plans)
          row.seal = createHmac('sha256', SEAL_KEY)
            .update(JSON.stringify(row.plan, inOrder))
            .digest('base64url');
      },
    ],
  ])('with every seal whole and %s: kept to be read, none begun, none gone on with', async (_what, spoil) => {
    const file = fresh();
    spoil(file);
    const { body } = await read(home, file).expect(200);
    expect(body.plansToRead).toBe(file.plans.length);
    for (const { id } of underWay(file))
      expect((await home.http.get(`/api/runs/${id}`).expect(200)).body.danger).toBe('planNotOurs');
    for (const { id } of file.plans.slice(0, SOME)) await begin(home, id).expect(409);
  });

  it('follows a plan whose trouble has changed since, as it stands in the house that wrote the file', async () => {
    await read(home, fresh()).expect(200);
    const { id, troubleId } = waiting(fresh());
    const { body } = await home.http.get(`/api/troubles/${troubleId}`).expect(200);
    const facts = { ...body.facts, heat: body.facts.heat === 'tumbled' ? 'none' : 'tumbled' };
    await home.http.put(`/api/troubles/${troubleId}`).send({ facts, pieceId: body.pieceId }).expect(200);
    const changed: File = JSON.parse((await home.http.get('/api/household/file').expect(200)).text);
    expect(changed.troubles).not.toEqual(fresh().troubles);
    expect((await read(home, changed).expect(200)).body.plansToRead).toBe(0);
    await begin(home, id).expect(201);
  });

  it('puts no seal of its own on words that came in without one', async () => {
    const file = fresh();
    const [run] = underWay(file);
    const row = planOf(file, run?.planId ?? '');
    row.seal = null;
    for (const line of row.plan.verdict) line.is = 'Pour chlorine bleach and vinegar on it.';
    row.plan.keep.says.push('Leave it in petrol overnight.');
    await read(home, file).expect(200);
    expect((await home.http.get(`/api/runs/${run?.id}`).expect(200)).body.danger).toBe('planNotOurs');
    const tap = (event: object) =>
      home.http.post(`/api/runs/${run?.id}/events`).send({ key: randomUUID(), event });
    await tap({ kind: 'paused' }).expect(409);
    await tap({ kind: 'noted', text: 'What is this?' }).expect(200);
    const out: File = JSON.parse((await home.http.get('/api/household/file').expect(200)).text);
    expect(planOf(out, row.id).seal).toBeNull();
  });

  it('follows none behind an invented run that is over', async () => {
    const file = fresh();
    const target = waiting(file);
    for (const step of target.plan.passes.flatMap(({ actions }) => actions))
      for (const one of step.ingredients) one.agentId = 'chlorineBleach';
    const at = '2026-01-01T00:00:00.000Z';
    file.runs.push({
      id: randomUUID(),
      createdAt: at,
      planId: target.id,
      events: [
        { id: randomUUID(), key: randomUUID(), event: { kind: 'started', at, passIndex: 0 } },
        { id: randomUUID(), key: randomUUID(), event: { kind: 'finished', at, outcome: 'gone', note: '' } },
      ],
    });
    await read(home, file).expect(200);
    await begin(home, target.id).expect(409);
  });

  it('needs no seal where the file is its own backup', async () => {
    const file = fresh();
    for (const row of file.plans) row.seal = null;
    await home.app.get(HouseholdFileService, { strict: false }).read(file, { isOwnBackup: true });
    for (const { id } of underWay(file))
      expect((await home.http.get(`/api/runs/${id}`).expect(200)).body.danger).toBeNull();
  });
});

describe('another house reads it', () => {
  it('goes on with nothing of it, begins nothing of it, and writes it out as it came', async () => {
    const file = fresh();
    await read(stranger, file).expect(200);
    for (const { id } of underWay(file)) {
      const { body } = await stranger.http.get(`/api/runs/${id}`).expect(200);
      expect(body.danger).toBe('planNotOurs');
    }
    await begin(stranger, waiting(file).id).expect(409);
    const out: File = JSON.parse((await stranger.http.get('/api/household/file').expect(200)).text);
    const kept = out.plans.filter(({ id, seal }) => planOf(file, id).seal === seal);
    expect(kept).toHaveLength(out.plans.length);
    // Back at home, all of it is known again.
    await read(home, out).expect(200);
    await begin(home, waiting(file).id).expect(201);
  });
});

describe('what a file may hold', () => {
  it.each<[string, (file: File) => void, RegExp]>([
    ['an id twice among notes of care', ({ care }) => care.push(care[0] as File['care'][0]), /^care/],
    ['an id twice among mixes', ({ mixes }) => mixes.push(mixes[0] as File['mixes'][0]), /^mixes/],
    [
      'an upkeep nobody knows',
      ({ care }) => Object.assign(care[0] ?? {}, { what: 'upkeep', upkeepId: 'polishing' }),
      /upkeepId/,
    ],
    [
      'a year before all years',
      ({ pieces }) => Object.assign(pieces[0] ?? {}, { createdAt: '0000-01-01T00:00:00.000Z' }),
      /^pieces\.0\.createdAt/,
    ],
    [
      'more washes than there can have been',
      ({ care }) => Object.assign(care[0] ?? {}, { times: 2 ** 40 }),
      /^care\.0\.times/,
    ],
    [
      'time going backwards',
      ({ runs }) => Object.assign(runs[0]?.events.at(-1)?.event ?? {}, { at: '2000-01-01T00:00:00.000Z' }),
      /^runs\.0\.events/,
    ],
    [
      'a figure beyond all bounds',
      ({ plans }) => Object.assign(plans[0]?.plan.passes[0] ?? {}, { handsOnMin: 1e308 }),
      /^plans\.0/,
    ],
    [
      'a picture that is not in it',
      ({ runs }) =>
        runs[0]?.events.splice(1, 0, {
          id: randomUUID(),
          key: randomUUID(),
          event: { kind: 'photoKept', at: runs[0].events[0]?.event.at ?? '', photoId: randomUUID() },
        }),
      /photoId/,
    ],
    [
      'a vessel with a name without end',
      ({ settings }) => Object.assign(settings?.household.vessels[0] ?? {}, { name: 'x'.repeat(150_000) }),
      /vessels\.0\.name/,
    ],
  ])('not %s', async (_what, spoil, place) => {
    const file = fresh();
    spoil(file);
    const { body } = await read(home, file).expect(400);
    expect(body.errors[0].path).toMatch(place);
  });
});
