import {
  ACTION_KINDS,
  CHOICES,
  type Clash,
  type CourseChange,
  DANGER_CODES,
  LOOK_ANSWERS,
  type NextAction,
  NOT_OURS,
  type OtherCourse,
  OUTCOMES,
  OVERRUNS,
  type RunState,
  type Workplace,
} from '@feverfew/core';
import { Id } from '@feverfew/knowledge';
import { z } from 'zod';
import { PricesShape } from './household.js';
import { PlanShape } from './plan.js';
import { Effect, Range3 } from './planParts.js';
import { RunEventShape } from './runEvent.js';
import { TroubleFactsShape } from './trouble.js';
import { Uuid } from './uuid.js';

const at = z.iso.datetime();
const actionId = z.string().min(1).max(60);

export const NewRun = z
  .strictObject({
    /** Becomes the run's id: a second request with it starts nothing new. */
    key: Uuid,
    planId: Uuid,
    passIndex: z.number().int().min(0).max(20),
  })
  .meta({ id: 'NewRun' });
export type NewRun = z.infer<typeof NewRun>;

export const RunStateShape = z
  .strictObject({
    status: z.enum(['active', 'finished']),
    passIndex: z.number().int(),
    round: z.number().int(),
    times: z.array(z.number().int()).readonly().default([]),
    setAside: z.array(z.number().int()).readonly().default([]),
    barred: z.array(z.number().int()).readonly().default([]),
    worked: z.array(z.number().int()).readonly().default([]),
    actionIndex: z.number().int(),
    timer: z
      .strictObject({
        actionId,
        startedAt: at,
        readyAt: at,
        latestAt: at,
        lookAts: z.array(at).readonly(),
        pausedAt: at.nullable(),
      })
      .nullable(),
    decision: z
      .strictObject({ answer: z.enum(LOOK_ANSWERS), choices: z.array(z.enum(CHOICES)).readonly() })
      .nullable(),
    stopping: z.boolean(),
    looks: z
      .array(
        z.strictObject({
          at,
          passIndex: z.number(),
          of: z.array(z.number().int()).readonly().default([]),
          round: z.number(),
          answer: z.enum(LOOK_ANSWERS),
          leftPct: z.number().nullable(),
          byMark: z
            .array(z.strictObject({ markId: Id, leftPct: z.number(), answer: z.enum(LOOK_ANSWERS) }))
            .readonly()
            .default([]),
          isDry: z.boolean().default(false),
          signIds: z.array(Id).readonly(),
        }),
      )
      .readonly(),
    notes: z.array(z.strictObject({ at, text: z.string() })).readonly(),
    mixes: z.array(z.strictObject({ at, actionId, name: z.string() })).readonly(),
    photos: z.array(z.strictObject({ at, photoId: Uuid, round: z.number() })).readonly(),
    heat: z.enum(['closed', 'open', 'overridden']),
    outcome: z.enum(OUTCOMES).nullable(),
    startedAt: at,
    finishedAt: at.nullable(),
  })
  .meta({ id: 'RunState' }) satisfies z.ZodType<RunState>;

const Ids2 = z.tuple([Uuid, Uuid]).readonly();

/** Two runs that would want one thing at one time. */
export const ClashShape = z
  .strictObject({
    kind: z.enum(['vesselTwice', 'machineTwice', 'coloursTogether', 'solventsTogether']),
    name: z.string(),
    runIds: Ids2,
    pieceNames: z.tuple([z.string(), z.string()]).readonly(),
    fromAt: at,
    freeAt: at,
  })
  .meta({ id: 'Clash' }) satisfies z.ZodType<Clash>;

export const NextActionShape = z
  .strictObject({
    what: z.enum(['step', 'decide', 'working', 'lookDue', 'ready', 'over', 'paused']),
    actionKind: z.enum(ACTION_KINDS).nullable(),
    at,
    overrun: z.enum(OVERRUNS).nullable(),
  })
  .meta({ id: 'Hand' }) satisfies z.ZodType<NextAction>;

export const Run = z
  .strictObject({
    id: Uuid,
    planId: Uuid,
    troubleId: Uuid,
    pieceId: Uuid,
    pieceName: z.string(),
    markIds: z.array(Id),
    plan: PlanShape,
    state: RunStateShape,
    events: z.array(RunEventShape),
    /** Where this run and another get in each other's way. */
    clashes: z.array(ClashShape),
    /** The danger of this run by today's knowledge; null = none. */
    danger: z.enum([...DANGER_CODES, NOT_OURS]).nullable(),
    prices: PricesShape,
    /** Server clock when this was sent: devices correct their own by it. */
    now: at,
  })
  .meta({ id: 'Run' });

