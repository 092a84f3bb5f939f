import type { Source } from '../schema/source.js';

/** Documents are named as the ones to check against; none was opened while this was written. */
export const sources: readonly Source[] = [
  { id: 'iso3758', kind: 'standard', title: 'ISO 3758:2012 Textiles — Care labelling code using symbols', consulted: false },
  { id: 'astmD5489', kind: 'standard', title: 'ASTM D5489 Standard guide for care symbols for care instructions on textile products', consulted: false },
  { id: 'iso2076', kind: 'standard', title: 'ISO 2076 Textiles — Man-made fibres — Generic names', consulted: false },
  { id: 'eu1007', kind: 'regulation', title: 'Regulation (EU) No 1007/2011 on textile fibre names', consulted: false },
  {
    id: 'iso1833',
    kind: 'standard',
    title: 'ISO 1833 Textiles — Quantitative chemical analysis (the solvents that separate fibres)',
    consulted: false,
    note: 'Hypochlorite dissolves wool and silk (part 4); acetone dissolves acetate (part 3); both are the ground for "never".',
  },
  { id: 'astmD1909', kind: 'standard', title: 'ASTM D1909 Standard tables of commercial moisture regains', consulted: false },
  { id: 'clp', kind: 'regulation', title: 'Regulation (EC) No 1272/2008 (CLP), Annex VI and mixture rules', consulted: false },
  { id: 'reach', kind: 'regulation', title: 'Regulation (EC) No 1907/2006 (REACH), Annex XVII, entry 30', consulted: false },
  {
    id: 'poisonCentre',
    kind: 'handbook',
    title: 'Public poison-centre guidance on mixing household cleaners',
    consulted: false,
    note: 'Recalled; the chemistry is in any inorganic chemistry handbook.',
  },
  { id: 'chemHandbook', kind: 'handbook', title: 'Inorganic chemistry handbook, standard reactions', consulted: false },
  { id: 'textileHandbook', kind: 'handbook', title: 'Textile chemistry handbook, fibre properties', consulted: false },
  {
    id: 'scaldTable',
    kind: 'handbook',
    title: 'Published scald times for adult skin (Moritz and Henriques 1947)',
    consulted: false,
    note: 'About five minutes at 49 °C, half a minute at 54 °C, five seconds at 60 °C, one at 70 °C.',
  },
  { id: 'nistSp811', kind: 'standard', title: 'NIST Special Publication 811, unit conversion factors', consulted: false },
  { id: 'productLabel', kind: 'label', title: "The product's own label", consulted: false },
  { id: 'careLabel', kind: 'label', title: 'The care label on the piece', consulted: false },
  { id: 'commonPractice', kind: 'commonPractice', title: 'Common practice, no source', consulted: false },
  {
    id: 'memory',
    kind: 'memory',
    title: 'Estimate from memory',
    consulted: false,
    note: "Starting figures; the household's own log makes them better.",
  },
];
