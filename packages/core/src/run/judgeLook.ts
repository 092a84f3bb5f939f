import { STALL_SHARE } from '@feverfew/knowledge';
import type { Action } from '../treatment/plan/action.js';
import { LEVELS } from './level.js';
import type { LookAnswer, RunEvent } from './runEvent.js';
import type { RunState } from './runState.js';
import { leftBefore } from './stallView.js';

/**
 * What a look amounts to: an alarm sign decides, then what was said outright, then the level against the one before it.
 * @returns null when neither an answer nor a level was told
 */
export function judgeLook(
  { answer, leftPct, signIds = [] }: Extract<RunEvent, { kind: 'looked' }>,
  { looks, rungIndex, round }: RunState,
  action: Action,
): LookAnswer | null {
  if (signIds.some((id) => action.alarmSignIds.includes(id))) return 'wrong';
  if (answer !== null) return answer;
  if (leftPct === null) return null;
  if (leftPct <= LEVELS[0].high) return 'gone';
  const before = leftBefore(looks, rungIndex, round);
  return 1 - leftPct / Math.max(before, 1) < STALL_SHARE ? 'stalled' : 'moving';
}
