import type { SenseCase } from './senseCase.js';
import type { SenseFault } from './senseFault.js';

/** Steps before the wash with a product that was tried on this trouble and did nothing, or with one of its kind. */
export const findTriedInVain = ({ plan: { rounds, facts }, index }: SenseCase): SenseFault[] => {
  const kindOf = (agentId: string): string => {
    const { chemistries = [], mechanisms = [] } = index.agents.get(agentId) ?? {};
    return mechanisms.length === 0 ? agentId : [...[...chemistries].sort(), ...[...mechanisms].sort()].join();
  };
  const vain = new Set(
    facts.tried.filter(({ effect }) => effect === 'nothing').map(({ agentId }) => kindOf(agentId)),
  );
  return rounds
    .flatMap(({ passes }) => passes)
    .filter(({ phase }) => phase !== 'wash')
    .flatMap(({ id, actions }) =>
      actions
        .flatMap(({ ingredients }) => ingredients)
        .filter(({ agentId }) => vain.has(kindOf(agentId)))
        .map(({ agentId }) => ({ kind: 'triedInVain' as const, where: id, text: agentId })),
    );
};
