import { CHOICES, LOOK_ANSWERS, OUTCOMES, type RunEvent, type RunState } from '@feverfew/core';
import { Id } from '@feverfew/knowledge';
import { z } from 'zod';
import { PlanShape } from './plan.js';

export const NewRun = z
  .strictObject({ planId: z.uuid(), rungIndex: z.number().int().min(0).max(20) })
  .meta({ id: 'NewRun' });
export type NewRun = z.infer<typeof NewRun>;

const stepId = z.string().min(1).max(60);

/** What a device reports. The server stamps the time; `key` makes repeats count once. */
export const NewRunEvent = z
  .strictObject({
    key: z.uuid(),
    event: z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('stepDone'), stepId }),
      z.strictObject({ kind: z.literal('timerStarted'), stepId }),
      z.strictObject({
        kind: z.literal('looked'),
        answer: z.enum(LOOK_ANSWERS),
        leftPct: z.number().min(0).max(100).nullable(),
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
      z.strictObject({ kind: z.literal('mixUsed'), stepId, mixId: z.uuid() }),
      z.strictObject({ kind: z.literal('undone') }),
    ]),
  })
  .meta({ id: 'NewRunEvent' });
export type NewRunEvent = z.infer<typeof NewRunEvent>;

const at = z.iso.datetime();
export const RunEventShape = z
  .discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('started'), at, rungIndex: z.number().int() }),
    z.strictObject({ kind: z.literal('stepDone'), at, stepId }),
    z.strictObject({ kind: z.literal('timerStarted'), at, stepId }),
    z.strictObject({
      kind: z.literal('looked'),
      at,
      answer: z.enum(LOOK_ANSWERS),
      leftPct: z.number().nullable(),
    }),
    z.strictObject({ kind: z.literal('decided'), at, choice: z.enum(CHOICES) }),
    z.strictObject({ kind: z.literal('finished'), at, outcome: z.enum(OUTCOMES), note: z.string() }),
    z.strictObject({ kind: z.literal('noted'), at, text: z.string() }),
    z.strictObject({
      kind: z.literal('mixUsed'),
      at,
      stepId,
      name: z.string(),
      agentIds: z.array(Id).readonly(),
    }),
    z.strictObject({ kind: z.literal('undone'), at }),
  ])
  .meta({ id: 'RunEvent' }) satisfies z.ZodType<RunEvent>;

export const RunStateShape = z
  .strictObject({
    status: z.enum(['active', 'finished']),
    rungIndex: z.number().int(),
    round: z.number().int(),
    stepIndex: z.number().int(),
    timer: z
      .strictObject({ stepId, startedAt: at, readyAt: at, latestAt: at, lookAts: z.array(at).readonly() })
      .nullable(),
    decision: z
      .strictObject({ answer: z.enum(LOOK_ANSWERS), choices: z.array(z.enum(CHOICES)).readonly() })
      .nullable(),
    stopping: z.boolean(),
    looks: z
      .array(
        z.strictObject({
          at,
          rungIndex: z.number(),
          round: z.number(),
          answer: z.enum(LOOK_ANSWERS),
          leftPct: z.number().nullable(),
        }),
      )
      .readonly(),
    notes: z.array(z.strictObject({ at, text: z.string() })).readonly(),
    mixes: z.array(z.strictObject({ at, stepId, name: z.string() })).readonly(),
    outcome: z.enum(OUTCOMES).nullable(),
    startedAt: at,
    finishedAt: at.nullable(),
  })
  .meta({ id: 'RunState' }) satisfies z.ZodType<RunState>;

export const Run = z
  .strictObject({
    id: z.uuid(),
    planId: z.uuid(),
    troubleId: z.uuid(),
    pieceId: z.uuid(),
    pieceName: z.string(),
    markIds: z.array(Id),
    plan: PlanShape,
    state: RunStateShape,
    events: z.array(RunEventShape),
    /** Server clock when this was sent: devices correct their own by it. */
    now: at,
  })
  .meta({ id: 'Run' });

/** What Today shows of a run. */
export const RunSummary = Run.omit({ plan: true, events: true, now: true })
  .extend({ methodId: Id, stepKind: z.string(), vesselName: z.string().nullable() })
  .meta({ id: 'RunSummary' });
export type RunSummary = z.infer<typeof RunSummary>;
