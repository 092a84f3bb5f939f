import type { LimitOwner } from '../../finding/limitOwner.js';
import type { FollowedPosition } from '../../trouble/followedPositions.js';
import type { Limit } from '../limit.js';

/** Limits that a followed school sets for this kind of piece. */
export function positionLimits(
  schools: ReadonlyMap<string, FollowedPosition>,
  itemId: string | null,
): Limit[] {
  return [...schools.values()].flatMap(({ school }): Limit[] => {
    const { effect } = school;
    if (effect.kind !== 'limit') return [];
    if (effect.itemIds.length > 0 && !(itemId && effect.itemIds.includes(itemId))) return [];
    const owner: LimitOwner = { kind: 'school', schoolId: school.id };
    const ground = { owner, protects: 'piece', sourceIds: school.sourceIds } as const;
    return [
      ...(effect.mostWetting ? [{ ...ground, quantity: 'wetting', most: effect.mostWetting } as const] : []),
      ...(effect.mostAction ? [{ ...ground, quantity: 'action', most: effect.mostAction } as const] : []),
    ];
  });
}
