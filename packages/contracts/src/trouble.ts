import {
  ASSUMABLE_FACTS,
  HEATS,
  MAX_IN_HOUSE,
  MAX_MARKS,
  MAX_PIECES,
  PEOPLE_FACTS,
  PLACES,
  REACHES,
  SIZE_WORDS,
  SPOT_SIDE_CM,
  TRIED_EFFECTS,
  type TroubleFacts,
  WASHED_OUT,
  WETNESSES,
} from '@feverfew/core';
import { Age, Id } from '@feverfew/knowledge';
import { z } from 'zod';
import { boundedRecord } from './bounds.js';
import { PieceFactsShape } from './piece.js';
import { Uuid } from './uuid.js';

const side = z
  .number({ error: 'Give the size as a number of centimetres.' })
  .min(SPOT_SIDE_CM.min, `A side is at least ${SPOT_SIDE_CM.min} cm. A size cannot be below zero.`)
  .max(SPOT_SIDE_CM.max, `A side is at most ${SPOT_SIDE_CM.max} cm. Choose "all over" instead.`);

/** Facts entered so far: the input of the preview. */
export const TroubleFactsShape = z
  .strictObject({
    markIds: z.array(Id).max(MAX_MARKS, `At most ${MAX_MARKS} troubles in one plan.`).readonly(),
    goneComponentIds: z.array(Id).max(40).readonly(),
    answers: boundedRecord(Id, Id, 100).readonly(),
    piece: PieceFactsShape,
    partIndex: z.number().int().min(0).max(7),
    age: Age,
    wetness: z.enum(WETNESSES),
    heat: z.enum(HEATS),
    size: z.union([z.enum(SIZE_WORDS), z.strictObject({ length: side, width: side })]),
    tried: z
      .array(
        z.strictObject({
          agentId: Id,
          times: z
            .number()
            .int('Whole times only.')
            .min(1, 'Tried at least once.')
            .max(20, 'At most 20 times.'),
          effect: z.enum(TRIED_EFFECTS),
          hot: z.boolean(),
          washedOut: z.enum(WASHED_OUT),
        }),
      )
      .max(10)
      .readonly(),
    done: z
      .array(z.strictObject({ methodId: Id, rounds: z.number().int().min(0).max(100), stalled: z.boolean() }))
      .max(40)
      .readonly(),
    positions: boundedRecord(Id, Id, 100).readonly(),
    reach: z.enum(REACHES),
    choices: z
      .strictObject({
        instead: boundedRecord(Id, Id, 100).readonly(),
        leftOut: z.array(Id).max(20).readonly(),
        vessels: boundedRecord(Id, z.string().min(1).max(80), 100).readonly(),
        readyInMin: z.number().int().min(5).max(20_160).nullable(),
      })
      .optional(),
    pieces: z
      .number()
      .int('Whole pieces only.')
      .min(1, 'At least one piece.')
      .max(MAX_PIECES, `At most ${MAX_PIECES} pieces in one plan.`)
      .optional(),
    place: z.enum(PLACES).optional(),
    people: z.array(z.enum(PEOPLE_FACTS)).max(PEOPLE_FACTS.length).readonly().optional(),
    inHouse: z.array(Id).max(MAX_IN_HOUSE).readonly().optional(),
    assumed: z
      .array(
        z.strictObject({
          fact: z.enum(ASSUMABLE_FACTS),
          value: z.string().min(1).max(80),
          why: z.string().min(1).max(200),
          danger: z.string().min(1).max(200).nullable(),
        }),
      )
      .max(ASSUMABLE_FACTS.length)
      .readonly()
      .optional(),
    seen: boundedRecord(Id, z.boolean(), 100).readonly().optional(),
  })
  .meta({ id: 'TroubleFacts' }) satisfies z.ZodType<TroubleFacts>;

/** A trouble to save. Mark and piece are required. `pieceId` null makes a new piece from the facts. */
export const NewTrouble = z
  .strictObject({ pieceId: Uuid.nullable(), facts: TroubleFactsShape })
  .superRefine(needsMarkAndPiece)
  .meta({ id: 'NewTrouble' });
export type NewTrouble = z.infer<typeof NewTrouble>;

/** A trouble saved, planned and started in one request. `troubleId` null = it is not saved yet. */
export const StartTrouble = z
  .strictObject({
    /** Becomes the run's id: a second request with it starts nothing new. */
    key: Uuid,
    troubleId: Uuid.nullable(),
    pieceId: Uuid.nullable(),
    facts: TroubleFactsShape,
    passIndex: z.number().int().min(0).max(20),
  })
  .superRefine(needsMarkAndPiece)
  .meta({ id: 'StartTrouble' });
export type StartTrouble = z.infer<typeof StartTrouble>;

function needsMarkAndPiece({ facts }: { facts: TroubleFacts }, context: z.RefinementCtx): void {
  const need = (path: string[], message: string) =>
    context.addIssue({ code: 'custom', path: ['facts', ...path], message });
  if (facts.markIds.length === 0) need(['markIds'], 'Say what the trouble is.');
  if (facts.piece.itemId === null) need(['piece', 'itemId'], 'Say what it is on.');
}

const TROUBLE_STATUSES = ['open', 'running', 'settled'] as const;

export const TroubleSummary = z
  .strictObject({
    id: Uuid,
    pieceId: Uuid,
    pieceName: z.string(),
    markIds: z.array(Id),
    status: z.enum(TROUBLE_STATUSES),
    outcome: z.string().nullable(),
    createdAt: z.iso.datetime(),
    planId: Uuid,
    runId: Uuid.nullable(),
    /** Minutes of a hand in the first round of its plan; null where it has none. */
    handsOnMin: z.number().nullable(),
  })
  .meta({ id: 'TroubleSummary' });
export type TroubleSummary = z.infer<typeof TroubleSummary>;

/** What would help an open trouble and is not in the house. */
export const ToBuy = z
  .strictObject({
    troubleId: Uuid,
    pieceName: z.string(),
    markIds: z.array(Id),
    /** All of them together. */
    agentIds: z.array(Id),
  })
  .meta({ id: 'ToBuy' });
export type ToBuy = z.infer<typeof ToBuy>;

/** A saved trouble with its facts. */
export const Trouble = TroubleSummary.extend({ facts: TroubleFactsShape }).meta({ id: 'Trouble' });
export type Trouble = z.infer<typeof Trouble>;
