import { CLASH_CODES, type Joining, NO_LAST_RINSE, SOLVENT_STATES } from '@feverfew/core';
import { Colour, Id, LOAD_CHORES, LOAD_PROGRAMMES, WEAVES } from '@feverfew/knowledge';
import { z } from 'zod';
import { LimitOwnerShape } from '../envelope.js';
import { Uuid } from '../uuid.js';
import { NewHeapLine } from './heapLine.js';

export const HeldByShape = z.union([
  LimitOwnerShape,
  z.strictObject({ kind: z.literal('cloth'), clothKindId: Id }),
  z.strictObject({ kind: z.literal('use'), hygieneId: Id }),
  z.strictObject({ kind: z.literal('solvent') }),
  z.strictObject({ kind: z.literal('mark'), markId: Id }),
  z.strictObject({ kind: z.literal('treatment') }),
]);
export const held = <Value extends z.core.SomeType>(value: Value) =>
  z.strictObject({ value, by: HeldByShape.nullable() });
const loadLimit = <Value extends z.core.SomeType>(value: Value) =>
  z.strictObject({ value, by: HeldByShape.nullable(), pieceId: z.string().nullable() });

const ClashShape = z.strictObject({
  code: z.enum(CLASH_CODES),
  holderId: z.string(),
  otherId: z.string(),
  by: HeldByShape.nullable(),
});
const NoDrumShape = z.discriminatedUnion('code', [
  z.strictObject({ code: z.literal('clash'), clash: ClashShape }),
  z.strictObject({
    code: z.literal('tooHeavy'),
    massG: z.number(),
    capacityG: z.number(),
    programme: loadLimit(z.enum(LOAD_PROGRAMMES)),
  }),
  z.strictObject({ code: z.literal('tooFull'), litres: z.number(), drumL: z.number() }),
  z.strictObject({ code: z.literal('floorNotMet'), floorC: z.number() }),
]);
const Figures = z.strictObject({ tempC: z.number(), spinRpm: z.number(), minutes: z.number() });
export const LoadAnswer = z
  .discriminatedUnion('may', [
    z.strictObject({
      may: z.literal(true),
      before: Figures,
      after: Figures,
      programme: z.strictObject({ before: z.string(), after: z.string() }),
      losesC: z.number(),
      moreGivenUpGC: z.number(),
    }),
    z.strictObject({ may: z.literal(false), why: NoDrumShape }),
  ])
  .meta({ id: 'LoadAnswer' });
export type LoadAnswer = z.infer<typeof LoadAnswer>;

export const StayReasonShape = z.discriminatedUnion('code', [
  z.strictObject({ code: z.literal('fuel') }),
  z.strictObject({ code: z.literal('solventSmells') }),
  z.strictObject({ code: z.literal('productOnIt'), agentId: Id }),
  z.strictObject({ code: z.literal('inTreatment') }),
  z.strictObject({ code: z.literal('leftOut') }),
  z.strictObject({ code: z.literal('notWashed'), by: HeldByShape.nullable() }),
  z.strictObject({ code: z.literal('byHand'), by: HeldByShape.nullable() }),
  z.strictObject({ code: z.literal('tooBig'), massG: z.number(), capacityG: z.number() }),
  z.strictObject({ code: z.literal('tooCool'), maxC: z.number(), by: HeldByShape.nullable() }),
]);

const ASSUMED = ['tag', 'mass', 'fastness', 'colour'] as const;

/** One line of the heap, or a part of a handful that fits one drum. */
export const HeapPiece = z
  .strictObject({
    /** Of the line; of a part beyond the first with its number behind a full stop. */
    id: z.string(),
    lineId: Uuid,
    pieceId: Uuid.nullable(),
    name: z.string(),
    count: z.number(),
    massG: z.number(),
    weave: z.enum(WEAVES),
    colour: Colour,
    fibreIds: z.array(Id),
    /** null where it goes into no drum. */
    maxC: held(z.number()).nullable(),
    oxygen: z.enum(['may', 'never']),
    lint: z.enum(['gives', 'takes', 'neither']),
    bleeds: z.boolean(),
    slow: z.boolean(),
    flat: z.boolean(),
    solvent: z.enum(SOLVENT_STATES),
    openMarkIds: z.array(Id),
    assumed: z.array(z.enum(ASSUMED)),
    told: NewHeapLine,
  })
  .meta({ id: 'HeapPiece' });
export type HeapPiece = z.infer<typeof HeapPiece>;

const DoseShape = z.strictObject({
  agentId: Id,
  volumeML: z.number(),
  massG: z.number().nullable(),
  capML: z.number().nullable(),
  caps: z.number().nullable(),
  inHouse: z.boolean(),
  assumed: z.boolean(),
});
export type LoadDose = z.infer<typeof DoseShape>;

export const JoiningShape = z.strictObject({
  holderIds: z.array(z.string()),
  heldIds: z.array(z.string()),
  by: HeldByShape.nullable(),
  tempC: z.number(),
  apartC: z.number(),
  moreMinutes: z.number(),
}) satisfies z.ZodType<Joining>;

/** One load with all a hand needs to know of it. */
export const LoadView = z
  .strictObject({
    pieceIds: z.array(z.string()),
    programme: z.strictObject({ id: z.enum(LOAD_PROGRAMMES), name: z.string(), capacityG: z.number() }),
    tempC: z.number(),
    spinRpm: z.number(),
    minutes: z.number(),
    kWh: z.number(),
    waterL: z.number(),
    cost: z.number().nullable(),
    massG: z.number(),
    givenUpGC: z.number(),
    limits: z.strictObject({
      maxC: loadLimit(z.number()),
      programme: loadLimit(z.enum(LOAD_PROGRAMMES)),
      spinRpm: loadLimit(z.number()),
      oxygen: loadLimit(z.enum(['may', 'never'])),
    }),
    joining: JoiningShape.nullable(),
    compartments: z.strictObject({
      before: DoseShape.nullable(),
      main: DoseShape.nullable(),
      oxygen: DoseShape.nullable(),
      lastRinse: DoseShape.nullable(),
      noLastRinse: z.enum(NO_LAST_RINSE).nullable(),
      extraRinse: z.boolean(),
      dyeCatcher: z.boolean(),
    }),
    chores: z.array(z.strictObject({ chore: z.enum(LOAD_CHORES), pieceIds: z.array(z.string()) })),
    advice: z.array(z.string()),
    dryer: z
      .strictObject({
        heat: held(z.enum(['low', 'normal'])).nullable(),
        tempC: z.number().nullable(),
        inIds: z.array(z.string()),
        out: z.array(
          z.strictObject({ pieceId: z.string(), by: HeldByShape.nullable(), marked: z.boolean() }),
        ),
        ways: z.array(z.strictObject({ clothKindId: Id, tumbling: z.string() })),
        overfull: z.boolean(),
        massG: z.number(),
        greasy: z.boolean(),
      })
      .nullable(),
  })
  .meta({ id: 'LoadView' });
export type LoadView = z.infer<typeof LoadView>;
