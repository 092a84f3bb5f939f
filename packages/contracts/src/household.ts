import { type Household, MEASURE_TOOL_IDS } from '@feverfew/core';
import { Id, VesselMaterial } from '@feverfew/knowledge';
import { z } from 'zod';

export const HouseholdShape = z
  .strictObject({
    taps: z
      .strictObject({
        coldC: z.number().min(0, 'Tap water is not below 0 °C.').max(40, 'Cold water is at most 40 °C.'),
        hotC: z.number().min(0).max(95, 'A hot tap gives at most 95 °C.'),
        kettleL: z
          .number()
          .min(0, 'A kettle holds at least nothing.')
          .max(10, 'A kettle holds at most 10 L.'),
      })
      .refine((taps) => taps.hotC >= taps.coldC, {
        path: ['hotC'],
        message: 'The hot tap should not be colder than the cold one.',
      }),
    hardnessMgL: z.number().min(0).max(1500),
    vessels: z
      .array(
        z.strictObject({
          id: z.string().min(1),
          name: z.string().trim().min(1, 'Name the vessel.'),
          volumeL: z.number().min(0.5).max(400),
          material: VesselMaterial,
          lid: z.boolean(),
        }),
      )
      .max(30),
    tools: z.array(z.enum(MEASURE_TOOL_IDS as [string, ...string[]])).min(1, 'Keep at least one measure.'),
    hasScale: z.boolean(),
    hasMachine: z.boolean(),
    hasDryer: z.boolean(),
    cupboard: z
      .array(z.strictObject({ agentId: Id, strengthPct: z.number().min(0.1).max(100).nullable() }))
      .max(100),
    asthma: z.boolean(),
    boraxSold: z.boolean(),
    allowChlorine: z.boolean(),
    allowAmmonia: z.boolean(),
    allowOxalic: z.boolean(),
    schools: z.record(z.string(), Id),
  })
  .meta({ id: 'Household' });

/** How amounts are shown; the household's own choice. */
export const Measures = z
  .strictObject({ temperature: z.enum(['C', 'F']), system: z.enum(['metric', 'us']) })
  .meta({ id: 'Measures' });
export type Measures = z.infer<typeof Measures>;

export const HouseholdSettings = z
  .strictObject({ household: HouseholdShape, measures: Measures })
  .meta({ id: 'HouseholdSettings' });
export type HouseholdSettings = { household: Household; measures: Measures };
