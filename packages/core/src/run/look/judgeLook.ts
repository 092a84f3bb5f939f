import type { Action } from '../../treatment/plan/action.js';
import type { LookAnswer, RunEvent } from '../runEvent.js';
import type { MarkLook, RunState } from '../runState.js';
import { answerOfMarks, lookAnswerOf } from './markLooks.js';
import { leftBefore } from './stallView.js';

/**
 * What a look amounts to: an alarm sign decides, then what was said outright, then the levels against those before.
 * @param found what it says of each trouble
 * @returns null if neither an answer nor a level was given
 */
export function judgeLook(
  { answer, leftPct, marks, signIds = [] }: Extract<RunEvent, { kind: 'looked' }>,
  { looks, passIndex, round }: Pick<RunState, 'looks' | 'passIndex' | 'round'>,
  action: Action,
  found: readonly MarkLook[],
): LookAnswer | null {
  if (signIds.some((id) => action.alarmSignIds.includes(id))) return 'wrong';
  if (answer !== null) return answer;
  if (marks) return answerOfMarks(marks, found);
  return leftPct === null ? null : lookAnswerOf(leftPct, leftBefore(looks, passIndex, round));
}
