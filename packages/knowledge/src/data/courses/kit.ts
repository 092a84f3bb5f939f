import { deedsSpokenOf } from '../../deedsSpokenOf.js';
import type { ClothCourse, Course, CoursePass, Purpose } from '../../schema/course.js';
import type { Note } from '../../schema/note.js';
import type { Deed, DryingWay } from '../../schema/vocabulary.js';
import { always } from '../say.js';

/** What the courses are written with: passes named once, the washes of each cloth, lines that know what they ask for. */

type Line = string | Note;

/** A line that tells a person to do what it speaks of. */
export const does = (text: string, names: Deed[] = []): Note => {
  const spoken = deedsSpokenOf(text);
  return always(text, { asks: spoken.filter((deed) => !names.includes(deed)), names });
};
/** A line that tells a person not to. */
export const leaves = (text: string, names: Deed[] = []): Note => {
  const spoken = deedsSpokenOf(text);
  return always(text, { bars: spoken.filter((deed) => !names.includes(deed)), names });
};
/** A line that only speaks of it. */
export const names = (text: string): Note => always(text, { names: deedsSpokenOf(text) });

/** A line for some cloth or some pieces only. */
export const only = (when: Exclude<Note['when'], 'always'>, text: string): Note => ({ ...does(text), when });

const lines = (make: (text: string) => Note, all: readonly Line[]): Note[] =>
  all.map((line) => (typeof line === 'string' ? make(line) : line));

type Span = readonly [number, number];
interface More {
  readonly min?: Span;
  readonly c?: Span;
  readonly when?: CoursePass['when'];
  readonly onlyIf?: string;
  readonly after?: CoursePass['after'];
  readonly stop?: string;
  readonly expect?: string;
  readonly optional?: boolean;
}

const span = (given: Span | undefined) => (given ? { min: given[0], max: given[1] } : null);

/** One pass: what it is for, and the ways, best first. Minutes and °C only where they differ from the method's own. */
export function pass(purpose: Purpose, methodIds: string | string[], more: More = {}): CoursePass {
  return {
    purpose,
    methodIds: [methodIds].flat(),
    tempC: span(more.c),
    minutes: span(more.min),
    when: more.when ?? 'always',
    onlyIf: more.onlyIf ?? null,
    after: more.after ?? 'none',
    stop: more.stop ?? null,
    expect: more.expect ?? null,
    optional: more.optional ?? false,
    sourceIds: ['commonPractice'],
  };
}

/** What must hold for a chemistry that not every piece of the kind bears. */
const OXYGEN_IF = 'The tag lets oxygen; metal parts off, or half an hour at most.';
const DAB_IF = 'White, or fast in a hidden test; the tag lets oxygen.';
const COLOUR_OXYGEN_IF = 'Fast in a hidden test; the tag lets oxygen.';
const SOLVENT_IF = 'Outdoors or at a wide-open window, no flame; a hidden test first.';
const KETONE_IF =
  'Proven not acetate, modacrylic or coated, little stretch; outdoors, no flame; a hidden test first.';
const REDUCER_IF = 'All white, no elastane, no metal; open window; nobody with asthma in the house.';
const TESTED = 'A hidden test first.';

