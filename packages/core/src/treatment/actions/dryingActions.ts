import { HEAVY_DRY_MASS_G } from '@feverfew/knowledge';
import { schoolNotes } from '../case/positionNotes.js';
import type { Step } from '../plan/action.js';
import type { StepsInput } from './actionsInput.js';
import { signsFor } from './cautions.js';
import { draftStep } from './draftAction.js';

/** Without heat: nobody has seen the piece dry in daylight yet. */
export function dryStep({ context, rungIndex, fit }: StepsInput): Step {
  const { method } = fit;
  const ways = context.envelope.drying.filter(
    (window) => window.allowed && (window.way === 'flat' || window.way === 'line' || window.way === 'sun'),
  );
  const inPlace = context.item.surfaceOnly;
  const heavy = context.dryMassG > HEAVY_DRY_MASS_G && context.rinsable && method.wetting === 'immersion';
  return draftStep('dry', rungIndex, {
    dryingWays: inPlace ? [] : ways.map((window) => window.way),
    notes: [
      ...(method.notes.dry ?? []),
      ...schoolNotes('dry', method, context).map((note) => note.text),
      ...(inPlace && method.wetting !== 'dry'
        ? ['Dry white towel on it, weighed down, until it takes no more; then let it air.']
        : []),
    ],
    cautionIds: [
      'noHeatBeforeGone',
      ...(method.solventAftercare ? ['noDryerAfterSolvent'] : []),
      ...(heavy ? ['heavyWet'] : []),
    ],
  });
}

export function finalLookStep({ rungIndex, fit, context }: StepsInput): Step {
  return draftStep('finalLook', rungIndex, {
    ...signsFor(fit.method, context),
    cautionIds: ['noHeatBeforeGone'],
  });
}
