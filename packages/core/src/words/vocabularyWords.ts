import type {
  Chemistry,
  Deed,
  DryingWay,
  MechanicalAction,
  Mechanism,
  Programme,
  Wetting,
} from '@feverfew/knowledge';

export const CHEMISTRY_WORDS: Readonly<Record<Chemistry, string>> = {
  water: 'plain water',
  detergent: 'detergent',
  soap: 'natural soap',
  protease: 'protein-cutting enzymes',
  otherEnzyme: 'starch- and fat-cutting enzymes',
  cellulase: 'cellulose-cutting enzymes',
  peroxide: 'hydrogen peroxide',
  percarbonate: 'oxygen bleach',
  chlorine: 'chlorine bleach',
  reducer: 'reducer',
  weakAcid: 'mild acid',
  oxalicAcid: 'oxalic acid',
  mildAlkali: 'baking soda',
  strongAlkali: 'washing soda and borax',
  ammonia: 'ammonia',
  alcohol: 'alcohol',
  ketone: 'acetone',
  ester: 'acetone-free varnish remover',
  hydrocarbon: 'mineral spirits',
  absorbent: 'absorbent powder',
  dyeSuspender: 'dye-suspending detergent',
  salt: 'salt',
  polyol: 'glycerine',
  softener: 'fabric softener',
  poolChlorine: 'pool chlorine',
  undeclared: 'undeclared products',
  mildReducer: 'thiosulphate',
  contactHeat: 'a hot iron on it',
};

export const WETTING_WORDS: Readonly<Record<Wetting, string>> = {
  dry: 'dry only',
  surface: 'surface damp',
  spot: 'spot wet',
  immersion: 'soak',
};

export const ACTION_WORDS: Readonly<Record<MechanicalAction, string>> = {
  none: 'leave alone',
  blot: 'blot',
  press: 'press',
  softBrush: 'soft brush',
  firmBrush: 'firm brush',
};

export const PROGRAMME_WORDS: Readonly<Record<Programme, string>> = {
  none: 'no wash',
  hand: 'hand wash',
  veryMild: 'very mild',
  mild: 'mild',
  normal: 'normal',
};

export const DRYING_WORDS: Readonly<Record<DryingWay, string>> = {
  flat: 'flat',
  line: 'line',
  sun: 'sun',
  tumbleLow: 'tumble low',
  tumbleNormal: 'tumble normal',
};

export const MECHANISM_WORDS: Readonly<Record<Mechanism, string>> = {
  lift: 'lifting',
  flush: 'rinsing out',
  surfactant: 'detergent',
  proteolysis: 'enzymes on protein',
  amylolysis: 'enzymes on starch',
  lipolysis: 'enzymes on fat',
  oxidation: 'oxygen bleaching',
  chlorineOxidation: 'chlorine bleaching',
  reduction: 'reducing',
  acidity: 'acid',
  chelation: 'binding metal',
  alkalinity: 'alkali',
  polarSolvent: 'alcohol',
  ketoneSolvent: 'acetone-like solvent',
  hydrocarbonSolvent: 'oil-like solvent',
  absorption: 'taking up',
  blotting: 'blotting dry',
  dyeSuspension: 'holding dye in the water',
  airing: 'moving air',
  brushing: 'brushing',
  sunlight: 'sunlight',
  softening: 'softening',
  mildReduction: 'mild reduction',
  melting: 'melting',
  freezing: 'frost',
};

/** What may be barred on a piece. */
export const DEED_WORDS = {
  blot: 'blotting',
  rub: 'rubbing',
  brush: 'brushing',
  water: 'water',
  soak: 'soaking',
  sun: 'sun',
  steam: 'steam',
  heat: 'heat',
  iron: 'ironing',
  tumble: 'dryer',
  wring: 'wringing or spin',
  bleach: 'bleach',
  chlorine: 'chlorine bleach',
  soap: 'soap',
  soda: 'soda',
  acid: 'acid',
  ammonia: 'ammonia',
  solvent: 'solvent',
  softener: 'softener',
  spray: 'spraying',
  dryIn: 'drying in',
} as const satisfies Record<Deed, string>;
