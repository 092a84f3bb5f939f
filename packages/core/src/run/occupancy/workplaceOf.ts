import { runsInDrum } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { currentAction } from '../next/stepOn.js';
import type { RunState } from '../runState.js';

/** The place of a run in the house. `full`: share of the vessel that is filled, 0–1; 0 before the bath is made. */
export interface Workplace {
  readonly kind: 'vessel' | 'machine' | 'line' | 'place';
  readonly vesselId: string | null;
  readonly full: number;
}

const NOWHERE: Workplace = { kind: 'place', vesselId: null, full: 0 };

/** The vessel, the machine or the line a run is in at its present step; else where the piece lies. */
export function workplaceOf(state: RunState, plan: Plan): Workplace {
  const action = currentAction(state, plan);
  const steps = plan.passes[state.passIndex]?.actions ?? [];
  if (action?.kind === 'dry' || action?.kind === 'finalLook') return { ...NOWHERE, kind: 'line' };
  if (steps.some(runsInDrum)) return { ...NOWHERE, kind: 'machine' };
  const mixAt = steps.findIndex(({ vessel }) => vessel !== null);
  const vessel = action?.vessel ?? steps[mixAt]?.vessel;
  if (!vessel) return NOWHERE;
  const isFull = state.actionIndex > mixAt;
  return {
    kind: 'vessel',
    vesselId: vessel.id,
    full: isFull ? Math.min(1, vessel.fillL / vessel.volumeL) : 0,
  };
}
