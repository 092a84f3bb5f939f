import { randomUUID } from 'node:crypto';
import {
  Catalogue,
  ComparedPositionShape,
  HouseholdSettings,
  PieceHistory,
  PieceSummary,
  PlanShape,
  Problem,
  Run,
  type RunView,
  ToBuy,
  Today,
  Trouble,
  TroubleSummary,
} from '@feverfew/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { z } from 'zod';
import { beetroot, START, type TestApp, testApp } from './test/testApp.js';

let server: TestApp;
beforeAll(async () => {
  server = await testApp();
});
afterAll(() => server.close());

const problemOf = (response: { headers: Record<string, string>; body: unknown }) => {
  expect(response.headers['content-type']).toMatch(/^application\/problem\+json/);
  return Problem.parse(response.body);
};
const paths = (problem: Problem) => (problem.errors ?? []).map((error) => error.path);

async function startedRun(passIndex = 2): Promise<RunView> {
  const trouble = await server.http
    .post('/api/troubles')
    .send({ pieceId: null, facts: beetroot })
    .expect(201);
  const { planId } = TroubleSummary.parse(trouble.body);
  const run = await server.http.post('/api/runs').send({ key: randomUUID(), planId, passIndex }).expect(201);
  return run.body as RunView;
}

const say = (run: RunView, event: object, key: string = randomUUID()) =>
  server.http.post(`/api/runs/${run.id}/events`).send({ key, event });
const actionNow = (run: RunView) => run.plan.passes[run.state.passIndex]?.actions[run.state.actionIndex];
const done = async (run: RunView): Promise<RunView> =>
  (await say(run, { kind: 'actionDone', actionId: actionNow(run)?.id }).expect(200)).body as RunView;

async function workTo(run: RunView, kind: string): Promise<RunView> {
  let current = run;
  while (actionNow(current)?.kind !== kind) {
    if (actionNow(current)?.kind !== 'look') current = await done(current);
    else {
      await say(current, { kind: 'looked', answer: 'moving', leftPct: null }).expect(200);
      current = (await say(current, { kind: 'decided', choice: 'continue' }).expect(200)).body;
    }
  }
  return current;
}

describe('a household that has told nothing', () => {
  it('is guessed, and said to be, until it is told', async () => {
    const given = async () => Today.parse((await server.http.get('/api/today')).body).householdTold;
    const settings = (await server.http.get('/api/household').expect(200)).body;
    expect(await given()).toBe(false);
    await server.http
      .put('/api/household')
      .send({ ...settings, told: null })
      .expect(200);
    expect(await given()).toBe(true);
  });
  it('is asked one thing at a time, only what turns the plan, and by an answer has told that alone', async () => {
    const own = await testApp();
    const ask = async () =>
      (await own.http.post('/api/plans/house-question').send(beetroot).expect(200)).body.question;
    const first = await ask();
    const { fact, entry } = first;
    const answer = (body: object) => own.http.post('/api/household/answer').send(body);
    await answer({ fact, entry, answer: 'perhaps' }).expect(400);
    await answer({ fact: 'pets', entry: null, answer: 'soft' }).expect(400);
    await answer({ fact: 'agent', entry: null, answer: 'yes' }).expect(400);
    await answer({ fact: 'agent', entry: { agentId: 'moonDust', strengthPct: null }, answer: 'yes' }).expect(
      400,
    );
    expect(await ask()).toEqual(first);
    await answer({ fact: 'people', entry: null, answer: 'some' }).expect(400);
    const { body: settings } = await answer({ fact, entry, answer: first.answers[0] }).expect(200);
    expect(settings.told).toHaveLength(1);
    expect(await ask()).not.toEqual(first);
    await own.http
      .put('/api/household')
      .send({ ...settings, told: null })
      .expect(200);
    expect(await ask()).toBeNull();
    // A request sent before the household changed must not undo the change.
    const cupboard = [{ agentId: 'peroxide', strengthPct: 6 }];
    const home = { ...settings, told: null, household: { ...settings.household, cupboard } };
    await own.http.put('/api/household').send(home).expect(200);
    const late = (strengthPct: number) =>
      answer({ fact: 'agent', entry: { agentId: 'peroxide', strengthPct }, answer: 'yes' });
    expect((await late(3).expect(200)).body.household.cupboard).toEqual(cupboard);
    await late(1000).expect(400);
    await own.close();
  });
});

