import type { Position } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import type { KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import type { TroubleFacts } from './troubleFacts.js';

/** A view followed in one dispute, and who chose it. */
export interface FollowedPosition {
  readonly position: Position;
  readonly chosenBy: 'plan' | 'household' | 'default';
}

/** Views chosen by a plan or a household; left out = none is chosen. */
type Chosen = Partial<Pick<TroubleFacts & Household, 'positions'>>;

/** The view followed in every dispute: this plan's choice, else the household's, else the default. */
export function followedPositions(
  facts: Chosen,
  household: Chosen,
  index: KnowledgeIndex,
): ReadonlyMap<string, FollowedPosition> {
  const followed = new Map<string, FollowedPosition>();
  for (const [dispute, positions] of index.positionsOf) {
    const find = (positionId: string | undefined) =>
      positionId === undefined ? undefined : positions.find((candidate) => candidate.id === positionId);
    const own = find(facts.positions?.[dispute]);
    const house = find(household.positions?.[dispute]);
    const position = own ?? house ?? positions.find((view) => view.isDefault);
    if (position)
      followed.set(dispute, { position, chosenBy: own ? 'plan' : house ? 'household' : 'default' });
  }
  return followed;
}
