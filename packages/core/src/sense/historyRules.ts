import type { Plan } from '../treatment/plan/plan.js';
import type { SenseFault } from './senseFault.js';

/** Steps before the wash with a product that was tried on this trouble and did nothing. */
export const findTriedInVain = ({ rounds, facts }: Plan): SenseFault[] => {
  const vain = new Set(
    facts.tried.filter(({ effect }) => effect === 'nothing').map(({ agentId }) => agentId),
  );
  return rounds
    .flatMap(({ passes }) => passes)
    .filter(({ phase }) => phase !== 'wash')
    .flatMap(({ id, actions }) =>
      actions
        .flatMap(({ ingredients }) => ingredients)
        .filter(({ agentId }) => vain.has(agentId))
        .map(({ agentId }) => ({ kind: 'triedInVain' as const, where: id, text: agentId })),
    );
};
