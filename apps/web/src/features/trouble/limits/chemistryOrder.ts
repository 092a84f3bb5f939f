import type { ChemistryWindow } from '@feverfew/contracts';

export type ListedChemistry = ChemistryWindow['chemistry'];

/** The chemistries worth showing, in the order a person thinks of them. */
export const CHEMISTRY_ORDER: readonly ListedChemistry[] = [
  'detergent',
  'protease',
  'percarbonate',
  'peroxide',
  'chlorine',
  'weakAcid',
  'mildAlkali',
  'strongAlkali',
  'alcohol',
  'ketone',
  'ester',
  'hydrocarbon',
  'reducer',
  'soap',
];
