import { describe, expect, it } from 'vitest';
import { checkPlan } from '../safety/checkPlan.js';
import { household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import { planTreatment } from './planTreatment.js';

/** Every mark on every fibre, on a washable piece, on upholstery and on a lined coat: a ladder, or an honest "none". */
describe('every mark on every fibre', () => {
  const settings = [
    ['a white washable with a 60 °C tag', 'tableLinen', { label: label(60) }],
    ['a dark washable without a tag', 'tShirt', { colour: 'dark' as const }],
    ['a code-W armchair', 'armchair', { colour: 'pale' as const, code: 'W' as const }],
    ['a code-X armchair', 'armchair', { colour: 'pale' as const, code: 'X' as const }],
    ['a lined coat', 'linedCoat', { colour: 'mid' as const }],
  ] as const;

  it.each(settings)(
    'on %s',
    (_name, itemId, facts) => {
      for (const mark of knowledge.marks) {
        for (const fibre of knowledge.fibres) {
          const plan = planTreatment(
            trouble(mark.id, piece(itemId, { [fibre.id]: 100 }, facts)),
            household,
            knowledge,
          );
          const none = mark.damage
            ? plan.findings.some((finding) => finding.code === 'noCleaningHelps')
            : plan.findings.some((finding) => finding.code === 'noHomeMethod') &&
              plan.findings.some((finding) => finding.code === 'professionalHand');
          expect([mark.id, fibre.id, plan.ladder.length > 0 || none]).toEqual([mark.id, fibre.id, true]);
          expect(checkPlan(plan, household, knowledge)).toEqual([]);
        }
      }
    },
    60_000,
  );
});
