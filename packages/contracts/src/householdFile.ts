import { AGE_BANDS, HANGING_PLACES } from '@feverfew/core';
import { FIBRE_GROUPS, Id } from '@feverfew/knowledge';
import { z } from 'zod';
import { Instant } from './bounds.js';
import { HouseholdSettings } from './household.js';
import { MAX_MIXES, NewSavedMix } from './mix.js';
import { NewPiece } from './piece.js';
import { PlanShape } from './plan.js';
import { MAX_EVENTS_READ, MAX_JPEG_CHARS } from './run.js';
import { RunEventShape } from './runEvent.js';
import { TrialEventShape, TrialSetupShape } from './trial.js';
import { TroubleFactsShape } from './trouble.js';
import { Uuid } from './uuid.js';
import { NewHeapLine } from './wash/heapLine.js';
import { WashSettings } from './wash/settings.js';
import { FilledLoad } from './wash/view.js';

/** Name and version of the file a household travels in. A newer version is refused, never half read. */
export const HOUSEHOLD_FILE = { format: 'feverfew-household', version: 11 } as const;

/** Version 1 held the settings and the shelf alone; reading one replaces these and leaves the book as it is. */
export const HouseholdFileV1 = z.strictObject({
  format: z.literal(HOUSEHOLD_FILE.format),
  version: z.literal(1),
  settings: HouseholdSettings,
  mixes: z.array(NewSavedMix).max(MAX_MIXES),
});
export type HouseholdFileV1 = z.infer<typeof HouseholdFileV1>;

const id = Uuid;
const createdAt = Instant;
const TOO_MANY = `At most ${MAX_EVENTS_READ} events.`;

export const UseCaseShape = z
  .strictObject({
    id: z.string().min(1).max(80),
    at: createdAt,
    methodId: Id,
    markId: Id,
    componentId: Id,
    fibres: z.enum(FIBRE_GROUPS),
    age: z.enum(AGE_BANDS),
    rounds: z.number().int().min(1).max(100),
    leftPct: z.number().min(0).max(100),
    seenPct: z.number().min(0).max(100).optional(),
    minutes: z.number().min(0).max(100_000).optional(),
    tempC: z.number().min(0).max(95).optional(),
    dose: z
      .strictObject({ agentId: Id, amount: z.number().min(0).max(100_000), unit: z.enum(['g', 'mL']) })
      .optional(),
  })
  .meta({ id: 'UseCase' });

/**
 * Everything of one household as a file: settings, shelf, pieces, troubles, plans, runs with every event, care,
 * read-in log, trials, saved pictures.
 */
export const HouseholdFile = z
  .strictObject({
    format: z.literal(HOUSEHOLD_FILE.format),
    version: z.literal(HOUSEHOLD_FILE.version),
    /** null while nothing has been entered. */
    settings: HouseholdSettings.nullable(),
    /** What it washes and dries with; null while nothing has been entered. */
    washing: WashSettings.nullable(),
    mixes: z.array(NewSavedMix.extend({ id, createdAt })).max(MAX_MIXES),
    pieces: z.array(z.strictObject({ id, createdAt, facts: NewPiece })),
    troubles: z.array(z.strictObject({ id, createdAt, pieceId: id, facts: TroubleFactsShape })),
    plans: z.array(
      z.strictObject({
        id,
        createdAt,
        troubleId: id,
        plan: PlanShape,
        /** Shows the house that made it that it is as it was made; null where nothing does. */
        seal: z.string().max(100).nullable(),
      }),
    ),
    runs: z.array(
      z.strictObject({
        id,
        createdAt,
        planId: id,
        events: z
          .array(z.strictObject({ id, key: id, event: RunEventShape }))
          .min(1)
          .max(MAX_EVENTS_READ, TOO_MANY),
      }),
    ),
    care: z.array(
      z.strictObject({
        id,
        at: createdAt,
        pieceId: id,
        what: z.enum(['machineWash', 'hotWash', 'upkeep']),
        upkeepId: Id.nullable(),
        times: z.number().int().min(1).max(500),
      }),
    ),
    pastUses: z.array(z.strictObject({ pieceId: id, use: UseCaseShape, note: z.string().max(2000) })),
    trials: z.array(
      z.strictObject({
        id,
        createdAt,
        planId: id,
        setup: TrialSetupShape,
        events: z.array(z.strictObject({ id, event: TrialEventShape })).max(MAX_EVENTS_READ, TOO_MANY),
      }),
    ),
    /** Each of a run, or of a piece. */
    photos: z.array(
      z.strictObject({
        id,
        createdAt,
        runId: id.nullable(),
        pieceId: id.nullable(),
        jpeg: z.base64().max(MAX_JPEG_CHARS),
      }),
    ),
    /** Loads that were filled, and every line of the heap with what became of it. */
    loads: z.array(z.strictObject({ id, createdAt, load: FilledLoad, doneAt: createdAt.nullable() })),
    heap: z.array(
      z.strictObject({
        id,
        createdAt,
        pieceId: id.nullable(),
        line: NewHeapLine,
        loadId: id.nullable(),
        place: z.enum(HANGING_PLACES).nullable(),
        rolled: z.boolean(),
        hungAt: createdAt.nullable(),
        dryAt: createdAt.nullable(),
      }),
    ),
  })
  .meta({ id: 'HouseholdFile' });
export type HouseholdFile = z.infer<typeof HouseholdFile>;

/** What came in, counted. */
export const HouseholdRead = z
  .strictObject({
    pieces: z.number().int(),
    troubles: z.number().int(),
    runs: z.number().int(),
    mixes: z.number().int(),
    vessels: z.number().int(),
    /** Plans that are not known to be this house's own: kept to be read, and made again before anything begins. */
    plansToRead: z.number().int(),
  })
  .meta({ id: 'HouseholdRead' });
export type HouseholdRead = z.infer<typeof HouseholdRead>;

/** A log as CSV text. */
export const LogFile = z
  .strictObject({ csv: z.string().max(5_000_000, 'At most 5 MB.') })
  .meta({ id: 'LogFile' });
export type LogFile = z.infer<typeof LogFile>;

export const LogRead = z
  .strictObject({ added: z.number().int(), known: z.number().int() })
  .meta({ id: 'LogRead' });
export type LogRead = z.infer<typeof LogRead>;

/** The published JSON Schema of the household file (draft 2020-12). */
export const householdFileSchema = (): object =>
  z.toJSONSchema(HouseholdFile, { io: 'input', unrepresentable: 'any' });
