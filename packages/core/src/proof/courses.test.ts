import type { Cloth, Course, CoursePass, Method } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { checkPlan } from '../safety/checkPlan.js';
import { cases, knowledge } from '../test/fixtures.js';
import { type Filled, loosestFacts, openHouse } from '../test/loosestPieces.js';
import { assessMethod } from '../treatment/assess/assessMethod.js';
import type { WorkWindow } from '../treatment/assess/workWindow.js';
import { openCase } from '../treatment/case/openCase.js';
import { placedAll } from '../treatment/course/placeRound.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { atOnceOf } from '../treatment/rounds/atOnceOf.js';
import { roundOf } from '../treatment/rounds/roundOf.js';
import { runPassesOf } from '../treatment/rounds/runPassesOf.js';

const methodOf = (id: string): Method =>
  knowledge.methods.find((method) => method.id === id) ?? expect.unreachable(id);

/** A plan to put a pass into, so that the checker can read it. */
const ANY_PLAN: Plan = {
  ...planTreatment(cases.beetrootOnDamask, openHouse, knowledge),
  findings: [],
  verdict: [],
  atOnce: { actions: [], donts: [], handsOnMin: 0, gone: null },
  keep: { says: [], never: [], prevent: [] },
  rounds: [],
};

const CASES = knowledge.courses.flatMap((course) =>
  Object.entries(course.cloths).flatMap(([cloth, given]) =>
    given.kind === 'course' ? [[course, cloth as Cloth, given] as const] : [],
  ),
);

/** Every pass of a course and its wash, as passes. */
function worksOf({ first, second, wash }: Filled): readonly CoursePass[] {
  const asPass = ({ methodIds, tempC }: NonNullable<Filled['wash']>): CoursePass => ({
    purpose: 'loose',
    methodIds,
    tempC,
    minutes: null,
    when: 'always',
    advice: [],
    after: 'none',
    stop: null,
    expect: null,
    optional: false,
    main: false,
    loosens: false,
    sourceIds: ['commonPractice'],
  });
  return [...first, ...second, ...(wash ? [asPass(wash)] : [])];
}

/** At least the lower end of what the course asks for lies within what the piece allows. */
const reaches = ({ tempC, minutes }: CoursePass, window: WorkWindow): boolean =>
  (tempC === null || tempC.min <= window.tempC.max) &&
  (minutes === null || minutes.min <= window.dwellMin.max);

/** What forbids the best way of a pass even here, and what the checker finds in it. */
function judged(course: Course, cloth: Cloth, pass: CoursePass, doctor: (plan: Plan) => void = () => {}) {
  const barred: string[] = [];
  const faults: string[] = [];
  let open = false;
  for (const id of pass.methodIds) {
    const method = methodOf(id);
    const whole = method.wetting === 'immersion';
    const facts = loosestFacts(course, cloth, pass, whole, method.inMachine);
    const { context } = openCase(facts, openHouse, knowledge);
    if (!context) continue;
    const { eligible, candidate } = assessMethod(method, context, 0);
    if (!eligible) {
      barred.push(
        `${id}: ${candidate?.findings.map((one) => `${one.code} ${JSON.stringify(one.facts)}`).join('; ')}`,
      );
      continue;
    }
    if (!reaches(pass, eligible.window)) {
      barred.push(`${id}: its heat or minutes are not allowed (${JSON.stringify(eligible.window)})`);
      continue;
    }
    open = true;
    const placed = placedAll([eligible], context);
    const round = roundOf({ passes: placed, courses: [] }, 1, [], () => context);
    const passes = runPassesOf(round, placed, null, context);
    const atOnce = { ...atOnceOf(context, new Set()), donts: [] };
    const alone: Plan = structuredClone({ ...ANY_PLAN, facts, atOnce, rounds: [round], passes });
    doctor(alone);
    faults.push(...checkPlan(alone, openHouse, knowledge).map((one) => `${id}: ${one.code} at ${one.where}`));
  }
  return { open, barred, faults };
}

describe('the courses', () => {
  it('are allowed and safe at the loosest limits of their class', () => {
    const wrong: string[] = [];
    for (const [course, cloth, given] of CASES)
      for (const pass of worksOf(given)) {
        const { open, barred, faults } = judged(course, cloth, pass);
        const where = `${course.id}.${cloth}.${pass.purpose}`;
        if (!open) wrong.push(`${where} barred: ${barred.join(' | ')}`);
        wrong.push(...faults.map((fault) => `${where} ${fault}`));
      }
    expect(wrong).toEqual([]);
  });

  it('would be caught: what a class does not bear, its heat, its minutes', () => {
    const blood = knowledge.courses.find((one) => one.id === 'blood') ?? expect.unreachable();
    const pass = (change: Partial<CoursePass>): CoursePass => ({
      ...(worksOf(blood.cloths.white as Filled)[0] ?? expect.unreachable()),
      ...change,
    });
    const oxygen = pass({ methodIds: ['oxygenSoak'], tempC: null, minutes: null });
    expect(judged(blood, 'white', oxygen).open).toBe(true);
    expect(judged(blood, 'protein', oxygen)).toMatchObject({
      open: false,
      barred: [expect.stringMatching(/chemistryForbidden/)],
    });
    expect(judged(blood, 'surface', oxygen).open).toBe(false);
    expect(judged(blood, 'dryOnly', pass({ tempC: null, minutes: null })).open).toBe(false);
    expect(
      judged(blood, 'white', pass({ methodIds: ['oxygenSoak'], tempC: { min: 60, max: 60 }, minutes: null }))
        .open,
    ).toBe(false);
    expect(
      judged(
        blood,
        'delicate',
        pass({ methodIds: ['bioSoak'], tempC: null, minutes: { min: 900, max: 900 } }),
      ).open,
    ).toBe(false);
  });
  it('and the checker reads each pass: one doctored to pour chlorine is found', () => {
    const blood = knowledge.courses.find((one) => one.id === 'blood') ?? expect.unreachable();
    const [pass] = worksOf(blood.cloths.protein as Filled);
    const { faults } = judged(blood, 'protein', pass ?? expect.unreachable(), (plan) => {
      const [ingredient] = plan.passes[0]?.actions.flatMap((step) => step.ingredients) ?? [];
      Object.assign(ingredient ?? expect.unreachable(), { agentId: 'chlorineBleach' });
    });
    expect(faults.join(' ')).toMatch(/chemistry|forbidden|chlorine|keptFrom|neverHere/i);
  });
});
