import { z } from 'zod';

/** Chemistry families an envelope allows or forbids. One agent may belong to several. */
export const CHEMISTRIES = [
  'water',
  'detergent',
  'soap',
  'protease',
  'peroxide',
  'percarbonate',
  'chlorine',
  'reducer',
  'weakAcid',
  'oxalicAcid',
  'mildAlkali',
  'strongAlkali',
  'ammonia',
  'alcohol',
  'ketone',
  'ester',
  'hydrocarbon',
  'absorbent',
  'dyeSuspender',
  'salt',
] as const;
export const Chemistry = z.enum(CHEMISTRIES);
export type Chemistry = z.infer<typeof Chemistry>;

/** Ways an agent acts on a soil component. */
export const MECHANISMS = [
  'lift',
  'flush',
  'surfactant',
  'proteolysis',
  'oxidation',
  'chlorineOxidation',
  'reduction',
  'acidity',
  'chelation',
  'alkalinity',
  'polarSolvent',
  'ketoneSolvent',
  'hydrocarbonSolvent',
  'absorption',
  'dyeSuspension',
  'airing',
] as const;
export const Mechanism = z.enum(MECHANISMS);
export type Mechanism = z.infer<typeof Mechanism>;

/** Wetting modes, from least to most water. */
export const WETTINGS = ['dry', 'surface', 'spot', 'immersion'] as const;
export const Wetting = z.enum(WETTINGS);
export type Wetting = z.infer<typeof Wetting>;

/** Mechanical action by hand, from none to firmest. */
export const ACTIONS = ['none', 'blot', 'press', 'softBrush', 'firmBrush'] as const;
export const Action = z.enum(ACTIONS);
export type Action = z.infer<typeof Action>;

/** Washing programmes, gentlest first. */
export const PROGRAMMES = ['none', 'hand', 'veryMild', 'mild', 'normal'] as const;
export const Programme = z.enum(PROGRAMMES);
export type Programme = z.infer<typeof Programme>;

export const DRYING_WAYS = ['flat', 'line', 'sun', 'tumbleLow', 'tumbleNormal'] as const;
export const DryingWay = z.enum(DRYING_WAYS);
export type DryingWay = z.infer<typeof DryingWay>;

/** Whom a limit protects. Only "piece" limits can ever be overridden. */
export const PROTECTS = ['piece', 'person', 'both'] as const;
export const Protects = z.enum(PROTECTS);
export type Protects = z.infer<typeof Protects>;

export const TROUBLE_KINDS = ['mark', 'yellowing', 'dyeRun', 'odour', 'buildUp'] as const;
export const TroubleKind = z.enum(TROUBLE_KINDS);
export type TroubleKind = z.infer<typeof TroubleKind>;

export const AGES = ['minutes', 'hours', 'days', 'weeks', 'months', 'unknown'] as const;
export const Age = z.enum(AGES);
export type Age = z.infer<typeof Age>;

export const COLOURS = ['white', 'natural', 'pale', 'mid', 'dark', 'multicoloured', 'unknown'] as const;
export const Colour = z.enum(COLOURS);
export type Colour = z.infer<typeof Colour>;

export const FASTNESSES = ['proven', 'unknown', 'failed'] as const;
export const Fastness = z.enum(FASTNESSES);
export type Fastness = z.infer<typeof Fastness>;

export const CONDITIONS = ['sound', 'worn', 'thinning', 'torn', 'antique', 'irreplaceable'] as const;
export const Condition = z.enum(CONDITIONS);
export type Condition = z.infer<typeof Condition>;

export const UPHOLSTERY_CODES = ['W', 'S', 'WS', 'X', 'unknown'] as const;
export const UpholsteryCode = z.enum(UPHOLSTERY_CODES);
export type UpholsteryCode = z.infer<typeof UpholsteryCode>;

export const VESSEL_MATERIALS = ['plastic', 'enamel', 'stainless', 'aluminium', 'zinc', 'stone', 'ceramic'] as const;
export const VesselMaterial = z.enum(VESSEL_MATERIALS);
export type VesselMaterial = z.infer<typeof VesselMaterial>;

/** Lower-camel-case identifier used for every record. */
export const Id = z.string().regex(/^[a-z][A-Za-z0-9]*$/);
export const SourceIds = z.array(Id).min(1);
export const Share = z.number().min(0).max(1);
