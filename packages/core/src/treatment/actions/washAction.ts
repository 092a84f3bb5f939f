import { MOST_WASH_BEFORE_GONE_C, STANDING_CAUTIONS } from '@feverfew/knowledge';
import type { Action } from '../plan/action.js';
import { byLabel } from '../recipe/byLabel.js';
import type { ActionsInput } from './actionsInput.js';
import { draftAction } from './draftAction.js';
import { notesOf } from './notesOf.js';
import { togetherNotes } from './togetherNotes.js';

/** Water of a wash by hand, L: a basin. Common practice, no source. */
const HAND_WASH_L = 5;

/**
 * The wash that carries the loosened soil off: no warmer than 40 °C, since nobody has yet seen in daylight that it
 * is gone.
 */
export function washAction(input: ActionsInput): Action[] {
  const { eligible, context, passIndex } = input;
  const { wash } = eligible;
  if (!wash) return [];
  const max = Math.min(context.envelope.tempC.max, MOST_WASH_BEFORE_GONE_C);
  return [
    draftAction('wash', passIndex, {
      programme: wash.programme,
      tempC: { min: Math.min(15, max), max, target: max },
      ingredients: wash.agents.map((agent) =>
        byLabel(agent, wash.programme === 'hand' ? HAND_WASH_L : null, context.household),
      ),
      notes: [...notesOf(input, wash.notes), ...togetherNotes(input)],
      cautionIds: [
        ...new Set([...wash.agents.flatMap((agent) => agent.cautionIds), ...STANDING_CAUTIONS.anyProduct]),
      ],
    }),
  ];
}