/** Passes that come back in many courses. Each takes what is different about it there. */
export const P = {
  // Dry.
  lift: (more: More = {}) => pass('bulk', 'liftOff', { min: [1, 3], ...more }),
  chip: (more: More = {}) => pass('bulk', 'chillAndChip', { stop: 'No more flakes come.', ...more }),
  tape: (purpose: Purpose, more: More = {}) => pass(purpose, 'tapeLift', { min: [2, 10], ...more }),
  dust: (more: More = {}) => pass('dust', 'dryVacuum', { min: [5, 15], ...more }),
  brush: (more: More = {}) => pass('bulk', 'brushOffDry', { ...more }),
  powder: (more: More = {}) => pass('fat', 'absorbentDust', { min: [15, 30], after: 'vacuum', ...more }),
  sponge: (more: More = {}) => pass('pigment', 'rubberSponge', { ...more }),
  iron: (more: More = {}) =>
    pass('wax', 'ironThroughPaper', {
      min: [2, 5],
      onlyIf: 'Undyed wax, no solvent used yet; the tag lets an iron on it.',
      stop: 'The paper takes no more.',
      ...more,
    }),
  air: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'airing', { stop: 'No smell in a warm hand.', ...more }),
  bag: (purpose: Purpose, more: More = {}) => pass(purpose, 'absorbentBag', { ...more }),
  steam: (purpose: Purpose, more: More = {}) => pass(purpose, 'steamHang', { ...more }),
  sun: (purpose: Purpose, more: More = {}) => pass(purpose, 'sunLine', { min: [120, 480], ...more }),
  freeze: (more: More = {}) => pass('larvae', 'freezeBag', { min: [10080, 20160], ...more }),

  dryRub: (more: More = {}) =>
    pass('bulk', 'dryClothRub', { min: [1, 2], stop: 'The cloth is clear.', ...more }),
  eraser: (more: More = {}) => pass('pigment', 'eraserRub', { ...more }),

  // On the spot.
  flush: (more: More = {}) =>
    pass('loose', 'coldFromBack', { min: [2, 5], stop: 'The water runs clear.', ...more }),
  drip: (more: More = {}) => pass('loose', 'coolDripThrough', { min: [3, 10], ...more }),
  enzyme: (more: More = {}) =>
    pass('protein', ['enzymePretreat', 'bioDetergentSpot'], {
      min: [15, 30],
      stop: 'Dye of the piece shows on the cloth.',
      ...more,
    }),
  suds: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'neatDetergentSpot', { min: [10, 15], after: 'noFoam', ...more }),
  mild: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'delicateSpot', { min: [10, 20], after: 'short', ...more }),
  peroxide: (purpose: Purpose, min: Span, more: More = {}) =>
    pass(purpose, 'peroxideDab', { min, after: 'short', onlyIf: DAB_IF, ...more }),
  peroxideSuds: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'peroxideDetergentSpot', { min: [10, 20], after: 'noFoam', onlyIf: DAB_IF, ...more }),
  paste: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'peroxidePaste', {
      onlyIf: 'White; the tag lets oxygen; five hours and more, in the sun if there is sun.',
      after: 'full',
      ...more,
    }),
  vinegarSuds: (more: More = {}) =>
    pass('colour', ['vinegarDetergentSpot', 'vinegarSpot'], {
      min: [10, 15],
      after: 'full',
      onlyIf: TESTED,
      ...more,
    }),
  weakVinegar: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'weakVinegarSpot', {
      min: [5, 10],
      after: 'full',
      onlyIf: 'A hidden test first; on acetate ten minutes at most.',
      ...more,
    }),
  vinegar: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'vinegarSpot', { min: [15, 30], after: 'full', onlyIf: TESTED, ...more }),
  glycerine: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'glycerineSoften', { min: [30, 60], after: 'short', optional: true, ...more }),
  citric: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'citricSpot', { min: [30, 60], after: 'full', ...more }),
  oxalic: (more: More = {}) =>
    pass('iron', 'oxalicSpot', {
      after: 'full',
      optional: true,
      onlyIf: 'Switched on in the household; sturdy white cotton or linen; gloves and goggles.',
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
      onlyIf: SOLVENT_IF,
      stop: 'Two pads stay clean.',
      ...more,
    }),
  spirits: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['spiritsSpot', 'solventDetergentSpot'], {
      min: [5, 10],
      after: 'airOut',
      onlyIf: SOLVENT_IF,
      stop: 'Two pads stay clean.',
      expect: 'About half comes with each pad.',
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
  /** What a solvent leaves: cool suds, then air until no smell. */
  afterSolvent: (): CoursePass[] => [
    pass('residue', 'neatDetergentSpot', {
      min: [5, 10],
      c: [12, 25],
      after: 'noFoam',
      onlyIf: 'After the solvent, with cool water; a drop that still beads asks for one more pad first.',
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
  noDetergent: (c: Span): CoursePass =>
    pass('residue', 'plainMachineWash', {
      min: [60, 120],
      c,
      expect: 'Foam with no detergent in.',
      stop: 'No foam in the last rinse.',
    }),
  oxygen: (purpose: Purpose, min: Span, c: Span, more: More = {}) =>
    pass(purpose, min[1] >= 360 ? ['oxygenSoak', 'longOxygenSoak'] : 'oxygenSoak', {
      min,
      c,
      onlyIf: OXYGEN_IF,
      ...more,
    }),
  long: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['longOxygenSoak', 'oxygenSoak'], {
      min: [360, 480],
      onlyIf: OXYGEN_IF,
      expect: 'Each soak takes perhaps half.',
      ...more,
    }),
  colourOxygen: (purpose: Purpose, min: Span, more: More = {}) =>
    pass(purpose, 'colourOxygenSoak', {
      min,
      onlyIf: COLOUR_OXYGEN_IF,
      stop: 'The water takes the hue of the piece.',
      ...more,
    }),
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
    pass(purpose, 'mildVinegarBath', { min: [10, 30], after: 'full', onlyIf: TESTED, ...more }),
  handSoak: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'delicateHandSoak', { after: 'short', ...more }),
  removerSoak: (more: More = {}) =>
    pass('smell', ['odourRemoverSoak', 'odourRemoverSpot'], {
      min: [60, 480],
      after: 'full',
      onlyIf: 'Kept wet for hours, nothing else with it.',
      ...more,
    }),
  removerSpot: (more: More = {}) =>
    pass('smell', 'odourRemoverSpot', {
      min: [30, 60],
      after: 'short',
      onlyIf: 'No silk, no wool; a hidden test first.',
      ...more,
    }),
  warmSuds: (purpose: Purpose, more: More = {}) => pass(purpose, 'warmDetergentSoak', { ...more }),
  soda: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['sodaSoak', 'sodaMachineWash'], {
      onlyIf: 'Sturdy cotton or linen; no solvent smell.',
      ...more,
    }),

  strip: (more: More = {}) =>
    pass('film', ['deepStrip', 'sodaMachineWash'], {
      min: [240, 240],
      onlyIf: 'Sturdy and white.',
      expect: 'Grey-brown water; stir hourly, until it is cool.',
      ...more,
    }),

  // On what stays where it is.
  towel: (more: More = {}) => pass('liquid', 'thickTowel', { min: [10, 30], ...more }),
  waterBlot: (more: More = {}) => pass('loose', 'coldBlot', { stop: 'The cloth stays clean.', ...more }),
  foam: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['detergentBlot', 'carpetFoam', 'whiteSoapBlot'], { after: 'damp', ...more }),
  vinegarBlot: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['vinegarDetergentBlot', 'vinegarBlot'], {
      min: [5, 10],
      after: 'damp',
      onlyIf: TESTED,
      ...more,
    }),
  /** Peroxide on a surface: after an acid only when that has been taken out and the place is dry again. */
  peroxideBlot: (purpose: Purpose, min: Span, more: More = {}) =>
    pass(purpose, 'peroxideDab', { min, after: 'damp', onlyIf: DAB_IF, ...more }),
  enzymeBlot: (purpose: Purpose, more: More = {}) =>
    pass(purpose, 'enzymeBlot', { after: 'damp', onlyIf: 'No wool, no silk; a hidden test first.', ...more }),
  mattressCoat: (purpose: Purpose) =>
    pass(purpose, 'mattressPeroxideCoat', {
      when: { itemIds: ['mattress'] },
      after: 'vacuum',
      onlyIf: 'Pale cover, no wool or silk; a hidden test first.',
    }),
  odourRemover: (more: More = {}) =>
    pass('smell', ['odourRemoverSurface', 'mattressEnzyme'], {
      min: [30, 60],
      after: 'damp',
      onlyIf: 'No wool, silk or leather; a hidden test first.',
      ...more,
    }),
  odourRemoverLong: (more: More = {}) =>
    pass('smell', ['odourRemoverLong', 'mattressEnzyme'], {
      min: [60, 240],
      after: 'damp',
      onlyIf: 'No wool, silk or leather; a hidden test first.',
      ...more,
    }),
  sodaDry: (more: More = {}) => pass('smell', 'sodaDry', { min: [480, 1440], after: 'vacuum', ...more }),
  weigh: (more: More = {}) => pass('damp', 'weighDown', { ...more }),
  citricBlot: (more: More = {}) => pass('iron', 'citricBlot', { after: 'damp', onlyIf: TESTED, ...more }),
};

