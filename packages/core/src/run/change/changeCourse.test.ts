import { describe, expect, it } from 'vitest';
import { checkPlan } from '../../safety/checkPlan.js';
import { cases, household, knowledge, label, piece, trouble } from '../../test/fixtures.js';
import { Walk } from '../../test/walk.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { planTreatment } from '../../treatment/planTreatment.js';
import type { Choices } from '../../trouble/choices.js';
import { replayRun } from '../replayRun.js';
import { choicesWith, graftPlan, mayChangeCourse, otherCourse, otherCourseOf } from './changeCourse.js';

const facts = [
  ...Object.values(cases),
  trouble('grass', piece('trousers', { cotton: 100 }, { colour: 'white', label: label(40) })),
  trouble('yellowed', piece('tShirt', { cotton: 100 }, { label: label(60) }), {
    age: 'months',
    size: 'allOver',
  }),
  trouble('tea', piece('armchair', { polyester: 100 }, { code: 'W' })),
];
const planWith = (plan: Plan) => (choices: Choices) =>
  planTreatment({ ...plan.facts, choices }, household, knowledge);

/** Every pass that can be stood before, on every plan. */
function* standing() {
  for (const told of facts) {
    const plan = planTreatment(told, household, knowledge);
    const last = plan.rounds[0]?.passes.filter(({ opensAfterTest }) => !opensAfterTest).length ?? 0;
    for (let passIndex = 0; passIndex < last; passIndex += 1) {
      const walk = new Walk(plan);
      while (walk.state.passIndex < passIndex)
        walk.kind === 'look' ? walk.look('moving', 'continue') : walk.done();
      yield walk;
    }
  }
}

describe('another course on the way', () => {
  it('is safe, keeps what has been done, and stands where the run stood', () => {
    let ways = 0;
    let vessels = 0;
    for (const { plan, state, events } of standing()) {
      const offered = otherCourse(state, plan, planWith(plan), knowledge);
      ways += offered.ways.length;
      vessels += offered.vessels.length;
      const changes = [
        ...offered.ways.map(({ methodId }) => ({ instead: methodId })),
        ...offered.vessels.map(({ vesselId }) => ({ vesselId })),
      ];
      for (const change of changes) {
        const choices = choicesWith(change, state, plan) ?? expect.unreachable();
        const grafted = graftPlan(state, plan, planWith(plan)(choices)) ?? expect.unreachable();
        expect(checkPlan(grafted, household, knowledge)).toEqual([]);
        expect(grafted.passes.slice(0, state.passIndex)).toEqual(plan.passes.slice(0, state.passIndex));
        const next = grafted.passes[state.passIndex];
        if ('instead' in change) expect(next?.methodId).toBe(change.instead);
        else expect(next?.actions.map(({ vessel }) => vessel?.id)).toContain(change.vesselId);
        expect(replayRun(events, grafted)).toMatchObject({
          ok: true,
          state: { passIndex: state.passIndex, actionIndex: state.actionIndex },
        });
      }
    }
    expect(ways).toBeGreaterThan(10);
    expect(vessels).toBeGreaterThan(0);
  });
  it('of a plan nobody has begun is what a run just begun would be offered; of a step it has not, nothing', () => {
    const { plan, state } = new Walk(planTreatment(facts[6] ?? expect.unreachable(), household, knowledge));
    const offered = otherCourseOf(0, plan, planWith(plan), knowledge);
    expect(offered).toEqual(otherCourse(state, plan, planWith(plan), knowledge));
    expect(offered.ways.length).toBeGreaterThan(0);
    expect(otherCourseOf(20, plan, planWith(plan), knowledge)).toEqual({ ways: [], vessels: [] });
  });
  it('may be taken back again: what was there first is offered', () => {
    const walk = new Walk(planTreatment(facts[6] ?? expect.unreachable(), household, knowledge));
    const first = walk.plan.passes[0]?.methodId ?? '';
    const [way] = otherCourse(walk.state, walk.plan, planWith(walk.plan), knowledge).ways;
    const choices = choicesWith({ instead: way?.methodId ?? '' }, walk.state, walk.plan);
    const grafted = choices && graftPlan(walk.state, walk.plan, planWith(walk.plan)(choices));
    if (!grafted) return expect.unreachable();
    expect(
      otherCourse(walk.state, grafted, planWith(grafted), knowledge).ways.map((one) => one.methodId),
    ).toContain(first);
    expect(choicesWith({ instead: first }, walk.state, grafted)?.instead).toEqual({});
  });
  it('is none once something of the pass is mixed or on the piece, nor while one is to decide', () => {
    const walk = new Walk(planTreatment(cases.bloodOnWoolBlanket, household, knowledge));
    while (walk.kind === 'firstAid' || walk.kind === 'lift') walk.done();
    expect(mayChangeCourse(walk.state, walk.plan)).toBe(true);
    walk.done();
    expect(mayChangeCourse(walk.state, walk.plan)).toBe(false);
    expect(otherCourse(walk.state, walk.plan, planWith(walk.plan), knowledge)).toEqual({
      ways: [],
      vessels: [],
    });
    expect(choicesWith({ instead: 'oxygenSoak' }, walk.state, walk.plan)).toBeNull();
  });
  it('never joins what would have been rinsed otherwise', () => {
    const [walk] = [...standing()].filter(({ state }) => state.passIndex > 0);
    if (!walk) return expect.unreachable();
    const { plan, state } = walk;
    const first = plan.passes[0] ?? expect.unreachable();
    const rinsed = {
      ...plan,
      passes: [
        {
          ...first,
          actions: [
            ...first.actions,
            { ...(first.actions[0] ?? expect.unreachable()), kind: 'rinse' as const },
          ],
        },
        ...plan.passes.slice(1),
      ],
    };
    expect(graftPlan(state, plan, rinsed)).toBeNull();
    expect(graftPlan(state, plan, plan)).toEqual(plan);
  });
});
