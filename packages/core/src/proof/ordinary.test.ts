import { expect, it } from 'vitest';
import { household, knowledge } from '../test/fixtures.js';
import type { Plan } from '../treatment/plan/plan.js';
import { ordinaryAnswers, outcomeOf } from './ordinary.js';

const spirits = { agentId: 'mineralSpirits', strengthPct: null };
const home = { ...household, hasMachine: true, cupboard: [...household.cupboard, spirits] };
const answers = ordinaryAnswers(600, home, knowledge);

it('no ordinary request is refused, nor only dabbed without a limit that names its owner', () => {
  const held = answers.filter(({ outcome }) => outcome === 'refused' || outcome === 'dabbedOnly');
  expect(
    held.map(
      ({ facts, plan }) => `${facts.markIds} on ${facts.piece.itemId}: ${plan.passes.map((p) => p.methodId)}`,
    ),
  ).toEqual([]);
  expect(new Set(answers.map(({ facts }) => facts.markIds[0])).size).toBeGreaterThan(30);
});

it('would see a refusal, and a washable piece that is only dabbed', () => {
  const washed = answers.find(({ outcome }) => outcome === 'washedOrSoaked') ?? expect.unreachable();
  expect(outcomeOf({ ...washed.plan, passes: [] })).toBe('refused');
  const dabbed: Plan = {
    ...washed.plan,
    passes: washed.plan.passes.map((pass) => ({
      ...pass,
      actions: pass.actions.map((step) => ({ ...step, programme: null, bath: null, rinseWay: null })),
    })),
  };
  expect(outcomeOf(dabbed)).toBe('dabbedOnly');
});
