import { z } from 'zod';
import {
  AGES,
  CHEMISTRIES,
  COLOURS,
  CONDITIONS,
  DEEDS,
  DRYING_WAYS,
  FASTNESSES,
  MECHANICAL_ACTIONS,
  MECHANISMS,
  PROGRAMMES,
  PROTECTS,
  SENSITIVE,
  TROUBLE_KINDS,
  UPHOLSTERY_CODES,
  VESSEL_MATERIALS,
  WETTINGS,
} from '../vocabulary.js';

export const Chemistry = z.enum(CHEMISTRIES);
export type Chemistry = z.infer<typeof Chemistry>;

export const Mechanism = z.enum(MECHANISMS);
export type Mechanism = z.infer<typeof Mechanism>;

export const Wetting = z.enum(WETTINGS);
export type Wetting = z.infer<typeof Wetting>;

export const MechanicalAction = z.enum(MECHANICAL_ACTIONS);
export type MechanicalAction = z.infer<typeof MechanicalAction>;

export const Programme = z.enum(PROGRAMMES);
export type Programme = z.infer<typeof Programme>;

export const DryingWay = z.enum(DRYING_WAYS);
export type DryingWay = z.infer<typeof DryingWay>;

export const Protects = z.enum(PROTECTS);
export type Protects = z.infer<typeof Protects>;

export const TroubleKind = z.enum(TROUBLE_KINDS);
export type TroubleKind = z.infer<typeof TroubleKind>;

export const Age = z.enum(AGES);
export type Age = z.infer<typeof Age>;

export const Colour = z.enum(COLOURS);
export type Colour = z.infer<typeof Colour>;

export const Fastness = z.enum(FASTNESSES);
export type Fastness = z.infer<typeof Fastness>;

export const Condition = z.enum(CONDITIONS);
export type Condition = z.infer<typeof Condition>;

/** Something done to the piece that a limit, a label or a caution may forbid. */
export const Deed = z.enum(DEEDS);
export type Deed = z.infer<typeof Deed>;

/** People and animals of a house that a product is kept from. */
export const Sensitive = z.enum(SENSITIVE);
export type Sensitive = z.infer<typeof Sensitive>;

export const UpholsteryCode = z.enum(UPHOLSTERY_CODES);
export type UpholsteryCode = z.infer<typeof UpholsteryCode>;

export const VesselMaterial = z.enum(VESSEL_MATERIALS);
export type VesselMaterial = z.infer<typeof VesselMaterial>;

/** Lower-camel-case identifier used for every record. */
/** The longest of ours is half so long. */
const MAX_ID = 80;
export const Id = z
  .string()
  .max(MAX_ID)
  .regex(/^[a-z][A-Za-z0-9]*$/);
export const SourceIds = z.array(Id).min(1);
export const Share = z.number().min(0).max(1);
