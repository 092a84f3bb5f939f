import { STANDING_NOTES } from '@feverfew/knowledge';
import { explosivesHere } from '../case/explosivesHere.js';
import { holdsVapour } from '../case/vapourHere.js';
import type { Action } from '../plan/action.js';
import type { ActionsInput } from './actionsInput.js';
import { draftAction } from './draftAction.js';
import { notesOf, rinsesFirst } from './notesOf.js';
import { residueCautions } from './residueCautions.js';

/** Changes of water that carry out what would explode once dry. Common practice, no source. */
const FLOOD_RINSES = 5;

/** Solvent is aired out before anything, then what is left of an earlier product is rinsed out in two waters. */
export function residueActions(input: ActionsInput): Action[] {
  const { context, inRound } = input;
  const { rinsable, envelope } = context;
  const cautionIds = inRound.isFirst ? residueCautions(context) : [];
  const cold = { min: 5, max: Math.min(30, envelope.tempC.max), target: Math.min(15, envelope.tempC.max) };
  return [
    ...(inRound.isFirst && holdsVapour(context) && !airs(input)
      ? [draftAction('airOut', { cautionIds })]
      : []),
    ...(rinsesFirst(input)
      ? [
          draftAction('rinseBefore', {
            rinses: explosivesHere(context).length > 0 ? FLOOD_RINSES : 2,
            rinseWay: rinsable ? 'change' : 'damp',
            tempC: cold,
            notes: notesOf(input, !rinsable || wantsDryCloth(input) ? [STANDING_NOTES.dryBetween] : []),
            cautionIds,
          }),
        ]
      : []),
  ];
}

/** Airing is what the pass itself is. */
const airs = ({ eligible: { method } }: ActionsInput): boolean =>
  method.wetting === 'dry' &&
  method.agents.length === 0 &&
  method.extraMechanisms.includes('airing') &&
  !method.extraMechanisms.includes('brushing');

/** Solvent and powder take nothing up from wet cloth. */
const wantsDryCloth = ({ eligible: { method }, context }: ActionsInput): boolean =>
  method.solventAftercare ||
  (method.agents[0]?.agentId !== undefined &&
    context.index.agents.get(method.agents[0].agentId)?.chemistries.includes('absorbent') === true);
