import type { Mechanism } from '../schema/vocabulary.js';
import type { AtOnceVerb } from '../vocabulary.js';

/** Figures of the trade the recipes are sized with. Common practice, no source, unless said otherwise. */

/** Treat this far beyond the visible edge, cm. */
export const EDGE_MARGIN_CM = 2.5;
/** What the words for a size mean, cm. Common practice, no source; a hand is about 18 × 9. */
export const SIZE_CM = {
  coin: { length: 2.5, width: 2.5 },
  palm: { length: 8, width: 8 },
  hand: { length: 18, width: 9 },
  plate: { length: 26, width: 26 },
  larger: { length: 40, width: 40 },
} as const;
/** Default for an unknown size. */
export const ASSUMED_SIZE = 'palm';
/** All treatments of a household together, in one room and day: at most so much flammable solvent, mL. */
export const MAX_SOLVENT_A_DAY_ML = 100;
/** Alcohol in a sprayer: at most this share, %; above it the mist takes fire. From memory. */
export const MAX_ALCOHOL_SPRAYED_PCT = 10;
/** An oxidiser and something that burns share a vessel only with this many times as much water. From memory. */
export const WATER_OVER_OXIDISER = 10;
/** Hooks, zips and other metal: no longer in a peroxygen bath than this, min. Common practice, no source. */
export const METAL_PEROXYGEN_MIN = 30;
/**
 * From this dry mass on one piece is for no drum of a house, g. Wet, a weighted blanket or a carpet breaks it. Common
 * practice, no source.
 */
export const TOO_HEAVY_FOR_A_DRUM_G = 5000;
/** Smallest amount worth mixing, mL. */
export const SMALLEST_MIX_ML = 20;
/** Mass per volume of solid fibre, g/mL; cellulose about 1.5 (handbook), others less. */
export const FIBRE_DENSITY_G_PER_ML = 1.5;
/** Share of a vessel that can be filled without slopping over. */
export const USABLE_FILL_SHARE = 0.85;
/** Share of a vessel to the brim: what topping up may fill it to. */
export const BRIM_FILL_SHARE = 0.95;
/** Water to a kilogram of dry textile in an ordinary bath, L. */
export const USUAL_LIQUOR_L_PER_KG = 12;
/** The same where a method says nothing of it: the least that covers. */
export const MIN_LIQUOR_L_PER_KG = 10;
/** Ends of a small mix around its middle: a spoon more or less does no harm. */
export const SMALL_MIX_SPREAD = { low: 0.8, high: 1.25 } as const;
/** A bottle weaker than this share of what recipes are written for is too weak for them. */
export const WEAK_BOTTLE_SHARE = 0.8;
/** A warm soak of at least so long is made in what keeps it warm, min. Common practice, no source. */
export const WARM_SOAK_MIN = 60;
/** Smallest bath that keeps its warmth for such a soak, L. Common practice, no source. */
export const SMALLEST_WARM_BATH_L = 5;
/** Smallest bath, L. */
export const SMALLEST_BATH_L = 2;
/** Water from a kettle as it reaches the tub, °C. */
export const KETTLE_POUR_C = 95;
/** Kettles one may sensibly be asked to boil for one bath. */
export const MAX_KETTLES = 4;
/** Scald bounds of the safety rules, °C. */
export const SCALD_WARNING_C = 45;
export const TONGS_C = 50;
/** A round that takes less than this share of what was left has stalled. */
export const STALL_SHARE = 0.1;
/** Dry mass above which the wet piece is a two-person lift, g. Estimate from memory. */
export const HEAVY_DRY_MASS_G = 1200;

/** No round promises more than this share. From memory. */
export const MAX_OF_A_ROUND = 0.97;
/** How much of the usual effect is left as a trouble ages. Estimate from memory. */
export const AGE_FACTOR = {
  minutes: 1,
  hours: 0.95,
  days: 0.8,
  weeks: 0.65,
  months: 0.5,
  unknown: 0.65,
} as const;
/** How much a flush still does: what has dried in no longer runs out. Estimate from memory. */
export const FLUSH_AGE_FACTOR = {
  minutes: 1,
  hours: 0.8,
  days: 0.35,
  weeks: 0.15,
  months: 0.1,
  unknown: 0.4,
} as const;
/** What is left of the odds when the same product has been on it once to no effect. Estimate from memory. */
export const TRIED_IN_VAIN_FACTOR = 0.5;
/** The same once heat has been on a trouble that heat sets. Estimate from memory. */
export const HEAT_FACTOR = { none: 1, hotWash: 0.6, tumbled: 0.5, ironed: 0.45, unknown: 0.85 } as const;
/** Of a programme's length, so much is the wash itself at its heat: the rest fills, rinses, spins. From memory. */
export const MACHINE_AT_HEAT_SHARE = 0.5;
/** A long programme is longer at filling, heating and rinsing; this is about the most at its heat, min. From memory. */
export const MACHINE_AT_HEAT_MOST_MIN = 60;
/**
 * Available oxygen in the drum from a booster or a powder with bleach by its label, g/L: some 60 g of booster to a
 * load of 4–5 kg in 3–6 L/kg. Estimate from memory.
 */
export const DRUM_OXYGEN_G_PER_L = { low: 0.3, high: 0.55 } as const;
/** What is dabbed on warm has the room's warmth after about so long, min (time constant). Estimate from memory. */
export const SPOT_COOLS_MIN = 12;
/** A paste left to dry works until about here, min. Common practice, no source. */
export const PASTE_WORKS_MIN = 240;
/** A bath is aimed to take this share of what it could with endless time. Common practice: six to eight hours at 40 °C. */
export const AIMED_SHARE = 0.8;

