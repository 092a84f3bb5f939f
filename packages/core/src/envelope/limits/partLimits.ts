import type { LimitOwner } from '../../finding/limitOwner.js';
import type { KnowledgeIndex } from '../../lookup/knowledgeIndex.js';
import type { PieceFacts } from '../../textile/piece.js';
import type { Limit } from '../limit.js';
import { chemistryLimit } from './chemistryLimit.js';

/** What a kind of part forbids whatever it is made of: a stiffener keeps water off, a backing keeps solvents off. */
export function partLimits(piece: PieceFacts, index: KnowledgeIndex): Limit[] {
  const names = [...new Set(piece.parts.map((part) => part.name))].sort();
  return names.flatMap((name): Limit[] => {
    const part = index.partsByName.get(name);
    if (!part) return [];
    const owner: LimitOwner = { kind: 'part', partId: part.id };
    const ground = { owner, protects: 'piece', sourceIds: part.sourceIds } as const;
    return [
      ...(part.mostWetting ? [{ ...ground, quantity: 'wetting', most: part.mostWetting } as const] : []),
      ...(part.mostAction ? [{ ...ground, quantity: 'action', most: part.mostAction } as const] : []),
      ...part.chemistry.map((rule) => chemistryLimit(rule, owner)),
      ...part.drying.map(
        (rule) =>
          ({ ...ground, quantity: 'drying', forbids: rule.forbids, protects: rule.protects }) as const,
      ),
    ];
  });
}
