import {
  type ClothCourse,
  CONSERVATOR_END,
  END_TEXTS,
  FOR_A_CLEANER,
  lowerFirst,
  NAMES_A_TRADE,
  NOT_FOR_A_CLEANER,
} from '@feverfew/knowledge';
import type { PlanContext } from '../case/planContext.js';
import { sayable } from '../case/sayable.js';
import type { End } from '../plan/round.js';

/**
 * Where a trouble ends, in the words that hold on this piece. What is old or cannot be replaced goes to a conservator
 * before it is given up.
 */
export function endHere(markId: string, given: ClothCourse, context: PlanContext, hasRounds: boolean): End {
  const { rounds, next, notes } =
    given.kind === 'course' ? given.end : { rounds: 0, next: given.next, notes: given.why };
  const frail = ['antique', 'irreplaceable'].includes(context.facts.piece.condition);
  if (given.kind === 'course' && frail && next !== 'professional')
    return { markId, rounds, next: 'professional', text: CONSERVATOR_END };
  if (!frail && next === 'professional' && NOT_FOR_A_CLEANER.includes(context.item.id))
    return { markId, rounds, next: 'accept', text: END_TEXTS.accept };
  // Where the course's own rounds fell out, words that count them would send to work that is not there.
  const said = sayable(notes, context, { unwetted: false, bars: context.barred }).filter(
    (text) => hasRounds || !COUNTS_ROUNDS.test(text),
  );
  const text = said.join(' ') || END_TEXTS[next];
  return { markId, rounds, next, text: next === 'professional' ? byTrade(text) : text };
}

const COUNTS_ROUNDS = /\brounds?\b/i;

/** Says whose work it is where the reason alone does not. */
const byTrade = (text: string): string =>
  NAMES_A_TRADE.test(text) ? text : `${FOR_A_CLEANER}${lowerFirst(text)}`;

/** Where no course speaks of such a piece: what was worked out is all there is. */
export const endOfNone = (markId: string): End => ({
  markId,
  rounds: 1,
  next: 'professional',
  text: END_TEXTS.professional,
});
