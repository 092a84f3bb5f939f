import { CLOTHS, type Cloth, type CoursePass, type Knowledge, type Method } from '@feverfew/knowledge';
import { finding } from '../../finding/finding.js';
import { assessStep, type EligibleMethod, type MethodAssessment } from '../assess/assessMethod.js';
import { suitsPiece } from '../assess/isRelevant.js';
import { isForOtherFibres, mayHold } from '../case/circumstances.js';
import { fumesHere } from '../case/fumesHere.js';
import type { PlanContext } from '../case/planContext.js';
import type { NotUsed, Phase } from '../plan/round.js';
import { courseFor } from './courseFor.js';
import { phaseOf } from './phaseOf.js';
import { asStep } from './steps.js';

/** A pass of a course as this piece, this house and this history let it be. */
export interface FittedPass {
  /** null where no course has it: a way chosen outright. */
  readonly asked: CoursePass | null;
  readonly eligible: EligibleMethod;
  /** What the course has here, where something else of the same purpose takes its place. */
  readonly insteadOf: NotUsed | null;
  /** The pass whose words and conditions are said: its own, or that of a course that has this way; null = none. */
  readonly words: CoursePass | null;
}

export interface Fit {
  readonly fitted: FittedPass | null;
  /** Ways of the pass that cannot be gone, and why. */
  readonly notUsed: readonly NotUsed[];
}

/**
 * The first of a pass's ways that nothing forbids; else the nearest of the same purpose; else none, with reasons.
 * @param mayBathe local work may give way to a bath: the course has none of its own, and the trouble is all over
 */
export function fitPass(asked: CoursePass, cloth: Cloth, context: PlanContext, mayBathe: boolean): Fit {
  const notUsed: NotUsed[] = [];
  const judged = (method: Method): EligibleMethod | null => {
    const { eligible, candidate } = judge(asked, method, context);
    if (!eligible && candidate) notUsed.push({ methodId: method.id, findings: candidate.findings });
    return eligible;
  };
  if (!mayHold(asked.when, context)) {
    // A way that the fibre forbids says why it is not used.
    if (isForOtherFibres(asked.when, context)) firstOf(asked.methodIds, context, judged);
    return { fitted: null, notUsed };
  }
  const { instead, leftOut } = context.choices;
  const left = asked.methodIds.find((id) => leftOut.includes(id));
  if (left) return { fitted: null, notUsed: [leaveOut(left)] };
  const replaced = asked.methodIds.find((id) => instead[id] !== undefined);
  const chosen = replaced === undefined ? undefined : instead[replaced];
  const other = chosen === undefined ? null : firstOf([chosen], context, judged);
  if (other && replaced && chosen) {
    const insteadOf = { methodId: replaced, findings: [finding('chosenInstead', { methodId: chosen })] };
    const words = ownPassOf(chosen, cloth, context.knowledge);
    return { fitted: { asked, eligible: other, insteadOf, words }, notUsed };
  }
  const own = firstOf(asked.methodIds, context, judged);
  if (own) return { fitted: { asked, eligible: own, insteadOf: null, words: asked }, notUsed };
  const [barred] = notUsed;
  if (!barred || asked.optional) return { fitted: null, notUsed };
  const near = [cloth, ...CLOTHS]
    .flatMap((one) => othersFor(asked, one, context.knowledge))
    .filter((id) => !asked.methodIds.includes(id));
  const first = context.index.methods.get(asked.methodIds[0] ?? '');
  if (!first) return { fitted: null, notUsed };
  const kind = phaseOf(first, context);
  const others = [...new Set(near)].slice(0, MAX_OTHERS).flatMap((id) => {
    const method = context.index.methods.get(id);
    const near = method && isPossible(method, context) && isNear(kind, phaseOf(method, context), mayBathe);
    if (
      !near ||
      rubsAgainst(method, context) ||
      !mayHold(ownPassOf(id, cloth, context.knowledge)?.when ?? 'always', context)
    )
      return [];
    return judge(asked, method, context).eligible ?? [];
  });
  const best = others.sort((a, b) => b.book.low + b.book.high - a.book.low - a.book.high)[0] ?? null;
  if (best && leftOut.includes(best.method.id)) return { fitted: null, notUsed: [leaveOut(best.method.id)] };
  const words = best && ownPassOf(best.method.id, cloth, context.knowledge);
  return { fitted: best && { asked, eligible: best, insteadOf: barred, words }, notUsed };
}

/** What rubs does not stand in where a first line says not to rub. */
const rubsAgainst = ({ notes }: Method, { marks, item, knowledge }: PlanContext): boolean =>
  (notes.apply ?? []).some(({ names, asks }) => [...names, ...asks].includes('rub')) &&
  marks.some((work) =>
    courseFor(work, item.id, knowledge)?.atOnce.donts.some(({ bars }) => bars.includes('rub')),
  );

