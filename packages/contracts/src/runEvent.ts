import { CHOICES, EXTEND_MIN, LOOK_ANSWERS, MAX_POURS, OUTCOMES, type RunEvent } from '@feverfew/core';
import { Id } from '@feverfew/knowledge';
import { z } from 'zod';
import { Instant } from './bounds.js';
import { MAX_HELD_MS } from './heldTap.js';
import { Uuid } from './uuid.js';

const share = z.number().min(0).max(100);
const actionId = z.string().min(1).max(60);

/** What a device reports. The server stamps the time; `key` makes repeats count once. */
export const NewRunEvent = z
  .strictObject({
    key: Uuid,
    /** How long the tap waited on the device before it could be sent: the server takes it off its own time. */
    heldMs: z.number().int().min(0).max(MAX_HELD_MS).default(0),
    event: z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('actionDone'), actionId }),
      z.strictObject({ kind: z.literal('tested'), actionId, passed: z.boolean() }),
      z.strictObject({ kind: z.literal('skipped'), actionId }),
      z.strictObject({ kind: z.literal('timerStarted'), actionId }),
      z.strictObject({ kind: z.literal('paused') }),
      z.strictObject({ kind: z.literal('resumed') }),
      z.strictObject({
        kind: z.literal('extended'),
        minutes: z.number().int().min(EXTEND_MIN.min).max(EXTEND_MIN.max),
      }),
      z.strictObject({
        kind: z.literal('looked'),
        answer: z.enum(LOOK_ANSWERS).nullable(),
        leftPct: share.nullable(),
        marks: z
          .array(z.strictObject({ markId: Id, leftPct: share.nullable() }))
          .min(1)
          .max(20)
          .optional(),
        signIds: z.array(Id).max(20).default([]),
      }),
      z.strictObject({
        kind: z.literal('heatAllowed'),
        reason: z.string().trim().min(1, 'Say why.').max(500, 'At most 500 characters.'),
      }),
      z.strictObject({ kind: z.literal('decided'), choice: z.enum(CHOICES) }),
      z.strictObject({
        kind: z.literal('finished'),
        outcome: z.enum(OUTCOMES),
        note: z.string().max(2000, 'At most 2000 characters.'),
      }),
      z.strictObject({
        kind: z.literal('noted'),
        text: z.string().trim().min(1, 'Write something first.').max(2000, 'At most 2000 characters.'),
      }),
      z.strictObject({ kind: z.literal('mixUsed'), actionId, mixId: Uuid }),
      z.strictObject({ kind: z.literal('undone') }),
      z.strictObject({ kind: z.literal('redone') }),
    ]),
  })
  .meta({ id: 'NewRunEvent' });
export type NewRunEvent = z.infer<typeof NewRunEvent>;
/** As a device writes it: what has a default may be left out. */
export type GivenRunEvent = z.input<typeof NewRunEvent>;

const at = Instant;
export const RunEventShape = z
  .discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('started'), at, passIndex: z.number().int().min(0).max(20) }),
    z.strictObject({ kind: z.literal('actionDone'), at, actionId }),
    z.strictObject({ kind: z.literal('tested'), at, actionId, passed: z.boolean() }),
    z.strictObject({ kind: z.literal('skipped'), at, actionId }),
    z.strictObject({ kind: z.literal('timerStarted'), at, actionId }),
    z.strictObject({ kind: z.literal('paused'), at }),
    z.strictObject({ kind: z.literal('resumed'), at }),
    z.strictObject({
      kind: z.literal('extended'),
      at,
      minutes: z.number().min(EXTEND_MIN.min).max(EXTEND_MIN.max),
    }),
    z.strictObject({
      kind: z.literal('looked'),
      at,
      answer: z.enum(LOOK_ANSWERS).nullable(),
      leftPct: share.nullable(),
      marks: z
        .array(z.strictObject({ markId: Id, leftPct: share.nullable() }))
        .readonly()
        .optional(),
      signIds: z.array(Id).max(20).readonly().optional(),
    }),
    z.strictObject({ kind: z.literal('heatAllowed'), at, reason: z.string().max(500) }),
    z.strictObject({ kind: z.literal('photoKept'), at, photoId: Uuid }),
    z.strictObject({ kind: z.literal('decided'), at, choice: z.enum(CHOICES) }),
    z.strictObject({
      kind: z.literal('finished'),
      at,
      outcome: z.enum(OUTCOMES),
      note: z.string().max(2000),
    }),
    z.strictObject({ kind: z.literal('noted'), at, text: z.string().max(2000) }),
    z.strictObject({
      kind: z.literal('mixUsed'),
      at,
      actionId,
      name: z.string().max(60),
      agentIds: z.array(Id).max(MAX_POURS).readonly(),
    }),
    z.strictObject({ kind: z.literal('undone'), at }),
    z.strictObject({ kind: z.literal('redone'), at }),
    z.strictObject({ kind: z.literal('clockSet'), at, byMs: z.number().int() }),
  ])
  .meta({ id: 'RunEvent' }) satisfies z.ZodType<RunEvent>;
