import type { Cloth, Course, Knowledge } from '@feverfew/knowledge';
import type { WorkMark } from '../../trouble/workMarks.js';

interface CourseIndex {
  readonly byMark: ReadonlyMap<string, Course>;
  readonly byItem: ReadonlyMap<string, readonly Course[]>;
}

const indexes = new WeakMap<Knowledge, CourseIndex>();

function indexOf(knowledge: Knowledge): CourseIndex {
  const known = indexes.get(knowledge);
  if (known) return known;
  const byItem = new Map<string, Course[]>();
  for (const course of knowledge.courses)
    for (const itemId of course.itemIds) byItem.set(itemId, [...(byItem.get(itemId) ?? []), course]);
  const made = {
    byMark: new Map(knowledge.courses.flatMap((course) => course.markIds.map((id) => [id, course] as const))),
    byItem,
  };
  indexes.set(knowledge, made);
  return made;
}

/**
 * The course of a trouble: the piece's own where it has one for it, else the trouble's. A trouble whose cause decides
 * goes by its likeliest cause.
 */
export function courseFor(work: WorkMark, itemId: string, knowledge: Knowledge): Course | undefined {
  const { byMark, byItem } = indexOf(knowledge);
  const [likeliest] = [...work.causes].sort((a, b) => b.share - a.share);
  const markId = likeliest?.mark.id ?? work.mark.id;
  return (
    (byItem.get(itemId) ?? []).find((course) =>
      [...course.markIds, ...course.alsoMarkIds].includes(markId),
    ) ?? byMark.get(markId)
  );
}

/** A course the piece brings with it for this cloth, whatever is on it. */
export const courseOfItem = (itemId: string, cloth: Cloth, knowledge: Knowledge): Course | undefined =>
  (indexOf(knowledge).byItem.get(itemId) ?? []).find(
    (course) =>
      course.markIds.length + course.alsoMarkIds.length === 0 && course.cloths[cloth].kind === 'course',
  );
