import { type CareLabel, type Exposure, findBlendFault, type PieceFacts, WATER_TESTS } from '@feverfew/core';
import {
  Colour,
  Condition,
  Fastness,
  Id,
  UPKEEP_KINDS,
  UpholsteryCode,
  WASH_TEMPS_C,
  WEAR_COUNTS,
} from '@feverfew/knowledge';
import { z } from 'zod';
import { Instant } from './bounds.js';
import { Uuid } from './uuid.js';

export const CareLabelShape = z
  .strictObject({
    wash: z
      .discriminatedUnion('kind', [
        z.strictObject({
          kind: z.literal('machine'),
          maxC: z.literal(WASH_TEMPS_C),
          bars: z.literal([0, 1, 2]),
        }),
        z.strictObject({ kind: z.literal('hand'), maxC: z.literal(30).optional() }),
        z.strictObject({ kind: z.literal('never') }),
      ])
      .nullable(),
    bleach: z.enum(['any', 'oxygenOnly', 'never']).nullable(),
    tumble: z.enum(['normal', 'low', 'never']).nullable(),
    natural: z.enum(['line', 'drip', 'flat', 'dripFlat']).nullable(),
    shade: z.boolean(),
    iron: z.enum(['high', 'medium', 'low', 'never']).nullable(),
    dryClean: z.enum(['P', 'F', 'never']).nullable(),
    dryCleanBars: z.literal([0, 1, 2]),
    wetClean: z.enum(['W', 'never']).nullable(),
    wetCleanBars: z.literal([0, 1, 2]),
  })
  .meta({ id: 'CareLabel' }) satisfies z.ZodType<CareLabel>;

const BLEND_WORDS = {
  blendNot100: (sum: number) =>
    `The shares add up to ${sum} %. They should make 100 %: read the tag again or mark the rest as unknown.`,
  fibreTwice: 'The same fibre is entered twice. Add its shares together.',
  shareOutOfRange: 'A share is between 1 and 100 %.',
} as const;

/** Fibres of one part; the sum is checked here so that a wrong blend is refused with its place. */
const Fibres = z
  .array(z.strictObject({ fibreId: Id, sharePct: z.number() }))
  .max(10)
  .superRefine((fibres, context) => {
    const fault = findBlendFault(fibres);
    if (!fault) return;
    const message =
      fault.code === 'blendNot100'
        ? BLEND_WORDS.blendNot100(Math.round(fault.sumPct * 10) / 10)
        : BLEND_WORDS[fault.code];
    context.addIssue({ code: 'custom', message });
  })
  .readonly();

/** Dry mass a household piece may have, g. */
const DRY_MASS_G = { min: 5, max: 60_000 } as const;

export const PieceFactsShape = z
  .strictObject({
    itemId: Id.nullable(),
    name: z.string().trim().max(80, 'At most 80 characters.'),
    parts: z
      .array(z.strictObject({ name: z.string().min(1).max(40), fibres: Fibres }))
      .max(8)
      .readonly(),
    colour: Colour,
    fastness: Fastness,
    condition: Condition,
    label: CareLabelShape.nullable(),
    code: UpholsteryCode.nullable(),
    waterTest: z.enum(WATER_TESTS).nullable().optional(),
    dryMassG: z
      .number()
      .min(DRY_MASS_G.min, 'A piece weighs at least 5 g.')
      .max(DRY_MASS_G.max, 'At most 60 kg.')
      .nullable(),
    metalParts: z.boolean(),
  })
  .meta({ id: 'PieceFacts' }) satisfies z.ZodType<PieceFacts>;

export const NewPiece = PieceFactsShape.extend({
  itemId: Id,
  name: z
    .string()
    .trim()
    .min(1, 'Give the piece a name you would call it by.')
    .max(80, 'At most 80 characters.'),
  note: z.string().max(2000).default(''),
  /** Date of purchase; null = not given. */
  since: z.iso
    .date('Give the day as year-month-day.')
    .refine((day) => day >= '1500' && day < '2200', 'Give a year from 1500 on.')
    .nullable()
    .default(null),
  /** Price of a new one; null = not given, or not sold any more. */
  replacementCost: z
    .number()
    .min(0, 'A price is not below 0.')
    .max(100_000, 'At most 100 000.')
    .nullable()
    .default(null),
}).meta({ id: 'NewPiece' });
export type NewPiece = z.infer<typeof NewPiece>;

export const Piece = NewPiece.extend({
  id: Uuid,
  createdAt: Instant,
  /** Its picture, if it has one. */
  photoId: Uuid.nullable(),
}).meta({ id: 'Piece' });
export type Piece = z.infer<typeof Piece>;

export const MergeInto = z.strictObject({ intoId: Uuid }).meta({ id: 'MergeInto' });
export type MergeInto = z.infer<typeof MergeInto>;

/** A piece that went under another, and what went with it: enough to take the two apart again. */
export const Merged = z
  .strictObject({
    piece: Piece,
    moved: z.strictObject({
      troubleIds: z.array(Uuid),
      careIds: z.array(Uuid),
      pastUseIds: z.array(z.string().max(80)),
      photoIds: z.array(Uuid),
      heapIds: z.array(Uuid),
    }),
  })
  .meta({ id: 'Merged' });
export type Merged = z.infer<typeof Merged>;

export const ExposureShape = z
  .strictObject({
    oxygenHours: z.number(),
    hotWashes: z.number(),
    machineWashes: z.number(),
    soakHours: z.number(),
    rounds: z.number(),
  })
  .meta({ id: 'Exposure' }) satisfies z.ZodType<Exposure>;

/** Upkeep of a piece with the day it falls due. */
export const UpkeepView = z
  .strictObject({
    upkeepId: Id,
    name: z.string(),
    kind: z.enum(UPKEEP_KINDS),
    atMost: z.boolean(),
    note: z.string(),
    everyDays: z.number(),
    lastAt: z.iso.datetime().nullable(),
    dueAt: z.iso.datetime(),
    isDue: z.boolean(),
  })
  .meta({ id: 'UpkeepView' });
export type UpkeepView = z.infer<typeof UpkeepView>;

export const WearView = z
  .strictObject({
    ruleId: Id,
    name: z.string(),
    counts: z.enum(WEAR_COUNTS),
    value: z.number(),
    warnAt: z.number(),
    note: z.string(),
  })
  .meta({ id: 'WearView' });
export type WearView = z.infer<typeof WearView>;

/** Care that is noted without a run. */
export const CARE_KINDS = ['machineWash', 'hotWash', 'upkeep'] as const;

/** What a person notes of plain care: a wash, or upkeep that was done. */
export const NewCare = z
  .strictObject({
    key: Uuid,
    what: z.enum(CARE_KINDS),
    upkeepId: Id.nullable(),
    times: z.number().int().min(1, 'At least once.').max(500, 'At most 500 times.'),
  })
  .refine((care) => (care.what === 'upkeep') === (care.upkeepId !== null), {
    path: ['upkeepId'],
    message: 'Say which upkeep was done.',
  })
  .meta({ id: 'NewCare' });
export type NewCare = z.infer<typeof NewCare>;

export const PieceSummary = Piece.extend({
  troubles: z.number().int(),
  rounds: z.number().int(),
  lastAt: z.iso.datetime().nullable(),
  exposure: ExposureShape,
  wear: z.array(WearView),
  due: z.array(UpkeepView),
}).meta({ id: 'PieceSummary' });
export type PieceSummary = z.infer<typeof PieceSummary>;
