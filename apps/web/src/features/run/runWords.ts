import type { Choice, LookAnswer, Outcome } from '@feverfew/contracts';

export const ANSWER_WORDS: Readonly<Record<LookAnswer, { title: string; hint: string }>> = {
  gone: { title: 'Gone', hint: 'as clean as the part beside it' },
  moving: { title: 'Still moving', hint: 'clearly less than before' },
  stalled: { title: 'Stalled', hint: 'hardly changed' },
  wrong: { title: 'Something is wrong', hint: 'own colour on the cloth, felting, holes, fumes' },
};

export const CHOICE_WORDS: Readonly<Record<Choice, string>> = {
  continue: 'Go on',
  wait: 'Leave it in',
  repeat: 'Same again, fresh mix',
  nextRung: 'Next rung',
  stop: 'Stop and rinse it out',
  finish: 'Finish and write it down',
};

/** Why the first choice is the first. */
export const ADVICE_WORDS: Readonly<Record<LookAnswer, string>> = {
  gone: 'Good. Rinse it out well before anything else.',
  moving: 'It still moves: time first, then the same again while it does.',
  stalled: 'Less than a tenth went: change the mechanism, not the strength.',
  wrong: 'Stop now. Rinse cold, lay it flat on a white towel, look again when dry.',
};

export const OUTCOME_WORDS: Readonly<Record<Outcome, string>> = {
  gone: 'Gone',
  better: 'Better, and accepted',
  unchanged: 'No change',
  worse: 'Worse',
  professional: 'Handed to a professional',
  abandoned: 'Broken off, trouble stays open',
};

export const LEFT_STEPS = [
  { value: 100, text: 'all' },
  { value: 75, text: 'most' },
  { value: 50, text: 'half' },
  { value: 25, text: 'little' },
  { value: 5, text: 'a trace' },
] as const;
