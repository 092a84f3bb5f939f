import type { Plan } from '../../treatment/plan/plan.js';
import type { Round } from '../../treatment/plan/round.js';
import type { Lexicon } from './lexicon.js';
import { roundWords } from './roundWords.js';

/** First acts that guard people: they are outside every limit of words. */
const GUARDS: readonly string[] = [
  'protect',
  'leaveRoom',
  'ventilate',
  'airOutdoors',
  'handsOff',
  'keepFlooded',
];

/**
 * Words of the first seconds and the first round, as they would be read aloud, without what guards people.
 * @returns a whole number, 0 or more
 */
export function wordsOfRoundOne(plan: Pick<Plan, 'atOnce' | 'rounds' | 'findings'>, say: Lexicon): number {
  const [round] = plan.rounds;
  const lines = [
    ...plan.atOnce.actions
      .filter(({ verbs }) => verbs.every((verb) => !GUARDS.includes(verb)))
      .map(({ text }) => text),
    ...plan.atOnce.donts,
    ...(round ? linesOf(round, plan, say) : []),
  ];
  return lines
    .join(' ')
    .split(/\s+/)
    .filter((word) => /\w/.test(word)).length;
}

function linesOf(round: Round, plan: Pick<Plan, 'atOnce' | 'findings'>, say: Lexicon): string[] {
  const { title, passes, drying, look } = roundWords(round, say, plan);
  const steps = passes.map((pass, at) =>
    [`${at + 1}. ${pass.title}:`, pass.recipe ?? [], pass.lines.filter((line) => !pass.guards.includes(line))]
      .flat()
      .join(' '),
  );
  return [title, ...steps, drying ?? '', look ?? ''];
}
