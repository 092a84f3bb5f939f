import { z } from 'zod';
import { LINT_WAYS, LOAD_CHORES, LOAD_PROGRAMMES, WEAVES } from '../vocabulary.js';
import { Chemistry, Colour, Id, SourceIds } from './vocabulary.js';

const Range = z
  .strictObject({ low: z.number().positive(), high: z.number().positive() })
  .refine(({ low, high }) => low <= high, 'A range goes upwards.');

/** What pieces of a kind are to a drum, a dryer and a line. Every piece that may be washed whole is of one kind. */
export const ClothKind = z.strictObject({
  id: Id,
  name: z.string(),
  itemIds: z.array(Id),
  /** For every piece no other kind names. */
  isRest: z.boolean(),
  weave: z.enum(WEAVES),
  /** Gives fluff off, takes it where dark and of a smooth synthetic, or neither. */
  lint: z.enum(LINT_WAYS),
  /** The wash it would like by itself, °C; what it bears is for fibre, colour and tag to say. */
  likesC: z.strictObject({ white: z.number(), coloured: z.number() }),
  /** Room it takes in the drum, L per kg of dry mass. */
  litresPerKg: z.number().positive(),
  /** Traps water: no faster than this, rpm; null = as its fibre bears. */
  mostSpinRpm: z.number().positive().nullable(),
  /** Softener leaves a film on it that spoils what it is for. */
  noSoftener: z.boolean(),
  /** What is done by hand before it goes in. */
  chores: z.array(z.enum(LOAD_CHORES)),
  /** The tag most of them carry, taken for a handful until its own is read; null = it must be read. */
  usualTag: z
    .strictObject({
      maxC: z.literal([30, 40, 60]),
      bars: z.literal([0, 1, 2]),
      tumble: z.enum(['normal', 'low', 'never']),
    })
    .nullable(),
  /** What most of them are, taken for a handful whose colour is not said; never lighter than it may be. */
  usualColour: Colour,
  /** The use of the kind unless another is entered. */
  hygieneId: Id.nullable(),
  /** Weight of the cloth, g/m², and how much of both its faces the air reaches when it hangs, 0–1. */
  gPerM2: Range,
  exposed: Range,
  /** Rope one piece takes, m. */
  ropeM: z.number().positive(),
  /** How it is turned or shaken while it dries; empty = not at all. */
  turning: z.string(),
  /** How it is tumbled where it may be: part of the way, with balls; empty = as the rest. */
  tumbling: z.string(),
  /** Standing advice, said on the load it is in. */
  note: z.string(),
  sourceIds: SourceIds,
});
export type ClothKind = z.infer<typeof ClothKind>;

/** A use that asks for heat because of germs, and for company of its own. */
export const Hygiene = z.strictObject({
  id: Id,
  name: z.string(),
  floorC: z.number(),
  /** Washed apart from everything that is not of the same use. */
  ownLoad: z.boolean(),
  notes: z.array(z.string()),
  sourceIds: SourceIds,
});
export type Hygiene = z.infer<typeof Hygiene>;

/** Troubles and products that keep a piece out of every drum until they are gone, or out of company. */
export const KeptFromDrum = z.strictObject({
  id: Id,
  name: z.string(),
  markIds: z.array(Id),
  /** Products of these chemistries, as long as they have not been washed out. */
  chemistries: z.array(Chemistry),
  /** `stays`: into no drum. `alone`: into a drum with nothing else. */
  how: z.enum(['stays', 'alone']),
  note: z.string(),
  sourceIds: SourceIds,
});
export type KeptFromDrum = z.infer<typeof KeptFromDrum>;

/** What a common machine has, until the household says what its own has. */
export const ProgrammeDefault = z.strictObject({
  id: z.enum(LOAD_PROGRAMMES),
  name: z.string(),
  /** Of the rated mass, 0–1. */
  shareOfRated: z.number().min(0).max(1),
  tempsC: z.array(z.number()).min(1),
  mostSpinRpm: z.number().positive(),
  /** Length at 40 °C (at its warmest where that is less), and what each further 10 °C adds, min. */
  minutes: z.number().positive(),
  minutesPer10C: z.number(),
  /** All the water of a full load, and what of it is heated, L. */
  waterL: z.number().positive(),
  heatedL: z.number().positive(),
  motorKWh: z.number().positive(),
  sourceIds: SourceIds,
});
export type ProgrammeDefault = z.infer<typeof ProgrammeDefault>;

/** Ways to lie while drying indoors, with how much longer each takes than hanging free in the same air. */
export const DryingLie = z.strictObject({
  id: z.enum(['rack', 'flat', 'chair']),
  name: z.string(),
  /** Times as long as one layer with air on both faces. */
  slower: z.number().min(1),
  /** The same for a single piece with nothing else on it, times as long. */
  alone: z.number().min(1),
  /** What more a large piece takes, which lies in layers, times as long. */
  folded: z.number().min(1),
  /** What is done meanwhile; empty = nothing. */
  turning: z.string(),
  sourceIds: SourceIds,
});
export type DryingLie = z.infer<typeof DryingLie>;

/** Hours in which a thick piece dries; null where it is not dried so. */
export const SlowDryer = z.strictObject({
  id: Id,
  name: z.string(),
  itemIds: z.array(Id).min(1),
  /** Only with one of these fibres in it; empty = with any. Lines with fibres come before those without. */
  fibreIds: z.array(Id),
  /** What it has been through: a spin at 1200 rpm, or rolled in a towel. */
  after: z.enum(['spun', 'rolled']),
  /** At 18 °C and 65 % in a breeze, in the shade. */
  line: Range.nullable(),
  /** In a room of 18 to 20 °C. */
  rack: Range.nullable(),
  flat: Range.nullable(),
  chair: Range.nullable(),
  sourceIds: SourceIds,
});
export type SlowDryer = z.infer<typeof SlowDryer>;

/** Water left in cloth, g per g of dry cloth, for fibres that take up so much moisture. */
export const WaterLeft = z.strictObject({
  id: Id,
  name: z.string(),
  /** Moisture regain at 65 % relative humidity from which this line holds, %. */
  regainFromPct: z.number().min(0),
  /** By spin speed, rpm; between two speeds the figure lies between. */
  spun: z.array(z.strictObject({ rpm: z.number(), gPerG: Range })).min(2),
  wrung: Range,
  rolled: Range,
  dripping: Range,
  sourceIds: SourceIds,
});
export type WaterLeft = z.infer<typeof WaterLeft>;
