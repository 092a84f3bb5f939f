import { expect, it } from 'vitest';
import { sweepAnswers } from '../proof/sweepAnswers.js';
import { sweepOf } from '../proof/sweepCase.js';
import { household, knowledge, piece, trouble } from '../test/fixtures.js';
import { tried } from '../test/nasty.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { firstThings } from '../whatIf/firstThings.js';
import { whatWouldChange } from '../whatIf/whatWouldChange.js';
import { checkChange, checkFirstThings } from './checkAnswer.js';

const shirt = piece('shirt', { cotton: 100 });
const without = (plan: Plan, lost: RegExp): Plan => ({
  ...plan,
  atOnce: { ...plan.atOnce, actions: plan.atOnce.actions.filter(({ text }) => !lost.test(text)) },
});

it('first seconds that lose a guard are found out: two guards are two lines', () => {
  const facts = trouble('vapeLiquid', shirt, { tried: [tried('ammonia')] });
  const { atOnce } = firstThings({ ...facts, piece: { ...shirt, itemId: null } }, household, knowledge);
  expect(checkFirstThings(atOnce, facts, household, knowledge)).toEqual([]);
  for (const gone of atOnce.actions) {
    const planted = { ...atOnce, actions: atOnce.actions.filter((one) => one !== gone) };
    if (gone.verbs.includes('protect'))
      expect(checkFirstThings(planted, facts, household, knowledge)).toContain('guardLate');
  }
  expect(atOnce.actions.filter(({ verbs }) => verbs.includes('protect'))).toHaveLength(2);
});

it.each(['petrol', 'acetone', 'mineralSpirits', 'strongRustRemover'])(
  'nothing would change by not having tried %s: it lies on the cloth',
  (agentId) => {
    const facts = trouble('tea', shirt, { tried: [tried(agentId)] });
    const plan = planTreatment(facts, household, knowledge);
    const off = plan.candidates.filter(({ verdict }) => verdict !== 'inPlan' && verdict !== 'spare');
    for (const { methodId } of off.slice(0, 12))
      for (const set of whatWouldChange(methodId, facts, household, knowledge))
        expect(set.map(({ code }) => code)).not.toContain('notTried');
    const clean = planTreatment({ ...facts, tried: [] }, household, knowledge);
    expect(checkChange(plan, clean, household, knowledge)).toContain('dangerDropped');
    expect(checkChange(plan, without(plan, /./), household, knowledge)).toContain('dangerDropped');
  },
);

it('whole answers drawn by number hold nothing that hurts', () => {
  const { answers, changes, dangers } = sweepAnswers(sweepOf(knowledge), 400, 440, knowledge);
  expect([answers, dangers]).toEqual([40, {}]);
  expect(changes).toBeGreaterThan(5);
});
