import type { LimitOwner } from '../../finding/limitOwner.js';
import type { FollowedPosition } from '../../trouble/followedPositions.js';
import type { Limit } from '../limit.js';

/** Limits that a followed position sets for this kind of piece. */
export function positionLimits(
  positions: ReadonlyMap<string, FollowedPosition>,
  itemId: string | null,
): Limit[] {
  return [...positions.values()].flatMap(({ position }): Limit[] => {
    const { effect } = position;
    if (effect.kind !== 'limit') return [];
    if (effect.itemIds.length > 0 && !(itemId && effect.itemIds.includes(itemId))) return [];
    const owner: LimitOwner = { kind: 'position', positionId: position.id };
    const ground = { owner, protects: 'piece', sourceIds: position.sourceIds } as const;
    return [
      ...(effect.mostWetting ? [{ ...ground, quantity: 'wetting', most: effect.mostWetting } as const] : []),
      ...(effect.mostAction ? [{ ...ground, quantity: 'action', most: effect.mostAction } as const] : []),
    ];
  });
}
