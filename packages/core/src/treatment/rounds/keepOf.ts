import type { Agent, Cloth, Course } from '@feverfew/knowledge';
import type { PlanContext } from '../case/planContext.js';
import { sayable } from '../case/sayable.js';
import { courseFor, courseOfItem } from '../course/courseFor.js';
import type { Keep } from '../plan/round.js';

/**
 * Lines of the courses of the troubles, and of the piece's own course, besides their steps; each line once,
 * and none that asks for what is forbidden here.
 * @param used products of the whole plan: a line about one that is not used is left out
 */
export function keepOf(context: PlanContext, cloth: Cloth, used: readonly Agent[]): Keep {
  const { marks, item, knowledge, barred } = context;
  const courses = coursesOf(marks, item.id, cloth, knowledge);
  const against = [
    ...courses.flatMap(({ atOnce }) => atOnce.donts),
    ...item.notes,
    ...marks.flatMap(({ mark }) => mark.advice),
  ];
  const moment = {
    unwetted: false,
    bars: new Set([...barred, ...against.flatMap(({ bars }) => bars)]),
    used,
  };
  const ofCloth = courses.flatMap(({ cloths }) => {
    const given = cloths[cloth];
    return given.kind === 'course' ? given.notes : [];
  });
  const never = new Map(
    courses
      .flatMap((course) => course.never)
      .flatMap(({ what, why }) => sayable([what], context, moment).map((text) => [text, why] as const)),
  );
  const once = (lines: readonly string[]): string[] => [...new Set(lines)];
  return {
    says: once(sayable([...courses.flatMap(({ says }) => says), ...ofCloth], context, moment)),
    never: [...never].map(([what, why]) => ({ what, why })),
    prevent: once(
      sayable(
        courses.flatMap(({ prevent }) => prevent),
        context,
        moment,
      ),
    ),
  };
}

function coursesOf(
  marks: PlanContext['marks'],
  itemId: string,
  cloth: Cloth,
  knowledge: PlanContext['knowledge'],
): Course[] {
  const ofMarks = marks.map((work) => courseFor(work, itemId, knowledge));
  return [...new Set([...ofMarks, courseOfItem(itemId, cloth, knowledge)])].flatMap((course) => course ?? []);
}
