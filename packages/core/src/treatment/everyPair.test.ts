import { describe, expect, it } from 'vitest';
import { shareByDay } from '../../../../testing/byDay.js';
import { checkPlan } from '../safety/checkPlan.js';
import { household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import { planTreatment } from './planTreatment.js';

/** Every mark on every fibre, on a washable piece, on upholstery and on a lined coat: a plan, or an honest "none". */
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
    (name, itemId, facts) => {
      const wrong: unknown[] = [];
      for (const [row, mark] of knowledge.marks.entries()) {
        // As the fields of a board: every mark and every fibre is met, each with others.
        const turned = turnedBy(knowledge.fibres, row + name.length);
        for (const fibre of shareByDay(turned, 12)) {
          const plan = planTreatment(
            trouble(mark.id, piece(itemId, { [fibre.id]: 100 }, facts)),
            household,
            knowledge,
          );
          const says = (code: string) => plan.findings.some((finding) => finding.code === code);
          const none = mark.damage
            ? says('noCleaningHelps')
            : says('noHomeMethod') && says('professionalHand');
          if (plan.passes.length === 0 && !none)
            wrong.push([mark.id, fibre.id, 'neither a way nor an honest none']);
          for (const violation of checkPlan(plan, household, knowledge))
            wrong.push([mark.id, fibre.id, violation]);
        }
      }
      expect(wrong).toEqual([]);
    },
    360_000,
  );
});

const turnedBy = <T>(all: readonly T[], by: number): readonly T[] => {
  const at = by % all.length;
  return [...all.slice(at), ...all.slice(0, at)];
};
