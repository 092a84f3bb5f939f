import type { Upkeep, WearRule } from '../schema/upkeep.js';

const cp = ['commonPractice'];
const memory = ['memory'];

/** Rhythms of the house. Intervals are common practice or from memory; no standard gives them. */
export const upkeep: readonly Upkeep[] = [
  { id: 'coversWash', name: 'wash the covers, the whole set together', kind: 'wash', itemIds: ['looseCover', 'cushionCover', 'mattressProtector'], everyDays: 61, atMost: false, note: 'All covers of a set in the same days, or they will not match.', sourceIds: cp },
  { id: 'duvetWash', name: 'wash or air it well', kind: 'wash', itemIds: ['duvet', 'pillow', 'sleepingBag', 'blanket'], everyDays: 182, atMost: false, note: 'Each wash costs the filling something: air it first.', sourceIds: memory },
  { id: 'curtainWash', name: 'wash or vacuum the dust out', kind: 'wash', itemIds: ['curtain', 'netCurtain', 'linedCurtain'], everyDays: 365, atMost: false, note: '', sourceIds: memory },
  {
    id: 'deepStripSheets',
    name: 'a deep soak, if they are dingy, stiff or smell when warm',
    kind: 'deepStrip',
    itemIds: ['bedSheet', 'duvetCover', 'pillowcase', 'towel', 'bathrobe'],
    everyDays: 91,
    atMost: true,
    note: 'Never more than once a quarter, and only for build-up: pieces always washed hot have little to give up.',
    sourceIds: cp,
  },
  { id: 'mattressTurn', name: 'vacuum and turn it', kind: 'turn', itemIds: ['mattress'], everyDays: 91, atMost: false, note: 'Turn only what the maker lets be turned.', sourceIds: memory },
  { id: 'mattressAge', name: 'look whether it still serves', kind: 'replace', itemIds: ['mattress'], everyDays: 3287, atMost: false, note: 'Nine years old: smell, hollows, stains that came through.', sourceIds: memory },
  { id: 'pillowAge', name: 'look whether it still serves', kind: 'replace', itemIds: ['pillow'], everyDays: 1096, atMost: false, note: 'Folded over it should spring back.', sourceIds: memory },
];

/** Strains that add up. The figures are from memory and gentle: they ask for a look, they forbid nothing. */
export const wearRules: readonly WearRule[] = [
  { id: 'sheerByWashes', name: 'sheer or lace', counts: 'machineWashes', itemIds: ['netCurtain', 'lacePiece', 'scarf', 'petticoat'], fibreIds: [], warnAt: 20, note: 'Hold it against the light: thinned places and parted threads. By hand from now on.', sourceIds: memory },
  { id: 'paddedByWashes', name: 'padded', counts: 'machineWashes', itemIds: ['paddedShorts', 'filledCoat', 'duvet', 'pillow', 'sleepingBag', 'cushion'], fibreIds: [], warnAt: 30, note: 'Feel for lumps and split pads.', sourceIds: memory },
  { id: 'elasticByWashes', name: 'elastic', counts: 'machineWashes', itemIds: ['swimwear'], fibreIds: ['elastane'], warnAt: 50, note: 'Stretch it: does it come back, are there bare threads?', sourceIds: memory },
  { id: 'elasticByHeat', name: 'elastic in hot washes', counts: 'hotWashes', itemIds: ['swimwear'], fibreIds: ['elastane'], warnAt: 10, note: 'Heat ages elastic first: 40 °C or less from now on.', sourceIds: memory },
  { id: 'oxygenOnPlant', name: 'plant fibre in oxygen bleach', counts: 'oxygenHours', itemIds: [], fibreIds: ['cotton', 'linen', 'viscose', 'hemp'], warnAt: 60, note: 'Pull gently at a seam edge: cellulose gets tender before it shows.', sourceIds: memory },
  { id: 'oxygenOnFine', name: 'old or fine cloth in oxygen bleach', counts: 'oxygenHours', itemIds: ['lacePiece', 'petticoat', 'embroideredLinen'], fibreIds: [], warnAt: 24, note: 'Old thread gives way first: no further soak without a reason.', sourceIds: memory },
];
