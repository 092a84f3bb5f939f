import { oncePerPlan } from './oncePerPlan.js';
import { isRinsable, type PlanContext } from './planContext.js';

const LARGE: readonly unknown[] = ['larger', 'allOver'];

/**
 * Whether mould or germs are in a filling that cannot be rinsed: the piece is thrown away. Mould counts in what is
 * slept on, and in any large patch; germs count where the filling is soaked.
 */
export const rottenHere = oncePerPlan(
  ({
    told,
    facts,
    item,
    envelope,
    index,
  }: Pick<PlanContext, 'told' | 'facts' | 'item' | 'envelope' | 'index'>): 'mould' | 'germs' | false => {
    if (isRinsable(item, envelope)) return false;
    const stays = told.flatMap(({ causes }) => causes.flatMap(({ mark }) => mark.staysInFilling ?? []));
    const isFilled =
      item.sleptOn ||
      facts.piece.parts.some(
        ({ name, fibres }) =>
          index.partsByName.get(name)?.beneath === true ||
          fibres.some(({ fibreId }) => index.fibres.get(fibreId)?.group === 'fill'),
      );
    if (stays.includes('mould') && (item.sleptOn || (isFilled && LARGE.includes(facts.size)))) return 'mould';
    return stays.includes('germs') && isFilled && facts.size === 'allOver' && 'germs';
  },
);
