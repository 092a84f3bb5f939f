import { CONSERVATOR_END } from '@feverfew/knowledge';
import type { PlanContext } from '../case/planContext.js';
import type { End } from '../plan/round.js';
import type { Filled } from './arranged.js';

/** What is old or cannot be replaced goes to a conservator before it is given up. */
export function endHere(markId: string, end: Filled['end'], { facts }: PlanContext): End {
  const frail = ['antique', 'irreplaceable'].includes(facts.piece.condition);
  return frail && end.next !== 'professional'
    ? { markId, rounds: end.rounds, next: 'professional', text: CONSERVATOR_END }
    : { markId, ...end };
}
