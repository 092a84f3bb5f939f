import { STANDING_ALARMS, STANDING_CAUTIONS, STANDING_NOTES } from '@feverfew/knowledge';
import { explosivesHere } from '../case/explosivesHere.js';
import { soilCautions } from '../case/soilCautions.js';
import type { Action } from '../plan/action.js';
import type { ActionsInput } from './actionsInput.js';
import { draftAction } from './draftAction.js';
import { notesOf, rinsesFirst } from './notesOf.js';
import { residueCautions } from './residueCautions.js';

/** Changes of water that carry out what would explode once dry. Common practice, no source. */
const FLOOD_RINSES = 5;

/** What comes before the mix: rinse out the last product, lift solids, first aid, hidden test. */
export function beforeActions(input: ActionsInput, cautionIds: readonly string[]): Action[] {
  const {
    eligible: { window, remarks },
    context,
    passIndex,
  } = input;
  const { marks } = context;
  const hiddenTest = remarks.some((remark) => remark.code === 'hiddenTestFirst');
  const bodyFluid = context.told.some((work) => work.isBodyFluid);
  // Solids are lifted once, before anything else is on the piece.
  const solids = marks.some((work) => work.mark.hasSolids) && (marks.length === 1 || passIndex === 0);
  const lift = solids
    ? [draftAction('lift', passIndex, { cautionIds: bodyFluid ? STANDING_CAUTIONS.bodyFluid : [] })]
    : [];
  const untouched = isUntouched(input);
  return [
    ...(untouched ? [] : lift),
    ...residueActions(input),
    ...firstAid(input),
    ...(untouched ? lift : []),
    ...(hiddenTest
      ? [
          draftAction('hiddenTest', passIndex, {
            action: window.action,
            cautionIds,
            alarmSignIds: STANDING_ALARMS.colouredPiece,
          }),
        ]
      : []),
  ];
}

/** Solvent is aired out before anything, then what is left of an earlier product is rinsed out in two waters. */
export function residueActions(input: ActionsInput): Action[] {
  const { context, passIndex, inRound } = input;
  const { residues, rinsable, envelope } = context;
  const first = inRound ? inRound.isFirst : passIndex === 0;
  const cautionIds = first ? residueCautions(context) : [];
  const cold = { min: 5, max: Math.min(30, envelope.tempC.max), target: Math.min(15, envelope.tempC.max) };
  return [
    ...(first && residues.some((agent) => agent.flammable)
      ? [draftAction('airOut', passIndex, { cautionIds })]
      : []),
    ...(rinsesFirst(input)
      ? [
          draftAction('rinseBefore', passIndex, {
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

/** Solvent and powder take nothing up from wet cloth. */
const wantsDryCloth = ({ eligible: { method }, context }: ActionsInput): boolean =>
  method.solventAftercare ||
  (method.agents[0]?.agentId !== undefined &&
    context.index.agents.get(method.agents[0].agentId)?.chemistries.includes('absorbent') === true);

/** There is something wet to blot up: not on what is dry, nor what dusts. */
const takesUp = ({ facts, marks }: ActionsInput['context']): boolean =>
  facts.wetness !== 'dry' &&
  marks.some((work) => work.components.some(({ component }) => !component.dustHarms));

/** What may not be touched while it is wet is left to set first. */
const isUntouched = ({ context, passIndex }: ActionsInput): boolean =>
  passIndex === 0 && context.barred.has('blot') && context.facts.wetness !== 'dry';

function firstAid(input: ActionsInput): Action[] {
  const { eligible, context, passIndex } = input;
  const cautionIds = [
    ...new Set([
      ...soilCautions(context.told, context.knowledge),
      ...(passIndex === 0 ? residueCautions(context) : []),
    ]),
  ];
  const own = notesOf(input, 'firstAid');
  const untouched = isUntouched(input);
  if (!eligible.method.notes.firstAid && (passIndex > 0 || cautionIds.length === 0)) return [];
  return [
    draftAction('firstAid', passIndex, {
      action: !context.barred.has('blot') && (own.length > 0 || takesUp(context)) ? 'blot' : null,
      notes: untouched ? notesOf(input, [STANDING_NOTES.letItSet]) : own,
      cautionIds,
    }),
  ];
}
