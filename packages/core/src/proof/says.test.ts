import { describe, expect, it } from 'vitest';
import { EXPERT_CASES, type ExpertCase, factsOf, houseOf } from '../test/expert/expertCase.js';
import { SAYS, tells } from '../test/expert/saysTable.js';
import { wordsOfPlan } from '../test/expert/wordsOfPlan.js';
import { knowledge } from '../test/fixtures.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';

/** What the plan of such a case leaves unsaid, with why. */
const UNSAID: Readonly<Record<string, string>> = {
  'y07: the label allows oxygen': 'metal parts hold an oxygen bath to half an hour, so none is offered',
  'b07: the hottest wash is the gentlest answer here':
    'taken for lime until somebody says how it feels; the wash is the whites programme at 60 °C',
};

/** Said in nearly every plan, and rightly so. */
const OF_NEARLY_ALL = [
  'look in daylight before any heat',
  'look when dry: wet hides it',
  'no dryer in this round',
  'leave the room if it stings; air it',
];

const planOf = (one: ExpertCase): Plan => planTreatment(factsOf(one), houseOf(one), knowledge);
const asked = EXPERT_CASES.flatMap((one) => one.expect.says.map((saying) => ({ one, saying })));

describe('what an expert would say beside the steps', () => {
  it('is said in the plans of the cases written by others, all but what is named', () => {
    const plans = new Map(EXPERT_CASES.map((one) => [one.id, planOf(one)]));
    const unsaid = asked.filter(({ one, saying }) => {
      const plan = plans.get(one.id);
      return !plan || !tells(plan, saying);
    });
    expect(unsaid.map(({ one, saying }) => `${one.id}: ${saying}`)).toEqual(Object.keys(UNSAID));
  });
  it('each saying of the cases has its entry, and none stands without a case', () => {
    expect(new Set(asked.map(({ saying }) => saying))).toEqual(new Set(Object.keys(SAYS)));
  });
  it('no entry is so loose that half of all plans hold it, but for what every such plan says', () => {
    const words = EXPERT_CASES.map((one) => wordsOfPlan(planOf(one)));
    const loose = Object.entries(SAYS).filter(
      ([, by]) =>
        by instanceof RegExp &&
        words.filter((lines) => lines.some((line) => by.test(line))).length > words.length / 2,
    );
    expect(loose.map(([saying]) => saying).sort()).toEqual([...OF_NEARLY_ALL].sort());
  });
});
