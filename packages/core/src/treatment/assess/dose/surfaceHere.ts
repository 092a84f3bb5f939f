import { SURFACE_AMOUNTS } from '@feverfew/knowledge';
import type { PlanContext } from '../../case/planContext.js';

export type SurfaceHere = keyof typeof SURFACE_AMOUNTS;

/** How what cannot be rinsed through holds liquid. Of several materials the one that bears least decides. */
export function surfaceHere({
  facts,
  item,
  index,
}: Pick<PlanContext, 'facts' | 'item' | 'index'>): SurfaceHere {
  const fibres = facts.piece.parts.flatMap((part) =>
    part.fibres.flatMap(({ fibreId }) => {
      const fibre = index.fibres.get(fibreId);
      return fibre ? [{ fibre, part: part.name }] : [];
    }),
  );
  if (item.icon === 'floor') {
    if (fibres.some(({ fibre }) => fibre.group === 'bastLeaf' && fibre.waterSensitive)) return 'juteBacked';
    const isBacking = (part: string) => /backing/i.test(part);
    const isWool = fibres.some(({ fibre, part }) => fibre.group === 'animalProtein' && !isBacking(part));
    return isWool || fibres.length === 0 ? 'woolPile' : 'syntheticPile';
  }
  const isLeather = fibres.some(({ fibre }) => fibre.group === 'animalProtein' && fibre.professionalOnly);
  return isLeather ? 'leather' : 'padded';
}
