import { CHECK_TIMES, LOOK_WAYS, PHASES, RISKS } from '@feverfew/core';
import { CHECKS, COURSE_ENDS, Id, PURPOSES, RINSES_BETWEEN } from '@feverfew/knowledge';
import { z } from 'zod';
import { ActionShape, Effect, FindingShape, Range3 } from './planParts.js';

const Gone = z.strictObject({ all: Effect, byMark: z.array(Effect.extend({ markId: Id })) });
const NotUsed = z.strictObject({ methodId: Id, findings: z.array(FindingShape) });

const WaysOn = z.array(z.strictObject({ way: z.enum(LOOK_WAYS), passId: z.string().nullable() }));

const RoundPass = z
  .strictObject({
    id: z.string(),
    phase: z.enum(PHASES),
    methodId: Id,
    purpose: z.enum(PURPOSES).nullable(),
    helps: z.array(Id),
    takes: Gone,
    gone: Gone,
    prepares: z.boolean(),
    origin: z.enum(['course', 'workedOut']),
    insteadOf: NotUsed.nullable(),
    /** Plans of earlier versions have conditions as one text. */
    onlyIf: z.string().nullable().optional(),
    checks: z.array(z.strictObject({ id: Id, text: z.string(), when: z.enum(CHECK_TIMES) })).default([]),
    advice: z.array(z.string()).default([]),
    stop: z.string().nullable(),
    expect: z.string().nullable(),
    opensAfterTest: z.boolean(),
    rinsedAtOnce: z.boolean().optional(),
    startMin: Range3,
    minutes: Range3,
    whenGone: z.string().nullable(),
    between: z.strictObject({ way: z.enum(RINSES_BETWEEN), why: FindingShape.nullable() }),
    edges: z.array(FindingShape),
    risk: z.enum(RISKS),
    handsOnMin: z.number(),
    maxRounds: z.number(),
    missingAgentIds: z.array(Id),
    findings: z.array(FindingShape),
    cautionIds: z.array(Id),
    vessels: z.array(
      z.strictObject({
        vesselId: z.string(),
        name: z.string(),
        state: z.enum(['chosen', 'fits', 'busy', 'tooSmall', 'unsuited']),
        freeInMin: z.number(),
      }),
    ),
    machineFreeInMin: z.number().nullable(),
    actions: z.array(ActionShape),
  })
  .meta({ id: 'RoundPass' });

const Round = z
  .strictObject({
    id: z.string(),
    kind: z.enum(['full', 'outline']),
    passes: z.array(RoundPass),
    drying: z.strictObject({ action: ActionShape, minutes: Range3, notes: z.array(z.string()) }).nullable(),
    look: z
      .strictObject({
        action: ActionShape,
        byMark: z.array(
          z.strictObject({ markId: Id, checks: z.array(z.enum(CHECKS)), ways: WaysOn.default([]) }),
        ),
        ways: WaysOn,
      })
      .nullable(),
    handsOnMin: z.number(),
    totalMin: Range3,
  })
  .meta({ id: 'Round' });

/** The first seconds. */
export const AtOnceShape = z.strictObject({
  actions: z.array(z.strictObject({ text: z.string(), verbs: z.array(z.string()) })),
  donts: z.array(z.string()),
  handsOnMin: z.number(),
  gone: Gone.nullable().default(null),
});

/** What a plan has had since knowledge 2026.11.8; a plan kept from before has none of it. */
export const LaidOutShape = {
  verdict: z
    .array(
      z.strictObject({
        markId: Id,
        courseId: Id,
        is: z.string(),
        tells: z.array(z.strictObject({ see: z.string(), means: z.string() })),
        cause: z.string(),
        causeActions: z.array(z.string()),
      }),
    )
    .default([]),
  atOnce: AtOnceShape.default({ actions: [], donts: [], handsOnMin: 0, gone: null }),
  /** Since knowledge 2026.11.10. */
  keep: z
    .strictObject({
      says: z.array(z.string()),
      never: z.array(z.strictObject({ what: z.string(), why: z.string() })),
      prevent: z.array(z.string()),
    })
    .default({ says: [], never: [], prevent: [] }),
  rounds: z.array(Round).default([]),
  notUsed: z.array(NotUsed).default([]),
  ends: z
    .array(z.strictObject({ markId: Id, rounds: z.number(), next: z.enum(COURSE_ENDS), text: z.string() }))
    .default([]),
};
