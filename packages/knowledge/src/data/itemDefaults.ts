import type { Item } from '../schema/item.js';
import type { ChemistryRule } from '../schema/limitRule.js';

export const foamChemistry: ChemistryRule[] = (
  ['hydrocarbon', 'ketone', 'ester', 'alcohol', 'contactHeat'] as const
).map((chemistry) => ({
  chemistry,
  verdict: 'never',
  protects: 'both',
  sourceIds: ['commonPractice'],
}));
/** Solvents lift a coating, and a hot iron melts it unless the tag shows an iron. */
export const coatedChemistry: ChemistryRule[] = (
  ['hydrocarbon', 'ketone', 'ester', 'contactHeat'] as const
).map((chemistry) => ({
  chemistry,
  verdict: 'never',
  ...(chemistry === 'contactHeat' ? { whereLabelAllows: {} } : {}),
  protects: 'piece',
  sourceIds: ['textileHandbook'],
}));
/** A coat that keeps rain out: bleach and strong alkali eat its film, and what makes drops bead. */
export const rainproof: ChemistryRule[] = (
  ['percarbonate', 'chlorine', 'reducer', 'strongAlkali'] as const
).map((chemistry) => ({ chemistry, verdict: 'never', protects: 'piece', sourceIds: ['commonPractice'] }));
/** Threads, prints and trimmings of such pieces are rarely named, and some of them dissolve: a seam is tried first. */
export const ketoneTested: ChemistryRule[] = (['ketone', 'ester'] as const).map((chemistry) => ({
  chemistry,
  verdict: 'test',
  protects: 'piece',
  sourceIds: ['commonPractice'],
}));
export const surfaceChemistry: ChemistryRule[] = [
  { chemistry: 'chlorine', verdict: 'never', protects: 'both', sourceIds: ['commonPractice'] },
  { chemistry: 'reducer', verdict: 'never', protects: 'both', sourceIds: ['commonPractice'] },
  { chemistry: 'percarbonate', verdict: 'never', protects: 'piece', sourceIds: ['commonPractice'] },
];
export const noTumble: Item['drying'] = [
  { forbids: 'tumbleLow', protects: 'piece', sourceIds: ['commonPractice'] },
  { forbids: 'tumbleNormal', protects: 'piece', sourceIds: ['commonPractice'] },
];

export const flameRetardant: ChemistryRule[] = (
  ['chlorine', 'peroxide', 'percarbonate', 'soap', 'softener'] as const
).map((chemistry) => ({
  chemistry,
  verdict: 'never',
  protects: 'both',
  sourceIds: ['commonPractice', 'productLabel'],
}));
/** Takes the colour, the tape or the finish off that protects; only its label may allow it. */
export const notOnProtection: ChemistryRule[] = (
  ['hydrocarbon', 'ketone', 'ester', 'alcohol', 'weakAcid', 'oxalicAcid', 'reducer', 'contactHeat'] as const
).map((chemistry) => ({
  chemistry,
  verdict: 'never',
  ...(chemistry === 'contactHeat' ? { whereLabelAllows: {} } : {}),
  protects: 'both',
  sourceIds: ['commonPractice', 'productLabel'],
}));
/** Left to a conservator on old weavings. */
export const conservators: ChemistryRule[] = (
  ['peroxide', 'oxalicAcid', 'ammonia', 'strongAlkali'] as const
).map((chemistry) => ({ chemistry, verdict: 'never', protects: 'piece', sourceIds: ['commonPractice'] }));
/** Worn or slept on by children, or soaked by them: chlorine meets invisible urine. */
export const noChlorine: ChemistryRule[] = [
  {
    chemistry: 'chlorine',
    verdict: 'never',
    protects: 'both',
    sourceIds: ['poisonCentre', 'commonPractice'],
  },
];

export const washable = {
  silhouette: 'cloth' as Item['silhouette'],
  isHung: false,
  mostWetting: 'immersion',
  mostProgramme: 'normal',
  mostAction: 'firmBrush',
  mostTempC: null as number | null,
  drying: [] as Item['drying'],
  chemistry: [] as ChemistryRule[],
  coded: false,
  surfaceOnly: false,
  fitsABag: true,
  labelDecides: false,
  thinFoam: false,
  sleptOn: false,
  skinContact: false,
  childrens: false,
  bearsLoad: false,
  divisible: false,
  cautionIds: [] as string[],
  typicalAreaCm2: 5000,
  partNames: ['whole piece'],
  mostMLPerCm2: null,
  professionalFibreIds: [] as string[],
  sourceIds: ['commonPractice'],
} satisfies Partial<Item>;

export const inPlace = {
  silhouette: 'block' as Item['silhouette'],
  isHung: false,
  mostWetting: 'surface',
  mostProgramme: 'none',
  mostAction: 'softBrush',
  mostTempC: null as number | null,
  drying: noTumble,
  coded: true,
  surfaceOnly: true,
  fitsABag: false,
  labelDecides: false,
  thinFoam: false,
  sleptOn: false,
  skinContact: false,
  childrens: false,
  bearsLoad: false,
  divisible: false,
  cautionIds: [] as string[],
  typicalAreaCm2: 20000,
  mostMLPerCm2: 0.1,
  professionalFibreIds: [] as string[],
  sourceIds: ['commonPractice'],
} satisfies Partial<Item>;

/** Softener stops cloth drinking. */
export const noSoftener: ChemistryRule[] = [
  { chemistry: 'softener', verdict: 'never', protects: 'piece', sourceIds: ['commonPractice'] },
];
/** Webbing and buckles hold a person: nothing may weaken them. */
export const harness: ChemistryRule[] = (
  [
    ...([
      'hydrocarbon',
      'ketone',
      'ester',
      'alcohol',
      'chlorine',
      'reducer',
      'weakAcid',
      'oxalicAcid',
    ] as const),
    ...(['percarbonate', 'peroxide', 'mildAlkali', 'strongAlkali', 'ammonia', 'softener'] as const),
  ] as const
).map((chemistry) => ({
  chemistry,
  verdict: 'never',
  protects: 'both',
  sourceIds: ['productLabel', 'commonPractice'],
}));
