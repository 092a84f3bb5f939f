import type { Cloth, CoursePass, Method } from '@feverfew/knowledge';
import type { PlanContext } from '../case/planContext.js';
import type { NotUsed } from '../plan/round.js';
import type { ArrangedRound } from './arrangement.js';
import { type FittedPass, fitPass } from './fitPass.js';
import { phaseOf, rankOf } from './phaseOf.js';
import type { PassCandidate, Placing } from './placement.js';

/**
 * The passes of all courses for one round, each fitted to the piece, joined into one line of work.
 * @param open the same case with the hidden water test passed, where that would open the surface; else null
 * @param notUsed ways that fell out are added, with their reasons
 */
export function fitCourses(
  which: 'first' | 'second',
  courses: ArrangedRound['courses'],
  cloth: Cloth,
  { context, open }: { readonly context: PlanContext; readonly open: PlanContext | null },
  notUsed: NotUsed[],
): Placing[] {
  const candidates = courses.flatMap(({ markId, given }) => {
    let wetted = false;
    const mayBathe = context.facts.size === 'allOver' && !given.first.some((one) => isBath(one, context));
    return given[which].flatMap((asked): PassCandidate[] => {
      const shut = fitPass(asked, cloth, context, mayBathe);
      const fit = shut.fitted || !open ? shut : fitPass(asked, cloth, open, mayBathe);
      notUsed.push(...fit.notUsed);
      if (!fit.fitted) return [];
      const dry = fit.fitted.eligible.method.wetting === 'dry';
      const turn = asked.loosens && courses.length === 1 ? 'early' : dry && wetted ? 'late' : 'own';
      wetted ||= !dry;
      return [{ fitted: fit.fitted, markId, opensAfterTest: fit !== shut, turn }];
    });
  });
  return joined(candidates, context);
}

function isBath({ methodIds }: CoursePass, context: PlanContext): boolean {
  const method = context.index.methods.get(methodIds[0] ?? '');
  return method !== undefined && isWorkingBath(method, context);
}

/** A bath that does work: waters to rinse in are none. */
export function isWorkingBath(method: Method, context: PlanContext): boolean {
  if (phaseOf(method, context) !== 'bath') return false;
  return !context.index.factsOf(method).chemistries.every((one) => one === 'water');
}

/** The same way asked for by several troubles is one pass; several troubles are worked phase by phase. */
function joined(candidates: readonly PassCandidate[], context: PlanContext): Placing[] {
  const list: Placing[] = [];
  for (const one of candidates) {
    const same = list.find(({ fitted }) => fitted.eligible.method.id === one.fitted.eligible.method.id);
    if (same) {
      if (!same.helps.includes(one.markId)) same.helps.push(one.markId);
    } else list.push({ ...one, helps: [one.markId] });
  }
  const placed = list.map((one, place) => ({
    one,
    place,
    rank: rankOf(one.fitted.eligible, one.turn, context),
  }));
  // So is a course of which another kind of work has taken a place.
  const several = context.marks.length > 1 || list.some(({ fitted }) => isOtherKind(fitted, context));
  return placed.sort((a, b) => (several ? a.rank - b.rank : 0) || a.place - b.place).map(({ one }) => one);
}

/** Whether what takes the place of a way is another kind of work than it. */
function isOtherKind({ asked, eligible, insteadOf }: FittedPass, context: PlanContext): boolean {
  const method = insteadOf && asked && context.index.methods.get(asked.methodIds[0] ?? '');
  return method ? phaseOf(method, context) !== phaseOf(eligible.method, context) : false;
}
