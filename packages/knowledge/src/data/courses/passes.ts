import type { StepCondition } from '../../schema/condition.js';
import type { CoursePass, Purpose } from '../../schema/course.js';
import type { Note } from '../../schema/note.js';
import { always, where } from '../say.js';
import { C } from './conditions.js';

export type Span = readonly [number, number];
interface More {
  /** Other ways than a shared pass has, best first. */
  readonly ways?: string[];
  readonly min?: Span;
  readonly c?: Span;
  /** The case it is for. */
  readonly when?: readonly StepCondition[];
  /** What must hold as well; replaces what a shared pass has. */
  readonly onlyIf?: readonly StepCondition[];
  /** How it is done here, where the words of the way are not enough. */
  readonly advice?: readonly Note[];
  readonly after?: CoursePass['after'];
  readonly stop?: string;
  readonly expect?: string;
  readonly optional?: boolean;
  /** What does most here: done however little the estimate gives it. */
  readonly main?: boolean;
  /** A soak that comes before what works on the spot. */
  readonly loosens?: boolean;
}

const span = (given: Span | undefined) => (given ? { min: given[0], max: given[1] } : null);

/** One pass: what it is for, and the ways, best first. Minutes and °C only where they differ from the method's own. */
export function pass(purpose: Purpose, methodIds: string | string[], more: More = {}): CoursePass {
  const conditions = [...(more.when ?? []), ...(more.onlyIf ?? [])];
  return {
    purpose,
    methodIds: [more.ways ?? methodIds].flat(),
    tempC: span(more.c),
    minutes: span(more.min),
    when: conditions.length > 0 ? conditions : 'always',
    advice: [...(more.advice ?? [])],
    after: more.after ?? 'none',
    stop: more.stop ?? null,
    expect: more.expect ?? null,
    optional: more.optional ?? false,
    main: more.main ?? false,
    loosens: more.loosens ?? false,
    sourceIds: ['commonPractice'],
  };
}

/** What must hold for a chemistry that not every piece of the kind bears. */
const OXYGEN_IF = [C.metalFree];
const DAB_IF = [C.whiteOrFast];
const COLOUR_OXYGEN_IF = [C.whiteOrFast];
const KETONE_IF = [C.bearsAcetone];
const REDUCER_IF = [C.white, C.noElastane, C.metalFree];
/** What the long soak for yellowed whites is made for; other troubles take the ordinary one as long. */
const OF_WHITES: readonly Purpose[] = ['yellow', 'grey'];

/** Passes that come back in many courses. Each takes what is different about it there. */
/** A jug that hangs from a knot is no hotter than a hand bears, °C. */
const POUCH_MAX_C = 45;

