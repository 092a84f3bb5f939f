import { describe, expect, it } from 'vitest';
import { cases, household, knowledge, label, piece, tried, trouble } from '../test/fixtures.js';
import { Walk } from '../test/walk.js';
import type { Plan } from '../treatment/plan/plan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { exposureOf } from '../wear/exposure.js';
import { currentAction } from './next/stepOn.js';

const planOf = (facts: TroubleFacts): Plan => planTreatment(facts, household, knowledge);

describe('a run in rounds', () => {
  it('goes through every pass of a round to its one drying and its look', () => {
    for (const facts of Object.values(cases)) {
      const plan = planOf(facts);
      if (plan.passes.length === 0) continue;
      const walk = new Walk(plan).upToTheEnd();
      const [round] = plan.rounds;
      expect(walk.kind).toBe('finalLook');
      expect(walk.state.passIndex + 1).toBe(round?.passes.length);
      expect(walk.state.times).toEqual(round?.passes.map(() => 1));
    }
  });
  it('once a look says gone, leads to what washes it out, past all that is no longer needed', () => {
    const walk = new Walk(planOf(cases.bloodOnWoolBlanket)).look('gone', 'continue');
    expect([walk.methodId, walk.state.times]).toEqual(['delicateHandSoak', [1, 0, 0, 1]]);
  });
  it('leads to the drying where nothing washes it out', () => {
    const walk = new Walk(planOf(trouble('tea', piece('armchair', { cotton: 100 }, { code: 'W' }))));
    const round = walk.plan.rounds[0] ?? expect.unreachable();
    expect(round.passes.length).toBeGreaterThan(1);
    while (walk.state.passIndex === 0) {
      if (walk.kind === 'look') walk.look('gone', 'continue');
      else walk.done();
    }
    expect(walk.kind).toBe('dry');
  });
  it('the dry look speaks of the pass that does most, and begins there again while it helps', () => {
    const walk = new Walk(planOf(cases.bloodOnWoolBlanket)).upToTheEnd();
    const better = walk.plan.rounds[0]?.look?.ways.find(({ way }) => way === 'better')?.passId;
    const main = walk.plan.passes.findIndex(({ passId }) => passId === better);
    walk.send({ kind: 'looked', answer: 'moving', leftPct: 50 });
    expect(walk.state.looks.at(-1)).toMatchObject({ passIndex: main, round: 1 });
    expect(walk.state.decision?.choices[0]).toBe('repeat');
    walk.send({ kind: 'decided', choice: 'repeat' });
    expect([walk.state.passIndex, walk.kind, walk.state.round]).toEqual([main, 'mix', 2]);
    // As often as the method bears, and no more.
    const { maxRounds = 0 } = walk.plan.passes[main] ?? {};
    for (let round = 2; round < maxRounds; round += 1) walk.upToTheEnd().look('moving', 'repeat');
    walk.upToTheEnd().send({ kind: 'looked', answer: 'moving', leftPct: 25 });
    expect(walk.state.decision?.choices).not.toContain('repeat');
  });
  it('that has stalled at its end leads on to the next round', () => {
    const walk = new Walk(planOf(cases.blackberryOnArmchair)).upToTheEnd();
    walk.look('stalled', 'nextPass');
    expect(walk.plan.passes[walk.state.passIndex]?.passId).toBe('r2p1');
  });
  const testedPen = () => {
    const plan = planOf(
      trouble('ballpoint', piece('tShirt', { cotton: 100 }, { label: label(40), colour: 'dark' })),
    );
    const walk = new Walk(plan);
    while (walk.kind !== 'hiddenTest') walk.kind === 'look' ? walk.look('moving', 'continue') : walk.done();
    return walk;
  };
  const step = (walk: Walk) => currentAction(walk.state, walk.plan)?.id ?? '';
  it('a hidden test that is passed leads on, one that fails leaves out all that brings its products', () => {
    const passed = testedPen();
    const at = passed.state.passIndex;
    passed.send({ kind: 'tested', actionId: step(passed), passed: true });
    expect([passed.state.passIndex, passed.kind]).toEqual([at, 'mix']);
    const failed = testedPen();
    const products = (index: number) =>
      failed.plan.passes[index]?.actions.flatMap(({ ingredients }) =>
        ingredients.map(({ agentId }) => agentId),
      ) ?? [];
    failed.send({ kind: 'tested', actionId: step(failed), passed: false });
    expect(failed.state.setAside).toContain(at);
    expect(failed.state.barred).toContain(at);
    expect(failed.state.notes.at(-1)?.text).toMatch(/hidden test/i);
    while (failed.state.status === 'active' && failed.kind !== 'finalLook') {
      expect(
        products(failed.state.passIndex).some((id) => products(at).includes(id)) && failed.kind !== 'dry',
      ).toBe(false);
      failed.kind === 'look' ? failed.look('moving', 'continue') : failed.done();
    }
    failed.send({ kind: 'looked', answer: 'moving', leftPct: 50 });
    expect(failed.state.looks.at(-1)?.passIndex).not.toBe(at);
  });
  it('a pass is left out before it is on the piece, not after', () => {
    const walk = new Walk(planOf(cases.bloodOnWoolBlanket));
    const first = walk.state.passIndex;
    walk.send({ kind: 'skipped', actionId: step(walk) });
    expect([walk.state.passIndex, walk.state.setAside, walk.state.barred]).toEqual([first + 1, [first], []]);
    while (walk.kind !== 'dwell' && walk.kind !== 'look') walk.done();
    expect(() => walk.send({ kind: 'skipped', actionId: step(walk) })).toThrow('alreadyOn');
  });
  it('leaving out the wash rinses out what the drum would have rinsed', () => {
    const plan = planOf(cases.fishOverall);
    const wash = plan.passes.findIndex(({ actions }) => actions.some(({ programme }) => programme !== null));
    const before = plan.passes[wash - 1];
    const walk = new Walk(plan);
    while (walk.state.passIndex < wash) walk.kind === 'look' ? walk.look('moving', 'continue') : walk.done();
    walk.send({ kind: 'skipped', actionId: step(walk) });
    if (before?.rinseOut) expect([walk.state.passIndex, walk.kind]).toEqual([wash - 1, 'rinse']);
    else expect(walk.kind).toBe('dry');
    while (walk.kind === 'rinse') walk.done();
    expect(walk.kind).toBe('dry');
  });
  it('a look is shared among what was worked on since the last one that told a level', () => {
    const walk = new Walk(planOf(cases.bloodOnWoolBlanket)).upToTheEnd();
    walk.send({ kind: 'looked', answer: null, leftPct: 25 });
    const worked = walk.state.times.flatMap((times, index) => (times > 0 ? [index] : []));
    expect(walk.state.looks.at(-1)?.of).toEqual(worked);
    expect(walk.state.worked).toEqual([]);
  });
  it('begins with rinsing out what an earlier product left, and not after it', () => {
    const plan = planOf({ ...cases.beetrootOnDamask, tried: tried('vinegar') });
    expect(plan.passes.length).toBeGreaterThan(1);
    expect(plan.passes[0]?.actions.map(({ kind }) => kind)).toContain('rinseBefore');
    expect(() => new Walk(plan, 1)).toThrow('earlierProductFirst');
  });
  it('keeps heat closed by every pass it has begun, looked at or not', () => {
    const plan = planOf({ ...trouble('ballpoint', piece('tShirt', { cotton: 100 }, { label: label(40) })) });
    const walk = new Walk(plan).upToTheEnd();
    expect(() => walk.send({ kind: 'heatAllowed', reason: 'in a hurry' })).toThrow('heatEndangersPeople');
  });
  it('counts a wash of the machine as a wash, and its minutes as no soak', () => {
    const walk = new Walk(planOf(cases.fishOverall)).upToTheEnd();
    expect(exposureOf(walk.events, walk.plan, knowledge, 0)).toMatchObject({ machineWashes: 1 });
  });
});
