import { z } from 'zod';
import { ChemistryRule, DryingRule } from './limitRule.js';
import { Note } from './note.js';
import { Id, MechanicalAction, Programme, SourceIds, Wetting } from './vocabulary.js';

export const SILHOUETTES = ['cloth', 'top', 'sleeveless', 'legs', 'small', 'roll', 'block'] as const;
export type Silhouette = (typeof SILHOUETTES)[number];

/** An item type and its default construction, which the user can correct. */
export const Item = z.strictObject({
  id: Id,
  name: z.string(),
  aliases: z.array(z.string()),
  icon: z.enum(['garment', 'household', 'bedding', 'furniture', 'floor', 'outdoor', 'headwear']),
  /** Its outline in a drawing. */
  silhouette: z.enum(SILHOUETTES),
  /** Is kept on a hanger, not folded. */
  isHung: z.boolean(),
  defaultFibres: z.array(z.strictObject({ fibreId: Id, sharePct: z.number().positive() })),
  partNames: z.array(z.string()).min(1),
  dryMassG: z.number().positive(),
  mostWetting: Wetting,
  mostProgramme: Programme,
  mostAction: MechanicalAction,
  /** Warmest water on it without a tag that names a wash, °C; null = as its fibres bear. */
  mostTempC: z.number().positive().nullable(),
  drying: z.array(DryingRule),
  chemistry: z.array(ChemistryRule),
  /** Has an upholstery code rather than a sewn-in care label; carpets and rugs go by fibre and backing. */
  coded: z.boolean(),
  /** Cannot be rinsed through: forbidden partners stay blocked on the zone. */
  surfaceOnly: z.boolean(),
  /** Can be carried and closed into a bag, for a sachet or the freezer; a carpet or a seat cannot. */
  fitsABag: z.boolean(),
  /** Spot work only, unless a sewn-in label says it may be washed: then that label decides, very mildly. */
  labelDecides: z.boolean(),
  /** Foam in it is thin and worn on the body: the piece’s own tag speaks for it. */
  thinFoam: z.boolean(),
  /** A face lies on it for hours: mould in it is breathed. */
  sleptOn: z.boolean(),
  skinContact: z.boolean(),
  childrens: z.boolean(),
  /** Webbing or rope that holds a person or a load: nothing may weaken it. */
  bearsLoad: z.boolean(),
  /** A set or roll that can be soaked a part at a time. */
  divisible: z.boolean(),
  cautionIds: z.array(Id),
  typicalAreaCm2: z.number().positive(),
  /** Most liquid a pass leaves on it, mL/cm²; null = as much as the method asks. */
  mostMLPerCm2: z.number().positive().nullable(),
  /** Of one of these fibres it is for a professional alone. */
  professionalFibreIds: z.array(Id),
  notes: z.array(Note),
  sourceIds: SourceIds,
});
export type Item = z.infer<typeof Item>;

/** A kind of part a piece is made of, with what it forbids whatever its fibres are. */
export const PartKind = z.strictObject({
  id: Id,
  name: z.string(),
  mostWetting: Wetting.nullable(),
  mostAction: MechanicalAction.nullable(),
  chemistry: z.array(ChemistryRule),
  drying: z.array(DryingRule),
  /** Lies under the face: a damp blot does not reach it, so a fibre that water marks holds it to damp, not to dry. */
  beneath: z.boolean(),
  /** Sewn on at the side: work on a place away from it leaves it dry. */
  aside: z.literal(true).optional(),
  /** A finish or trim that may be on any piece, in addition to the parts of its kind. */
  onAnyPiece: z.boolean(),
  /** A trouble on it is planned as on this kind of piece, whatever it is sewn to; null = as on the piece. */
  plannedAs: Id.nullable(),
  note: z.string(),
  sourceIds: SourceIds,
});
export type PartKind = z.infer<typeof PartKind>;
