import type { Circumstances, Cloth, ClothCourse, Course, CoursePass } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import type { PieceFacts } from '../textile/piece.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { household, label, piece, trouble } from './fixtures.js';

export type Filled = Extract<ClothCourse, { kind: 'course' }>;

/** A house with everything in it and every switch on. */
export const openHouse: Household = {
  ...household,
  boraxSold: true,
  allowChlorine: true,
  allowAmmonia: true,
  allowOxalic: true,
};

const gentle = { ...label(30), iron: 'medium', dryClean: 'P' } as const;
const dryCleanOnly = {
  ...label(30, 'never'),
  wash: { kind: 'never' },
  tumble: 'never',
  dryClean: 'P',
} as const;

/** The piece of a class that bears most: what is barred even here is barred on every piece of the class. */
const PIECES: Readonly<Record<Cloth, { item: string; fibre: string; facts: Partial<PieceFacts> }>> = {
  white: { item: 'tableLinen', fibre: 'cotton', facts: { label: { ...label(95, 'any'), iron: 'high' } } },
  coloured: {
    item: 'shirt',
    fibre: 'cotton',
    facts: { colour: 'mid', fastness: 'proven', label: { ...label(60), iron: 'high' } },
  },
  synthetic: { item: 'shirt', fibre: 'polyester', facts: { label: { ...label(60, 'any'), iron: 'medium' } } },
  delicate: { item: 'shirt', fibre: 'viscose', facts: { fastness: 'proven', label: gentle } },
  protein: { item: 'jumper', fibre: 'wool', facts: { fastness: 'proven', label: gentle } },
  surface: { item: 'carpet', fibre: 'polyester', facts: { fastness: 'proven' } },
  dryOnly: { item: 'waistcoat', fibre: 'wool', facts: { label: dryCleanOnly } },
};

/**
 * Facts of the trouble this pass is done on, at the loosest limits of its class, with every condition of the pass held.
 * @param gone the trouble is out by then
 */
export function loosestFacts(
  course: Course,
  cloth: Cloth,
  pass: Pick<CoursePass, 'when'>,
  whole: boolean,
  gone = false,
): TroubleFacts {
  const { item, fibre, facts } = PIECES[cloth];
  const wanted = firstCircumstances(pass);
  const fibreId = wanted.fibreIds?.[0] ?? fibre;
  const itemId =
    wanted.itemIds?.[0] ?? (cloth === 'surface' && course.itemIds.includes('mattress') ? 'mattress' : item);
  // The wash comes when the local work is done: what is gone no longer holds it to the heat of what was there.
  const markId = gone
    ? 'lostWhite'
    : (wanted.markIds?.[0] ?? course.markIds[0] ?? course.alsoMarkIds[0] ?? 'unknownStain');
  const colour = wanted.colours?.[0];
  const made = piece(itemId, { [fibreId]: 100 }, { ...facts, ...(colour ? { colour } : {}) });
  return trouble(markId, made, {
    age: wanted.ages?.[0] ?? (wanted.wet ? 'minutes' : 'days'),
    wetness: wanted.wet ? 'wet' : 'dry',
    size: whole ? 'allOver' : { length: 6, width: 4 },
  });
}

/** The first way each condition can hold; a condition with several is held by the class as it is. */
function firstCircumstances({ when }: Pick<CoursePass, 'when'>): Circumstances {
  if (when === 'always') return {};
  const single = when.flatMap(({ anyOf }) => (anyOf.length === 1 ? anyOf : []));
  return Object.assign({}, ...single) as Circumstances;
}
