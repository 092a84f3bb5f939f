/** Hardness: units, classes with their sources, what softens and how much detergent. */

/**
 * mg/L CaCO₃ per unit, from definitions: °dH = 10 mg CaO/L, °fH = 10 mg CaCO₃/L, grain per US gallon, grain per
 * imperial gallon.
 */
export const HARDNESS_UNITS = {
  mgL: { word: 'mg/L CaCO₃', mgLPerUnit: 1 },
  dH: { word: '°dH', mgLPerUnit: 17.84799 },
  fH: { word: '°fH', mgLPerUnit: 10 },
  gpg: { word: 'grains per US gallon', mgLPerUnit: 17.11806 },
  clark: { word: '°Clark', mgLPerUnit: 14.25377 },
  mmolL: { word: 'mmol/L', mgLPerUnit: 100.0869 },
} as const;
export type HardnessUnit = keyof typeof HARDNESS_UNITS;

/** Upper bounds in mg/L CaCO₃; the last class is open. */
export const HARDNESS_SCALES = [
  {
    id: 'who',
    sourceId: 'whoHardness',
    steps: [
      { name: 'soft', below: 60 },
      { name: 'moderately hard', below: 120 },
      { name: 'hard', below: 180 },
      { name: 'very hard', below: Number.POSITIVE_INFINITY },
    ],
  },
  {
    id: 'wrmg',
    sourceId: 'wrmg2007',
    steps: [
      { name: 'soft (weich)', below: 150.13 },
      { name: 'medium (mittel)', below: 250.22 },
      { name: 'hard (hart)', below: Number.POSITIVE_INFINITY },
    ],
  },
] as const;

/**
 * Fields of a common test strip that turn, with the hardness each count means, °dH. Common practice, no
 * source.
 */
export const STRIP_STEPS_DH = [
  { turned: 0, word: 'none turned', from: 0, to: 3 },
  { turned: 1, word: '1 field', from: 3, to: 7 },
  { turned: 2, word: '2 fields', from: 7, to: 14 },
  { turned: 3, word: '3 fields', from: 14, to: 21 },
  { turned: 4, word: '4 fields', from: 21, to: 30 },
] as const;

/**
 * Grams of anhydrous soda per gram of hardness as CaCO₃: 105.9884 / 100.0869; monohydrate × 1.170, crystals ×
 * 2.700.
 */
export const SODA_G_PER_G_HARDNESS = 1.05896;

/** Detergent against the label's middle dose. Dose tables of common labels, from memory. */
export const DOSE_BY_WATER = { soft: 0.75, medium: 1, hard: 1.3 } as const;
export const DOSE_BY_SOIL = { light: 0.75, usual: 1, heavy: 1.35 } as const;

/**
 * What a label asks for one machine load of so many kilograms, medium water and usual soil, where the household has
 * not entered its own; from memory of common labels.
 */
export const USUAL_WASH_DOSE = {
  perLoadKg: 4.5,
  everydayML: 60,
  delicateML: 40,
  powderG: 75,
  oxygenG: 45,
} as const;
/** Softener of a usual kind, and vinegar in its place, mL for one load; common practice, no source. */
export const LAST_RINSE_ML = 60;

/** From here on water is hard and needs a treatment of its own, mg/L as lime. Common practice, no source. */
export const HARD_FROM_MG_L = 250;
