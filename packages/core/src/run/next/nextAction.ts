import type { ActionKind } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { type Overrun, overrunOf } from '../clock/overrun.js';
import type { RunState } from '../runState.js';
import { currentAction } from './stepOn.js';

/** The next action of a run, and when. */
export interface NextAction {
  readonly what: 'step' | 'decide' | 'working' | 'lookDue' | 'ready' | 'over' | 'paused';
  readonly actionKind: ActionKind | null;
  /** When: now for what waits already. ISO 8601. */
  readonly at: string;
  readonly overrun: Overrun | null;
}

/** @param nowMs server time, ms since 1970 */
export function nextAction(state: RunState, plan: Plan, nowMs: number): NextAction {
  const action = currentAction(state, plan);
  const now = new Date(nowMs).toISOString();
  const hand = (what: NextAction['what'], at = now, overrun: Overrun | null = null): NextAction => ({
    what,
    actionKind: action?.kind ?? null,
    at,
    overrun,
  });
  const { timer, decision, looks } = state;
  if (decision) return hand('decide');
  if (!timer || !action) return hand('step');
  const over = overrunOf(action, timer, nowMs);
  if (over) return hand('over', timer.latestAt, over.rule);
  if (timer.pausedAt) return hand('paused', timer.pausedAt);
  if (nowMs >= Date.parse(timer.readyAt)) return hand('ready', timer.readyAt);
  const lastLook = looks.filter((look) => look.at >= timer.startedAt).at(-1)?.at ?? timer.startedAt;
  const missed = timer.lookAts.filter((at) => at > lastLook && Date.parse(at) <= nowMs).at(-1);
  if (missed) return hand('lookDue', missed);
  const next = timer.lookAts.find((at) => Date.parse(at) > nowMs && at < timer.readyAt);
  return hand('working', next ?? timer.readyAt);
}
