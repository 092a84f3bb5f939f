import type { ChemistryRule } from '../../schema/limitRule.js';

/** Rules that several components share. */
export const noChlorineOnProtein: ChemistryRule = {
  chemistry: 'chlorine',
  verdict: 'never',
  protects: 'both',
  sourceIds: ['poisonCentre'],
};
export const noSoapOnTannin: ChemistryRule = {
  chemistry: 'soap',
  verdict: 'never',
  protects: 'piece',
  sourceIds: ['commonPractice'],
};
export const noBleachOnIron: ChemistryRule[] = (['chlorine', 'percarbonate', 'peroxide'] as const).map(
  (chemistry) => ({
    chemistry,
    verdict: 'never',
    protects: 'piece',
    sourceIds: ['commonPractice', 'chemHandbook'],
  }),
);
