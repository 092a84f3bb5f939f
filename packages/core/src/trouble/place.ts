/** Places on a piece that change how it is worked. */
export const PLACES = [
  'collar',
  'cuff',
  'underarm',
  'front',
  'back',
  'hem',
  'seam',
  'waistband',
  'crotch',
  'seat',
  'knee',
  'toe',
  'pocket',
  'lining',
  'strap',
  'edge',
  'corner',
  'middle',
  'whole',
] as const;
export type Place = (typeof PLACES)[number];
