import type { TroubleKind } from '@feverfew/knowledge';
import type { Action } from '../../treatment/plan/action.js';
import type { Pass } from '../../treatment/plan/pass.js';

/** What to look for, in the order of doing it. Words for each stand in `LOOK_QUESTION_WORDS`. */
const LOOK_QUESTIONS = [
  'dryFirst',
  'stillWet',
  'foamGone',
  'colourOnCloth',
  'waterDirtOrDye',
  'smellWarm',
  'besideControl',
] as const;
export type LookQuestion = (typeof LOOK_QUESTIONS)[number];

/**
 * Questions that fit this look: how the step keeps the piece, what the pass put on it, what kind of trouble it is.
 * @param kinds of the marks worked on
 */
export function lookQuestions(
  pass: Pick<Pass, 'actions'>,
  action: Action,
  kinds: readonly TroubleKind[],
): LookQuestion[] {
  const { dwell, kind } = action;
  const inBath = pass.actions.some((other) => other.kind === 'mix' && other.vessel !== null);
  const isSmell = kinds.length > 0 && kinds.every((one) => one === 'odour');
  const asks: Readonly<Record<LookQuestion, boolean>> = {
    dryFirst: kind === 'finalLook',
    stillWet: dwell?.keep === 'wet',
    foamGone: kind === 'look' && !inBath && pass.actions.some((other) => other.rinses !== null),
    colourOnCloth: kind !== 'finalLook' && !isSmell,
    waterDirtOrDye: inBath && kind !== 'finalLook',
    smellWarm: kinds.includes('odour'),
    besideControl: !isSmell,
  };
  return LOOK_QUESTIONS.filter((question) => asks[question]);
}
