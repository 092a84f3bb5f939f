import {
  CHANGE_CODES,
  type Change,
  HOUSE_ANSWERS,
  HOUSE_FACTS,
  type HouseAnswer,
  PEOPLE_FACTS,
  RISKS,
  type TroubleFacts,
} from '@feverfew/core';
import { Id, Mechanism, OPEN_FACT_KEYS } from '@feverfew/knowledge';
import { z } from 'zod';
import { EnvelopeShape } from './envelope.js';
import { CupboardEntryShape } from './household.js';
import { PieceFactsShape } from './piece.js';
import { ActionShape, Effect, FindingShape } from './planParts.js';
import { AtOnceShape, LaidOutShape } from './round.js';
import { TroubleFactsShape } from './trouble.js';

export const PassShape = z
  .strictObject({
    methodId: Id,
    passId: z.string().nullable().default(null),
    effect: Effect,
    effectByMark: z.array(Effect.extend({ markId: Id })),
    ownLog: z.strictObject({ uses: z.number(), worked: z.number(), book: Effect }).nullable().default(null),
    acts: z.array(Effect.extend({ componentId: Id, mechanisms: z.array(Mechanism) })),
    edges: z.array(FindingShape),
    risk: z.enum(RISKS),
    handsOnMin: z.number(),
    totalMin: z.strictObject({ low: z.number(), high: z.number() }),
    maxRounds: z.number(),
    missingAgentIds: z.array(Id),
    findings: z.array(FindingShape),
    cautionIds: z.array(Id),
    actions: z.array(ActionShape),
    rinseOut: ActionShape.nullable().default(null),
  })
  .meta({ id: 'Pass' });

/** A finished plan as the server sends and keeps it. */
export const PlanShape = z
  .strictObject({
    knowledgeVersion: z.string(),
    facts: TroubleFactsShape,
    envelope: EnvelopeShape,
    ...LaidOutShape,
    passes: z.array(PassShape),
    candidates: z.array(
      z.strictObject({
        methodId: Id,
        verdict: z.enum(['inPlan', 'spare', 'ruledOut', 'noUse']),
        findings: z.array(FindingShape),
      }),
    ),
    findings: z.array(FindingShape),
    cupboard: z.strictObject({
      now: z.strictObject({ methodId: Id, effect: Effect }).nullable(),
      ifBought: z.strictObject({ methodId: Id, effect: Effect, agentIds: z.array(Id) }).nullable(),
    }),
    positions: z.array(
      z.strictObject({ dispute: Id, positionId: Id, chosenBy: z.enum(['plan', 'household', 'default']) }),
    ),
    diagnoses: z.array(
      z.strictObject({
        diagnosisId: Id,
        markId: Id,
        causes: z.array(z.strictObject({ markId: Id, share: z.number() })),
      }),
    ),
  })
  .meta({ id: 'Plan' });

/** One view of a dispute followed to the end. */
/** A sum in the household's money, and whether something in it had no price. */
const CostShape = z
  .strictObject({ amount: z.number(), isAtLeast: z.boolean(), isUnknown: z.boolean() })
  .meta({ id: 'Cost' });

export const ComparedPositionShape = z
  .strictObject({
    positionId: Id,
    isFollowed: z.boolean(),
    plan: PlanShape,
    ownMethodIds: z.array(Id),
    handsOnMin: z.number(),
    totalMin: z.strictObject({ low: z.number(), high: z.number() }),
    worstRisk: z.enum(RISKS).nullable(),
    gone: Effect.nullable(),
    oddsGone: z.number().nullable(),
    cost: CostShape,
  })
  .meta({ id: 'ComparedPosition' });

export const ComparePositions = z
  .strictObject({ facts: TroubleFactsShape, dispute: Id })
  .meta({ id: 'ComparePositions' });
export type ComparePositions = { readonly facts: TroubleFacts; readonly dispute: string };

/** An answer to one of the first questions, and the facts it tells. */
const OpenAnswer = z.strictObject({
  id: z.string(),
  share: z.number(),
  told: TroubleFactsShape.pick({ age: true, wetness: true, heat: true })
    .extend({
      piece: PieceFactsShape.pick({ itemId: true, parts: true, colour: true, label: true }).partial(),
    })
    .partial(),
});

/** First acts while few facts are known, with the questions whose answers change most. */
export const FirstThingsShape = z
  .strictObject({
    atOnce: AtOnceShape,
    questions: z
      .array(
        z.strictObject({
          fact: z.enum(OPEN_FACT_KEYS),
          answers: z.array(OpenAnswer),
          gain: z.number(),
        }),
      )
      .max(2),
  })
  .meta({ id: 'FirstThings' });

const HouseAnswerShape = z.enum(Object.values(HOUSE_ANSWERS).flat() as [HouseAnswer, ...HouseAnswer[]]);

/** A household fact that was not entered and affects a plan; null if there is none. */
export const HouseQuestionShape = z
  .strictObject({
    question: z
      .strictObject({
        fact: z.enum(HOUSE_FACTS),
        entry: CupboardEntryShape.nullable(),
        guess: HouseAnswerShape,
        answers: z.array(HouseAnswerShape).readonly(),
        people: z.array(z.enum(PEOPLE_FACTS)).readonly(),
      })
      .nullable(),
  })
  .meta({ id: 'HouseQuestion' });
export type HouseQuestionView = z.infer<typeof HouseQuestionShape>;

/** What was answered to it. */
export const AnswerOfHouse = z
  .strictObject({
    fact: z.enum(HOUSE_FACTS),
    entry: CupboardEntryShape.nullable(),
    answer: HouseAnswerShape,
    people: z.array(z.enum(PEOPLE_FACTS)).max(PEOPLE_FACTS.length).default([]),
  })
  .refine(({ fact, answer }) => (HOUSE_ANSWERS[fact] as readonly string[]).includes(answer), {
    path: ['answer'],
    message: 'That is no answer to this question.',
  })
  .refine(({ fact, entry }) => (fact === 'agent') === (entry !== null), {
    path: ['entry'],
    message: 'A question about a product names it, and no other does.',
  })
  .refine(({ fact, answer, people }) => (fact === 'people' && answer === 'some') === people.length > 0, {
    path: ['people'],
    message: 'Say who of them lives here, or none.',
  })
  .meta({ id: 'AnswerOfHouse' });
export type AnswerOfHouse = z.infer<typeof AnswerOfHouse>;

/** A change of facts as data; its words are made where it is read. */
export const ChangeShape = z
  .strictObject({ code: z.enum(CHANGE_CODES), facts: z.record(z.string(), z.unknown()) })
  .meta({ id: 'Change' });
export type ChangeView = Pick<Change, 'code' | 'facts'>;

export const AskWhatWouldChange = z
  .strictObject({ facts: TroubleFactsShape, methodId: Id })
  .meta({ id: 'AskWhatWouldChange' });
export type AskWhatWouldChange = { readonly facts: TroubleFacts; readonly methodId: string };
