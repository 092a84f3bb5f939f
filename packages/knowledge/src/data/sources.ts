import type { Source } from '../schema/source.js';

/** Documents are named as the ones to check against; none was opened while this was written. */
export const sources: readonly Source[] = [
  {
    id: 'iso3758',
    kind: 'standard',
    short: 'ISO 3758',
    title: 'ISO 3758:2012 Textiles — Care labelling code using symbols',
    consulted: false,
  },
  {
    id: 'astmD5489',
    kind: 'standard',
    short: 'ASTM D5489',
    title: 'ASTM D5489 Standard guide for care symbols for care instructions on textile products',
    consulted: false,
  },
  {
    id: 'iso2076',
    kind: 'standard',
    short: 'ISO 2076',
    title: 'ISO 2076 Textiles — Man-made fibres — Generic names',
    consulted: false,
  },
  {
    id: 'eu1007',
    kind: 'regulation',
    short: 'EU 1007/2011',
    title: 'Regulation (EU) No 1007/2011 on textile fibre names',
    consulted: false,
  },
  {
    id: 'iso1833',
    kind: 'standard',
    short: 'ISO 1833',
    title: 'ISO 1833 Textiles — Quantitative chemical analysis (the solvents that separate fibres)',
    consulted: false,
    note:
      'Hypochlorite dissolves wool and silk (part 4); acetone dissolves acetate (part 3); both are the ground ' +
      'for "never".',
  },
  {
    id: 'astmD1909',
    kind: 'standard',
    short: 'ASTM D1909',
    title: 'ASTM D1909 Standard tables of commercial moisture regains',
    consulted: false,
  },
  {
    id: 'clp',
    kind: 'regulation',
    short: 'CLP',
    title: 'Regulation (EC) No 1272/2008 (CLP), Annex VI and mixture rules',
    consulted: false,
  },
  {
    id: 'reach',
    kind: 'regulation',
    short: 'REACH, Annex XVII',
    title: 'Regulation (EC) No 1907/2006 (REACH), Annex XVII, entry 30',
    consulted: false,
  },
  {
    id: 'poisonCentre',
    kind: 'handbook',
    short: 'poison-centre guidance',
    title: 'Public poison-centre guidance on mixing household cleaners',
    consulted: false,
    note: 'Recalled; the chemistry is in any inorganic chemistry handbook.',
  },
  {
    id: 'chemHandbook',
    kind: 'handbook',
    short: 'chemistry handbook',
    title: 'Inorganic chemistry handbook, standard reactions',
    consulted: false,
  },
  {
    id: 'textileHandbook',
    kind: 'handbook',
    short: 'textile handbook',
    title: 'Textile chemistry handbook, fibre properties',
    consulted: false,
  },
  {
    id: 'scaldTable',
    kind: 'handbook',
    short: 'Moritz and Henriques 1947',
    title: 'Published scald times for adult skin (Moritz and Henriques 1947)',
    consulted: false,
    note: 'About five minutes at 49 °C, half a minute at 54 °C, five seconds at 60 °C, one at 70 °C.',
  },
  {
    id: 'nistSp811',
    kind: 'standard',
    short: 'NIST SP 811',
    title: 'NIST Special Publication 811, unit conversion factors',
    consulted: false,
  },
  {
    id: 'goldberg2002',
    kind: 'handbook',
    short: 'Goldberg et al. 2002',
    title:
      'Goldberg, Kishore and Lennen 2002, Thermodynamic quantities for the ionization reactions of buffers (J. ' +
      'Phys. Chem. Ref. Data 31, 231)',
    consulted: false,
  },
  {
    id: 'nistBuffers',
    kind: 'standard',
    short: 'NIST pH standards',
    title:
      'NIST standard reference buffers (borax 0.01 mol/kg 9.180; carbonate 0.025 + 0.025 mol/kg 10.012; phosphate ' +
      '0.025 + 0.025 mol/kg 6.865, at 25 °C)',
    consulted: false,
  },
  {
    id: 'whoHardness',
    kind: 'standard',
    short: 'WHO 2011',
    title: 'WHO 2011, Hardness in drinking-water, background document',
    consulted: false,
  },
  {
    id: 'wrmg2007',
    kind: 'regulation',
    short: 'WRMG 2007',
    title: 'German Washing and Cleaning Agents Act (WRMG) 2007, hardness ranges',
    consulted: false,
  },
  {
    id: 'heatHandbook',
    kind: 'handbook',
    short: 'heat-transfer handbook',
    title: 'Heat-transfer handbook: free convection, radiation and evaporation from a warm pool',
    consulted: false,
  },
  {
    id: 'productLabel',
    kind: 'label',
    short: 'the product label',
    title: "The product's own label",
    consulted: false,
  },
  {
    id: 'careLabel',
    kind: 'label',
    short: 'the care label',
    title: 'The care label on the piece',
    consulted: false,
  },
  {
    id: 'commonPractice',
    kind: 'commonPractice',
    short: 'common practice',
    title: 'Common practice, no source',
    consulted: false,
  },
  {
    id: 'memory',
    kind: 'memory',
    short: 'from memory',
    title: 'Estimate from memory',
    consulted: false,
    note: "Starting figures; the household's own log makes them better.",
  },
];
