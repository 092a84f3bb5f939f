import type { Chemistry, SoilComponent } from '@feverfew/knowledge';
import { oncePerPlan } from './oncePerPlan.js';
import type { PlanContext } from './planContext.js';

/** A product that may still be on the piece, and what it reacts with there: another product, or the trouble itself. */
export interface Reaction {
  readonly agentId: string;
  readonly with:
    | { readonly kind: 'product'; readonly agentId: string; readonly pairId: string }
    | { readonly kind: 'soil'; readonly component: SoilComponent };
}

const CHLORINES: readonly Chemistry[] = ['chlorine', 'poolChlorine'];

/**
 * What gives off gas on the piece now, whatever the plan does: two products tried before, in any order, or chlorine on
 * urine and its like.
 */
export const fumesHere = oncePerPlan(
  ({ told, residues, index }: Pick<PlanContext, 'told' | 'residues' | 'index'>): readonly Reaction[] => {
    const products = residues.flatMap((one, at) =>
      residues.slice(at + 1).flatMap((other): Reaction[] => {
        const pair = index.pairsBetween(one, other).find(({ fumes }) => fumes);
        return pair
          ? [{ agentId: one.id, with: { kind: 'product', agentId: other.id, pairId: pair.id } }]
          : [];
      }),
    );
    const chlorine = residues.find(({ chemistries }) => chemistries.some((one) => CHLORINES.includes(one)));
    const soils = told
      .flatMap((work) => work.components)
      .filter(({ component }) =>
        component.chemistry.some(
          (rule) => rule.chemistry === 'chlorine' && rule.verdict === 'never' && rule.protects !== 'piece',
        ),
      )
      .map(({ component }) => component);
    return [
      ...products,
      ...(chlorine
        ? soils
            .slice(0, 1)
            .map((component): Reaction => ({ agentId: chlorine.id, with: { kind: 'soil', component } }))
        : []),
    ];
  },
);