/**
 * What the first seconds take out: how each verb works, and for how many minutes. A verb that is not here moves nothing.
 * Common practice, no source.
 */
export const AT_ONCE_WORK: Partial<
  Record<AtOnceVerb, { mechanism: Mechanism; minutes: { low: number; high: number } }>
> = {
  lift: { mechanism: 'lift', minutes: { low: 0.5, high: 2 } },
  shake: { mechanism: 'lift', minutes: { low: 0.5, high: 1 } },
  vacuum: { mechanism: 'lift', minutes: { low: 0.5, high: 2 } },
  blot: { mechanism: 'blotting', minutes: { low: 0.5, high: 3 } },
  absorb: { mechanism: 'absorption', minutes: { low: 10, high: 30 } },
  coldFlush: { mechanism: 'flush', minutes: { low: 0.5, high: 3 } },
  detergent: { mechanism: 'surfactant', minutes: { low: 2, high: 10 } },
};

/**
 * Most words of the first round that a person reads with wet hands. The cards written by hand have 161. Our own choice.
 */
export const MAX_ROUND_WORDS = 170;

/** The way that does no more than the verb of a first line. */
export const AT_ONCE_METHODS: Partial<Record<AtOnceVerb, string>> = { lift: 'liftOff' };

/** Minutes of a person's own time per step. Common practice, no source. */
export const HANDS_ON_MIN = {
  rinseBefore: 4,
  lift: 2,
  firstAid: 3,
  hiddenTest: 5,
  mix: 4,
  apply: 4,
  dwell: 1,
  look: 2,
  rinse: 4,
  airOut: 2,
  wash: 4,
  dry: 3,
  finalLook: 2,
} as const;

/**
 * A paste of baking soda loses carbon dioxide as it dries and ends about here. Equilibrium with air is past 10
 * (computed); estimate from memory.
 */
export const DRIED_SODA_PH = 9.6;
/** Shorter than this a paste has not dried, min. Common practice, no source. */
export const PASTE_DRIES_MIN = 15;

/** Chlorine bath: at most this much available chlorine, %, and no warmer than this, °C. Common practice, no source. */
export const MAX_AVAILABLE_CHLORINE_PCT = 0.1;
export const CHLORINE_MOST_C = 25;
/** A flammable solvent goes into no water warmer than this, °C. Common practice, no source. */
export const SOLVENT_MOST_C = 25;
/** °C at which a full wash is hygiene by itself; a cooler one needs a product. Common practice, no source. */
export const HYGIENE_C = 60;
/** Warmest water that household ammonia goes into, °C: above it the gas comes out. From memory. */
export const AMMONIA_MOST_C = 30;
/** Most alcohol in one weak mix, mL: a sprayer’s worth. Our own choice. */
export const MAX_WEAK_ALCOHOL_ML = 100;
/** A soak longer than this is a long one, which tender fibres bear only cooler, min. Common practice, no source. */
export const LONG_SOAK_MIN = 120;

/**
 * Minutes until dry indoors or in fair weather, by way; usual, never promised. Common practice, no source: thin cloth
 * on a line in half a day, thick cloth flat in a day, a seat or carpet overnight.
 */
export const DRYING_USUAL_MIN = {
  flat: { low: 480, likely: 840, high: 1440 },
  line: { low: 180, likely: 420, high: 900 },
  sun: { low: 120, likely: 240, high: 540 },
  tumbleLow: { low: 90, likely: 180, high: 300 },
  tumbleNormal: { low: 60, likely: 90, high: 150 },
  inPlace: { low: 240, likely: 600, high: 1440 },
  /** A seat or carpet before a fan: four to five hours. */
  fanned: { low: 180, likely: 270, high: 480 },
  /** What is left to dry after hours under a weighed-down towel. */
  underTowel: { low: 0, likely: 60, high: 180 },
  /** A place of a palm on a garment, pressed in a towel, in moving air. */
  patch: { low: 20, likely: 60, high: 120 },
} as const;
/** Cloth counts as so thick from this weight on, g/m². Common practice, no source. */
export const THICKNESS_FROM_G_PER_M2 = { thin: 0, middle: 220, thick: 330 } as const;
/**
 * Minutes until dry before a cool fan. Common practice, no source; for a room at 20 °C.
 * `patch`: one place, pressed in a towel. Low and likely are of cool air from a hair dryer; high is of a fan.
 * `whole`: a piece spun at 1200.
 */
export const DRYING_FANNED_MIN = {
  patch: {
    thin: { low: 5, likely: 10, high: 40 },
    middle: { low: 10, likely: 20, high: 60 },
    thick: { low: 15, likely: 25, high: 80 },
  },
  whole: {
    thin: { low: 60, likely: 90, high: 120 },
    middle: { low: 150, likely: 210, high: 270 },
    thick: { low: 240, likely: 330, high: 420 },
  },
} as const;
/** Only rolled in a towel, not spun, a piece dries so much longer. Computed from the water left, 0.7 to 1.1 g/g. */
export const ROLLED_FACTOR = 1.6;
/** A thin piece, washed and spun, before a fan: usual, min. Common practice, no source. */
export const QUICKEST_DRYING_MIN = 90;
/** Spirits aired out of cloth, outdoors, no fan, at the quickest, min. Common practice, no source. */
export const QUICKEST_AIRING_MIN = 120;
