import { AGES, COLOURS, CONDITIONS, FASTNESSES, UPHOLSTERY_CODES } from '@feverfew/knowledge';
import fc from 'fast-check';
import type { Household } from '../household/household.js';
import type { CareLabel } from '../textile/careLabel.js';
import { SIZE_WORDS } from '../trouble/size.js';
import {
  HEATS,
  REACHES,
  TRIED_EFFECTS,
  type TroubleFacts,
  WASHED_OUT,
  WETNESSES,
} from '../trouble/troubleFacts.js';
import { household, knowledge } from './fixtures.js';

const idOf = (family: readonly { id: string }[]) => fc.constantFrom(...family.map((record) => record.id));

export const anyLabel: fc.Arbitrary<CareLabel> = fc.record({
  wash: fc.oneof(
    fc.constant(null),
    fc.record({
      kind: fc.constant('machine' as const),
      maxC: fc.constantFrom(30, 40, 50, 60, 70, 95),
      bars: fc.constantFrom(0, 1, 2),
    }),
    fc.constant({ kind: 'hand' as const }),
    fc.constant({ kind: 'never' as const }),
  ),
  bleach: fc.constantFrom('any', 'oxygenOnly', 'never', null),
  tumble: fc.constantFrom('normal', 'low', 'never', null),
  natural: fc.constantFrom('line', 'drip', 'flat', null),
  shade: fc.boolean(),
  iron: fc.constant(null),
  dryClean: fc.constantFrom('P', 'F', 'never', null),
  dryCleanBars: fc.constant(0),
  wetClean: fc.constant(null),
  wetCleanBars: fc.constant(0),
}) as fc.Arbitrary<CareLabel>;

const anyPart = fc.record({
  name: fc.constantFrom(...knowledge.parts.map((part) => part.name), 'something else'),
  fibres: fc
    .uniqueArray(idOf(knowledge.fibres), { maxLength: 3 })
    .map((ids) => ids.map((fibreId) => ({ fibreId, sharePct: 100 / ids.length }))),
});

const anyAnswers = fc
  .subarray(knowledge.diagnoses.flatMap((diagnosis) => diagnosis.questions))
  .chain((questions) =>
    fc
      .tuple(...questions.map((question) => idOf(question.answers)))
      .map((answers) =>
        Object.fromEntries(questions.map((question, index) => [question.id, answers[index] ?? ''])),
      ),
  );

/** A view chosen in some disputes. */
const anyPositions = fc
  .subarray(knowledge.positions.map((position) => position.id))
  .map((ids) =>
    Object.fromEntries(
      knowledge.positions
        .filter((position) => ids.includes(position.id))
        .map((position) => [position.dispute, position.id]),
    ),
  );

/** Any trouble on any piece that the contract would let through. */
export const anyFacts: fc.Arbitrary<TroubleFacts> = fc.record({
  markIds: fc.uniqueArray(idOf(knowledge.marks), { minLength: 1, maxLength: 3 }),
  goneComponentIds: fc.uniqueArray(idOf(knowledge.components), { maxLength: 2 }),
  answers: anyAnswers,
  piece: fc.record({
    itemId: idOf(knowledge.items),
    name: fc.constant(''),
    parts: fc.array(anyPart, { maxLength: 2 }),
    colour: fc.constantFrom(...COLOURS),
    fastness: fc.constantFrom(...FASTNESSES),
    condition: fc.constantFrom(...CONDITIONS),
    label: fc.option(anyLabel),
    code: fc.option(fc.constantFrom(...UPHOLSTERY_CODES)),
    dryMassG: fc.option(fc.integer({ min: 20, max: 8000 })),
    metalParts: fc.boolean(),
  }),
  partIndex: fc.constant(0),
  age: fc.constantFrom(...AGES),
  wetness: fc.constantFrom(...WETNESSES),
  heat: fc.constantFrom(...HEATS),
  size: fc.oneof(
    fc.constantFrom(...SIZE_WORDS),
    fc.record({ length: fc.integer({ min: 1, max: 60 }), width: fc.integer({ min: 1, max: 60 }) }),
  ),
  tried: fc.uniqueArray(idOf(knowledge.agents), { maxLength: 2 }).chain((ids) =>
    fc.tuple(
      ...ids.map((agentId) =>
        fc.record({
          agentId: fc.constant(agentId),
          times: fc.integer({ min: 1, max: 4 }),
          effect: fc.constantFrom(...TRIED_EFFECTS),
          hot: fc.boolean(),
          washedOut: fc.constantFrom(...WASHED_OUT),
        }),
      ),
    ),
  ),
  done: fc
    .uniqueArray(idOf(knowledge.methods), { maxLength: 2 })
    .map((ids) => ids.map((methodId) => ({ methodId, rounds: 1, stalled: false }))),
  positions: anyPositions,
  reach: fc.constantFrom(...REACHES),
});

/** Households with everything switched on or off, every agent in the house or none, at any strength. */
export const anyHousehold: fc.Arbitrary<Household> = fc
  .record({
    asthma: fc.boolean(),
    pregnancy: fc.boolean(),
    baby: fc.boolean(),
    pets: fc.boolean(),
    septicTank: fc.boolean(),
    boraxSold: fc.boolean(),
    allowChlorine: fc.boolean(),
    allowAmmonia: fc.boolean(),
    allowOxalic: fc.boolean(),
    positions: anyPositions,
    hasMachine: fc.boolean(),
    hasScale: fc.boolean(),
    cupboardIds: fc.subarray(knowledge.agents.map((agent) => agent.id)),
    strengthPct: fc.constantFrom(null, 3, 5, 10, 12, 30),
  })
  .map(({ cupboardIds, strengthPct, ...rest }) => ({
    ...household,
    ...rest,
    cupboard: cupboardIds.map((agentId) => ({ agentId, strengthPct })),
  }));
