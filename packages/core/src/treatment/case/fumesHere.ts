import type { PlanContext } from './planContext.js';

/** Of the trouble, what gives off gas with chlorine bleach that may still be on it: the chlorine is already there. */
export const fumesHere = ({ told, residues }: Pick<PlanContext, 'told' | 'residues'>) =>
  residues.some((agent) => agent.chemistries.includes('chlorine'))
    ? told
        .flatMap((work) => work.components)
        .filter(({ component }) =>
          component.chemistry.some(
            (rule) => rule.chemistry === 'chlorine' && rule.verdict === 'never' && rule.protects !== 'piece',
          ),
        )
        .map(({ component }) => component)
    : [];
