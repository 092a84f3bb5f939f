import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Household } from '../household/household.js';
import { anyFacts, anyHousehold } from '../test/arbitraries.js';
import { cases, contextOf, household, knowledge } from '../test/fixtures.js';
import { runs } from '../test/propertyRuns.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { workWindow } from './assess/workWindow.js';
import type { Plan } from './plan/plan.js';
import { planTreatment } from './planTreatment.js';
import { recipe } from './recipe/recipe.js';

const answerOf = ({ facts: _told, ...plan }: Plan) => plan;
const reversed = <T>(list: readonly T[]): T[] => [...list].reverse();

/** The same facts in another order of entry. */
const turnedRound = (facts: TroubleFacts): TroubleFacts => ({
  ...facts,
  markIds: reversed(facts.markIds),
  goneComponentIds: reversed(facts.goneComponentIds),
  tried: reversed(facts.tried),
  done: reversed(facts.done),
  answers: Object.fromEntries(reversed(Object.entries(facts.answers))),
  positions: Object.fromEntries(reversed(Object.entries(facts.positions))),
  // The same part carries the trouble.
  partIndex: facts.partIndex < facts.piece.parts.length ? facts.piece.parts.length - 1 - facts.partIndex : 99,
  piece: {
    ...facts.piece,
    parts: reversed(facts.piece.parts).map((part) => ({ ...part, fibres: reversed(part.fibres) })),
  },
});

describe('any plan', () => {
  it('does not depend on the order in which the facts were told', () => {
    fc.assert(
      fc.property(anyFacts, anyHousehold, (facts, home) => {
        const shuffled: Household = { ...home, cupboard: reversed(home.cupboard) };
        expect(answerOf(planTreatment(turnedRound(facts), shuffled, knowledge))).toEqual(
          answerOf(planTreatment(facts, home, knowledge)),
        );
      }),
      { numRuns: runs(120) },
    );
  });

  it('pours in proportion to the bath, whatever the size of piece and vessel', () => {
    const baths = knowledge.methods.filter(
      (method) => method.liquorRatioLPerKg !== null && method.agents.some((use) => use.dose.per === 'litre'),
    );
    const vessel = {
      id: 'tank',
      name: 'tank',
      volumeL: 400,
      material: 'plastic',
      lid: false,
      form: 'bathtub' as const,
      shape: null,
    } as const;
    const home = { ...household, vessels: [vessel] };
    fc.assert(
      fc.property(fc.constantFrom(...baths), fc.integer({ min: 200, max: 9000 }), (method, dryMassG) => {
        const { beetrootOnDamask: facts } = cases;
        // Cotton bears every dose there is: none is cut for its pH.
        const parts = [{ name: 'whole piece', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }];
        const context = contextOf({ ...facts, piece: { ...facts.piece, parts, dryMassG } }, home);
        const made = recipe({ method, standIn: null, window: workWindow(method, null, context) }, context);
        const waterL = made.bath?.waterL ?? 0;
        expect(waterL).toBeGreaterThan(0);
        for (const [index, { dose }] of method.agents.entries()) {
          if (dose.per !== 'litre') continue;
          const poured = made.ingredients[index];
          const amount = (dose.unit === 'g' ? poured?.massG : poured?.volumeML) ?? Number.NaN;
          const wanted = ((dose.amount.low + dose.amount.high) / 2) * waterL;
          expect(Math.abs(amount - wanted)).toBeLessThanOrEqual(wanted >= 10 ? 0.5 : 0.06);
        }
      }),
      { numRuns: runs(120) },
    );
  });

  it('treats one trouble less with no harsher limits: forgetting a mark never narrows the envelope', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        const all = planTreatment({ ...facts, answers: {} }, household, knowledge).envelope;
        const fewer = planTreatment(
          { ...facts, answers: {}, markIds: facts.markIds.slice(1) },
          household,
          knowledge,
        ).envelope;
        // A position may lift a rule for a single fresh mark only; that too can only widen.
        expect(fewer.tempC.max).toBeGreaterThanOrEqual(all.tempC.max);
        expect(fewer.pH.max).toBeGreaterThanOrEqual(all.pH.max);
      }),
      { numRuns: runs(80) },
    );
  });
});
