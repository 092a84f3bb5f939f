import type { Agent } from '@feverfew/knowledge';
import { USUAL_CHECK_ID } from '../../finding/usualCheckId.js';
import { oncePerPlan } from './oncePerPlan.js';
import { isRinsable, type PlanContext } from './planContext.js';

/** A product that is aired out before any water. A chlorinated solvent does not burn; its vapour makes dizzy. */
export const isVapour = ({ flammable, chemistries }: Agent): boolean =>
  flammable || chemistries.includes('hydrocarbon');

/** Whether a vapour that harms is still in the piece: a solvent tried before, or the trouble itself. */
export const holdsVapour = oncePerPlan(
  ({ residues, marks }: Pick<PlanContext, 'residues' | 'marks'>): boolean =>
    residues.some(isVapour) ||
    marks.some(({ components }) => components.some(({ component }) => component.vapourBurns)),
);

/**
 * Whether fuel has soaked the piece, or gone into foam or into padding that cannot be rinsed: it stays for weeks and
 * burns, so the piece is put out of use. A splash is not meant.
 */
export const isSoakedWithFuel = oncePerPlan(
  ({
    told,
    facts,
    index,
    item,
    envelope,
  }: Pick<PlanContext, 'told' | 'facts' | 'index' | 'item' | 'envelope'>): boolean => {
    if (!hasFuel({ told })) return false;
    if (facts.size === 'allOver') return true;
    // It is not as usual, and what its tag says is not known: whether it may be rinsed is open.
    const isTagOpen = facts.piece.label === null && facts.seen?.[USUAL_CHECK_ID] === false;
    return facts.piece.parts.some(({ name, fibres }) => {
      const foam = fibres.some(({ fibreId }) => {
        const fibre = index.fibres.get(fibreId);
        return fibre?.group === 'fill' && fibre.mostWetting !== null;
      });
      const padding = index.partsByName.get(name)?.beneath === true;
      return foam || (padding && (isTagOpen || !isRinsable(item, envelope)));
    });
  },
);

/** Whether drying oil is all over the piece: in a heap or a dryer it catches fire by itself, until it has cured in months. */
export const heatsItself = oncePerPlan(
  ({ told, facts }: Pick<PlanContext, 'told' | 'facts'>): boolean =>
    facts.size === 'allOver' &&
    facts.age !== 'months' &&
    told.some(({ causes }) => causes.some(({ mark }) => mark.heatsItself)),
);

/** Whether liquid fuel is or was on the piece: no solvent is added to it. */
export const hasFuel = ({ told }: Pick<PlanContext, 'told'>): boolean =>
  told.some(({ causes }) => causes.some(({ mark }) => mark.fuel));
