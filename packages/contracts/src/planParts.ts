import { ACTION_KINDS } from '@feverfew/core';
import { DryingWay, Id, MechanicalAction, Programme } from '@feverfew/knowledge';
import { z } from 'zod';

export const FindingShape = z
  .strictObject({ code: z.string(), facts: z.record(z.string(), z.unknown()), sourceIds: z.array(Id) })
  .meta({ id: 'Finding' });

export const Snapped = z.strictObject({
  counts: z.array(z.strictObject({ toolId: z.string(), name: z.string().nullable(), count: z.number() })),
  volumeML: z.number(),
  errorPct: z.number(),
});

export const StrengthAfter = z
  .strictObject({ value: z.number(), unit: z.enum(['g/L', 'mL/L', '%']) })
  .nullable();

export const WaterSharesShape = z.strictObject({
  coldL: z.number(),
  hotTapL: z.number(),
  kettleL: z.number(),
  kettles: z.number(),
  kettleHoldsL: z.number().optional(),
  tempC: z.number(),
  reached: z.boolean(),
});

export const Range3 = z.strictObject({ low: z.number(), likely: z.number(), high: z.number() });

export const BathPHShape = Range3.extend({
  at25: z.number(),
  basis: z.enum(['computed', 'stated']),
  ionicStrength: z.number(),
  firm: z.boolean(),
}).meta({ id: 'BathPH' });

const Outlook = z.strictObject({
  startC: z.number(),
  endC: Range3,
  roomC: z.number(),
  tauMin: Range3,
  coolAtMin: Range3.nullable(),
  topUp: z
    .strictObject({
      afterMin: z.number(),
      belowC: z.number(),
      hotL: z.number(),
      kettles: z.number(),
      toC: z.number(),
    })
    .nullable(),
  oxygen: z.strictObject({ mgPerL: z.number(), leftShare: Range3 }).nullable(),
  energyKWh: z.number(),
});

export const ActionShape = z
  .strictObject({
    id: z.string(),
    kind: z.enum(ACTION_KINDS),
    handsOnMin: z.number(),
    ingredients: z.array(
      z.strictObject({
        agentId: Id,
        basis: z.enum(['weighed', 'measured', 'label', 'step']),
        massG: z.number().nullable(),
        volumeML: z.number().nullable(),
        range: z.strictObject({ low: z.number(), high: z.number(), unit: z.enum(['g', 'mL']) }).nullable(),
        snapped: Snapped.nullable(),
        strengthPct: z.number().nullable(),
        standsInFor: z
          .strictObject({ agentId: Id, amount: z.number(), unit: z.enum(['g', 'mL']) })
          .nullable(),
        strengthAfter: StrengthAfter,
        oxygenG: z.number(),
        dilution: z.strictObject({ fromPct: z.number(), toPct: z.number(), waterML: z.number() }).nullable(),
      }),
    ),
    waterML: z.number().nullable(),
    waterTools: Snapped.nullable().optional(),
    // Plans of earlier versions have only what is mixed.
    putOn: z
      .strictObject({ volumeML: z.number(), snapped: Snapped.nullable(), goes: z.number().optional() })
      .nullable()
      .optional(),
    bath: z
      .strictObject({
        waterL: z.number(),
        shares: WaterSharesShape,
      })
      .nullable(),
    vessel: z
      .strictObject({ id: z.string(), name: z.string(), volumeL: z.number(), fillL: z.number() })
      .nullable(),
    batches: z.number().int(),
    tempC: z.strictObject({ min: z.number(), max: z.number(), target: z.number() }).nullable(),
    pH: BathPHShape.nullable(),
    outlook: Outlook.nullable(),
    action: MechanicalAction.nullable(),
    dwell: z
      .strictObject({
        minMin: z.number(),
        maxMin: z.number(),
        lookEveryMin: z.number(),
        keep: z.enum(['wet', 'letDry', 'covered', 'none']),
        untilCool: z.boolean(),
        aimMin: z.number().nullable(),
        attended: z.boolean(),
      })
      .nullable(),
    rinses: z.number().nullable(),
    rinseWay: z.enum(['change', 'damp', 'vacuum']).nullable(),
    programme: Programme.nullable(),
    dryingWays: z.array(DryingWay),
    notes: z.array(z.string()),
    expectedSignIds: z.array(Id),
    alarmSignIds: z.array(Id),
    cautionIds: z.array(Id),
  })
  .meta({ id: 'Step' });

export const Effect = z.strictObject({ low: z.number(), high: z.number() });