type Wash = Extract<ClothCourse, { kind: 'course' }>['wash'];
const wash = (methodIds: string[], c: Span, ...extra: Line[]): Wash => ({
  methodIds,
  tempC: { min: c[0], max: c[1] },
  extra: lines(does, extra),
});

/** The washes of each cloth. */
export const W = {
  /** White: powder with bleach, else enzymes where the tag bars bleach. */
  white: (c: Span = [40, 60], ...extra: Line[]) =>
    wash(['whitesPowderWash', 'hotDetergentWash'], c, ...extra),
  /** White where bleach has no business: iron, sunscreen, acetone. */
  noBleach: (c: Span = [40, 60], ...extra: Line[]) =>
    wash(c[0] > 40 ? ['hotDetergentWash'] : ['hotDetergentWash', 'bioMachineWash'], c, ...extra),
  coloured: (...extra: Line[]) => wash(['bioMachineWash', 'machineDetergentWash'], [30, 40], ...extra),
  colouredHot: (...extra: Line[]) => wash(['hotDetergentWash', 'bioMachineWash'], [40, 60], ...extra),
  synthetic: (...extra: Line[]) => wash(['bioMachineWash', 'machineDetergentWash'], [30, 40], ...extra),
  delicate: (...extra: Line[]) => wash(['delicateHandSoak', 'gentleMachineWash'], [20, 30], ...extra),
  protein: (...extra: Line[]) => wash(['delicateHandSoak', 'gentleMachineWash'], [20, 30], ...extra),
  hygiene: (...extra: Line[]) => wash(['hygieneWash', 'whitesPowderWash'], [55, 60], ...extra),
  cool: (...extra: Line[]) => wash(['gentleMachineWash', 'delicateHandSoak'], [20, 30], ...extra),
  none: null,
};

