import { type CautionOccasion, type Method, STANDING_CAUTIONS, STANDING_NOTES } from '@feverfew/knowledge';
import { positionNotes } from '../case/positionNotes.js';
import type { Action } from '../plan/action.js';
import { aimedDwell } from '../recipe/aimedDwell.js';
import { recipe } from '../recipe/recipe.js';
import type { ActionsInput } from './actionsInput.js';
import { draftAction } from './draftAction.js';
import { fibreNotes, notesOf } from './notesOf.js';
import { signsFor } from './signsFor.js';
import { togetherNotes } from './togetherNotes.js';

/** Mixing, applying, waiting and looking. */
export function workActions(input: ActionsInput, cautionIds: string[]): Action[] {
  const { eligible, context } = input;
  const { method, window } = eligible;
  const amounts = recipe(eligible, context, input.inRound.wetGoes);
  const tempC = method.wetting === 'dry' ? null : window.tempC;
  const notes = (kind: keyof Method['notes']) => notesOf(input, kind);
  const inCompany = method.inMachine ? togetherNotes(input) : [];
  const areSeveral = amounts.bath !== null && amounts.batches === 1 && (context.facts.pieces ?? 1) > 1;
  const together = areSeveral ? notesOf(input, [STANDING_NOTES.allTogether]) : [];
  const signs = signsFor(method, context);
  const draft = (kind: Action['kind'], fields: Partial<Action>): Action => draftAction(kind, fields);
  const { vessel, batches, outlook, putOn } = amounts;
  const aim = outlook?.oxygen ? aimedDwell(eligible, context) : null;
  return [
    ...(method.agents.length > 0
      ? [
          draft('mix', {
            ...amounts,
            putOn: null,
            tempC,
            pH: window.pH,
            notes: [
              ...notes('mix'),
              ...notesOf(
                input,
                positionNotes('mix', method, context).map(({ note }) => note),
              ),
            ],
            cautionIds,
          }),
        ]
      : []),
    draft('apply', {
      action: window.action,
      putOn,
      vessel,
      batches,
      tempC,
      programme: method.inMachine ? method.programme : null,
      notes: [...fibreNotes(input, 'beforeSoak'), ...notes('apply'), ...inCompany, ...together],
      cautionIds,
    }),
    draft('dwell', {
      dwell: {
        minMin: window.dwellMin.min,
        maxMin: window.dwellMin.max,
        lookEveryMin: window.dwellMin.lookEvery,
        keep: method.keep,
        untilCool: method.untilCool,
        aimMin: aim?.minutes ?? null,
        attended: STANDING_CAUTIONS.attended.some((id) => cautionIds.includes(id)),
      },
      vessel,
      batches,
      tempC,
      outlook,
      notes: notes('dwell'),
      ...signs,
      cautionIds: without(cautionIds, 'anyProduct', 'mixing'),
    }),
    draft('look', { notes: notes('look'), ...signs }),
    ...(method.solventAftercare ? [draft('airOut', { cautionIds: without(cautionIds, 'hot') })] : []),
  ];
}

const without = (cautionIds: readonly string[], ...occasions: CautionOccasion[]): string[] =>
  cautionIds.filter((id) => occasions.every((occasion) => !STANDING_CAUTIONS[occasion].includes(id)));
