import {
  CONTAINER_KINDS,
  MAX_POURS,
  MIN_WATER_ML,
  MIX_WATER_C,
  MIX_WATER_ML,
  type Mix,
  type MixVerdict,
  POUR_AMOUNT,
  SPOT_WETNESS,
  type TableQuestion,
} from '@feverfew/core';
import { Id } from '@feverfew/knowledge';
import { z } from 'zod';
import { EnvelopeShape } from './envelope.js';
import { PieceFactsShape } from './piece.js';
import { BathPHShape, FindingShape, Range3, Snapped, StrengthAfter, WaterSharesShape } from './planParts.js';
import { Uuid } from './uuid.js';

const amount = z
  .number({ error: 'Give the amount as a number.' })
  .min(POUR_AMOUNT.min, `An amount is at least ${POUR_AMOUNT.min}.`)
  .max(POUR_AMOUNT.max, `An amount is at most ${POUR_AMOUNT.max}.`);

const MixPourShape = z.strictObject({
  agentId: Id,
  amount,
  unit: z.string().min(1).max(60),
  strengthPct: z
    .number()
    .min(0.1, 'A strength is at least 0.1 %.')
    .max(100, 'A strength is at most 100 %.')
    .nullable(),
});

const closed = CONTAINER_KINDS.filter((kind) => kind !== 'vessel') as ['cup', 'bottle', 'sprayer'];

/** A free mix as the table sends it. */
export const MixShape = z
  .strictObject({
    container: z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('vessel'), vesselId: z.string().min(1).max(80) }),
      ...closed.map((kind) => z.strictObject({ kind: z.literal(kind) })),
    ]) as unknown as z.ZodType<Mix['container']>,
    waterML: z
      .number({ error: 'Give the water as a number.' })
      .min(MIX_WATER_ML.min, 'Water is not below nothing.')
      .max(MIX_WATER_ML.max, `Water is at most ${MIX_WATER_ML.max / 1000} L.`)
      .refine(
        (waterML) => waterML === 0 || waterML >= MIN_WATER_ML,
        `Water is none, or at least a drop (${MIN_WATER_ML} mL).`,
      ),
    waterC: z
      .number({ error: 'Give the temperature as a number.' })
      .min(MIX_WATER_C.min, 'Water is not below 0 °C.')
      .max(MIX_WATER_C.max, `Water is at most ${MIX_WATER_C.max} °C here.`)
      .nullable(),
    pours: z.array(MixPourShape).max(MAX_POURS, `At most ${MAX_POURS} products in one mix.`).readonly(),
    on: PieceFactsShape.nullable(),
  })
  .meta({ id: 'Mix' }) satisfies z.ZodType<Mix>;

export const MixVerdictShape = z
  .strictObject({
    refused: z.array(FindingShape),
    against: z.array(FindingShape),
    claims: z.array(FindingShape),
    cautionIds: z.array(Id),
    bath: z
      .strictObject({
        totalML: z.number(),
        vessel: z
          .strictObject({ name: z.string(), volumeL: z.number(), fillL: z.number(), depthCm: z.number() })
          .nullable(),
        pours: z.array(
          z.strictObject({
            agentId: Id,
            massG: z.number(),
            volumeML: z.number(),
            massRangeG: z.strictObject({ low: z.number(), high: z.number() }),
            strengthPct: z.number().nullable(),
            strengthAfter: StrengthAfter,
            snapped: Snapped.nullable(),
          }),
        ),
        pH: BathPHShape.nullable(),
        carbonDioxideL: z.number(),
        oxygenMgPerL: z.number().nullable(),
        shares: WaterSharesShape.nullable(),
        startC: z.number(),
        curve: z.array(Range3.extend({ minutes: z.number(), oxygenLeft: z.number().nullable() })),
        below: z.array(z.strictObject({ tempC: z.number(), minutes: Range3.nullable() })),
        energyKWh: z.number(),
      })
      .nullable(),
    envelope: EnvelopeShape.nullable(),
  })
  .meta({ id: 'MixVerdict' });

/** Most a shelf holds: what is kept must fit the household file. */
export const MAX_MIXES = 2000;

