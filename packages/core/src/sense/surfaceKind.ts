import type { Fibre, SurfaceKind } from '@feverfew/knowledge';
import type { SenseCase } from './senseCase.js';

/** Jute and its like: water browns it. Linen and hemp bear it. */
const isJute = ({ group, waterSensitive }: Fibre): boolean => group === 'bastLeaf' && waterSensitive;

const PILE = /pile|face|whole/i;

/**
 * How the surface holds liquid; null where the piece is no surface. What is not known counts as the kind that takes
 * more, so that only what is sure is a fault.
 */
export function surfaceKindOf({ item, plan, index }: SenseCase): SurfaceKind | null {
  if (!item?.surfaceOnly || item.mostMLPerCm2 === null) return null;
  const groupsIn = (words: RegExp) =>
    plan.facts.piece.parts
      .filter(({ name }) => words.test(name))
      .flatMap(({ fibres }) => fibres.flatMap(({ fibreId }) => index.fibres.get(fibreId) ?? []));
  if (item.icon !== 'floor')
    return groupsIn(/./).some(({ group, professionalOnly }) => group === 'animalProtein' && professionalOnly)
      ? 'leather'
      : 'padded';
  const { parts } = plan.facts.piece;
  // A mark on a binding or a webbing wets no pile.
  const isOnPile = PILE.test(parts[plan.facts.partIndex]?.name ?? 'pile');
  const pile = groupsIn(PILE);
  // Its maker knows what the jute is bound with: a tag that has it washed goes before the general rule.
  const isWashable = ['hand', 'machine'].includes(plan.facts.piece.label?.wash?.kind ?? '');
  if (pile.some(isJute)) return isWashable || !isOnPile ? 'juteBacked' : 'jutePile';
  if (groupsIn(/backing/i).some(isJute)) return 'juteBacked';
  return pile.some(({ group }) => group === 'animalProtein') ? 'woolPile' : 'syntheticPile';
}
