import { createHash } from 'node:crypto';
import { HouseholdFile, type OtherCourseView, PLAIN_LINE } from '@feverfew/contracts';
import { HANGING_PLACES, OUTCOMES } from '@feverfew/core';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { beetroot, POINT, type TestApp, testApp } from '../test/testApp.js';

/** Accepted writes in a row; the nightly run asks for 2,000. */
const WRITES = Number(process.env.FEVERFEW_WRITES ?? 30);
const SEED = Number(process.env.FEVERFEW_SEED ?? 1);
/** The file is read out again after so many. */
const LOOK_EVERY = 100;

let home: TestApp;
let other: TestApp;
beforeAll(async () => {
  home = await testApp({ demo: true });
  other = await testApp();
});
afterAll(async () => {
  await home.close();
  await other.close();
});

type Method = 'post' | 'put' | 'delete';
type Request = readonly [Method, string, object?];

let drawn = 0;
/** A number from 0 up to 1, the same for the same seed. */
function next(): number {
  drawn += 1;
  return createHash('sha256').update(`${SEED} ${drawn}`).digest().readUInt32LE() / 2 ** 32;
}
const chance = (share: number): boolean => next() < share;
const below = (count: number): number => Math.floor(next() * count);
function one<T>(list: readonly T[]): T {
  const value = list[below(list.length)];
  if (value === undefined) throw new Error('nothing to draw from');
  return value;
}
/** An id as some device might write it. */
const odd = (id: string): string => (chance(0.3) ? id.toUpperCase() : id);
/** An id nothing has yet, the same for the same seed. */
function freshId(): string {
  drawn += 1;
  const hex = createHash('sha256').update(`${SEED} id ${drawn}`).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
const newId = (): string => odd(freshId());
const TEXTS = ['', 'a', 'ß “quoted”, naïve', '=1+1', 'x'.repeat(60), 'line\nbreak', '￼ \u200b', '{"json":1}'];

/** What is there, as far as it was looked at: ids to draw from. */
interface Known {
  readonly file: HouseholdFile;
  readonly actionIds: ReadonlyMap<string, readonly string[]>;
}

const fileText = async (): Promise<string> => (await home.http.get('/api/household/file').expect(200)).text;

async function look(): Promise<Known> {
  const file = HouseholdFile.parse(JSON.parse(await fileText()));
  const plans = new Map(file.plans.map(({ id, plan }) => [id, plan]));
  const actionIds = new Map(
    file.runs.map(({ id, planId }) => [
      id,
      plans.get(planId)?.passes.flatMap(({ actions }) => actions.map((step) => step.id)) ?? [],
    ]),
  );
  return { file, actionIds };
}

const lineOf = ({ file }: Known) => {
  const isPiece = chance(0.5);
  return {
    ...PLAIN_LINE,
    // Now and then both or neither: it has to be refused, or kept as one of the two.
    pieceId: isPiece !== chance(0.1) ? odd(one(file.pieces).id) : null,
    itemId: isPiece !== chance(0.1) ? null : one(['shirt', 'towel', 'bedSheet', 'jeans', 'jumper']),
    name: one(TEXTS).slice(0, 80),
    count: one([1, 1, 2, 7, 99]),
    massG: one([null, 5, 60_000, 333.25]),
    colour: one(['white', 'dark', 'pale', 'unknown'] as const),
    fastness: one(['proven', 'unknown', 'failed'] as const),
    soil: one(['light', 'usual', 'heavy'] as const),
    solvent: one(['none', 'none', 'aired', 'smells'] as const),
    use: one([null, null, 'plain', 'kitchen']),
    set: one([null, 'bed']),
  };
};

const factsOf = ({ file }: Known) => {
  const facts = one(file.troubles).facts;
  return {
    ...facts,
    markIds: chance(0.5)
      ? facts.markIds
      : [one(['beetroot', 'blood', 'saladOil', 'fuelSpill', 'rust', 'tea'])],
    age: one(['minutes', 'hours', 'days', 'unknown'] as const),
    size: one(['palm', 'coin', 'allOver', { length: 3, width: 4.5 }] as const),
    tried: chance(0.3)
      ? [{ agentId: 'vinegar', times: 1, effect: 'unknown', hot: false, washedOut: 'no' } as const]
      : facts.tried,
  };
};

const eventOf = (actionIds: readonly string[]) => {
  const actionId = actionIds.length > 0 ? one(actionIds) : 'none';
  return one([
    { kind: 'noted', text: one(TEXTS) || 'note' },
    { kind: 'actionDone', actionId },
    { kind: 'skipped', actionId },
    { kind: 'timerStarted', actionId },
    { kind: 'looked', answer: 'better', leftPct: one([null, 0, 33.3, 100]), signIds: [] },
    { kind: 'paused' },
    { kind: 'resumed' },
    { kind: 'undone' },
    { kind: 'redone' },
    { kind: 'finished', outcome: one(OUTCOMES), note: one(TEXTS) },
  ]);
};

type Way = (known: Known) => Request | Promise<Request>;

/** What could be done instead in a run, as the server offers it. */
async function offersOf(runId: string) {
  const { ways, vessels }: OtherCourseView = (await home.http.get(`/api/runs/${runId}/course`).expect(200))
    .body;
  const offers = [
    ...ways.map(({ methodId }) => ({ instead: methodId })),
    ...vessels.map(({ vesselId }) => ({ vesselId })),
  ];
  return offers.map((change) => ({ runId, change }));
}

/** A run that goes another way. Where no open run offers one, a new run is started that does. */
async function changedCourse({ file }: Known): Promise<Request> {
  const running = file.runs.filter(({ events }) => events.every(({ event }) => event.kind !== 'finished'));
  const offered = (await Promise.all(running.map(({ id }) => offersOf(id)))).flat();
  if (offered.length === 0) {
    const facts = { ...beetroot, markIds: ['grass'], reach: 'shop' };
    const begun = { key: freshId(), troubleId: null, pieceId: null, facts, passIndex: 0 };
    const { body } = await home.http.post('/api/troubles/start').send(begun).expect(201);
    offered.push(...(await offersOf(body.id)));
  }
  const { runId, change } = one(offered);
  return ['put', `/api/runs/${odd(runId)}/course`, change];
}

/** Every way a device may write, each with how often it is drawn. */
const WAYS: readonly (readonly [number, Way])[] = [
  [3, ({ file }) => ['post', '/api/pieces', { ...one(file.pieces).facts, name: one(TEXTS) || 'piece' }]],
  [
    3,
    ({ file }) => {
      const { id, facts } = one(file.pieces);
      const note = one(TEXTS);
      return ['put', `/api/pieces/${odd(id)}`, { ...facts, note, since: one([null, '1931-02-28']) }];
    },
  ],
  [
    1,
    ({ file }) => ['post', `/api/pieces/${one(file.pieces).id}/merge`, { intoId: odd(one(file.pieces).id) }],
  ],
  [1, ({ file }) => ['delete', `/api/pieces/${odd(one(withoutTrouble(file)).id)}`]],
  [2, ({ file }) => ['put', `/api/pieces/${odd(one(file.pieces).id)}/photo`, { key: newId(), jpeg: POINT }]],
  [1, ({ file }) => ['delete', `/api/pieces/${one(file.pieces).id}/photo`]],
  [
    2,
    ({ file }) => [
      'post',
      `/api/pieces/${one(file.pieces).id}/care`,
      { key: newId(), what: one(['machineWash', 'hotWash']), upkeepId: null, times: 1 + below(3) },
    ],
  ],
  [
    3,
    (known) => ['post', '/api/troubles', { pieceId: odd(one(known.file.pieces).id), facts: factsOf(known) }],
  ],
  [1, (known) => ['post', '/api/troubles', { pieceId: null, facts: factsOf(known) }]],
  [
    2,
    (known) => {
      const { id, pieceId } = one(known.file.troubles);
      return ['put', `/api/troubles/${odd(id)}`, { pieceId, facts: factsOf(known) }];
    },
  ],
  [
    2,
    (known) => {
      const { id, pieceId } = one(known.file.troubles);
      const facts = factsOf(known);
      return [
        'post',
        '/api/troubles/start',
        { key: newId(), troubleId: odd(id), pieceId, facts, passIndex: 0 },
      ];
    },
  ],
  [1, ({ file }) => ['delete', `/api/troubles/${odd(one(file.troubles).id)}`]],
  [3, ({ file }) => ['post', '/api/runs', { key: newId(), planId: odd(one(file.plans).id), passIndex: 0 }]],
  [
    12,
    ({ file, actionIds }) => {
      const { id } = one(file.runs);
      return [
        'post',
        `/api/runs/${odd(id)}/events`,
        { key: newId(), heldMs: one([0, 0, 60_000]), event: eventOf(actionIds.get(id) ?? []) },
      ];
    },
  ],
  [3, ({ file }) => ['post', `/api/runs/${odd(one(file.runs).id)}/photos`, { key: newId(), jpeg: POINT }]],
  [5, (known) => ['post', '/api/wash/heap', { lines: [{ id: newId(), line: lineOf(known) }] }]],
  [5, (known) => ['put', `/api/wash/heap/${odd(anyLine(known))}`, lineOf(known)]],
  [2, (known) => ['delete', `/api/wash/heap/${odd(anyLine(known))}`]],
  [2, (known) => ['post', '/api/wash/loads', { key: newId(), pieceIds: [anyLine(known)] }]],
  [1, (known) => ['post', '/api/wash/by-hand', { key: newId(), lineId: odd(anyLine(known)) }]],
  [2, ({ file }) => ['post', `/api/wash/loads/${odd(anyLoad(file))}/done`]],
  [1, ({ file }) => ['post', `/api/wash/loads/${odd(anyLoad(file))}/undo`]],
  [
    2,
    (known) => [
      'post',
      '/api/wash/line/hang',
      { lineIds: [odd(anyLine(known))], place: one([null, ...HANGING_PLACES]) },
    ],
  ],
  [1, (known) => ['post', '/api/wash/line/rolled', { lineIds: [anyLine(known)], rolled: chance(0.5) }]],
  [
    1,
    (known) => [
      'post',
      '/api/wash/line/dry',
      { lineIds: [odd(anyLine(known))], at: one(['2026-06-15T09:00:00.000Z', '2026-06-15T12:00:00+02:00']) },
    ],
  ],
  [1, () => ['put', '/api/wash/settings', { best: one([0, 0.5, 1]), ropeM: one([3, 10.5]), leftOut: [] }]],
  [
    1,
    ({ file }) => {
      const { name, mix } = one(file.mixes);
      return ['post', '/api/mixes', { name, mix }];
    },
  ],
  [1, ({ file }) => ['delete', `/api/mixes/${odd(file.mixes.at(-1)?.id ?? freshId())}`]],
  [
    1,
    () => {
      const last = merged.at(-1);
      return ['post', `/api/pieces/${odd(last?.intoId ?? freshId())}/apart`, last?.what ?? {}];
    },
  ],
  [
    1,
    ({ file }) => {
      const { settings } = file;
      return [
        'put',
        '/api/household',
        { ...settings, household: { ...settings?.household, asthma: chance(0.5) } },
      ];
    },
  ],
  [
    1,
    () => [
      'post',
      '/api/household/answer',
      { fact: 'people', entry: null, answer: 'some', people: ['pets'] },
    ],
  ],
  [
    1,
    ({ file }) => {
      const name = one(file.pieces).facts.name.replaceAll('"', '""');
      const date = `2026-0${1 + below(5)}-11`;
      return [
        'post',
        '/api/log',
        { csv: `${LOG_HEAD}${date},"${name}",stiffTowels,citricSoak,cellulose,old,1,10` },
      ];
    },
  ],
  [
    1,
    () => ['put', '/api/wash/line/forecast', { csv: `${WEATHER_HEAD}2026-06-15T1${below(9)}:00:00Z,15,60` }],
  ],
  [
    2,
    ({ file }) => {
      const { troubleId, plan } = one(file.plans.filter((row) => row.plan.passes.length > 1));
      const first = below(plan.passes.length);
      const second = first + 1 + below(plan.passes.length - 1);
      const methodIds = [first, second].map((index) => plan.passes[index % plan.passes.length]?.methodId);
      return ['post', '/api/trials', { key: newId(), troubleId: odd(troubleId), place: 'pieces', methodIds }];
    },
  ],
  [
    3,
    ({ file }) => [
      'post',
      `/api/trials/${odd(file.trials.length > 0 ? one(file.trials).id : freshId())}/events`,
      {
        key: newId(),
        event: one([{ kind: 'treated', arm: below(2) }, { kind: 'undone' }, { kind: 'clockStarted' }]),
      },
    ],
  ],
  [2, changedCourse],
];

/** Requests that keep nothing of the household, or all of it at once. */
const KEEPS_NOTHING =
  /^\S+ \/api\/(plans|devices|network|clock|made-up-house|household\/file|runs\/clashes|mixes\/(judge|answer))/;

/** Every writing route of the API whose data is in the file. */
function writingRoutes(): string[] {
  const { paths } = SwaggerModule.createDocument(home.app, new DocumentBuilder().build());
  return Object.entries(paths)
    .flatMap(([path, methods]) =>
      Object.keys(methods).map((method) => `${method} ${path.replaceAll('{id}', ':id')}`),
    )
    .filter((route) => !route.startsWith('get ') && !KEEPS_NOTHING.test(route));
}

/** Merges so far, to be taken back. */
const merged: { readonly intoId: string; readonly what: object }[] = [];
const LOG_HEAD = 'date,piece,mark,method,fibres,age,rounds,leftPct\n';
const WEATHER_HEAD = 'time,temp_c,humidity_pct\n';
/** An answer that takes longer never comes: the request that hangs is named. */
const ANSWERED_MS = 60_000;
/** How often a way is drawn at first until it is accepted: many times what the rarest needs. */
const FIRST_TRIES = 200;

const anyLine = ({ file }: Known): string => (file.heap.length > 0 ? one(file.heap).id : freshId());
const withoutTrouble = ({ pieces, troubles }: HouseholdFile) =>
  pieces.filter(({ id }) => troubles.every(({ pieceId }) => pieceId !== id));
const anyLoad = ({ loads }: HouseholdFile): string => (loads.length > 0 ? one(loads).id : freshId());

/** Ways still to be taken before all of them come again: none stays away for long. */
let deck: Way[] = [];

function draw(known: Known): Request | Promise<Request> {
  if (deck.length === 0) deck = WAYS.flatMap(([share, way]) => Array.from({ length: share }, () => way));
  const [way] = deck.splice(below(deck.length), 1);
  if (!way) throw new Error('no way');
  return way(known);
}

it(`after ${WRITES} accepted writes the file goes out, comes in elsewhere, and goes out again byte for byte`, async () => {
  let known = await look();
  let accepted = 0;
  const kinds = new Map<string, number>();
  let refusal = '';
  const isTaken = async ([method, path, body]: Request): Promise<boolean> => {
    const answer = await home.http[method](path).timeout(ANSWERED_MS).send(body);
    expect(answer.status, `${method} ${path} ${JSON.stringify(body)?.slice(0, 300)}`).toBeLessThan(500);
    if (answer.status >= 300) {
      refusal = `${method} ${path} ${JSON.stringify(body)?.slice(0, 300)}: ${answer.text}`;
      return false;
    }
    if (path.endsWith('/merge'))
      merged.push({ intoId: (body as { intoId: string }).intoId, what: answer.body });
    const kind = `${method} ${path.replace(/[0-9a-fA-F-]{36}/, ':id')}`;
    kinds.set(kind, (kinds.get(kind) ?? 0) + 1);
    return true;
  };
  // A way that is always refused proves nothing: each is taken once.
  for (const [, way] of WAYS) {
    let asked = await way(known);
    for (let tries = 1; !(await isTaken(asked)); tries += 1) {
      if (tries === FIRST_TRIES) throw new Error(`refused ${tries} times: ${refusal}`);
      home.pass(1);
      asked = await way(known);
    }
    known = await look();
  }
  for (let asked = 0; accepted < WRITES; asked += 1) {
    if (asked > WRITES * 6) throw new Error(`only ${accepted} of ${asked} were accepted`);
    if (!(await isTaken(await draw(known)))) continue;
    accepted += 1;
    if (accepted % 3 === 0) home.pass(1);
    if (accepted % LOOK_EVERY === 0 || (known.file.heap.length < 5 && accepted % 20 === 0))
      known = await look();
  }
  const out = await fileText();
  const { body } = await other.http.put('/api/household/file').send(JSON.parse(out));
  expect(body.errors ?? body.detail).toBeUndefined();
  expect((await other.http.get('/api/household/file').expect(200)).text).toBe(out);
  expect([...kinds.keys()].sort()).toEqual(writingRoutes().sort());
}, 600_000);