describe('every answer', () => {
  it('keeps its contract', async () => {
    const run = await startedRun();
    const pieces = await server.http.get('/api/pieces').expect(200);
    Catalogue.parse((await server.http.get('/api/catalogue').expect(200)).body);
    HouseholdSettings.parse((await server.http.get('/api/household').expect(200)).body);
    Today.parse((await server.http.get('/api/today').expect(200)).body);
    PlanShape.parse((await server.http.post('/api/plans/preview').send(beetroot).expect(200)).body);
    PlanShape.parse((await server.http.get(`/api/plans/${run.planId}`).expect(200)).body);
    Run.parse((await server.http.get(`/api/runs/${run.id}`).expect(200)).body);
    PieceHistory.parse((await server.http.get(`/api/pieces/${run.pieceId}`).expect(200)).body);
    Trouble.parse((await server.http.get(`/api/troubles/${run.troubleId}`).expect(200)).body);
    z.array(PieceSummary).parse(pieces.body);
    z.array(ToBuy).parse((await server.http.get('/api/to-buy').expect(200)).body);
  });

  it('is described in OpenAPI, plans and problems of the facts included', async () => {
    const { body } = await server.http.get('/api/docs-json').expect(200);
    expect(Object.keys(body.paths)).toEqual(
      expect.arrayContaining([
        '/api/plans/preview',
        '/api/troubles',
        '/api/runs/{id}/events',
        '/api/pieces/{id}',
      ]),
    );
    expect(Object.keys(body.components.schemas)).toEqual(
      expect.arrayContaining(['Plan', 'TroubleFacts', 'Run', 'NewRunEvent']),
    );
    await server.http.get('/api/docs/').expect(200);
  });
});

describe('a preview', () => {
  it('plans without keeping anything', async () => {
    const before = (await server.http.get('/api/troubles')).body.length;
    const { body } = await server.http.post('/api/plans/preview').send(beetroot).expect(200);
    expect(body.passes.length).toBeGreaterThan(0);
    expect((await server.http.get('/api/troubles')).body.length).toBe(before);
  });

  it('draws the envelope before mark and piece are told', async () => {
    const { body } = await server.http
      .post('/api/plans/preview')
      .send({ ...beetroot, markIds: [] })
      .expect(200);
    expect(body.envelope.tempC.max).toBe(60);
    expect(body.findings[0].code).toBe('markNeeded');
  });

  it('refuses a blend of 140 % at its place, and says what to do', async () => {
    const parts = [
      {
        name: 'whole piece',
        fibres: [
          { fibreId: 'cotton', sharePct: 80 },
          { fibreId: 'polyester', sharePct: 60 },
        ],
      },
    ];
    const problem = problemOf(
      await server.http
        .post('/api/plans/preview')
        .send({ ...beetroot, piece: { ...beetroot.piece, parts } })
        .expect(400),
    );
    expect(paths(problem)).toEqual(['piece.parts.0.fibres']);
    expect(problem.errors?.[0]?.message).toMatch(/add up to 140 %.*100 %/);
  });

  it('refuses a negative size at its place', async () => {
    const problem = problemOf(
      await server.http
        .post('/api/plans/preview')
        .send({ ...beetroot, size: { length: -3, width: 4 } })
        .expect(400),
    );
    expect(paths(problem)).toEqual(['size.length']);
  });

  it('refuses names it does not know, and parts a piece does not have', async () => {
    expect(
      paths(
        problemOf(
          await server.http
            .post('/api/plans/preview')
            .send({ ...beetroot, markIds: ['stardust'] })
            .expect(400),
        ),
      ),
    ).toEqual(['markIds.0']);
    const parts = [{ name: 'whole piece', fibres: [{ fibreId: 'moonsilk', sharePct: 100 }] }];
    expect(
      paths(
        problemOf(
          await server.http
            .post('/api/plans/preview')
            .send({ ...beetroot, piece: { ...beetroot.piece, parts } })
            .expect(400),
        ),
      ),
    ).toEqual(['piece.parts.0.fibres.0.fibreId']);
    expect(
      paths(
        problemOf(
          await server.http
            .post('/api/plans/preview')
            .send({ ...beetroot, partIndex: 3 })
            .expect(400),
        ),
      ),
    ).toEqual(['partIndex']);
  });

  it('refuses fields nobody asked for, broken JSON and heavy bodies', async () => {
    problemOf(
      await server.http
        .post('/api/plans/preview')
        .send({ ...beetroot, extra: 1 })
        .expect(400),
    );
    problemOf(
      await server.http
        .post('/api/plans/preview')
        .set('content-type', 'application/json')
        .send('{"markIds":')
        .expect(400),
    );
    problemOf(
      await server.http
        .post('/api/plans/preview')
        .send({ ...beetroot, junk: 'x'.repeat(300_000) })
        .expect(413),
    );
  });
});

