import { COURSE_END_WORDS, lowerFirst, type Reference } from '@feverfew/contracts';
import type { Lexicon } from '../../../app/useLexicon';

type ClothCourse = Reference['courses'][number]['cloths']['white'];

/** Steps of a course named in its line: the whole of it opens below. */
const MAX_STEPS = 3;

/** The course on one kind of cloth in a line: its steps in order, then its wash; or why there is none. */
export function clothLine(given: ClothCourse, say: Lexicon): string {
  if (given.kind === 'honest') return COURSE_END_WORDS[given.next];
  const steps = [...new Set(given.first.map(({ methodIds: [best = ''] }) => say.name(best)))];
  const more = steps.length > MAX_STEPS ? ', …' : '';
  const wash = given.wash ? `wash to ${say.temp(given.wash.tempC.max)}` : '';
  const named = steps.slice(0, MAX_STEPS).map(lowerFirst);
  return [named.join(', ') + more, wash].filter(Boolean).join('; ');
}
