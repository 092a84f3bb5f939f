import type { ClothCourse, CoursePass } from '../../schema/course.js';
import type { Note } from '../../schema/note.js';
import type { DryingWay } from '../../schema/vocabulary.js';
import { STANDING_NOTES } from '../standingNotes.js';
import { does, type Line, lines, only } from './lines.js';
import type { Span } from './passes.js';

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
  /** After a dye run: a sheet that holds what is still loose, where the house has one. */
  run: (...extra: Line[]) =>
    wash(['catcherWash', 'bioMachineWash', 'machineDetergentWash'], [20, 30], ...extra),
  delicate: (...extra: Line[]) => wash(['delicateHandSoak', 'gentleMachineWash'], [20, 30], ...extra),
  protein: (...extra: Line[]) => wash(['delicateHandSoak', 'gentleMachineWash'], [20, 30], ...extra),
  hygiene: (...extra: Line[]) => wash(['hygieneWash', 'whitesPowderWash'], [55, 60], ...extra),
  cool: (...extra: Line[]) => wash(['gentleMachineWash', 'delicateHandSoak'], [20, 30], ...extra),
  cold: (...extra: Line[]) => wash(['bioMachineWash', 'machineDetergentWash'], [20, 30], ...extra),
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
export const end = (rounds: number, next: End['next'], ...notes: Line[]): End => ({
  rounds,
  next,
  notes: lines(does, notes),
});

const TWICE = end(2, 'accept', 'After two rounds, what is left stays.');
const ONCE_THEN_CLEANER = end(1, 'professional', 'After one round, a cleaner: say what it is.');
const TWICE_THEN_CLEANER = end(2, 'professional', 'After two rounds, a cleaner.');

/** What is covered in panels between seams. */
const SEATS = ['armchair', 'diningChair', 'windowSeat'];

const MOST: Readonly<Record<string, Omit<Course1, 'kind' | 'first' | 'second' | 'notes'>>> = {
  white: { wash: W.white(), dry: { ways: ['line'], notes: [] }, checks: ['daylight'], end: TWICE },
  coloured: { wash: W.coloured(), dry: { ways: ['line'], notes: [] }, checks: ['daylight'], end: TWICE },
  synthetic: { wash: W.synthetic(), dry: { ways: ['line'], notes: [] }, checks: ['daylight'], end: TWICE },
  delicate: {
    wash: W.delicate(),
    dry: { ways: ['flat', 'line'], notes: [STANDING_NOTES.rolledFirst, does('Out of the sun.', ['sun'])] },
    checks: ['daylight'],
    end: ONCE_THEN_CLEANER,
  },
  protein: {
    wash: W.protein(),
    dry: { ways: ['flat'], notes: [STANDING_NOTES.rolledFirst, does('Out of the sun.', ['sun'])] },
    checks: ['daylight'],
    end: TWICE_THEN_CLEANER,
  },
  surface: {
    wash: null,
    dry: {
      ways: [],
      notes: [
        does('Blot it dry; open a window.'),
        only({ itemIds: SEATS }, 'Last, wipe the whole panel, seam to seam, with a wrung-out cloth.'),
        only({ itemIds: ['carpet', 'rug'] }, 'A dry towel and a weight on it overnight.'),
      ],
    },
    checks: ['daylight', 'nextDay'],
    end: TWICE_THEN_CLEANER,
  },
  dryOnly: {
    wash: null,
    dry: { ways: [], notes: [] },
    checks: ['daylight', 'fromSide'],
    end: ONCE_THEN_CLEANER,
  },
};

/** Work that wets nothing; what has been done by it alone needs no drying. */
const DRY_WORK: readonly string[] = [
  ...[
    'liftOff',
    'tapeLift',
    'dryVacuum',
    'rubberSponge',
    'eraserRub',
    'dryClothRub',
    'brushOffDry',
    'chillAndChip',
  ],
  ...['absorbentDust', 'absorbentBag', 'sodaDry', 'airing', 'freezeBag', 'airSolventOut'],
];
const WEIGHED: readonly string[] = ['weighDown'];

/** The drying of a class: none after dry work, and the weight that is a pass by itself is not repeated. */
function dryNotesOf(most: Omit<Course1, 'kind' | 'first' | 'second' | 'notes'>, given: OfCloth): Note[] {
  const ways = [...(given.first ?? []), ...(given.second ?? [])].flatMap((pass) => pass.methodIds);
  if (most.wash === null && ways.every((id) => DRY_WORK.includes(id))) return [];
  return ways.some((id) => WEIGHED.includes(id)) ? most.dry.notes.slice(0, 1) : most.dry.notes;
}

const OWN_DYE = does('Each new product on a hidden place first; stop where the piece’s own dye comes.');

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
        notes: given.dryNotes ? lines(does, given.dryNotes) : dryNotesOf(most, given),
      },
      checks: given.checks ?? most.checks,
      second: given.second ?? [],
      end: given.end ?? most.end,
      notes: [...lines(does, given.notes ?? []), ...(cloth === 'coloured' ? [OWN_DYE] : [])],
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
export const honest = (next: End['next'], ...why: Line[]): ClothCourse => ({
  kind: 'honest',
  next,
  why: lines(does, why),
});
/** It is for a professional, and why. */
export const cleaner = (...why: Line[]): ClothCourse => honest('professional', ...why);
