import { z } from 'zod';
import { ChemistryRule, DryingRule } from './limitRule.js';
import { Note } from './note.js';
import { Id, MechanicalAction, Programme, SourceIds, Wetting } from './vocabulary.js';

export const FIBRE_GROUPS = [
  'cellulose',
  'regeneratedCellulose',
  'celluloseEster',
  'animalProtein',
  'synthetic',
  'bastLeaf',
  'coating',
  'fill',
  'metal',
  'unknown',
] as const;

/** A fibre's limits. Temperatures in °C; moisture regain in % of dry mass at 20 °C, 65 % relative humidity. */
export const Fibre = z.strictObject({
  id: Id,
  name: z.string(),
  aliases: z.array(z.string()),
  group: z.enum(FIBRE_GROUPS),
  bathTempC: z.strictObject({
    /** With a label that allows it. */
    white: z.number(),
    coloured: z.number(),
    /** Without any label. */
    unlabelledWhite: z.number(),
    unlabelledColoured: z.number(),
  }),
  /** Window for baths. `weakAcidBrieflyMin` holds for vinegar, citric acid or peroxide up to an hour, then rinsed. */
  pH: z.strictObject({ min: z.number(), max: z.number(), weakAcidBrieflyMin: z.number() }),
  mostAction: MechanicalAction,
  mostProgramme: Programme,
  chemistry: z.array(ChemistryRule),
  drying: z.array(DryingRule),
  waterSensitive: z.boolean(),
  /** Most water a piece with it bears, wherever in it it lies; null = no limit of its own. */
  mostWetting: Wetting.nullable(),
  moistureRegainPct: z.number().min(0).max(40).nullable(),
  wetStrengthPct: z.strictObject({ low: z.number(), high: z.number() }).nullable(),
  /** Its care is a trade of its own: a professional is named beside every plan. */
  professionalOnly: z.boolean(),
  felts: z.boolean(),
  shrinksInHeat: z.boolean(),
  oilAffinity: z.enum(['low', 'medium', 'high']),
  usualDyes: z.string(),
  /** Said before a piece with it goes into water as a whole. */
  beforeSoak: z.array(Note),
  /** Said once a piece with it is seen to be clean and dry outside. */
  afterLook: z.array(Note),
  note: z.string(),
  sourceIds: SourceIds,
});
export type Fibre = z.infer<typeof Fibre>;
