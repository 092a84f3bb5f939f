import { describe, expect, it } from 'vitest';
import { NO_EVIDENCE } from '../evidence/evidence.js';
import type { Occupancy } from '../household/occupancy.js';
import { checkPlan } from '../safety/checkPlan.js';
import { household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import { type Choices, NO_CHOICES } from '../trouble/choices.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import type { Plan } from './plan/plan.js';
import { planTreatment } from './planTreatment.js';

const yellowed = trouble('yellowed', piece('tShirt', { cotton: 100 }, { label: label(60) }), {
  age: 'months',
  size: 'allOver',
  reach: 'house',
});
const planned = (facts: TroubleFacts, choices: Partial<Choices> = {}, occupancy?: Occupancy): Plan => {
  const plan = planTreatment(
    { ...facts, choices: { ...NO_CHOICES, ...choices } },
    household,
    knowledge,
    NO_EVIDENCE,
    occupancy,
  );
  expect(checkPlan(plan, household, knowledge)).toEqual([]);
  return plan;
};
const methodsOf = (plan: Plan): string[] =>
  plan.rounds.flatMap(({ passes }) => passes.map((one) => one.methodId));
const soakOf = (plan: Plan) =>
  plan.rounds[0]?.passes.find(({ methodId }) => /oxygenSoak/i.test(methodId)) ?? expect.unreachable();

describe('choices on a plan', () => {
  it('none at all are as none told', () => {
    const { facts: _, ...told } = planTreatment(yellowed, household, knowledge);
    const { facts: __, ...chosen } = planned(yellowed);
    expect(chosen).toEqual(told);
  });

  it('leave a pass out, and say so', () => {
    const soak = soakOf(planned(yellowed)).methodId;
    const plan = planned(yellowed, { leftOut: [soak] });
    expect(methodsOf(plan)).not.toContain(soak);
    const left = plan.notUsed.find(({ methodId }) => methodId === soak);
    expect(left?.findings.map(({ code }) => code)).toEqual(['leftOut']);
  });

  it('put another in its place, but never one that the piece forbids', () => {
    const soak = soakOf(planned(yellowed)).methodId;
    const other = soak === 'oxygenSoak' ? 'longOxygenSoak' : 'oxygenSoak';
    const plan = planned(yellowed, { instead: { [soak]: other } });
    expect(soakOf(plan)).toMatchObject({ methodId: other, insteadOf: { methodId: soak } });
    const wool = trouble('yellowed', piece('jumper', { wool: 100 }), { size: 'allOver' });
    for (const { methodId } of planned(wool).rounds[0]?.passes ?? [])
      expect(methodsOf(planned(wool, { instead: { [methodId]: 'oxygenSoak' } }))).not.toContain('oxygenSoak');
  });

  it('make a bath in the vessel chosen, unless it does not hold it', () => {
    const soak = soakOf(planned(yellowed));
    const vesselOf = (plan: Plan) => soakOf(plan).actions.find(({ vessel }) => vessel)?.vessel?.id;
    expect(vesselOf(planned(yellowed, { vessels: { [soak.methodId]: 'bath' } }))).toBe('bath');
    const set = trouble('yellowed', piece('bedSheet', { cotton: 100 }, { label: label(60), dryMassG: 900 }), {
      age: 'months',
      size: 'allOver',
      reach: 'house',
    });
    const large = soakOf(planned(set));
    const basin = planned(set, { vessels: { [large.methodId]: 'basin' } });
    expect(vesselOf(basin)).not.toBe('basin');
    expect(soakOf(basin).vessels.find(({ vesselId }) => vesselId === 'basin')?.state).toBe('tooSmall');
  });

  it('drop the long soak when it must be ready soon, and say how long it would take', () => {
    const soak = soakOf(planned(yellowed));
    const plan = planned(yellowed, { readyInMin: 300 });
    expect(methodsOf(plan)).not.toContain(soak.methodId);
    expect(plan.notUsed.find(({ methodId }) => methodId === soak.methodId)?.findings[0]).toMatchObject({
      code: 'takesTooLong',
      facts: { readyInMin: 300 },
    });
    expect(methodsOf(planned(yellowed, { readyInMin: 2880 }))).toContain(soak.methodId);
  });

  it('treat the place and leave the wash for later, where it could not be dry by then', () => {
    const shirt = trouble('coffee', piece('shirt', { cotton: 100 }, { label: label(60), colour: 'white' }), {
      age: 'minutes',
    });
    const phases = (plan: Plan) => plan.rounds[0]?.passes.map(({ phase }) => phase) ?? [];
    const says = (plan: Plan) => plan.findings.some(({ code }) => code === 'washLater');
    const slow = planned(shirt, { readyInMin: 2880 });
    expect(phases(slow)).toContain('wash');
    expect(says(slow)).toBe(false);
    const quick = planned(shirt, { readyInMin: 60 });
    expect(phases(quick).filter((phase) => phase === 'wash' || phase === 'bath')).toEqual([]);
    expect(phases(quick)).toContain('local');
    expect(says(quick)).toBe(true);
    const [round] = quick.rounds;
    expect((round?.totalMin.likely ?? 0) + (round?.drying?.minutes.likely ?? 0)).toBeLessThan(120);
  });
});

describe('what is in use elsewhere', () => {
  const busy = (vesselId: string): Occupancy => ({
    vesselsFreeInMin: { [vesselId]: 95 },
    machineFreeInMin: 40,
  });
  it('is never chosen while another does, and says when it is free', () => {
    const own = soakOf(planned(yellowed)).actions.find(({ vessel }) => vessel)?.vessel?.id ?? '';
    const plan = planned(yellowed, {}, busy(own));
    const soak = soakOf(plan);
    expect(soak.actions.find(({ vessel }) => vessel)?.vessel?.id).not.toBe(own);
    expect(soak.vessels).toContainEqual(
      expect.objectContaining({ vesselId: own, state: 'busy', freeInMin: 95 }),
    );
    expect(plan.rounds[0]?.passes.find(({ phase }) => phase === 'wash')?.machineFreeInMin).toBe(40);
  });
});

describe('the vessel of a long warm soak', () => {
  it('keeps its warmth: lidded rather than open, and no two litres in a basin', () => {
    const soak = soakOf(planned(yellowed));
    const mix = soak.actions.find(({ bath }) => bath) ?? expect.unreachable();
    expect(mix.vessel?.id).toBe('bucket');
    expect(mix.bath?.waterL).toBeGreaterThanOrEqual(5);
    expect(soak.vessels.map(({ vesselId, state }) => [vesselId, state])).toEqual([
      ['basin', 'fits'],
      ['bucket', 'chosen'],
      ['bath', 'fits'],
    ]);
  });
});
