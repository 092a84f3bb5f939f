import type { CoursePass, Purpose } from '../../schema/course.js';

export type Span = readonly [number, number];
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
/** What the long soak for yellowed whites is made for; other troubles take the ordinary one as long. */
const OF_WHITES: readonly Purpose[] = ['yellow', 'grey'];
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
    pass('loose', 'coldFromBack', { min: [2, 5], c: [8, 25], stop: 'The water runs clear.', ...more }),
  drip: (more: More = {}) => pass('loose', 'coolDripThrough', { min: [3, 10], ...more }),
  enzyme: (more: More = {}) =>
    pass('protein', ['enzymePretreat', 'bioDetergentSpot'], { min: [15, 30], ...more }),
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
    pass(purpose, OF_WHITES.includes(purpose) ? ['longOxygenSoak', 'oxygenSoak'] : 'oxygenSoak', {
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
      onlyIf: 'By its label; a hidden test first.',
      expect: 'Kept wet for hours, with nothing else.',
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
      stop: 'The rinse water is clear.',
      ...more,
    }),

  // On what stays where it is.
  towel: (more: More = {}) => pass('liquid', 'thickTowel', { min: [10, 30], ...more }),
  waterBlot: (more: More = {}) => pass('loose', 'coldBlot', { stop: 'The cloth stays clean.', ...more }),
  foam: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['detergentBlot', 'carpetFoam'], { c: [15, 30], after: 'damp', ...more }),
  vinegarBlot: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['vinegarDetergentBlot', 'vinegarBlot'], {
      min: [5, 10],
      after: 'damp',
      onlyIf: TESTED,
      ...more,
    }),
  /** Where the trade is of two minds: a clear detergent, or white soap. */
  foamOrSoap: (purpose: Purpose, more: More = {}) =>
    pass(purpose, ['detergentBlot', 'whiteSoapBlot'], { after: 'damp', ...more }),
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
