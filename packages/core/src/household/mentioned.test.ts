import { describe, expect, it } from 'vitest';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { checkPlan } from '../safety/checkPlan.js';
import { household, knowledge, piece, trouble } from '../test/fixtures.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { withMentioned } from './mentioned.js';

const index = indexKnowledge(knowledge);
const bare = { ...household, cupboard: [], asthma: false, pets: false };

describe('what a sentence says of the household', () => {
  it('adds people and products, and takes nothing away', () => {
    const home = withMentioned(bare, { people: ['asthma'], inHouse: ['vinegar', 'noSuchThing'] }, index);
    expect(home).toMatchObject({ asthma: true, pets: false, hasMachine: bare.hasMachine });
    expect(home.cupboard.map(({ agentId }) => agentId)).toEqual(['vinegar']);
    const own = { ...bare, cupboard: [{ agentId: 'vinegar', strengthPct: 10 }] };
    expect(withMentioned(own, { inHouse: ['vinegar'] }, index).cupboard).toEqual(own.cupboard);
    expect(withMentioned(bare, {}, index)).toBe(bare);
  });
  it('guards in the plan like the household does', () => {
    const soot = trouble('sootMark', piece('tableLinen', { cotton: 100 }));
    const told = planTreatment(soot, { ...bare, asthma: true }, knowledge);
    const mentioned = planTreatment({ ...soot, people: ['asthma'] }, bare, knowledge);
    expect(mentioned.atOnce).toEqual(told.atOnce);
    expect(mentioned.rounds).toEqual(told.rounds);
    expect(mentioned.rounds).not.toEqual(planTreatment(soot, bare, knowledge).rounds);
  });
  it('is guarded against by the checker: a plan that forgot who was mentioned is seen', () => {
    const soot = trouble('sootMark', piece('tableLinen', { cotton: 100 }));
    const forgot = planTreatment(soot, bare, knowledge);
    expect(checkPlan(forgot, bare, knowledge)).toEqual([]);
    const asked = { ...forgot, facts: { ...soot, people: ['asthma' as const] } };
    expect(checkPlan(asked, bare, knowledge)).not.toEqual([]);
  });
  it('puts a product to use that the cupboard does not know of', () => {
    const tea = trouble('tea', piece('tableLinen', { cotton: 100 }));
    const used = (inHouse: readonly string[]) =>
      planTreatment({ ...tea, inHouse }, bare, knowledge).rounds.flatMap(({ passes }) =>
        passes.flatMap(({ actions }) =>
          actions.flatMap(({ ingredients }) => ingredients.map((one) => one.agentId)),
        ),
      );
    expect(used([])).not.toContain('colourOxygenBleach');
    expect(used(['colourOxygenBleach'])).toContain('colourOxygenBleach');
  });
});
