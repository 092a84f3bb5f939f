import type { AtOnceVerb } from '@feverfew/knowledge';
import type { Action } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import type { Ingredient } from '../../treatment/plan/recipe.js';
import type { Round, RoundPass } from '../../treatment/plan/round.js';
import { knowledge } from '../fixtures.js';

/** One thing a plan has a person do, in the words of the expert cases. */
export interface Told {
  /** 0 = at once, then the number of the round. */
  readonly round: number;
  readonly tokens: ReadonlySet<string>;
  readonly agents: ReadonlySet<string>;
  readonly tempC: number | null;
  readonly minutes: readonly [number, number] | null;
  readonly kind: 'atOnce' | 'work' | 'wash' | 'test' | 'rinse' | 'dry';
  /** Lies in a vessel or a drum. */
  readonly immersed: boolean;
  readonly solventML: number;
  readonly tested: boolean;
  readonly stone: boolean;
  readonly methodId: string | null;
  readonly pours: readonly Ingredient[];
  /** Water it is made with, mL; 0 where it is used neat. */
  readonly waterML: number;
  readonly inMachine: boolean;
  readonly isDry: boolean;
  /** Words of its actions. */
  readonly text: string;
}

/** Actions of methods that pour nothing an expert case could name. Every method of a plan has an entry or a product. */
const OF_METHOD: Readonly<Record<string, readonly string[]>> = {
  liftOff: ['lift'],
  brushOffDry: ['brush', 'shake', 'letDry'],
  tapeLift: ['stickyTape'],
  dryVacuum: ['vacuum'],
  dryBlot: ['blotDry', 'blot'],
  thickTowel: ['blotDry', 'blot'],
  chillAndChip: ['chillChip', 'lift'],
  airing: ['air'],
  airSolventOut: ['air'],
  absorbentBag: ['absorbentBag'],
  weighDown: ['weighDown'],
  sunLine: ['sun', 'air'],
  steamHang: ['steam'],
  ironThroughPaper: ['ironThroughPaper'],
  dryClothRub: ['brush'],
  eraserRub: ['brush', 'lift'],
  rubberSponge: ['brush'],
  freezeBag: ['chillChip'],
  coldFlush: ['coldFlush'],
  coldFromBack: ['coldFlush'],
  coolDripThrough: ['coldFlush'],
  fishColdRinse: ['coldFlush', 'rinse'],
  lukewarmRinse: ['lukewarmRinse', 'rinse'],
  plainWaters: ['rinse'],
  coldBlot: ['blot'],
};

const OF_VERB: Readonly<Record<AtOnceVerb, readonly string[]>> = {
  protect: [],
  lift: ['lift'],
  shake: ['shake'],
  blot: ['blot', 'blotDry'],
  absorb: ['absorb', 'absorbentPowder'],
  coldFlush: ['coldFlush', 'water', 'rinse'],
  keepWet: ['keepWet'],
  letDry: ['letDry'],
  chill: ['chill', 'chillChip'],
  vacuum: ['vacuum'],
  isolate: ['isolate'],
  hangToAir: ['hangToAir', 'air'],
  ventilate: ['ventilate'],
  rinseOutProduct: ['rinseOutProduct', 'rinse'],
  detergent: [],
  rewash: [],
  leaveAlone: ['doNotRub'],
  leaveRoom: ['ventilate'],
  airOutdoors: ['hangToAir', 'air'],
  keepFlooded: ['coldFlush'],
  handsOff: ['doNotRub'],
};

/** Every word for a step, except the names of its products. */
export const TOKENS: readonly string[] = [
  ...Object.values(OF_METHOD).flat(),
  ...Object.values(OF_VERB).flat(),
  ...['wash', 'machineWash', 'handWash', 'waterTest', 'rinse', 'water', 'vacuum', 'lift', 'air'],
  ...['line', 'flat', 'hang', 'shade', 'towelRoll', 'fan', 'weighDown', 'tumbleLow', 'tumbleNormal'],
  'tumbleLowBalls',
];

/** All a plan has done, in order; what is to be left alone at once is not work. */
export const toldBy = (plan: Plan): Told[] => [
  ...plan.atOnce.actions.map(({ verbs }) =>
    told(
      0,
      'atOnce',
      verbs.flatMap((verb) => OF_VERB[verb as AtOnceVerb]),
    ),
  ),
  ...plan.rounds.flatMap((round, index) => ofRound(round, index + 1)),
];

const told = (
  round: number,
  kind: Told['kind'],
  tokens: readonly string[],
  more: Partial<Told> = {},
): Told => ({
  round,
  kind,
  tokens: new Set(tokens),
  agents: new Set(),
  tempC: null,
  minutes: null,
  immersed: false,
  solventML: 0,
  tested: false,
  stone: false,
  methodId: null,
  pours: [],
  waterML: 0,
  inMachine: false,
  isDry: kind === 'dry',
  text: '',
  ...more,
});

