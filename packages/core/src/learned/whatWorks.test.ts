import { expect, it } from 'vitest';
import { gatherEvidence, type UseCase } from '../evidence/evidence.js';
import { fibreFamilyOf } from '../evidence/fibreFamilyOf.js';
import { mainComponentOf } from '../evidence/mainComponentOf.js';
import { household, knowledge, label, piece, stiffTowels, trouble } from '../test/fixtures.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { TRIAL_PLACES } from '../trial/trial.js';
import { trialFaults } from '../trial/trialFaults.js';
import { whatWorks } from './whatWorks.js';

const facts = stiffTowels;
const seen = (methodId: string, ...left: number[]): UseCase[] =>
  left.map((leftPct, index) => ({
    id: `${methodId}${index}`,
    at: '2026-06-01T10:00:00.000Z',
    methodId,
    markId: 'stiffTowels',
    componentId: mainComponentOf('stiffTowels', knowledge) ?? '',
    fibres: fibreFamilyOf(facts, knowledge),
    age: 'old',
    rounds: 1,
    leftPct,
  }));
const learned = (...uses: UseCase[][]) =>
  whatWorks(
    [
      { id: 'new', facts },
      { id: 'old', facts },
    ],
    gatherEvidence(uses.flat()),
    household,
    knowledge,
  );

it('shows book, cases and what follows of each method used on such a trouble, and nothing else', () => {
  const { rows } = learned(seen('citricSoak', 0, 25, 100));
  expect(rows).toHaveLength(1);
  expect(rows[0]).toMatchObject({
    methodId: 'citricSoak',
    markId: 'stiffTowels',
    posterior: { uses: 3, worked: 2 },
  });
  expect(rows[0]?.cases).toHaveLength(3);
});

it('shows a method that stands in several rounds once', () => {
  const { passes } = planTreatment(facts, household, knowledge);
  const again = passes.find(({ methodId }, at) =>
    passes.some((other, index) => index > at && other.methodId === methodId),
  );
  if (!again) return expect.unreachable('no method of this plan stands twice');
  expect(learned(seen(again.methodId, 50, 100)).rows.map(({ methodId }) => methodId)).toEqual([
    again.methodId,
  ]);
});

it('says which passes moved, from where to where, and why', () => {
  const { moves } = learned(seen('deepStrip', 100, 100, 100, 100), seen('citricSoak', 5, 0));
  expect(moves).toContainEqual(
    expect.objectContaining({
      troubleId: 'new',
      methodId: 'deepStrip',
      without: expect.any(Number),
      withLog: null,
      why: expect.objectContaining({ code: 'logSaysOther' }),
    }),
  );
  expect(moves).toContainEqual(
    expect.objectContaining({ methodId: 'citricSoak', withLog: expect.any(Number), why: expect.anything() }),
  );
  expect(learned().moves).toEqual([]);
});

it('would next find out about two fair passes with even odds on a trouble that comes often', () => {
  const shirt = piece('shirt', { cotton: 100 }, { colour: 'white', label: label(40) });
  const pen = trouble('ballpoint', shirt);
  const given = [pen, pen, facts, facts].map((told, index) => ({ id: `${index}`, facts: told }));
  const { nextTrial } = whatWorks(given, gatherEvidence([]), household, knowledge);
  expect(nextTrial).toMatchObject({ troubleId: '0', markId: 'ballpoint', troubles: 2 });
  expect(Math.abs((nextTrial?.chanceFirst ?? 0) - 0.5)).toBeLessThan(0.5);
  const plan = planTreatment(pen, household, knowledge);
  const fair = TRIAL_PLACES.map((place) => trialFaults(plan, nextTrial?.methodIds ?? [], place, knowledge));
  expect(fair).toContainEqual([]);
  // Two soaks whose times do not meet are no trial, however often the trouble comes.
  expect(learned().nextTrial).toBeNull();
});
