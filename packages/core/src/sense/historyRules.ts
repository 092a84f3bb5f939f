import type { SenseCase } from './senseCase.js';
import type { SenseFault } from './senseFault.js';

/** Steps before the wash with a product that was tried on this trouble and did nothing. */
export const findTriedInVain = ({ plan: { rounds, facts } }: SenseCase): SenseFault[] => {
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