describe('a plan asked further', () => {
  it('is shown under every view of a dispute, refusing one nobody has', async () => {
    const body = { facts: { ...beetroot, markIds: ['dyeRun'] }, dispute: 'runWay' };
    const compared = z
      .array(ComparedPositionShape)
      .parse((await server.http.post('/api/plans/compare').send(body).expect(200)).body);
    expect(compared.map((one) => one.positionId)).toEqual([
      'dyeSuspendingFirst',
      'reducerFirst',
      'oxygenOnRuns',
    ]);
    expect(compared.filter((one) => one.isFollowed)).toHaveLength(1);
    const unknown = await server.http
      .post('/api/plans/compare')
      .send({ ...body, dispute: 'teaFirst' })
      .expect(400);
    expect(paths(problemOf(unknown))).toEqual(['dispute']);
  });
  it('says what would admit a struck method', async () => {
    const facts = {
      ...beetroot,
      piece: { ...beetroot.piece, label: { ...beetroot.piece.label, bleach: 'never' } },
    };
    const { body } = await server.http
      .post('/api/plans/what-would-change')
      .send({ facts, methodId: 'oxygenSoak' })
      .expect(200);
    expect(body).toContainEqual([{ code: 'labelSays', facts: { sign: 'oxygenOnly' } }]);
  });
  it('says what to do at once from a mark and a piece alone, with two questions at most', async () => {
    const bare = {
      ...beetroot,
      markIds: ['redWine'],
      age: 'unknown',
      wetness: 'unknown',
      heat: 'unknown',
      piece: { ...beetroot.piece, parts: [], label: null, colour: 'unknown' },
    };
    const { body } = await server.http.post('/api/plans/first-things').send(bare).expect(200);
    expect(body.atOnce.actions[0].verbs).toContain('blot');
    expect(body.questions.length).toBeGreaterThan(0);
    expect(body.questions.length).toBeLessThanOrEqual(2);
    await server.http
      .post('/api/plans/first-things')
      .send({ ...bare, markIds: ['noSuchMark'] })
      .expect(400);
  });
  it('says what a step could be instead before anything is begun, and the choice makes it so', async () => {
    const plan = (await server.http.post('/api/plans/preview').send(beetroot).expect(200)).body;
    const passIndex = 0;
    const { body } = await server.http
      .post('/api/plans/other-course')
      .send({ facts: beetroot, passIndex })
      .expect(200);
    const [way] = body.ways;
    const named = plan.rounds[0].passes[passIndex].methodId;
    const choices = { instead: { [named]: way.methodId }, leftOut: [], vessels: {}, readyInMin: null };
    const other = await server.http
      .post('/api/plans/preview')
      .send({ ...beetroot, choices })
      .expect(200);
    expect(other.body.rounds[0].passes[passIndex].methodId).toBe(way.methodId);
    const none = await server.http
      .post('/api/plans/other-course')
      .send({ facts: beetroot, passIndex: 19 })
      .expect(200);
    expect(none.body).toEqual({ ways: [], vessels: [] });
    await server.http.post('/api/plans/other-course').send({ facts: beetroot }).expect(400);
  });
  it('refuses a school that is no side of its dispute, and an answer to no question', async () => {
    const odd = { ...beetroot, positions: { wine: 'noSalt' }, answers: { yellowWhere: 'onTheMoon' } };
    const first = problemOf(await server.http.post('/api/plans/preview').send(odd).expect(400));
    expect(paths(first)).toEqual(['positions.wine']);
    const second = problemOf(
      await server.http
        .post('/api/plans/preview')
        .send({ ...odd, positions: {} })
        .expect(400),
    );
    expect(paths(second)).toEqual(['answers.yellowWhere']);
  });
});

