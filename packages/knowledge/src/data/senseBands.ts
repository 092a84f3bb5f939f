/**
 * Bands an amount has to lie in to make sense. They are wide: outside them something is wrong with the plan, whatever
 * the reason. The limits of cloth and people are elsewhere and are tighter. Common practice, no source.
 */

/** How far beyond the edge of a mark a product is worked, cm. */
export const WORKED_EDGE_CM = { neat: 0.5, thin: 1, surface: 2.5 } as const;

export interface SpotBand {
  readonly edgeCm: number;
  readonly least: number;
  readonly most: number;
  readonly unit: 'g' | 'mL';
}
const neat = (least: number, most: number): SpotBand => ({
  edgeCm: WORKED_EDGE_CM.neat,
  least,
  most,
  unit: 'mL',
});
/** Suds, and every product thinned with water. */
export const THINNED_BAND: SpotBand = { edgeCm: WORKED_EDGE_CM.thin, least: 1, most: 10, unit: 'mL' };
const DETERGENT = neat(0.5, 6);
const ALCOHOL = neat(0.3, 4);
const paste = (least: number, most: number): SpotBand => ({ ...neat(least, most), unit: 'g' });

/** Put on a palm of a garment in one go, by product: powders in grams or millilitres, the rest in millilitres. */
export const SPOT_BANDS: Readonly<Record<string, SpotBand>> = {
  liquidDetergent: DETERGENT,
  bioDetergent: DETERGENT,
  delicateDetergent: DETERGENT,
  dishDetergent: neat(0.3, 3),
  enzymePretreater: neat(1, 10),
  solventPretreater: neat(1, 10),
  peroxide: THINNED_BAND,
  vinegar: THINNED_BAND,
  citricAcid: THINNED_BAND,
  odourRemover: THINNED_BAND,
  isopropanol: ALCOHOL,
  methylatedSpirit: ALCOHOL,
  surgicalSpirit: ALCOHOL,
  handSanitiser: ALCOHOL,
  acetone: neat(0.2, 2),
  esterRemover: neat(0.2, 2),
  mineralSpirits: neat(0.5, 6),
  glycerine: neat(0.5, 5),
  oxygenBleach: paste(3, 12),
  colourOxygenBleach: paste(3, 12),
  bakingSoda: paste(8, 20),
  absorbentPowder: neat(8, 40),
};

/** However small the mark, so much may be put on, mL. */
export const MIN_WORTH_ML = { liquid: 3, powder: 6 } as const;
/** Most on a mark no larger than a hand, mL, and that hand, cm². */
export const MAX_ON_A_HAND = { liquidML: 30, powderML: 120, areaCm2: 162 } as const;
/** Up to here the words say drops, mL. */
export const SAID_IN_DROPS_ML = 1.25;

/** Kinds of surface that hold liquid differently. */
export const SURFACE_KINDS = [
  'padded',
  'leather',
  'syntheticPile',
  'woolPile',
  'juteBacked',
  'jutePile',
] as const;
export type SurfaceKind = (typeof SURFACE_KINDS)[number];

/** Liquid on a palm of a surface, mL: most in one go, most in a round; `coinML` may always be put on. */
export const SURFACE_BANDS: Readonly<
  Record<SurfaceKind, { readonly goML: number; readonly roundML: number; readonly coinML: number }>
> = {
  padded: { goML: 6, roundML: 12, coinML: 6 },
  leather: { goML: 4, roundML: 8, coinML: 4 },
  syntheticPile: { goML: 19, roundML: 45, coinML: 17 },
  woolPile: { goML: 12, roundML: 30, coinML: 11 },
  juteBacked: { goML: 6, roundML: 12, coinML: 6 },
  jutePile: { goML: 0, roundML: 0, coinML: 0 },
};
/** Largest field of a surface worked at a time, palms; beyond it the surface is wiped. Most in a round on padding, mL. */
export const SURFACE_FIELD = { palms: 10.6, leastML: 1, wipedML: 2, paddedRoundML: 130 } as const;

/** In a litre of bath: powders in grams, the rest in millilitres, heavy use in hard water included. */
export const BATH_BANDS: Readonly<Record<string, readonly [least: number, most: number]>> = {
  oxygenBleach: [2, 12],
  colourOxygenBleach: [2, 12],
  activatedOxygen: [2, 12],
  citricAcid: [2, 15.4],
  vinegar: [2, 70],
  washingSoda: [0.3, 5],
  sodaCrystals: [0.8, 13.5],
  delicateDetergent: [0.5, 5.2],
  liquidDetergent: [0.5, 5.2],
  dishDetergent: [0.5, 5.2],
  bioDetergent: [0.5, 10.4],
  enzymeSoak: [3, 13],
  runRemover: [2, 10],
  dyeSuspender: [2, 15],
};

/** In the drum: powders in grams, the rest in millilitres. */
export const DRUM_BANDS: Readonly<Record<string, readonly [least: number, most: number]>> = {
  liquidDetergent: [20, 140],
  bioDetergent: [20, 140],
  delicateDetergent: [20, 140],
  powderWithBleach: [25, 175],
  oxygenBleach: [0, 100],
  colourOxygenBleach: [0, 100],
  activatedOxygen: [0, 100],
  vinegar: [30, 120],
  washingSoda: [10, 60],
  sodiumCitrate: [10, 60],
  dishDetergent: [0, 5],
};

/** Minutes on a mark, by chemistry: less does nothing, more harms or has long done what it can. */
export const SPOT_MINUTES: Readonly<Record<string, readonly [least: number, most: number]>> = {
  ketone: [0.5, 2],
  ester: [0.5, 2],
  alcohol: [0.5, 10],
  hydrocarbon: [0.5, 10],
  peroxide: [3, 60],
  protease: [5, 120],
  weakAcid: [5, 60],
  polyol: [20, 120],
};
/** Minutes in a bath, by chemistry. */
export const BATH_MINUTES: Readonly<Record<string, readonly [least: number, most: number]>> = {
  percarbonate: [10, 480],
  protease: [30, 720],
  reducer: [10, 30],
  weakAcid: [5, 60],
  detergent: [5, 300],
  dyeSuspender: [15, 90],
};
/** Litres of bath for a kilogram of dry cloth: from cramped in a drum's bath to a small piece alone in a basin. */
export const BATH_L_PER_KG = { least: 6, most: 40, smallPieceG: 300 } as const;