/** A run after a tap, for a device that has its plan already: the plan is most of it, and no tap changes it. */
export const RunAfterTap = Run.omit({ plan: true }).meta({ id: 'RunAfterTap' });

/** What a device asks for in the answer to its tap. */
export const TapAnswer = z.strictObject({ plan: z.literal('none').optional() });
export type TapAnswer = z.infer<typeof TapAnswer>;

/** What Today shows of a run. */
export const RunEntry = Run.omit({
  plan: true,
  events: true,
  now: true,
  clashes: true,
  danger: true,
  prices: true,
})
  .extend({ methodId: Id, actionKind: z.string(), vesselName: z.string().nullable() })
  .meta({ id: 'RunSummary' });
export type RunEntry = z.infer<typeof RunEntry>;

const WorkplaceShape = z.strictObject({
  kind: z.enum(['vessel', 'machine', 'line', 'place']),
  vesselId: z.string().nullable(),
  full: z.number(),
}) satisfies z.ZodType<Workplace>;

/** An active run: its vessel, and its next action. */
export const RunningEntry = RunEntry.extend({ hand: NextActionShape, place: WorkplaceShape }).meta({
  id: 'RunningSummary',
});
export type RunningEntry = z.infer<typeof RunningEntry>;

/** Events a run may have, its end among them: more cannot come from a hand. */
export const MAX_RUN_EVENTS = 1000;
/** Events of a run that a household file may hold: houses that were kept before there was a ceiling have longer ones. */
export const MAX_EVENTS_READ = 5000;

/** During a run: the current pass by another method or in another vessel. */
export const ChangeCourse = z
  .union([z.strictObject({ instead: Id }), z.strictObject({ vesselId: z.string().min(1).max(60) })])
  .meta({ id: 'ChangeCourse' }) satisfies z.ZodType<CourseChange>;
export type ChangeCourse = z.infer<typeof ChangeCourse>;

/** The alternatives to the current pass. */
export const OtherCourseShape = z
  .strictObject({
    ways: z
      .array(
        z.strictObject({
          methodId: Id,
          gone: Effect,
          handsOnMin: z.number(),
          minutes: Range3,
          missingAgentIds: z.array(Id).readonly(),
        }),
      )
      .readonly(),
    vessels: z.array(z.strictObject({ vesselId: z.string(), name: z.string() })).readonly(),
  })
  .meta({ id: 'OtherCourse' }) satisfies z.ZodType<OtherCourse>;
export type OtherCourseView = z.infer<typeof OtherCourseShape>;

/** Asked before a start, for a trouble that is kept or new: what else would want the same vessel or machine. */
export const AskClashes = z
  .strictObject({ facts: TroubleFactsShape, passIndex: z.number().int().min(0).max(20) })
  .meta({ id: 'AskClashes' });
export type AskClashes = z.infer<typeof AskClashes>;

/** The alternatives to a step of a plan that has no run. */
export const AskOtherCourse = AskClashes.meta({ id: 'AskOtherCourse' });
export type AskOtherCourse = z.infer<typeof AskOtherCourse>;

export const CHANGE_TOPICS = ['run', 'book', 'household', 'devices', 'wash'] as const;

/** What went over the line of changes: which part of the household is no longer as a device has it. */
export const ChangeNews = z
  .strictObject({ topic: z.enum(CHANGE_TOPICS), id: z.string().nullable() })
  .meta({ id: 'ChangeNews' });
export type ChangeNews = z.infer<typeof ChangeNews>;

/** Most a saved picture may weigh, bytes; the device makes it smaller before it sends it. */
export const MAX_PHOTO_BYTES = 400_000;

/** As base64. */
export const MAX_JPEG_CHARS = Math.ceil((MAX_PHOTO_BYTES * 4) / 3) + 4;

/** Most that all saved pictures may weigh together, characters of base64: a household file holds them all. */
export const MAX_PICTURES_CHARS = 150_000_000;

/** A picture a person chose to save: JPEG without metadata, base64. */
export const NewPhoto = z
  .strictObject({
    key: Uuid,
    jpeg: z.base64('Send a JPEG as base64.').max(MAX_JPEG_CHARS, 'At most 400 kB: make it smaller first.'),
  })
  .meta({ id: 'NewPhoto' });
export type NewPhoto = z.infer<typeof NewPhoto>;
