import { describe, expect, it } from 'vitest';
import { cases, household, knowledge } from '../../test/fixtures.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { planTreatment } from '../../treatment/planTreatment.js';
import { replayRun } from '../replayRun.js';
import type { RunEvent } from '../runEvent.js';
import type { RunState } from '../runState.js';
import { turnedBy, washAhead } from './washAhead.js';

const plan = planTreatment(cases.beetrootOnDamask, household, knowledge);
const at = (minute: number): string => new Date(Date.UTC(2026, 10, 26, 9, minute)).toISOString();

/** A run started on a pass, with so many of its steps done and, if asked, the clock of the next one running. */
function standing(of: Plan, passIndex: number, done: number, started = false): RunState {
  const steps = of.passes[passIndex]?.actions ?? [];
  const events: RunEvent[] = [
    { kind: 'started', at: at(0), passIndex },
    ...steps.slice(0, done).map(({ id }): RunEvent => ({ kind: 'actionDone', at: at(1), actionId: id })),
  ];
  if (started) events.push({ kind: 'timerStarted', at: at(2), actionId: steps[done]?.id ?? '' });
  const replayed = replayRun(events, of);
  if (!replayed.ok) throw new Error(replayed.refusal);
  return replayed.state;
}

const washAt = plan.passes.findIndex(({ methodId }) => methodId === 'hotDetergentWash');
const kinds = plan.passes[washAt]?.actions.map(({ kind }) => kind) ?? [];
const turnsAt = kinds.indexOf('dwell');

describe('the wash a treatment ends in', () => {
  it('may be done with a load until its drum turns', () => {
    expect(kinds.slice(0, 3)).toEqual(['mix', 'apply', 'dwell']);
    for (let done = 0; done <= turnsAt; done += 1) {
      const wash = washAhead(standing(plan, washAt, done), plan, knowledge);
      expect(wash?.agentIds).toEqual(['bioDetergent']);
      expect(wash?.doneByGoingIn.map(({ kind }) => kind)).toEqual(['mix', 'apply'].slice(done));
      expect(wash?.turning?.kind).toBe('dwell');
    }
    const turning = standing(plan, washAt, turnsAt, true);
    expect(washAhead(turning, plan, knowledge)).toBeNull();
    expect(turnedBy(turning, plan)?.kind).toBe('dwell');
    expect(turnedBy(standing(plan, washAt, turnsAt), plan)).toBeNull();
  });

  it('is none before it is come to, nor where more than detergent goes in', () => {
    expect(washAhead(standing(plan, 0, 0), plan, knowledge)).toBeNull();
    const withBleach: Plan = {
      ...plan,
      passes: plan.passes.map((pass) => ({
        ...pass,
        actions: pass.actions.map((step) => ({
          ...step,
          ingredients: step.ingredients.map((one) => ({ ...one, agentId: 'oxygenBleach' })),
        })),
      })),
    };
    expect(washAhead(standing(withBleach, washAt, 0), withBleach, knowledge)).toBeNull();
  });
});
