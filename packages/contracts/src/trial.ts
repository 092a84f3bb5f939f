import { MAX_ARMS, TRIAL_PLACES, type TrialEvent, type TrialSetup, type TrialState } from '@feverfew/core';
import { Id } from '@feverfew/knowledge';
import { z } from 'zod';
import { Instant } from './bounds.js';
import { Uuid } from './uuid.js';

const at = Instant;
const arm = z
  .number()
  .int()
  .min(0)
  .max(MAX_ARMS - 1);
/** Two weeks. */
const MAX_DWELL_MIN = 20_160;
const leftPct = z.number().min(0).max(100);

export const NewTrial = z
  .strictObject({
    key: Uuid,
    troubleId: Uuid,
    place: z.enum(TRIAL_PLACES),
    methodIds: z.array(Id).min(2, 'Choose two ways or three.').max(MAX_ARMS, 'At most three ways.'),
  })
  .meta({ id: 'NewTrial' });
export type NewTrial = z.infer<typeof NewTrial>;

export const NewTrialEvent = z
  .strictObject({
    key: Uuid,
    event: z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('treated'), arm }),
      z.strictObject({ kind: z.literal('clockStarted') }),
      z.strictObject({ kind: z.literal('washed') }),
      z.strictObject({ kind: z.literal('looked'), arm, leftPct }),
      z.strictObject({ kind: z.literal('undone') }),
    ]),
  })
  .meta({ id: 'NewTrialEvent' });
export type NewTrialEvent = z.infer<typeof NewTrialEvent>;

export const TrialSetupShape = z
  .strictObject({
    place: z.enum(TRIAL_PLACES),
    arms: z
      .array(
        z.strictObject({
          methodId: Id,
          passId: z.string().max(160).nullable().optional(),
          where: z.string().max(80),
        }),
      )
      .min(1)
      .max(MAX_ARMS)
      .readonly(),
    dwellMin: z.number().min(0).max(MAX_DWELL_MIN),
    lookOrder: z.array(arm).max(MAX_ARMS).readonly(),
  })
  .meta({ id: 'TrialSetup' }) satisfies z.ZodType<TrialSetup>;

export const TrialEventShape = z
  .discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('treated'), at, arm }),
    z.strictObject({ kind: z.literal('clockStarted'), at }),
    z.strictObject({ kind: z.literal('washed'), at }),
    z.strictObject({ kind: z.literal('looked'), at, arm, leftPct }),
    z.strictObject({ kind: z.literal('undone'), at }),
  ])
  .meta({ id: 'TrialEvent' }) satisfies z.ZodType<TrialEvent>;

export const TrialStateShape = z
  .strictObject({
    phase: z.enum(['apply', 'wait', 'wash', 'look', 'told']),
    treated: z.array(z.number().int()).readonly(),
    readyAt: at.nullable(),
    leftPct: z.array(z.number().nullable()).readonly(),
  })
  .meta({ id: 'TrialState' }) satisfies z.ZodType<TrialState>;

/** A trial as a device shows it. `steps`: the plan's own recipe for each arm. */
export const TrialView = z
  .strictObject({
    id: Uuid,
    troubleId: Uuid,
    pieceId: Uuid,
    pieceName: z.string(),
    markIds: z.array(Id),
    planId: Uuid,
    setup: TrialSetupShape,
    /** Its plan was made here; where it was not, nothing of it is put on anything. */
    isOwn: z.boolean(),
    state: TrialStateShape,
    mayUndo: z.boolean(),
    nextToLook: z.number().int().nullable(),
    verdict: z
      .strictObject({
        chanceBest: z.array(z.number()),
        best: z.number().int().nullable(),
        says: z.enum(['tooLittle', 'likely', 'clear']),
        /** Trials of these ways on this soil that it is made from. */
        trials: z.number().int(),
      })
      .nullable(),
    now: at,
  })
  .meta({ id: 'Trial' });
export type TrialView = z.infer<typeof TrialView>;
