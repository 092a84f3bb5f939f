import { STANDING_NOTES } from '@feverfew/knowledge';
import { dripsDry } from '../../textile/careLabel.js';
import { isVapour } from '../case/vapourHere.js';
import type { ActionsInput } from './actionsInput.js';
import { notesOf } from './notesOf.js';

/** What a wash has to mind besides the piece itself: company it would dye or set alight, and a spin its tag forbids. */
export function togetherNotes(input: ActionsInput): string[] {
  const {
    eligible: { method },
    context: { marks, facts, residues },
    inRound,
  } = input;
  const { piece } = facts;
  const alone =
    method.solventAftercare ||
    inRound.solvent ||
    residues.some(isVapour) ||
    marks.some((work) => work.kinds.has('dyeRun')) ||
    (piece.fastness === 'failed' && piece.colour !== 'white');
  return notesOf(input, [
    ...(alone ? [STANDING_NOTES.washAlone] : []),
    ...(dripsDry(piece.label) ? [STANDING_NOTES.noSpin] : []),
  ]);
}
