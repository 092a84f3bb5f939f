import { DRYER_BARRING_CAUTIONS } from '@feverfew/knowledge';
import type { LimitOwner } from '../../finding/limitOwner.js';
import type { KnowledgeIndex } from '../../lookup/knowledgeIndex.js';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import type { WorkMark } from '../../trouble/workMarks.js';
import type { Limit } from '../limit.js';

/** No dryer for contents that burn in it: oil, wax and cream that were entered, and solvents that were ever applied. */
export function dryerLimits(
  told: readonly WorkMark[],
  { tried }: TroubleFacts,
  index: KnowledgeIndex,
): Limit[] {
  const burns = (cautionIds: readonly string[]) => cautionIds.some((id) => DRYER_BARRING_CAUTIONS.has(id));
  const parts = told.flatMap((work) => work.causes.flatMap((cause) => cause.mark.components));
  const soils = parts.flatMap(({ componentId, weight }) => {
    const component = index.components.get(componentId);
    return component && weight >= component.cautionsFromShare && burns(component.cautionIds)
      ? [component]
      : [];
  });
  const products = tried.flatMap(({ agentId, washedOut }) => {
    const agent = index.agents.get(agentId);
    return agent && (agent.flammable || washedOut !== 'yes') && burns(agent.cautionIds) ? [agent] : [];
  });
  const owners: readonly (readonly [LimitOwner, readonly string[]])[] = [
    ...[...new Set(soils)].map(
      ({ id, sourceIds }) => [{ kind: 'soil', componentId: id } as const, sourceIds] as const,
    ),
    ...products.map(({ id, sourceIds }) => [{ kind: 'tried', agentId: id } as const, sourceIds] as const),
  ];
  return owners.flatMap(([owner, sourceIds]) =>
    (['tumbleLow', 'tumbleNormal'] as const).map(
      (forbids): Limit => ({ quantity: 'drying', forbids, owner, protects: 'person', sourceIds }),
    ),
  );
}
