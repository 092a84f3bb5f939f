import type {
  Action,
  Choice,
  Level,
  LookAnswer,
  Outcome,
  Pass,
  RunEvent,
  RunState,
} from '@feverfew/contracts';

export const LEVEL_WORDS: Readonly<Record<Level['id'], { title: string }>> = {
  none: { title: 'Gone' },
  trace: { title: 'A trace' },
  little: { title: 'A little' },
  half: { title: 'Half' },
  most: { title: 'Most of it' },
  all: { title: 'All of it' },
};

export const ANSWER_WORDS: Readonly<Record<LookAnswer, string>> = {
  gone: 'Gone',
  moving: 'Still moving',
  stalled: 'Stalled',
  unsure: 'Cannot tell',
  wrong: 'Something is wrong',
};

/** How a piece is freed of what is on it: rinsed through, blotted, taken off dry, or nothing is on it. */
export type WayOut = NonNullable<Action['rinseWay']> | 'none';

export const wayOutOf = ({ actions, rinseOut }: Pick<Pass, 'actions' | 'rinseOut'>): WayOut =>
  (actions.find(({ kind }) => kind === 'rinse') ?? rinseOut)?.rinseWay ?? 'none';

const STOP_ADVICE: Readonly<Record<WayOut, string>> = {
  change: 'Stop now. Rinse cold, lay it flat on a white towel, look again when dry.',
  damp: 'Stop now. Blot it with a cold damp cloth, then a dry one, and look again when dry.',
  vacuum: 'Stop now. Take off dry what is on it, and look again in daylight.',
  none: 'Stop now. Leave it as it lies, and look again when it is dry.',
};
const STOP_WORDS: Readonly<Record<WayOut, string>> = {
  change: 'Stop and rinse it out',
  damp: 'Stop and blot it out',
  vacuum: 'Stop and take it off',
  none: 'Stop here',
};

/** Why the first choice is the first. */
export const adviceWords = (answer: LookAnswer, wayOut: WayOut): string =>
  answer === 'wrong' ? STOP_ADVICE[wayOut] : ADVICE_WORDS[answer];

const ADVICE_WORDS: Readonly<Record<Exclude<LookAnswer, 'wrong'>, string>> = {
  gone: 'Good. On to what ends this round; it is looked at again dry.',
  moving: 'It is getting lighter: leave it longer, then repeat.',
  stalled: 'Less than a tenth went: something else comes next.',
  unsure: 'That is an answer too. Go on without heat and look again when it is dry.',
};

/** A way on in the words of what it means here. */
export function choiceWords(
  choice: Choice,
  action: Action,
  restKinds: readonly Action['kind'][],
  wayOut: WayOut,
): string {
  switch (choice) {
    case 'continue':
    case 'takeOut':
      if (action.kind === 'dwell') return 'Take it out and go on';
      return restKinds.includes('rinse') ? 'Rinse it and go on' : 'Go on';
    case 'wait':
      return 'Leave it in';
    case 'repeat':
      return 'Same again, fresh mix';
    case 'nextPass':
      return 'The next round';
    case 'stop':
      return STOP_WORDS[wayOut];
    case 'finish':
      return 'Finish and write it down';
  }
}

export const OUTCOME_WORDS: Readonly<Record<Outcome, string>> = {
  gone: 'Gone',
  better: 'Better, and accepted',
  mended: 'Mended or covered',
  demoted: 'Kept for rough use',
  unchanged: 'No change',
  worse: 'Worse',
  professional: 'Handed to a professional',
  retired: 'Retired',
  abandoned: 'Stopped, trouble stays open',
};

/** What each ending means, said next to it. */
export const OUTCOME_HINTS: Readonly<Partial<Record<Outcome, string>>> = {
  better: 'A residue of colour is not dirt.',
  mended: 'A patch, a button, a stitch over it.',
  demoted: 'Garden, dog, rags with a use.',
  professional: 'Say what was used on it.',
  retired: 'It has done its work.',
};

export const RUN_HEAT_WORDS: Readonly<Record<RunState['heat'], string>> = {
  closed: 'No tumble, iron or hot wash yet: heat sets what is left.',
  open: 'It was gone, dry and in daylight: heat is allowed, as the tag says.',
  overridden: 'Heat was allowed before it was gone, by your own choice. The tag’s limits still hold.',
};

/** A tap in two words, for taking it back and bringing it again. */
export const TAP_WORDS: Readonly<Record<RunEvent['kind'], string>> = {
  started: 'the start',
  actionDone: 'done',
  tested: 'the hidden test',
  skipped: 'the step left out',
  timerStarted: 'the clock',
  paused: 'out for now',
  resumed: 'put back',
  extended: 'longer',
  looked: 'the look',
  decided: 'the way on',
  mixUsed: 'the kept mix',
  heatAllowed: 'heat allowed',
  finished: 'the end',
  noted: 'the note',
  photoKept: 'the picture',
  undone: 'undo',
  redone: 'redo',
  clockSet: 'the clock set',
};
