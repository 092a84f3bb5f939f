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
  /**
   * Window for baths. `weakAcidBrieflyMin` holds for vinegar, citric acid or peroxide up to an hour, then rinsed;
   * `spotAcidMin` for oxalic acid on a spot up to ten minutes, then rinsed; `oxygenMax` for an oxygen-bleach bath.
   */
  pH: z.strictObject({
    min: z.number(),
    max: z.number(),
    weakAcidBrieflyMin: z.number(),
    spotAcidMin: z.number(),
    oxygenMax: z.number(),
    /** True where that higher end holds only if the sewn-in label allows oxygen bleach. */
    oxygenNeedsLabel: z.boolean(),
  }),
  /** Warmest soak of more than two hours, °C, whatever the label; null = as any soak. */
  longSoakMaxC: z.number().nullable(),
  mostAction: MechanicalAction,
  mostProgramme: Programme,
  chemistry: z.array(ChemistryRule),
  drying: z.array(DryingRule),
  waterSensitive: z.boolean(),
  /** Most water a piece with it bears, wherever in it it lies; null = no limit of its own. */
  mostWetting: Wetting.nullable(),
  moistureRegainPct: z.number().min(0).max(40).nullable(),
  /** Of the regain alone; empty where there is none. */
  regainSourceIds: z.array(Id),
  wetStrengthPct: z.strictObject({ low: z.number(), high: z.number() }).nullable(),
  /** Its care is a trade of its own: a professional is named with every plan. */
  professionalOnly: z.boolean(),
  felts: z.boolean(),
  /** Washed whole it rots unless a low tumble, where the label allows one, dries it to the core. */
  driesInTumble: z.boolean(),
  shrinksInHeat: z.boolean(),
  oilAffinity: z.enum(['low', 'medium', 'high']),
  usualDyes: z.string(),
  /** Said before a piece with it goes into water as a whole. */
  beforeSoak: z.array(Note),
  /** Said once a piece with it is seen to be clean and dry outside. */
  afterLook: z.array(Note),
  note: z.string(),
  /** What says what it is. */
  sourceIds: SourceIds,
  /** What says how much of each it bears; a chemistry or a way of drying carries its own. */
  heatSourceIds: SourceIds,
  pHSourceIds: SourceIds,
  handlingSourceIds: SourceIds,
});
export type Fibre = z.infer<typeof Fibre>;
