import {
  Chemistry,
  Colour,
  Condition,
  DryingWay,
  Fastness,
  Id,
  MechanicalAction,
  Programme,
  Protects,
  UpholsteryCode,
  Wetting,
} from '@feverfew/knowledge';
import { z } from 'zod';

export const LimitOwnerShape = z
  .discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('fibre'), fibreId: Id, sharePct: z.number(), part: z.string() }),
    z.strictObject({
      kind: z.literal('label'),
      sign: z.enum([
        'wash',
        'usualWash',
        'handWash',
        'washNever',
        'bleachNever',
        'bleachOxygenOnly',
        'bleachAny',
        'tumbleLow',
        'tumbleNever',
        'shade',
        'flat',
        'dryCleanNever',
      ]),
      tempC: z.number().optional(),
    }),
    z.strictObject({ kind: z.literal('noLabel') }),
    z.strictObject({ kind: z.literal('code'), code: UpholsteryCode }),
    z.strictObject({ kind: z.literal('item'), itemId: Id }),
    z.strictObject({ kind: z.literal('colour'), colour: Colour, fastness: Fastness }),
    z.strictObject({ kind: z.literal('condition'), condition: Condition }),
    z.strictObject({ kind: z.literal('soil'), componentId: Id }),
    z.strictObject({ kind: z.literal('metal') }),
    z.strictObject({ kind: z.literal('weight'), massG: z.number() }),
    z.strictObject({ kind: z.literal('tried'), agentId: Id }),
    z.strictObject({ kind: z.literal('part'), partId: Id }),
    z.strictObject({ kind: z.literal('position'), positionId: Id }),
  ])
  .meta({ id: 'LimitOwner' });

const owned = { owner: LimitOwnerShape, protects: Protects, sourceIds: z.array(Id) };
const bounds = z.strictObject({
  maxTempC: z.number().optional(),
  maxDwellMin: z.number().optional(),
  maxRounds: z.number().optional(),
});
const TempLimit = z.strictObject({
  quantity: z.literal('tempC'),
  maxC: z.number(),
  soakOverMin: z.number().optional(),
  ...owned,
});
const PHLimit = z.strictObject({
  quantity: z.literal('pH'),
  min: z.number(),
  max: z.number(),
  weakAcidBrieflyMin: z.number(),
  spotAcidMin: z.number().optional(),
  oxygenMax: z.number().optional(),
  ...owned,
});
const WettingLimit = z.strictObject({ quantity: z.literal('wetting'), most: Wetting, ...owned });
const ActionLimit = z.strictObject({ quantity: z.literal('action'), most: MechanicalAction, ...owned });
const ProgrammeLimit = z.strictObject({ quantity: z.literal('programme'), most: Programme, ...owned });
const DryingLimit = z.strictObject({ quantity: z.literal('drying'), forbids: DryingWay, ...owned });
const ChemistryLimit = z.strictObject({
  quantity: z.literal('chemistry'),
  chemistry: Chemistry,
  verdict: z.enum(['never', 'limited', 'test']),
  bounds,
  ...owned,
});

export const EnvelopeShape = z
  .strictObject({
    tempC: z.strictObject({
      max: z.number(),
      limits: z.array(TempLimit),
      longSoak: TempLimit.optional(),
    }),
    pH: z.strictObject({
      min: z.number(),
      max: z.number(),
      weakAcidBrieflyMin: z.number(),
      spotAcidMin: z.number().optional(),
      oxygenMax: z.number().optional(),
      limits: z.array(PHLimit),
    }),
    wetting: z.strictObject({ most: Wetting, limits: z.array(WettingLimit) }),
    action: z.strictObject({ most: MechanicalAction, limits: z.array(ActionLimit) }),
    programme: z.strictObject({ most: Programme, limits: z.array(ProgrammeLimit) }),
    chemistry: z.array(
      z.strictObject({
        chemistry: Chemistry,
        verdict: z.enum(['allowed', 'never', 'limited', 'test']),
        bounds,
        limits: z.array(ChemistryLimit),
      }),
    ),
    drying: z.array(z.strictObject({ way: DryingWay, allowed: z.boolean(), limits: z.array(DryingLimit) })),
  })
  .meta({ id: 'Envelope' });
