import type { PlanContext } from './planContext.js';

/** Of the trouble, what gives off gas with chlorine bleach that may still be on it: the chlorine is already there. */
export const fumesHere = ({ marks, residues }: Pick<PlanContext, 'marks' | 'residues'>) =>
  residues.some((agent) => agent.chemistries.includes('chlorine'))
    ? marks
        .flatMap((work) => work.told)
        .filter(({ component }) =>
          component.chemistry.some(
            (rule) => rule.chemistry === 'chlorine' && rule.verdict === 'never' && rule.protects !== 'piece',
          ),
        )
        .map(({ component }) => component)
    : [];
