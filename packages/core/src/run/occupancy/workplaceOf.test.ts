import { describe, expect, it } from 'vitest';
import type { Plan } from '../../treatment/plan/plan.js';
import type { RunState } from '../runState.js';
import { workplaceOf } from './workplaceOf.js';

const vessel = { id: 'bucket', name: 'bucket', volumeL: 14, fillL: 7 };
const plan = {
  passes: [
    {
      actions: [
        { kind: 'firstAid', vessel: null, programme: null },
        { kind: 'mix', vessel, programme: null },
        { kind: 'dwell', vessel: null, programme: null },
      ],
    },
    {
      actions: [
        { kind: 'wash', vessel: null, programme: 'normal' },
        { kind: 'dry', vessel: null, programme: null },
      ],
    },
    { actions: [{ kind: 'apply', vessel: null, programme: null }] },
  ],
} as unknown as Plan;
const at = (passIndex: number, actionIndex: number) =>
  workplaceOf({ status: 'active', passIndex, actionIndex, stopping: false } as unknown as RunState, plan);

describe('where a run stands', () => {
  it('is its vessel, empty until the bath is made', () => {
    expect(at(0, 0)).toEqual({ kind: 'vessel', vesselId: 'bucket', full: 0 });
    expect(at(0, 2)).toEqual({ kind: 'vessel', vesselId: 'bucket', full: 0.5 });
  });
  it('is the machine for a wash, the line for drying, else where the piece lies', () => {
    expect(at(1, 0).kind).toBe('machine');
    expect(at(1, 1).kind).toBe('line');
    expect(at(2, 0).kind).toBe('place');
  });
});
