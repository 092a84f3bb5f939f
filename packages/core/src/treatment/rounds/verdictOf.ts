import type { PlanContext } from '../case/planContext.js';
import { sayable } from '../case/sayable.js';
import { courseFor } from '../course/courseFor.js';
import type { VerdictLine } from '../plan/round.js';

/** What each trouble most likely is, how to tell, and its cause: one course may speak for several troubles. */
export function verdictOf(context: PlanContext): VerdictLine[] {
  const { marks, item, knowledge, barred } = context;
  const donts = marks.flatMap((work) => courseFor(work, item.id, knowledge)?.atOnce.donts ?? []);
  // A line on the cause of one trouble never asks for what another one or the piece itself forbids.
  const against = [...donts, ...item.notes].flatMap(({ bars }) => bars);
  const moment = { unwetted: true, bars: new Set([...barred, ...against]) };
  const seen = new Set<string>();
  return marks.flatMap((work): VerdictLine[] => {
    const course = courseFor(work, item.id, knowledge);
    if (!course || seen.has(course.id)) return [];
    seen.add(course.id);
    const { is, tells, cause, causeAction } = course.verdict;
    return [
      {
        markId: work.mark.id,
        courseId: course.id,
        is,
        tells: tells.flatMap(({ see, means }) =>
          sayable([see], context, moment).map((text) => ({ see: text, means })),
        ),
        cause,
        causeActions: sayable(causeAction, context, moment),
      },
    ];
  });
}
