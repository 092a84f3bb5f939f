import type { Knowledge } from './knowledge.js';
import type { ClothCourse, Course, CoursePass } from './schema/course.js';
import type { Method } from './schema/method.js';

type Filled = Extract<ClothCourse, { kind: 'course' }>;

/** Requirements of a course besides its references: one for each trouble, within its methods, safe in order. */
export function courseFaults(knowledge: Knowledge): string[] {
  const methods = new Map(knowledge.methods.map((method) => [method.id, method]));
  return [
    ...marksWithoutOne(knowledge),
    ...knowledge.courses.flatMap((course) =>
      clothsOf(course).flatMap(([place, cloth]) => [
        ...emptyFaults(place, cloth),
        ...[cloth.first, cloth.second].flatMap((passes, round) => [
          ...passes.flatMap((pass) => passFaults(`${place}.${pass.purpose}`, pass, methods)),
          ...orderFaults(`${place} round ${round + 1}`, passes, methods),
          ...pairFaults(`${place} round ${round + 1}`, passes, methods, knowledge),
        ]),
        ...washFaults(place, cloth, methods),
        ...bagFaults(place, cloth, methods),
      ]),
    ),
    ...knowledge.courses.flatMap(tellFaults),
  ];
}

const clothsOf = (course: Course): (readonly [string, Filled])[] =>
  Object.entries(course.cloths).flatMap(([cloth, given]) =>
    given.kind === 'course' ? [[`courses.${course.id}.${cloth}`, given] as const] : [],
  );

/** Each trouble has one course of its own. */
function marksWithoutOne({ marks, courses }: Knowledge): string[] {
  return marks.flatMap(({ id }) => {
    const own = courses.filter((course) => course.markIds.includes(id));
    return own.length === 1
      ? []
      : [`marks.${id}: ${own.length} courses (${own.map((one) => one.id).join(', ')})`];
  });
}

/** A course does something, and a second round that is counted has something in it. */
function emptyFaults(place: string, { first, second, wash, end }: Filled): string[] {
  return [
    ...(first.length === 0 && !wash && second.length === 0 ? [`${place}: does nothing`] : []),
    ...(second.length === 0 && end.rounds > 1 && !wash
      ? [`${place}: no second round, but ${end.rounds} rounds`]
      : []),
  ];
}

const overlaps = (span: { min: number; max: number }, window: { min: number; max: number }): boolean =>
  span.min <= window.max && window.min <= span.max;
const within = (span: { min: number; max: number }, window: { min: number; max: number }): boolean =>
  span.min >= window.min && span.max <= window.max;

/** Minutes and °C lie within what the best way allows, and meet what the others do. */
function passFaults(place: string, pass: CoursePass, methods: ReadonlyMap<string, Method>): string[] {
  return pass.methodIds.flatMap((id, rank) => {
    const method = methods.get(id);
    if (!method) return [];
    const fits = rank === 0 ? within : overlaps;
    return [
      ...(pass.minutes && !fits(pass.minutes, method.dwellMin)
        ? [`${place}: ${pass.minutes.min}–${pass.minutes.max} min is not of ${id}`]
        : []),
      ...(pass.tempC && !fits(pass.tempC, method.tempC)
        ? [`${place}: ${pass.tempC.min}–${pass.tempC.max} °C is not of ${id}`]
        : []),
    ];
  });
}

/** A carpet, a mattress or a seat is closed into no bag. */
function bagFaults(place: string, { first, second }: Filled, methods: ReadonlyMap<string, Method>): string[] {
  if (!place.endsWith('.surface')) return [];
  return [...first, ...second].flatMap(({ methodIds }) =>
    methodIds
      .filter((id) => methods.get(id)?.inABag)
      .map((id) => `${place}: ${id} needs a piece that fits a bag`),
  );
}

function washFaults(place: string, { wash }: Filled, methods: ReadonlyMap<string, Method>): string[] {
  if (!wash) return [];
  return wash.methodIds.flatMap((id, rank) => {
    const method = methods.get(id);
    const fits = rank === 0 ? within : overlaps;
    return method && !fits(wash.tempC, method.tempC)
      ? [`${place}: a wash at ${wash.tempC.min}–${wash.tempC.max} °C is not of ${id}`]
      : [];
  });
}

/** Solvents before local work, local work before baths; what is dry, and what only rinses, may stand anywhere. */
function phaseOf(method: Method): number | null {
  if (method.wetting === 'dry' || method.agents.every(({ agentId }) => agentId === 'water')) return null;
  if (method.solventAftercare) return 1;
  return method.wetting === 'immersion' ? 3 : 2;
}

function orderFaults(
  place: string,
  passes: readonly CoursePass[],
  methods: ReadonlyMap<string, Method>,
): string[] {
  let reached = 0;
  return passes.flatMap((pass) => {
    const method = methods.get(pass.methodIds[0] ?? '');
    const phase = method && !pass.loosens ? phaseOf(method) : null;
    if (phase === null || phase >= reached) {
      reached = phase ?? reached;
      return [];
    }
    return [`${place}: ${pass.methodIds[0]} comes after a later kind of work`];
  });
}

/** Two passes of a round that may not meet: never both, or with what parts them between. */
function pairFaults(
  place: string,
  passes: readonly CoursePass[],
  methods: ReadonlyMap<string, Method>,
  { agents, forbiddenPairs }: Knowledge,
): string[] {
  const chemistriesOf = (pass: CoursePass) =>
    new Set(
      (methods.get(pass.methodIds[0] ?? '')?.agents ?? []).flatMap(
        ({ agentId }) => agents.find((agent) => agent.id === agentId)?.chemistries ?? [],
      ),
    );
  return passes.flatMap((earlier, at) =>
    passes.slice(at + 1).flatMap((later, offset) => {
      const between = passes.slice(at, at + 1 + offset);
      const [one, other] = [chemistriesOf(earlier), chemistriesOf(later)];
      return (
        forbiddenPairs
          .filter((pair) => (one.has(pair.a) && other.has(pair.b)) || (one.has(pair.b) && other.has(pair.a)))
          // A solvent leaves its vapour behind; what came before it left none.
          .filter((pair) => pair.apart !== 'air' || leavesVapour(earlier, methods))
          .filter((pair) => !isParted(pair.apart, between, methods))
          .map(
            (pair) =>
              `${place}: ${earlier.methodIds[0]} and ${later.methodIds[0]} meet (${pair.id}, ${pair.apart})`,
          )
      );
    }),
  );
}

const leavesVapour = (pass: CoursePass, methods: ReadonlyMap<string, Method>): boolean =>
  methods.get(pass.methodIds[0] ?? '')?.solventAftercare === true;

function isParted(
  apart: string,
  between: readonly CoursePass[],
  methods: ReadonlyMap<string, Method>,
): boolean {
  const after = (...ways: CoursePass['after'][]) => between.some((pass) => ways.includes(pass.after));
  const aired = between.some((pass) => pass.methodIds.includes('airSolventOut')) || after('airOut');
  switch (apart) {
    case 'plan':
      return false;
    case 'air':
      return aired;
    default: {
      const wet = between.find((pass) => methods.get(pass.methodIds[0] ?? '')?.wetting === 'surface');
      return wet ? after('dryToTouch') : after('full', 'noFoam') || aired;
    }
  }
}

function tellFaults({ id, verdict }: Course): string[] {
  return verdict.tells
    .filter((one) => one.courseId === id && verdict.tells.length === 1)
    .map(() => `courses.${id}: tells only of itself`);
}
