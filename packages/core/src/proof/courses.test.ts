import type { Cloth, Course, CoursePass, Method } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { checkPlan } from '../safety/checkPlan.js';
import { knowledge } from '../test/fixtures.js';
import { type Filled, loosestFacts, openHouse } from '../test/loosestPieces.js';
import { passOf } from '../treatment/actions/passOf.js';
import { assessStep } from '../treatment/assess/assessMethod.js';
import { openCase } from '../treatment/case/openCase.js';
import { planTreatment } from '../treatment/planTreatment.js';

const methodOf = (id: string): Method =>
  knowledge.methods.find((method) => method.id === id) ?? expect.unreachable(id);

const CASES = knowledge.courses.flatMap((course) =>
  Object.entries(course.cloths).flatMap(([cloth, given]) =>
    given.kind === 'course' ? [[course, cloth as Cloth, given] as const] : [],
  ),
);

/** Every pass of a course and its wash, as passes. */
function worksOf({ first, second, wash }: Filled): readonly CoursePass[] {
  const asPass = (methodIds: string[]): CoursePass => ({
    purpose: 'loose',
    methodIds,
    tempC: null,
    minutes: null,
    when: 'always',
    onlyIf: null,
    after: 'none',
    stop: null,
    expect: null,
    optional: false,
    sourceIds: ['commonPractice'],
  });
  return [...first, ...second, ...(wash ? [asPass(wash.methodIds)] : [])];
}

/** What forbids the best way of a pass even here, and what the checker finds in it. */
function judged(course: Course, cloth: Cloth, pass: CoursePass) {
  const barred: string[] = [];
  const faults: string[] = [];
  let open = false;
  for (const id of pass.methodIds) {
    const method = methodOf(id);
    const whole = method.wetting === 'immersion';
    const facts = loosestFacts(course, cloth, pass, whole);
    const { context } = openCase(facts, openHouse, knowledge);
    if (!context) continue;
    const { eligible, candidate } = assessStep(method, context);
    if (!eligible) {
      barred.push(
        `${id}: ${candidate?.findings.map((one) => `${one.code} ${JSON.stringify(one.facts)}`).join('; ')}`,
      );
      continue;
    }
    open = true;
    const plan = planTreatment(facts, openHouse, knowledge);
    const alone = { ...plan, ladder: [passOf(eligible, 0, context)] };
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
  }, 120_000);
});