const leaveOut = (methodId: string): NotUsed => ({ methodId, findings: [finding('leftOut', {})] });

const isPossible = (method: Method, context: PlanContext): boolean =>
  suitsPiece(method, context) && mayMeetFumes(method, context);

/**
 * A spot is done by another spot, or where the trouble is all over by a bath; a solvent or a bath by another, or by
 * local work.
 */
function isNear(asked: Phase, other: Phase, mayBathe: boolean): boolean {
  if (asked === other) return true;
  if (asked === 'local') return other === 'bath' && mayBathe;
  return (asked === 'solvent' || asked === 'bath') && other === 'local';
}

/** What gives off fumes with the trouble and cannot be rinsed out: water and dry work alone. */
function mayMeetFumes(method: Method, context: PlanContext): boolean {
  const { chemistries } = context.index.factsOf(method);
  const plain = method.wetting === 'dry' || chemistries.every((one) => one === 'water');
  return plain || context.rinsable || fumesHere(context).length === 0;
}

/** The first way that nothing forbids: what is in the house goes before what must be bought. */
function firstOf(
  ids: readonly string[],
  context: PlanContext,
  judged: (method: Method) => EligibleMethod | null,
): EligibleMethod | null {
  let toBuy: EligibleMethod | null = null;
  for (const id of ids) {
    const method = context.index.methods.get(id);
    const eligible = method && isPossible(method, context) ? judged(method) : null;
    if (eligible && eligible.missingAgentIds.length === 0) return eligible;
    toBuy ??= eligible;
  }
  return toBuy;
}

/** As long as the course has it; where a limit is shorter than that, as short as the method works. */
function judge(asked: CoursePass, method: Method, context: PlanContext): MethodAssessment {
  const first = assessStep(asStep(method, asked, true), context);
  const tooLong = first.candidate?.findings.some(({ code }) => code === 'dwellTooLong');
  return tooLong ? assessStep(asStep(method, asked, false), context) : first;
}

const ownPasses = new WeakMap<Knowledge, Map<string, CoursePass | null>>();

/** A pass that has the way, for its words: of this cloth and without conditions if there is one. */
function ownPassOf(methodId: string, cloth: Cloth, knowledge: Knowledge): CoursePass | null {
  const known = ownPasses.get(knowledge) ?? new Map<string, CoursePass | null>();
  ownPasses.set(knowledge, known);
  const key = `${methodId} ${cloth}`;
  const found = known.get(key);
  if (found !== undefined) return found;
  const own = [cloth, ...CLOTHS].flatMap((one) => passesWith(methodId, one, knowledge));
  const made = own.find(({ when }) => when === 'always') ?? own[0] ?? null;
  known.set(key, made);
  return made;
}

const passesByWay = new WeakMap<Knowledge, Map<string, CoursePass[]>>();

/** Passes of all courses that have the way on this cloth, in the order of the courses. */
function passesWith(methodId: string, cloth: Cloth, knowledge: Knowledge): readonly CoursePass[] {
  let byWay = passesByWay.get(knowledge);
  if (!byWay) {
    byWay = new Map();
    for (const one of CLOTHS)
      for (const { cloths } of knowledge.courses) {
        const given = cloths[one];
        for (const pass of given.kind === 'course' ? [...given.first, ...given.second] : [])
          for (const id of pass.methodIds) {
            const key = `${id} ${one}`;
            byWay.set(key, [...(byWay.get(key) ?? []), pass]);
          }
      }
    passesByWay.set(knowledge, byWay);
  }
  return byWay.get(`${methodId} ${cloth}`) ?? [];
}

const others = new WeakMap<Knowledge, Map<string, readonly string[]>>();
/** So many others are tried before a pass is given up. */
const MAX_OTHERS = 10;

/** What else courses use for a purpose on this cloth, most used first. */
function othersFor({ purpose }: CoursePass, cloth: Cloth, knowledge: Knowledge): readonly string[] {
  const known = others.get(knowledge) ?? new Map<string, readonly string[]>();
  others.set(knowledge, known);
  const key = `${purpose} ${cloth}`;
  const found = known.get(key);
  if (found) return found;
  const counts = new Map<string, number>();
  for (const course of knowledge.courses) {
    const given = course.cloths[cloth];
    if (given.kind !== 'course') continue;
    for (const pass of given.first)
      if (pass.purpose === purpose)
        for (const id of pass.methodIds) counts.set(id, (counts.get(id) ?? 0) + 1);
  }
  const made = [...counts]
    .sort(([a, one], [b, other]) => other - one || (a < b ? -1 : 1))
    .slice(0, MAX_OTHERS)
    .map(([id]) => id);
  known.set(key, made);
  return made;
}