describe('a trouble', () => {
  it('remembers the methods carried out on it and drops what has stalled', async () => {
    const run = await startedRun();
    const looking = await workTo(run, 'finalLook');
    const seen = (await say(looking, { kind: 'looked', answer: 'stalled', leftPct: 80 }).expect(200)).body;
    const { methodId } = run.plan.passes[seen.state.looks.at(-1).passIndex] ?? {};
    const trouble = Trouble.parse((await server.http.get(`/api/troubles/${run.troubleId}`)).body);
    expect(trouble.facts.done).toContainEqual({ methodId, rounds: 1, stalled: true });
    const plan = PlanShape.parse((await server.http.post('/api/plans/preview').send(trouble.facts)).body);
    expect(plan.passes.map((pass) => pass.methodId)).not.toContain(methodId);
    expect(plan.candidates.find((candidate) => candidate.methodId === methodId)?.findings[0]?.code).toBe(
      'methodExhausted',
    );
  });
  it('must name mark and piece to be kept', async () => {
    const problem = problemOf(
      await server.http
        .post('/api/troubles')
        .send({
          pieceId: null,
          facts: { ...beetroot, markIds: [], piece: { ...beetroot.piece, itemId: null } },
        })
        .expect(400),
    );
    expect(paths(problem)).toEqual(['facts.markIds', 'facts.piece.itemId']);
  });

  it('enters its piece into the linen book and keeps the plan with the knowledge version', async () => {
    const run = await startedRun();
    expect(run.plan.knowledgeVersion).toMatch(/^\d{4}\./);
    const { body } = await server.http.get(`/api/pieces/${run.pieceId}`).expect(200);
    expect(body).toMatchObject({
      piece: { name: 'picnic cloth' },
      troubles: [{ markIds: ['beetroot'], status: 'running' }],
    });
  });

  it('is planned anew when its facts change; the run under way keeps the plan it follows', async () => {
    const run = await startedRun();
    const facts = { ...beetroot, age: 'months' };
    const { body } = await server.http
      .put(`/api/troubles/${run.troubleId}`)
      .send({ pieceId: run.pieceId, facts })
      .expect(200);
    expect(body.planId).not.toBe(run.planId);
    expect((await server.http.get(`/api/runs/${run.id}`)).body.plan).toEqual(run.plan);
  });

  it('is a 404 in words where there is none, and where the id is no id', async () => {
    problemOf(await server.http.get(`/api/troubles/${randomUUID()}`).expect(404));
    problemOf(await server.http.get('/api/troubles/nonsense').expect(404));
    problemOf(
      await server.http.post('/api/troubles').send({ pieceId: randomUUID(), facts: beetroot }).expect(404),
    );
    problemOf(await server.http.get('/api/nowhere').expect(404));
  });
});