const name = z
  .string()
  .trim()
  .min(1, 'Give the mix a name you would know it by.')
  .max(60, 'At most 60 characters.');

/** A mix to be kept on the shelf. */
export const NewSavedMix = z.strictObject({ name, mix: MixShape }).meta({ id: 'NewSavedMix' });
export type NewSavedMix = { readonly name: string; readonly mix: Mix };

/** A saved mix, judged on each read: a mix that was allowed earlier may be refused today. */
export const SavedMix = NewSavedMix.extend({
  id: Uuid,
  createdAt: z.iso.datetime(),
  verdict: MixVerdictShape,
}).meta({ id: 'SavedMix' });
export type SavedMix = NewSavedMix & { id: string; createdAt: string; verdict: MixVerdict };

const number = (what: string) => z.number({ error: `Give ${what} as a number.` });

/** What is asked of the table the other way round. Ranges are the core's, which names quantity and range. */
export const TableQuestionShape = z
  .discriminatedUnion('kind', [
    z.strictObject({
      kind: z.literal('dilute'),
      fromPct: number('the strength'),
      toPct: number('the strength'),
      finalML: number('the amount'),
    }),
    z.strictObject({
      kind: z.literal('spot'),
      productParts: number('the parts'),
      waterParts: number('the parts'),
      areaCm2: number('the area'),
      wet: z.enum(Object.keys(SPOT_WETNESS) as ['damp', 'wet', 'soaked']),
    }),
    z.strictObject({
      kind: z.literal('scale'),
      items: z.array(MixPourShape).min(1, 'Name at least one product.').max(MAX_POURS).readonly(),
      fromL: number('the litres'),
      toL: number('the litres'),
    }),
    z.strictObject({
      kind: z.literal('blend'),
      waterL: number('the litres'),
      wantedC: number('the temperature'),
    }),
    z.strictObject({
      kind: z.literal('opened'),
      pct: number('the strength'),
      months: number('the months'),
    }),
    z.strictObject({
      kind: z.literal('raise'),
      waterL: number('the litres'),
      clothG: number('the cloth'),
      fromC: number('the temperature'),
      toC: number('the temperature'),
    }),
    z.strictObject({
      kind: z.literal('cool'),
      vesselId: z.string().min(1),
      lid: z.boolean(),
      waterL: number('the litres'),
      startC: number('the temperature'),
      wantedC: number('the temperature'),
    }),
  ])
  .meta({ id: 'TableQuestion' }) satisfies z.ZodType<TableQuestion>;

const Measured = z.strictObject({
  volumeML: z.number(),
  massG: z.number().nullable(),
  snapped: Snapped.nullable(),
});

/** What is to be minded before it is poured. */
const minded = { cautionIds: z.array(Id) };

export const TableAnswerShape = z
  .discriminatedUnion('kind', [
    z.strictObject({ ...minded, kind: z.literal('dilute'), product: Measured, water: Measured }),
    z.strictObject({
      ...minded,
      kind: z.literal('spot'),
      totalML: z.number(),
      product: Measured,
      water: Measured,
    }),
    z.strictObject({
      ...minded,
      kind: z.literal('scale'),
      share: z.number(),
      items: z.array(Measured.extend({ agentId: Id, amount: z.number(), unit: z.string() })).readonly(),
    }),
    z.strictObject({ ...minded, kind: z.literal('blend'), shares: WaterSharesShape }),
    z.strictObject({ ...minded, kind: z.literal('opened'), pct: Range3, volumes: z.number() }),
    z.strictObject({
      ...minded,
      kind: z.literal('raise'),
      kettleL: z.number(),
      hotL: z.number(),
      kettles: z.number(),
      totalL: z.number(),
      dilution: z.number(),
      tapL: z.number().nullable(),
    }),
    z.strictObject({ ...minded, kind: z.literal('refused'), findings: z.array(FindingShape) }),
    z.strictObject({
      ...minded,
      kind: z.literal('cool'),
      minutes: Range3.nullable(),
      tauMin: Range3,
      roomC: z.number(),
    }),
  ])
  .meta({ id: 'TableAnswer' });
