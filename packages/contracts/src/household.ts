import {
  HARDNESS_MG_L,
  type Household,
  MEASURE_TOOL_IDS,
  NO_PRICES,
  OWN_MEASURE_ML,
  type Prices,
  VESSEL_CM,
} from '@feverfew/core';
import { Id, VESSEL_FORMS, VesselMaterial } from '@feverfew/knowledge';
import { z } from 'zod';
import { boundedRecord } from './bounds.js';

/** Said where a figure is left empty. */
const GIVE_A_NUMBER = { error: 'Give a number.' };

const Length = z
  .number(GIVE_A_NUMBER)
  .min(VESSEL_CM.min, `A side is at least ${VESSEL_CM.min} cm.`)
  .max(VESSEL_CM.max, `A side is at most ${VESSEL_CM.max} cm.`);

const VesselShapeShape = z
  .discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('round'), topCm: Length, bottomCm: Length, depthCm: Length }),
    z.strictObject({
      kind: z.literal('box'),
      topLengthCm: Length,
      topWidthCm: Length,
      bottomLengthCm: Length,
      bottomWidthCm: Length,
      depthCm: Length,
    }),
  ])
  .meta({ id: 'VesselShape' });

const LabelDoseShape = z.strictObject({
  amount: z.number(GIVE_A_NUMBER).positive('A dose is more than nothing.').max(2000),
  unit: z.enum(['g', 'mL']),
  perL: z.number(GIVE_A_NUMBER).positive().max(500).nullable(),
});

/** A bottle in the house, with the strength on its label. */
export const CupboardEntryShape = z.strictObject({
  agentId: Id,
  strengthPct: z.number(GIVE_A_NUMBER).min(0.1).max(100).nullable(),
});

export const HouseholdShape = z
  .strictObject({
    taps: z
      .strictObject({
        coldC: z
          .number(GIVE_A_NUMBER)
          .min(0, 'Tap water is not below 0 °C.')
          .max(40, 'Cold water is at most 40 °C.'),
        hotC: z.number(GIVE_A_NUMBER).min(0).max(95, 'A hot tap gives at most 95 °C.'),
        kettleL: z
          .number(GIVE_A_NUMBER)
          .min(0, 'A kettle holds at least nothing.')
          .max(10, 'A kettle holds at most 10 L.'),
      })
      .refine((taps) => taps.hotC >= taps.coldC, {
        path: ['hotC'],
        message: 'The hot tap should not be colder than the cold one.',
      }),
    hardnessMgL: z
      .number(GIVE_A_NUMBER)
      .min(HARDNESS_MG_L.min, 'Hardness is not below 0.')
      .max(HARDNESS_MG_L.max, `Hardness is at most ${HARDNESS_MG_L.max} mg/L.`),
    roomC: z.number(GIVE_A_NUMBER).min(0, 'A room is at least 0 °C.').max(40, 'A room is at most 40 °C.'),
    vessels: z
      .array(
        z.strictObject({
          id: z.string().min(1).max(60),
          name: z.string().trim().min(1, 'Name the vessel.').max(60, 'At most 60 characters.'),
          volumeL: z.number(GIVE_A_NUMBER).min(0.5).max(400),
          material: VesselMaterial,
          lid: z.boolean(),
          form: z.enum(VESSEL_FORMS),
          shape: VesselShapeShape.nullable(),
        }),
      )
      .max(30),
    tools: z
      .array(z.enum(MEASURE_TOOL_IDS))
      .min(1, 'Keep at least one measure.')
      .max(MEASURE_TOOL_IDS.length),
    ownMeasures: z
      .array(
        z.strictObject({
          id: z.string().min(1).max(60),
          name: z.string().trim().min(1, 'Name the measure.').max(40),
          volumeML: z
            .number(GIVE_A_NUMBER)
            .min(OWN_MEASURE_ML.min, `A measure holds at least ${OWN_MEASURE_ML.min} mL.`)
            .max(OWN_MEASURE_ML.max, `A measure holds at most ${OWN_MEASURE_ML.max} mL.`),
        }),
      )
      .max(20),
    hasScale: z.boolean(),
    hasMachine: z.boolean(),
    hasDryer: z.boolean(),
    cupboard: z.array(CupboardEntryShape).max(100),
    products: z
      .array(
        z.strictObject({
          agentId: Id,
          capML: z.number(GIVE_A_NUMBER).min(1, 'A cap holds at least 1 mL.').max(1000).nullable(),
          labelDose: LabelDoseShape.nullable(),
          gPerML: z.number(GIVE_A_NUMBER).min(0.1).max(3).nullable().optional(),
        }),
      )
      .max(100),
    asthma: z.boolean(),
    pregnancy: z.boolean(),
    baby: z.boolean(),
    pets: z.boolean(),
    septicTank: z.boolean(),
    boraxSold: z.boolean(),
    allowChlorine: z.boolean(),
    allowAmmonia: z.boolean(),
    allowOxalic: z.boolean(),
    positions: boundedRecord(z.string().max(60), Id, 100),
  })
  .meta({ id: 'Household' });

/** How amounts are shown; the household's own choice. */
export const Measures = z
  .strictObject({ temperature: z.enum(['C', 'F']), system: z.enum(['metric', 'us']) })
  .meta({ id: 'Measures' });
export type Measures = z.infer<typeof Measures>;

const price = z.number(GIVE_A_NUMBER).min(0, 'A price is not below 0.').max(100_000, 'At most 100 000.');

/** What things cost here; nothing is assumed. */
export const PricesShape = z
  .strictObject({
    money: z.string().trim().max(8, 'At most 8 characters.'),
    agents: boundedRecord(Id, price, 300).readonly(),
    kWh: price.nullable(),
    waterM3: price.nullable(),
    hour: price.nullable(),
    professional: price.nullable(),
  })
  .meta({ id: 'Prices' }) satisfies z.ZodType<Prices>;

/** How much is left of a product, by eye. */
export const BOTTLE_LEVELS = ['full', 'most', 'half', 'little', 'empty'] as const;
export type BottleLevel = (typeof BOTTLE_LEVELS)[number];

/** How a product of the cupboard is doing. No plan goes by it. */
const BottleShape = z
  .strictObject({
    left: z.enum(BOTTLE_LEVELS).nullable(),
    openedOn: z.iso.date('Give the day as year-month-day.').nullable(),
  })
  .meta({ id: 'Bottle' });
export type Bottle = z.infer<typeof BottleShape>;

export const HouseholdSettings = z
  .strictObject({
    household: HouseholdShape,
    measures: Measures,
    prices: PricesShape.default(NO_PRICES),
    /** By the id of the product. */
    bottles: z.record(Id, BottleShape).default({}),
    /** Facts entered one by one while the rest is guessed; null once all of it was seen and saved. */
    told: z.array(z.string().max(80)).max(500).nullable().default(null),
  })
  .meta({ id: 'HouseholdSettings' });
export type HouseholdSettings = {
  household: Household;
  measures: Measures;
  prices: Prices;
  bottles: Record<string, Bottle>;
  told: readonly string[] | null;
};