describe('a run', () => {
  it('cannot start on a pass that is not there', async () => {
    const run = await startedRun();
    expect(
      problemOf(
        await server.http
          .post('/api/runs')
          .send({ key: randomUUID(), planId: run.planId, passIndex: 9 })
          .expect(409),
      ).type,
    ).toBe('urn:feverfew:noSuchStep');
  });

  it('is kept, planned and begun in one request, and a second one with its key begins nothing new', async () => {
    const count = async () => ({
      troubles: (await server.http.get('/api/troubles')).body.length,
      pieces: (await server.http.get('/api/pieces')).body.length,
    });
    const before = await count();
    const body = { key: randomUUID(), troubleId: null, pieceId: null, facts: beetroot, passIndex: 0 };
    const first = await server.http.post('/api/troubles/start').send(body).expect(201);
    const again = await server.http.post('/api/troubles/start').send(body).expect(201);
    expect(first.body).toMatchObject({ id: body.key, state: { status: 'active', passIndex: 0 } });
    expect(again.body).toMatchObject({ id: body.key, troubleId: first.body.troubleId });
    expect(await count()).toEqual({ troubles: before.troubles + 1, pieces: before.pieces + 1 });
    // What cannot be started leaves nothing behind.
    const refused = { ...body, key: randomUUID(), passIndex: 19 };
    const problem = problemOf(await server.http.post('/api/troubles/start').send(refused).expect(409));
    expect(problem.type).toBe('urn:feverfew:noSuchStep');
    expect(await count()).toEqual({ troubles: before.troubles + 1, pieces: before.pieces + 1 });
    await server.http
      .post('/api/troubles/start')
      .send({ ...body, key: randomUUID(), troubleId: randomUUID() })
      .expect(404);
  });

  it('is not begun on a plan that is not safe any more in this house', async () => {
    const run = { ...beetroot, markIds: ['dyeRun'], age: 'weeks', size: 'allOver' };
    const settings = (await server.http.get('/api/household')).body;
    const withHouse = (change: object) =>
      server.http
        .put('/api/household')
        .send({ ...settings, household: { ...settings.household, ...change } })
        .expect(200);
    await withHouse({ cupboard: [{ agentId: 'runRemover', strengthPct: null }] });
    const kept = await server.http.post('/api/troubles').send({ pieceId: null, facts: run }).expect(201);
    const underWay = await server.http
      .post('/api/troubles/start')
      .send({ key: randomUUID(), troubleId: kept.body.id, pieceId: null, facts: run, passIndex: 0 })
      .expect(201);
    expect(underWay.body.danger).toBeNull();
    await withHouse({ cupboard: [{ agentId: 'runRemover', strengthPct: null }], asthma: true });
    const begin = { key: randomUUID(), planId: kept.body.planId, passIndex: 0 };
    const problem = problemOf(await server.http.post('/api/runs').send(begin).expect(409));
    expect(problem.type).toBe('urn:feverfew:planRefused');
    // One that is under way is paused and says why.
    expect((await server.http.get(`/api/runs/${underWay.body.id}`)).body.danger).toBe('keptFromPeople');
    await server.http.put('/api/household').send(settings).expect(200);
  });

  it('stamps the server time on its timer', async () => {
    const soaking = await workTo(await startedRun(), 'dwell');
    server.pass(7);
    const { body } = await say(soaking, { kind: 'timerStarted', actionId: actionNow(soaking)?.id }).expect(
      200,
    );
    const started = new Date(START.getTime() + 7 * 60_000);
    const dwell = actionNow(soaking)?.dwell;
    const wantedMin = dwell?.aimMin ?? dwell?.minMin ?? Number.NaN;
    expect(body.state.timer).toMatchObject({
      startedAt: started.toISOString(),
      readyAt: new Date(started.getTime() + wantedMin * 60_000).toISOString(),
    });
    expect(body.now).toBe(started.toISOString());
  });

  it('counts a repeated request once', async () => {
    const run = await startedRun();
    const event = { kind: 'actionDone', actionId: actionNow(run)?.id };
    const key = randomUUID();
    const once = await say(run, event, key).expect(200);
    const twice = await say(run, event, key).expect(200);
    expect(twice.body.events).toEqual(once.body.events);
  });

  it('takes two taps at the same moment in some order, or refuses one of them', async () => {
    const run = await startedRun();
    const event = { kind: 'actionDone', actionId: actionNow(run)?.id };
    const answers = await Promise.all([say(run, event), say(run, event)]);
    expect(answers.map((answer) => answer.status).sort()).toEqual([200, 409]);
    expect((await server.http.get(`/api/runs/${run.id}`)).body.state.actionIndex).toBe(1);
  });

  it('refuses what does not fit and stores nothing', async () => {
    const run = await startedRun();
    const problem = problemOf(await say(run, { kind: 'looked', answer: 'gone', leftPct: null }).expect(409));
    expect(problem.type).toBe('urn:feverfew:runRefused');
    expect((await server.http.get(`/api/runs/${run.id}`)).body.events).toHaveLength(1);
  });

  it('refuses a strange event with its path', async () => {
    const run = await startedRun();
    const problem = problemOf(
      await say(run, { kind: 'finished', outcome: 'gone', note: 'x'.repeat(3000) }).expect(400),
    );
    expect(paths(problem)).toEqual(['event.note']);
  });

  it('settles its trouble, and undo opens it again', async () => {
    let run = await workTo(await startedRun(0), 'finalLook');
    run = (await say(run, { kind: 'looked', answer: 'gone', leftPct: 0 }).expect(200)).body;
    run = (await say(run, { kind: 'finished', outcome: 'gone', note: 'Cold did it.' }).expect(200)).body;
    expect(run.state).toMatchObject({ status: 'finished', outcome: 'gone' });
    const status = async () => (await server.http.get(`/api/troubles/${run.troubleId}`)).body.status;
    expect(await status()).toBe('settled');
    await say(run, { kind: 'undone' }).expect(200);
    expect(await status()).toBe('running');
  });

  it('leaves its trouble open when broken off', async () => {
    const run = await startedRun();
    await say(run, { kind: 'finished', outcome: 'abandoned', note: '' }).expect(200);
    expect((await server.http.get(`/api/troubles/${run.troubleId}`)).body).toMatchObject({
      status: 'open',
      outcome: 'abandoned',
    });
  });
});