function ofRound({ passes, drying }: Round, round: number): Told[] {
  return [
    ...passes.flatMap((pass) => ofPass(pass, round)),
    ...(drying ? [told(round, 'dry', dryTokens(drying.action, drying.notes))] : []),
  ];
}

const WASH = new Set(['mix', 'apply', 'dwell']);
const WORKS = new Set(['mix', 'apply', 'dwell', 'wash']);

function ofPass({ actions, methodId, phase, opensAfterTest }: RoundPass, round: number): Told[] {
  const method = knowledge.methods.find(({ id }) => id === methodId);
  const before = actions.findIndex(({ kind }) => WASH.has(kind));
  const after = actions.findLastIndex(({ kind }) => WASH.has(kind));
  const test = actions.some(({ kind }) => kind === 'hiddenTest') || opensAfterTest;
  const agents = actions.flatMap(({ ingredients }) => ingredients.map(({ agentId }) => agentId));
  const [dwell] = actions.flatMap((action) => action.dwell ?? []);
  const tempC = actions.find((action) => WORKS.has(action.kind) && action.tempC)?.tempC?.target ?? null;
  const made = actions.find(({ bath, waterML }) => bath !== null || waterML !== null);
  const solventML = actions
    .flatMap(({ ingredients }) => ingredients)
    .reduce(
      (sum, { agentId, volumeML }) =>
        sum + (knowledge.agents.find(({ id }) => id === agentId)?.flammable ? (volumeML ?? 0) : 0),
      0,
    );
  const own = told(
    round,
    phase === 'wash' ? 'wash' : 'work',
    [
      ...agents,
      ...(OF_METHOD[methodId] ?? []),
      ...(phase === 'wash' ? [method?.inMachine ? 'machineWash' : 'handWash', 'wash'] : []),
      ...handTokens(actions),
    ],
    {
      agents: new Set(agents),
      tempC,
      minutes: dwell ? [dwell.aimMin ?? dwell.minMin, dwell.aimMin ?? dwell.maxMin] : null,
      immersed: method?.wetting === 'immersion',
      solventML,
      tested: test,
      stone: actions.some(({ vessel }) => vessel?.name === 'sink'),
      methodId,
      pours: actions.flatMap(({ ingredients }) => ingredients),
      waterML: made?.bath ? made.bath.waterL * 1000 : (made?.waterML ?? 0),
      inMachine: method?.inMachine ?? false,
      isDry: method?.wetting === 'dry',
      text: actions.flatMap(({ notes }) => notes).join(' '),
    },
  );
  return [
    ...actions.slice(0, before).flatMap((action) => aside(action, round)),
    ...(test ? [told(round, 'test', ['waterTest'])] : []),
    own,
    ...actions.slice(after + 1).flatMap((action) => aside(action, round)),
  ];
}

function aside({ kind, rinseWay, tempC, notes }: Action, round: number): Told[] {
  switch (kind) {
    case 'rinse':
    case 'rinseBefore':
      return [
        told(
          round,
          'rinse',
          rinseWay === 'vacuum'
            ? ['vacuum', ...(notes.some((note) => /shak|beat/i.test(note)) ? ['brush', 'shake'] : [])]
            : rinseWay === 'damp'
              ? ['rinse', 'water']
              : ['rinse', ...(kind === 'rinseBefore' ? ['coldFlush'] : [])],
          { tempC: tempC?.target ?? null },
        ),
      ];
    case 'lift':
      return [told(round, 'work', ['lift'], { isDry: true })];
    case 'airOut':
      return [told(round, 'work', ['air'], { isDry: true })];
    default:
      return [];
  }
}

const handTokens = (actions: readonly Action[]): string[] =>
  actions.flatMap(({ action }) =>
    action === 'firmBrush' ? ['firmBrush', 'rub'] : action === 'softBrush' ? ['softBrush'] : [],
  );

const DRY_WORDS: readonly (readonly [string, RegExp])[] = [
  ['towelRoll', /roll it in a towel/i],
  ['fan', /\bfan\b/i],
  ['weighDown', /weight/i],
  ['tumbleLowBalls', /\bballs\b/i],
  ['shade', /out of the sun|shade/i],
  ['hang', /\bhang/i],
  ['tumbleLow', /\btumble/i],
];

const dryTokens = ({ dryingWays }: Action, notes: readonly string[]): string[] => [
  ...dryingWays,
  ...(dryingWays.includes('line') ? ['hang', 'shade'] : []),
  ...(dryingWays.includes('flat') ? ['shade'] : []),
  ...(dryingWays.length === 0 ? ['airInPlace', 'air'] : []),
  ...DRY_WORDS.flatMap(([token, words]) => (notes.some((note) => words.test(note)) ? [token] : [])),
];
