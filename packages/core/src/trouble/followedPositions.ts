import type { Position } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import type { KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import type { TroubleFacts } from './troubleFacts.js';

/** A view followed in one dispute, and who chose it. */
export interface FollowedPosition {
  readonly position: Position;
  readonly chosenBy: 'plan' | 'household' | 'default';
}

/** The view followed in every dispute: this plan's choice, else the household's, else the default. */
export function followedPositions(
  facts: Pick<TroubleFacts, 'schools'>,
  household: Pick<Household, 'schools'>,
  index: KnowledgeIndex,
): ReadonlyMap<string, FollowedPosition> {
  const followed = new Map<string, FollowedPosition>();
  for (const [dispute, positions] of index.positionsOf) {
    const find = (schoolId: string | undefined) =>
      schoolId === undefined ? undefined : positions.find((candidate) => candidate.id === schoolId);
    const own = find(facts.schools[dispute]);
    const house = find(household.schools[dispute]);
    const position = own ?? house ?? positions.find((view) => view.isDefault);
    if (position)
      followed.set(dispute, { position, chosenBy: own ? 'plan' : house ? 'household' : 'default' });
  }
  return followed;
}