describe('the household', () => {
  it('is a plain one until told, and then changes the plans', async () => {
    const { body } = await server.http.get('/api/household').expect(200);
    expect(body.household.cupboard).toContainEqual({ agentId: 'dishDetergent', strengthPct: null });
    const stocked = {
      ...body,
      household: { ...body.household, cupboard: [{ agentId: 'oxygenBleach', strengthPct: null }] },
    };
    await server.http.put('/api/household').send(stocked).expect(200);
    const plan = (await server.http.post('/api/plans/preview').send(beetroot)).body;
    expect(
      plan.passes.find((pass: { methodId: string }) => pass.methodId === 'oxygenSoak').missingAgentIds,
    ).toEqual([]);
    await server.http.put('/api/household').send(body).expect(200);
  });

  it('refuses a hot tap colder than the cold one, a kettle of minus one and unknown bottles', async () => {
    const { body } = await server.http.get('/api/household');
    const put = (change: object) =>
      server.http
        .put('/api/household')
        .send({ ...body, household: { ...body.household, ...change } })
        .expect(400);
    expect(paths(problemOf(await put({ taps: { coldC: 20, hotC: 10, kettleL: 1 } })))).toEqual([
      'household.taps.hotC',
    ]);
    expect(paths(problemOf(await put({ taps: { ...body.household.taps, kettleL: -1 } })))).toEqual([
      'household.taps.kettleL',
    ]);
    expect(
      paths(problemOf(await put({ cupboard: [{ agentId: 'dragonTears', strengthPct: null }] }))),
    ).toEqual(['household.cupboard.0.agentId']);
  });
});

describe('a piece', () => {
  it('can be entered, corrected and refused', async () => {
    const piece = { ...beetroot.piece, name: 'tea towel', itemId: 'strainingCloth', note: '' };
    const { body } = await server.http.post('/api/pieces').send(piece).expect(201);
    await server.http
      .put(`/api/pieces/${body.id}`)
      .send({ ...piece, colour: 'pale' })
      .expect(200);
    expect((await server.http.get(`/api/pieces/${body.id}`)).body.piece.colour).toBe('pale');
    expect(
      paths(
        problemOf(
          await server.http
            .put(`/api/pieces/${body.id}`)
            .send({ ...piece, name: '  ' })
            .expect(400),
        ),
      ),
    ).toEqual(['name']);
    expect(
      paths(
        problemOf(
          await server.http
            .post('/api/pieces')
            .send({ ...piece, dryMassG: 0 })
            .expect(400),
        ),
      ),
    ).toEqual(['dryMassG']);
    problemOf(await server.http.put(`/api/pieces/${randomUUID()}`).send(piece).expect(404));
  });
});