type Checks = Extract<ClothCourse, { kind: 'course' }>['checks'];
type End = Extract<ClothCourse, { kind: 'course' }>['end'];
interface OfCloth {
  readonly first?: CoursePass[];
  readonly wash?: Wash;
  readonly dry?: readonly DryingWay[];
  readonly dryNotes?: readonly Line[];
  readonly checks?: Checks;
  readonly second?: CoursePass[];
  readonly end?: End;
  readonly notes?: readonly Line[];
}
type Course1 = Extract<ClothCourse, { kind: 'course' }>;

/** How a course ends. */
export const end = (rounds: number, next: End['next'], text: string): End => ({ rounds, next, text });

const TWICE: End = { rounds: 2, next: 'accept', text: 'Two rounds; what is left then stays.' };
const ONCE_THEN_CLEANER: End = {
  rounds: 1,
  next: 'professional',
  text: 'One round, then a cleaner, told what it is.',
};
const TWICE_THEN_CLEANER: End = { rounds: 2, next: 'professional', text: 'Two rounds, then a cleaner.' };

const MOST: Readonly<Record<string, Omit<Course1, 'kind' | 'first' | 'second' | 'notes'>>> = {
  white: { wash: W.white(), dry: { ways: ['line'], notes: [] }, checks: ['daylight'], end: TWICE },
  coloured: { wash: W.coloured(), dry: { ways: ['line'], notes: [] }, checks: ['daylight'], end: TWICE },
  synthetic: { wash: W.synthetic(), dry: { ways: ['line'], notes: [] }, checks: ['daylight'], end: TWICE },
  delicate: {
    wash: W.delicate(),
    dry: { ways: ['flat', 'line'], notes: [does('Roll it in a towel first; out of the sun.', ['sun'])] },
    checks: ['daylight'],
    end: ONCE_THEN_CLEANER,
  },
  protein: {
    wash: W.protein(),
    dry: { ways: ['flat'], notes: [does('Roll it in a towel first; out of the sun.', ['sun'])] },
    checks: ['daylight'],
    end: TWICE_THEN_CLEANER,
  },
  surface: {
    wash: null,
    dry: {
      ways: [],
      notes: [
        does('Blot dry; window open, fan on.'),
        only({ itemIds: ['carpet', 'rug'] }, 'A dry towel and a weight on it overnight.'),
      ],
    },
    checks: ['daylight', 'nextDay'],
    end: TWICE_THEN_CLEANER,
  },
  dryOnly: { wash: null, dry: { ways: [], notes: [] }, checks: ['daylight'], end: ONCE_THEN_CLEANER },
};

