const { readdirSync } = require('node:fs');

/** apps → contracts → core → knowledge, one way; the web takes everything through contracts. */
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: from, pathNot: '\\.test\\.tsx?$|/test/' },
  to: { path: '^(packages|apps)/', pathNot: [from, ...allowed] },
});

/**
 * The rooms of the core, from the ground up, each with the rooms it may take from. A room may name only rooms that
 * stand
 * before it, so that arrows point down and never in a circle. `treatment` itself is the files at its root.
 */
const GROUND = ['quantity', 'textile', 'finding', 'lookup', 'household'];
const ROOMS = {
  quantity: [],
  textile: ['quantity'],
  finding: ['quantity', 'textile'],
  lookup: ['quantity'],
  household: ['quantity', 'finding', 'lookup'],

  bath: GROUND,
  effect: ['quantity', 'bath'],

  trouble: GROUND,
  sentence: [...GROUND, 'trouble'],
  envelope: [...GROUND, 'trouble'],
  gates: GROUND,
  evidence: [...GROUND, 'effect', 'trouble'],

  'treatment/plan': [...GROUND, 'bath', 'effect', 'trouble', 'envelope'],
  'words/round': ['household', 'treatment/plan'],
  'words/findings': ['textile', 'finding', 'words/round'],
  'treatment/case': [...GROUND, 'bath', 'trouble', 'envelope', 'gates', 'evidence', 'treatment/plan'],
  'treatment/assess': [
    ...GROUND,
    ...['bath', 'effect', 'trouble', 'envelope', 'gates', 'evidence', 'treatment/plan', 'treatment/case'],
  ],
  'treatment/arrange': [...GROUND, 'treatment/plan', 'treatment/case', 'treatment/assess'],
  'treatment/course': [
    ...GROUND,
    ...['effect', 'trouble', 'envelope', 'evidence', 'treatment/plan', 'treatment/case', 'treatment/assess'],
    'treatment/arrange',
  ],
  'treatment/recipe': [...GROUND, 'bath', 'effect', 'treatment/plan', 'treatment/case', 'treatment/assess'],
  'treatment/actions': [
    ...GROUND,
    ...['bath', 'effect', 'treatment/plan', 'treatment/case', 'treatment/assess', 'treatment/recipe'],
  ],
  'treatment/rounds': [
    ...GROUND,
    ...['trouble', 'treatment/plan', 'treatment/case', 'treatment/assess'],
    ...['treatment/course', 'treatment/actions', 'words/round'],
  ],
  treatment: [
    ...GROUND,
    ...['trouble', 'evidence', 'treatment/plan', 'treatment/case', 'treatment/assess'],
    ...['treatment/arrange', 'treatment/course', 'treatment/actions', 'treatment/rounds'],
  ],

  mix: [...GROUND, ...['bath', 'trouble', 'envelope', 'gates', 'treatment/case', 'treatment/recipe']],
  safety: ['quantity', 'finding', 'lookup'],
  sense: ['quantity', 'finding', 'lookup', 'effect', 'envelope', 'gates'],

  cost: ['quantity', 'treatment/plan'],
  run: ['quantity', 'lookup', 'household', 'effect', 'trouble', 'evidence', 'treatment/plan', 'cost'],
  whatIf: [...GROUND, 'trouble', 'evidence', 'effect', 'treatment/plan', 'treatment', 'cost', 'run'],
  wear: ['quantity', 'lookup', 'treatment/plan', 'run'],
  log: ['lookup', 'trouble', 'evidence', 'treatment/plan', 'run', 'wear'],
  trial: ['quantity', 'lookup', 'trouble', 'evidence', 'treatment/plan'],
  learned: [
    'quantity',
    'finding',
    'lookup',
    'household',
    'trouble',
    'evidence',
    'treatment/plan',
    'treatment',
    'trial',
  ],

  partition: [],
  load: [...GROUND, 'bath', 'trouble', 'envelope', 'treatment/case', 'cost', 'partition'],
  drying: ['quantity', 'textile', 'lookup'],

  words: [
    'quantity',
    'textile',
    'finding',
    'bath',
    'household',
    'effect',
    'treatment/plan',
    'whatIf',
    'run',
    'trial',
    'load',
    'drying',
    'safety',
    'sense',
    'words/round',
    'words/findings',
  ],
  proof: [
    ...['quantity', 'textile', 'finding', 'household', 'trouble', 'sentence', 'treatment/plan', 'treatment'],
    ...['whatIf', 'mix'],
    ...['load', 'safety', 'sense', 'words', 'words/round', 'words/findings'],
  ],
};

const order = Object.keys(ROOMS);
for (const [room, allowed] of Object.entries(ROOMS))
  for (const other of allowed)
    if (!(order.indexOf(other) >= 0 && order.indexOf(other) < order.indexOf(room)))
      throw new Error(`${room} may not take from ${other}: it does not stand below it`);

for (const entry of readdirSync(`${__dirname}/packages/core/src`))
  if (!['index.ts', 'test'].includes(entry) && !order.some((room) => room.split('/')[0] === entry))
    throw new Error(`packages/core/src/${entry} is no room: name it above, with the rooms it may take from`);

const CORE = '^packages/core/src/';
/** Files of a room; a room that holds others is the files at its own root. */
const filesOf = (room) =>
  order.some((other) => other.startsWith(`${room}/`)) ? `${CORE}${room}/[^/]+$` : `${CORE}${room}/`;
const NOT_CODE = '\\.test\\.ts$|/core/src/test/';

const rooms = order.map((room) => ({
  name: `core-${room.replace('/', '-')}-takes-from-below`,
  severity: 'error',
  from: { path: filesOf(room), pathNot: NOT_CODE },
  to: {
    path: CORE,
    pathNot: [filesOf(room), ...ROOMS[room].map(filesOf)],
    // The readers take the planner's shapes, and must share none of its code.
    ...(['safety', 'sense'].includes(room) ? { dependencyTypesNot: ['type-only'] } : {}),
  },
}));

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    only('knowledge-stands-alone', '^packages/knowledge/', []),
    only('core-takes-knowledge-only', '^packages/core/', ['^packages/knowledge/']),
    only('contracts-take-core-and-knowledge', '^packages/contracts/', [
      '^packages/core/',
      '^packages/knowledge/',
    ]),
    only('web-takes-contracts-only', '^apps/web/', ['^packages/contracts/']),
    only('server-never-takes-web', '^apps/server/', ['^packages/']),
    ...rooms,
    {
      name: 'core-knows-no-library-no-node',
      severity: 'error',
      // The psychrometrics of moist air are a well-kept library's; one file knows it.
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$|/test/|/drying/moistAir\\.ts$' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'], pathNot: '^packages/' },
    },
    {
      name: 'only-repositories-and-database-know-drizzle',
      severity: 'error',
      from: { path: '^apps/server/src', pathNot: 'repository\\.ts$|/database/|/test/|\\.test\\.ts$' },
      to: { path: 'drizzle-orm' },
    },
    {
      name: 'no-drawer',
      severity: 'error',
      from: {},
      to: { path: '/(utils?|helpers?|common|misc|managers?)(/|\\.tsx?$)', pathNot: 'node_modules' },
    },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|dist-types|drizzle)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.test.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['@feverfew/source', 'import', 'require', 'node', 'default', 'types'],
    },
  },
};