export const P = {
  // Dry.
  lift: (more: More = {}) => pass('bulk', 'liftOff', { min: [1, 3], ...more }),
  chip: (more: More = {}) =>
    pass('bulk', 'chillAndChip', { min: [20, 60], stop: 'No more flakes.', ...more }),
  tape: (purpose: Purpose, more: More = {}) => pass(purpose, 'tapeLift', { min: [2, 10], ...more }),
  dust: (more: More = {}) => pass('dust', 'dryVacuum', { min: [5, 15], ...more }),
  brush: (more: More = {}) => pass('bulk', 'brushOffDry', { ...more }),
  powder: (more: More = {}) => pass('fat', 'absorbentDust', { min: [15, 30], after: 'vacuum', ...more }),
  sponge: (more: More = {}) => pass('pigment', 'rubberSponge', { ...more }),
  iron: (more: More = {}) =>
    pass('wax', 'ironThroughPaper', {
      min: [2, 5],
      onlyIf: [C.undyedWax, C.noSolventLeft],
      stop: 'The paper takes no more.',
      ...more,
    }),
  air: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'airing', { stop: 'No smell in a warm hand.', ...more }),
  bag: (purpose: Purpose, more: More = {}) => pass(purpose, 'absorbentBag', { ...more }),
  steam: (purpose: Purpose, more: More = {}) => pass(purpose, 'steamHang', { ...more }),
  sun: (purpose: Purpose, more: More = {}) => pass(purpose, 'sunLine', { min: [120, 480], ...more }),
  freeze: (more: More = {}) =>
    pass('larvae', 'freezeBag', { min: [10080, 20160], when: [C.fitsFreezer], ...more }),

  dryRub: (more: More = {}) =>
    pass('bulk', 'dryClothRub', { min: [1, 2], stop: 'The cloth is clear.', ...more }),
  eraser: (more: More = {}) => pass('pigment', 'eraserRub', { ...more }),

  // On the spot.
  flush: (more: More = {}) =>
    pass('loose', 'coldFromBack', { min: [2, 5], c: [8, 25], stop: 'It runs clear.', ...more }),
  drip: (more: More = {}) => pass('loose', 'coolDripThrough', { min: [3, 10], ...more }),
  enzyme: (more: More = {}) =>
    pass('protein', ['enzymePretreat', 'bioDetergentSpot'], { min: [15, 30], ...more }),
  suds: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'neatDetergentSpot', { min: [10, 15], after: 'noFoam', ...more }),
  mild: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'delicateSpot', { min: [10, 20], after: 'short', ...more }),
  /** A rest of grease and solvent on a fine thing: drops of dish detergent take it, as mild and stronger on fat. */
  mildGrease: (more: More = {}) =>
    P.mild('residue', { ways: ['mildDishSpot', 'delicateSpot'], c: [15, 25], ...more }),
  peroxide: (purpose: Purpose, min: Span, more: More = {}) =>
    pass(purpose, 'peroxideDab', { min, after: 'short', onlyIf: DAB_IF, ...more }),
  peroxideSuds: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['peroxideDetergentSpot', 'vinegarDetergentSpot'], {
      min: [10, 20],
      after: 'noFoam',
      onlyIf: DAB_IF,
      ...more,
    }),
  paste: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'peroxidePaste', {
      onlyIf: [C.white],
      advice: [always('Five hours or more, in the sun if there is any.', { asks: ['sun'] })],
      after: 'full',
      ...more,
    }),
  vinegarSuds: (more: More = {}) =>
    pass('colour', ['vinegarDetergentSpot', 'vinegarSpot'], {
      min: [10, 15],
      after: 'full',
      ...more,
    }),
  weakVinegar: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['weakVinegarSpot', 'weakCitricSpot'], {
      min: [5, 10],
      after: 'full',
      onlyIf: [],
      advice: [where({ fibreIds: ['acetate', 'triacetate'] }, 'Ten minutes at most.')],
      ...more,
    }),
  vinegar: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'vinegarSpot', { min: [15, 30], after: 'full', ...more }),
  glycerine: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'glycerineSoften', { min: [30, 60], after: 'short', optional: true, ...more }),
  weakCitric: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['weakCitricSpot', 'thinCitricSpot'], {
      min: [5, 15],
      after: 'full',
      advice: [where({ fibreIds: ['acetate', 'triacetate'] }, 'Ten minutes at most.')],
      ...more,
    }),
  citric: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'citricSpot', { min: [30, 60], after: 'full', ...more }),
  oxalic: (more: More = {}) =>
    pass('iron', 'oxalicSpot', {
      after: 'full',
      optional: true,
      onlyIf: [C.sturdy, C.white],
      ...more,
    }),
  vitamin: (more: More = {}) =>
    pass('colour', ['vitaminSpot', 'thiosulphateSpot'], {
      min: [2, 10],
      after: 'full',
      stop: 'Colourless.',
      expect: 'Seconds.',
      ...more,
    }),
  alcohol: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'alcoholSpot', {
      min: [3, 10],
      after: 'airOut',
      stop: 'Two stay clean.',
      ...more,
    }),
  spirits: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['spiritsSpot', 'solventDetergentSpot'], {
      min: [5, 10],
      after: 'airOut',
      stop: 'Two stay clean.',
      ...more,
    }),
  ketone: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['acetoneSpot', 'esterSpot'], {
      min: [2, 5],
      after: 'airOut',
      onlyIf: KETONE_IF,
      stop: 'The pad stays clean.',
      ...more,
    }),
  /** Acetone where the cloth bears it, else alcohol: for polish made with water or with a solvent. */
  ketoneOrAlcohol: (purpose: Purpose, more: More = {}) =>
    P.ketone(purpose, { ways: ['acetoneSpot', 'esterSpot', 'alcoholSpot'], ...more }),
  /** The mildest of the thinners first, for cloth that bears little. */
  ester: (purpose: Purpose, more: More = {}) =>
    P.ketone(purpose, { ways: ['esterSpot', 'acetoneSpot'], ...more }),
  /** What a solvent leaves: cool suds, longer where they take the fat itself, then air until no smell. */
  afterSolvent: (min: Span = [5, 10]): CoursePass[] => [
    pass('residue', 'neatDetergentSpot', {
      min,
      c: [12, 25],
      after: 'noFoam',
      onlyIf: [C.sinksIn],
    }),
    P.solventAir(),
  ],

  solventAir: (): CoursePass =>
    pass('solventLeft', 'airSolventOut', { stop: 'No smell at all with the nose on the cloth.' }),

  sweatband: (more: More = {}) =>
    pass('fat', ['sweatbandWipe', 'delicateSpot'], { min: [5, 8], after: 'damp', ...more }),

  // Baths.
  waters: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'plainWaters', { min: [5, 15], stop: 'The water stays clear.', ...more }),
  noDetergent: (c: Span, more: More = {}): CoursePass =>
    pass('residue', 'plainMachineWash', {
      min: [60, 120],
      c,
      expect: 'Foam with no detergent in.',
      stop: 'No foam in the last rinse.',
      ...more,
    }),
  oxygen: (purpose: Purpose, min: Span, c: Span, more: More = {}) =>
    pass(
      purpose,
      [
        'oxygenSoak',
        ...(min[1] >= 360 ? ['longOxygenSoak'] : []),
        ...(c[0] <= POUCH_MAX_C ? ['oxygenPouch'] : []),
      ],
      {
        min,
        c,
        onlyIf: OXYGEN_IF,
        ...more,
      },
    ),
  long: (purpose: Purpose, more: More = {}) =>
    pass(purpose, OF_WHITES.includes(purpose) ? ['longOxygenSoak', 'oxygenSoak'] : 'oxygenSoak', {
      min: [360, 480],
      onlyIf: OXYGEN_IF,
      ...more,
    }),
  colourOxygen: (purpose: Purpose, min: Span, more: More = {}) =>
    pass(purpose, ['colourOxygenSoak', 'oxygenPouch'], {
      min,
      onlyIf: COLOUR_OXYGEN_IF,
      ...more,
    }),
  /** The wash of the round, hot and with oxygen in the drum. */
  drumOxygen: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'colourOxygenWash', { onlyIf: COLOUR_OXYGEN_IF, ...more }),
  dip: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'hotOxygenDip', { min: [10, 30], onlyIf: OXYGEN_IF, ...more }),
  enzymeSoak: (min: Span, more: More = {}) =>
    pass('protein', ['enzymeSoakBath', 'bioSoak'], { min, ...more }),
  longEnzymeSoak: (more: More = {}) => pass('protein', 'bioSoak', { min: [120, 480], ...more }),
  dye: (min: Span, c: Span, more: More = {}) =>
    pass('looseDye', 'dyeSuspendingSoak', {
      min,
      c,
      after: 'noFoam',
      stop: 'The water stays clear for ten minutes.',
      ...more,
    }),
  coolDye: (more: More = {}) => pass('looseDye', 'coolDyeAid', { after: 'noFoam', ...more }),
  reducer: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'reducerSoak', {
      after: 'full',
      onlyIf: REDUCER_IF,
      expect: 'It fades in minutes; a smell of sulphur is normal.',
      ...more,
    }),
  citricSoak: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'citricSoak', { min: [30, 60], after: 'full', ...more }),
  vinegarSoak: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'vinegarSoak', { min: [30, 60], after: 'full', ...more }),
  mildVinegar: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'mildVinegarBath', { min: [10, 30], after: 'full', ...more }),
  handSoak: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'delicateHandSoak', { after: 'short', ...more }),
  removerSoak: (more: More = {}) =>
    pass('smell', ['odourRemoverSoak', 'odourRemoverSpot'], {
      min: [60, 480],
      after: 'full',
      onlyIf: [],
      ...more,
    }),
  removerSpot: (more: More = {}) =>
    pass('smell', 'odourRemoverSpot', {
      min: [30, 60],
      after: 'short',
      onlyIf: [C.noWoolOrSilk],
      ...more,
    }),
  warmSuds: (purpose: Purpose, more: More = {}) => pass(purpose, 'warmDetergentSoak', { ...more }),
  soda: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['sodaSoak', 'sodaMachineWash'], {
      onlyIf: [C.sturdy, C.noSolventLeft],
      ...more,
    }),

  strip: (more: More = {}) =>
    pass('film', ['deepStrip', 'sodaMachineWash'], {
      min: [240, 240],
      onlyIf: [C.sturdy, C.white],
      expect: 'Grey-brown water; stir hourly, until it is cool.',
      stop: 'The rinse water is clear.',
      ...more,
    }),

  // On what stays where it is.
  towel: (more: More = {}) => pass('liquid', 'thickTowel', { min: [10, 30], ...more }),
  waterBlot: (more: More = {}) => pass('loose', 'coldBlot', { stop: 'The cloth stays clean.', ...more }),
  foam: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['delicateBlot', 'detergentBlot', 'carpetFoam'], { c: [15, 30], after: 'damp', ...more }),
  /** On a rest of grease, gum or resin: the detergent that takes most fat first. */
  greaseFoam: (purpose: Purpose, more: More = {}) =>
    P.foam(purpose, { ways: ['detergentBlot', 'delicateBlot', 'carpetFoam'], main: true, ...more }),
  vinegarBlot: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['vinegarDetergentBlot', 'vinegarBlot', 'citricBlot'], {
      min: [5, 10],
      after: 'damp',
      ...more,
    }),
  vitaminBlot: (more: More = {}) =>
    pass('colour', 'vitaminBlot', { after: 'damp', stop: 'Colourless.', main: true, ...more }),
  /** Where the trade is of two minds: a clear detergent, or white soap. */
  foamOrSoap: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['delicateBlot', 'detergentBlot', 'whiteSoapBlot'], { after: 'damp', ...more }),
  /** Peroxide on a surface: after an acid only when that has been taken out and the place is dry again. */
  peroxideBlot: (purpose: Purpose, min: Span, more: More = {}) =>
    pass(purpose, 'peroxideDab', { min, after: 'damp', onlyIf: DAB_IF, ...more }),
  enzymeBlot: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'enzymeBlot', { after: 'damp', onlyIf: [C.noWoolOrSilk], ...more }),
  mattressCoat: (purpose: Purpose) =>
    pass(purpose, 'mattressPeroxideCoat', {
      when: [C.mattress],
      after: 'vacuum',
      onlyIf: [C.pale, C.noWoolOrSilk],
    }),
  odourRemover: (more: More = {}) =>
    pass('smell', ['odourRemoverSurface', 'mattressEnzyme'], {
      min: [30, 60],
      after: 'damp',
      onlyIf: [C.noWoolSilkOrLeather],
      ...more,
    }),
  odourRemoverLong: (more: More = {}) =>
    pass('smell', ['odourRemoverLong', 'mattressEnzyme'], {
      min: [60, 240],
      after: 'damp',
      onlyIf: [C.noWoolSilkOrLeather],
      ...more,
    }),
  sodaDry: (more: More = {}) =>
    pass('smell', ['sodaDry', 'absorbentDust'], { min: [480, 1440], after: 'vacuum', ...more }),
  weigh: (more: More = {}) => pass('damp', 'weighDown', { ...more }),
  citricBlot: (more: More = {}) =>
    pass('iron', ['citricBlot', 'thinCitricBlot', 'vinegarBlot'], { after: 'damp', ...more }),
};