const of =
  (cloth: keyof typeof MOST) =>
  (given: OfCloth = {}): Course1 => {
    const most = MOST[cloth] as Omit<Course1, 'kind' | 'first' | 'second' | 'notes'>;
    return {
      kind: 'course',
      first: given.first ?? [],
      wash: given.wash === undefined ? most.wash : given.wash,
      dry: {
        ways: [...(given.dry ?? most.dry.ways)],
        notes: given.dryNotes ? lines(does, given.dryNotes) : most.dry.notes,
      },
      checks: given.checks ?? most.checks,
      second: given.second ?? [],
      end: given.end ?? most.end,
      notes: lines(does, given.notes ?? []),
    };
  };

/** The course of one kind of cloth; what is not given is as most courses have it there. */
export const white = of('white');
export const coloured = of('coloured');
export const synthetic = of('synthetic');
export const delicate = of('delicate');
export const protein = of('protein');
export const surface = of('surface');
export const dryOnly = of('dryOnly');

/** No course: what to do instead, and why. */
export const honest = (next: End['next'], why: string): ClothCourse => ({ kind: 'honest', next, why });
export const cleaner = (why: string): ClothCourse => honest('professional', why);

/** Tells: what is seen, what it means, and the course it leads to where that is another one. */
export const tell = (see: Line, means: string, courseId: string | null = null) => ({
  see: typeof see === 'string' ? names(see) : see,
  means,
  courseId,
});

interface Written {
  readonly id: string;
  readonly name: string;
  readonly markIds: string[];
  readonly alsoMarkIds?: string[];
  readonly itemIds?: string[];
  readonly is: string;
  readonly tells: ReturnType<typeof tell>[];
  readonly cause: string;
  readonly causeAction: readonly Line[];
  readonly garment?: readonly Line[];
  readonly surfaceAtOnce?: readonly Line[];
  readonly donts?: readonly Line[];
  readonly cloths: Course['cloths'];
  readonly never: readonly (readonly [string, string])[];
  readonly says?: readonly Line[];
  readonly disputes?: Course['disputes'];
  readonly prevent?: readonly Line[];
  readonly confidence?: Course['confidence'];
}

/** A family of troubles as it is written down. Figures are common practice without a source unless one is named. */
export function course(written: Written): Course {
  return {
    id: written.id,
    name: written.name,
    markIds: written.markIds,
    alsoMarkIds: written.alsoMarkIds ?? [],
    itemIds: written.itemIds ?? [],
    verdict: {
      is: written.is,
      tells: written.tells,
      cause: written.cause,
      causeAction: lines(does, written.causeAction),
    },
    atOnce: {
      garment: lines(does, written.garment ?? []),
      surface: lines(does, written.surfaceAtOnce ?? []),
      donts: lines(leaves, written.donts ?? []),
    },
    cloths: written.cloths,
    never: written.never.map(([what, why]) => ({ what: leaves(what), why })),
    says: lines(names, written.says ?? []),
    disputes: written.disputes ?? [],
    prevent: lines(does, written.prevent ?? []),
    confidence: written.confidence ?? 'high',
    sourceIds: ['commonPractice', 'memory'],
  };
}
