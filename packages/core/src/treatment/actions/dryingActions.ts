import { HEAVY_DRY_MASS_G, STANDING_CAUTIONS, STANDING_NOTES } from '@feverfew/knowledge';
import { positionNotes } from '../case/positionNotes.js';
import { solventsEver } from '../case/residues.js';
import type { Action } from '../plan/action.js';
import type { ActionsInput } from './actionsInput.js';
import { draftAction } from './draftAction.js';
import { fibreNotes, notesOf } from './notesOf.js';
import { signsFor } from './signsFor.js';

/** Without heat: nobody has seen the piece dry in daylight yet. */
export function dryAction(input: ActionsInput): Action {
  const { context, passIndex, eligible } = input;
  const { method } = eligible;
  const ways = context.envelope.drying.filter(
    (window) => window.allowed && (window.way === 'flat' || window.way === 'line' || window.way === 'sun'),
  );
  const inPlace = context.item.surfaceOnly;
  const heavy = context.dryMassG > HEAVY_DRY_MASS_G && context.rinsable && method.wetting === 'immersion';
  return draftAction('dry', passIndex, {
    dryingWays: inPlace ? [] : ways.map((window) => window.way),
    notes: [
      ...notesOf(input, 'dry'),
      ...notesOf(input, [
        ...positionNotes('dry', method, context).map(({ note }) => note),
        ...(inPlace && method.wetting !== 'dry' ? [STANDING_NOTES.towelOnIt] : []),
      ]),
    ],
    cautionIds: [
      ...STANDING_CAUTIONS.notYetGone,
      ...(method.solventAftercare || solventsEver(context).length > 0 ? STANDING_CAUTIONS.afterSolvent : []),
      ...(heavy ? STANDING_CAUTIONS.heavyWet : []),
    ],
  });
}

export function finalLookAction(input: ActionsInput): Action {
  const { passIndex, eligible, context } = input;
  return draftAction('finalLook', passIndex, {
    notes: fibreNotes(input, 'afterLook'),
    ...signsFor(eligible.method, context),
    cautionIds: STANDING_CAUTIONS.notYetGone,
  });
}
