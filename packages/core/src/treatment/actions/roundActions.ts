import {
  type Colour,
  type Note,
  type RinseBetween,
  STANDING_ALARMS,
  STANDING_NOTES,
  UNKNOWN_FIBRE_ID,
} from '@feverfew/knowledge';
import { plainPassML } from '../assess/dose/spotAmount.js';
import { soilCautions } from '../case/soilCautions.js';
import type { Action } from '../plan/action.js';
import { measuredOut } from '../recipe/measureIngredient.js';
import type { ActionsInput } from './actionsInput.js';
import { draftAction } from './draftAction.js';
import { methodCautions } from './methodCautions.js';
import { notesOf } from './notesOf.js';
import { residueActions } from './residueActions.js';
import { residueCautions } from './residueCautions.js';
import { workActions } from './workActions.js';

/**
 * What is done in one pass of a round: what an earlier product left is dealt with before the first, a hidden test
 * comes before possible harm, then the work, then preparation for the next product. Washing, drying and the dry
 * look are the round's.
 * @param after what comes between it and the next thing
 * @param extra lines of the course for this pass
 */
export function roundActions(input: ActionsInput, after: RinseBetween, extra: readonly Note[]): Action[] {
  const { eligible, context, inRound } = input;
  const { method, window, remarks } = eligible;
  const cautionIds = [
    ...new Set([
      ...methodCautions(method, window, context),
      ...(inRound.isFirst
        ? [...soilCautions(context.told, context.knowledge), ...residueCautions(context)]
        : []),
    ]),
  ];
  const work = workActions(input, cautionIds)
    // A drum cannot be looked into: the dry look of the round decides.
    .filter((action) => !(method.inMachine && action.kind === 'look'))
    .map((action) =>
      action.kind === 'apply' ? { ...action, notes: [...action.notes, ...notesOf(input, extra)] } : action,
    );
  return [
    ...residueActions(input),
    ...(remarks.some(({ code }) => code === 'hiddenTestFirst') || (!inRound.wetted && wantsWaterTest(input))
      ? [
          draftAction('hiddenTest', {
            action: window.action,
            cautionIds,
            alarmSignIds: STANDING_ALARMS.colouredPiece,
          }),
        ]
      : []),
    ...work,
    ...rinseAfter(input, after),
  ];
}

const UNTRIED: readonly Colour[] = ['mid', 'dark', 'multicoloured', 'unknown'];

/**
 * Before the first water: unknown fibres, an untested dye on a surface that cannot be rinsed, an irreplaceable piece.
 */
function wantsWaterTest({ eligible: { method }, context }: ActionsInput): boolean {
  const { facts, rinsable } = context;
  const { piece } = facts;
  if (method.wetting === 'dry') return false;
  const unknown =
    piece.parts.length === 0 ||
    piece.parts.some((part) => part.fibres.length === 0 || part.fibres.some(isUnknownFibre));
  const dye = !rinsable && piece.fastness === 'unknown' && UNTRIED.includes(piece.colour);
  const onCloth = !rinsable || piece.label === null;
  return (unknown && onCloth) || dye || ['antique', 'irreplaceable'].includes(piece.condition);
}

const isUnknownFibre = ({ fibreId }: { readonly fibreId: string }): boolean => fibreId === UNKNOWN_FIBRE_ID;

/** What the method says of it; of a bath that says nothing, how long. */
function rinseNotes(input: ActionsInput): string[] {
  const own = notesOf(input, 'rinse');
  const bath = input.eligible.method.liquorRatioLPerKg !== null;
  return bath && own.length === 0 ? notesOf(input, [STANDING_NOTES.rinseClear]) : own;
}

/** A rinse where one comes after the pass; airing and vacuuming where that does. */
function rinseAfter(input: ActionsInput, after: RinseBetween): Action[] {
  const { eligible, context, inRound } = input;
  const { method, window } = eligible;
  const { rinsable, index, item } = context;
  const wet = !rinsable && method.wetting !== 'dry';
  const maxC = Math.min(30, window.tempC.max);
  const rinse = (rinses: number, rinseWay: Action['rinseWay']) =>
    draftAction('rinse', {
      rinses,
      rinseWay,
      tempC: rinseWay === 'vacuum' ? null : { min: Math.min(5, maxC), max: maxC, target: Math.min(20, maxC) },
      putOn: wet && rinseWay === 'damp' ? measuredOut(plainPassML(context, inRound.wetGoes), context) : null,
      notes:
        rinseWay === 'vacuum'
          ? notesOf(input, 'rinse')
          : rinseWay === 'change' && rinses > 1
            ? rinseNotes(input)
            : [],
    });
  const through = index.factsOf(method).chemistries.includes('chlorine') || item.skinContact ? 3 : 2;
  switch (after) {
    case 'short':
      return [rinse(1, rinsable ? 'change' : 'damp')];
    case 'noFoam':
    case 'full':
      return [rinsable ? rinse(through, 'change') : rinse(dampPasses(after), 'damp')];
    case 'damp':
    case 'dryToTouch':
      return [rinse(dampPasses(after), 'damp')];
    case 'vacuum':
      return [rinse(0, 'vacuum')];
    case 'airOut':
      return method.solventAftercare ? [] : [draftAction('airOut', {})];
    case 'none':
    case 'blot':
      return [];
  }
}

/** Damp passes after a product on what cannot be rinsed through. */
export function dampPasses(after: RinseBetween): number {
  if (after === 'short') return 1;
  return ['noFoam', 'full', 'damp', 'dryToTouch'].includes(after) ? 2 : 0;
}
