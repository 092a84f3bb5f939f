import { z } from 'zod';
import { Chemistry, Deed, Id, Mechanism, Sensitive, SourceIds, VesselMaterial } from './vocabulary.js';

const ShareRange = z.strictObject({ low: z.number(), centre: z.number(), high: z.number() });
const DensityRange = z.strictObject({ low: z.number(), centre: z.number(), high: z.number() });

/** A cleaning agent as sold to households. Densities in g/mL; strength in the unit named. */
export const Agent = z.strictObject({
  id: Id,
  name: z.string(),
  aliases: z.array(z.string()),
  form: z.enum(['liquid', 'powder', 'solid']),
  /** Empty only for air, light and things that touch nothing. */
  chemistries: z.array(Chemistry),
  mechanisms: z.array(Mechanism),
  /** Strength the recipes are written for; `mustBeKnown` refuses the agent until the household enters it. */
  strength: z
    .strictObject({
      unit: z.enum(['% w/v', '% available chlorine', '% v/v']),
      recipe: z.number(),
      max: z.number(),
      mustBeKnown: z.boolean(),
    })
    .nullable(),
  /** False for solvents and dry things, where pH says nothing; the figure is then that of the water around them. */
  hasPH: z.boolean(),
  /** What of it dissolves to known substances: share by mass, or null where the strength on the bottle says (% w/v). */
  composition: z.array(z.strictObject({ substanceId: Id, share: ShareRange.nullable() })),
  /** True where the composition decides the pH of a bath; false for products whose pH is stated. */
  compositionSetsPH: z.boolean(),
  /** How firmly a product holds its stated pH against others, mol of weak acid and its salt per kg; 0 = not at all. */
  reserveMolPerKg: z.number().nonnegative(),
  /**
   * pH of the bath or liquid at the strength used, as stated; a computed bath does not use it where the composition
   * decides.
   */
  pH: z.strictObject({ low: z.number(), high: z.number() }),
  /** Bulk density of powders, density of liquids. */
  densityGPerML: DensityRange,
  /** Kinds of it that differ so much in weight that a spoon of one is not a spoon of the other: which is asked. */
  grades: z.array(z.strictObject({ name: z.string(), gPerML: z.number().positive() })),
  /** What it does best, and under which conditions. */
  worksBest: z.string(),
  typicalDose: z.string(),
  /** How long it keeps once opened. */
  shelfLife: z.string(),
  /** Known so that it can be named as tried or warned of; no method may use it. */
  neverOffered: z.boolean(),
  /** What it has been put on is put out of use: it may not be washed at home. */
  spoilsPiece: z.boolean(),
  /** In every house without being in a cupboard. */
  inEveryHouse: z.boolean(),
  /** What it is to the wash that follows a method; null = no wash goes with it. */
  washRole: z.enum(['enzyme', 'everyday', 'delicate']).nullable(),
  /** Whether it softens water, or is only believed to. */
  softensWater: z.enum(['truly', 'believed']).nullable(),
  /** A paste of it that dries goes alkaline. */
  driesAlkaline: z.boolean(),
  /** Never where children wear or sleep in the piece. */
  notForChildren: z.boolean(),
  offByDefault: z.boolean(),
  /** Only offered where the household says it may be bought there. */
  restrictedSale: z.boolean(),
  notInVessels: z.array(VesselMaterial),
  notWithMetalParts: z.boolean(),
  /** People and animals of the house it is kept from. */
  notWith: z.array(Sensitive),
  /** Its vapour burns: cold, little of it, no heat until none is left. */
  flammable: z.boolean(),
  /** Most of it in one round whatever the size, mL; more is a job for a professional. Null = no cap of its own. */
  mostMLPerRound: z.number().positive().nullable(),
  /** Most that the usual directions give to a litre of bath; null = they name none. */
  mostPerL: z.strictObject({ amount: z.number().positive(), unit: z.enum(['g', 'mL']) }).nullable(),
  /** Water one gram of it has to meet, mL: with less it heats by itself. Null = any. */
  leastWaterMLPerG: z.number().positive().nullable(),
  /** Stays in its own bottle: never into a sprayer or another bottle. */
  onlyInItsBottle: z.boolean(),
  /** Kills what a septic tank lives by, or poisons what it drains into. */
  notIntoSeptic: z.boolean(),
  /** What working with it is, besides wetting: steam, sun. */
  deeds: z.array(Deed),
  /** Must never be left alone while it works. */
  attended: z.boolean(),
  /** Gives off gas: the lid lies loose. */
  givesGas: z.boolean(),
  cautionIds: z.array(Id),
  ghs: z.string(),
  storage: z.string(),
  sourceIds: SourceIds,
});
export type Agent = z.infer<typeof Agent>;
