import type { Knowledge } from '@feverfew/knowledge';
import { indexKnowledge } from '../../lookup/knowledgeIndex.js';
import { type Action, runsInDrum } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import type { RunState } from '../runState.js';

/** A wash in the drum that nothing but detergents go into: it may be done with a load. */
export interface WashAhead {
  /** What it is done at, °C. */
  readonly tempC: { readonly min: number; readonly max: number };
  /** The detergents it asks for. */
  readonly agentIds: readonly string[];
  /** A detergent with bleach in it: not with pieces that bear none. */
  readonly wantsOxygen: boolean;
  /** Done once the load has gone in: dosing, and putting in where the turning is a step of its own. */
  readonly doneByGoingIn: readonly Action[];
  /** Its clock starts with the load; null where the wash is one step that is done or not. */
  readonly turning: Action | null;
}

/** Where no heat is said, a wash in the drum is lukewarm. Common practice, no source. */
const UNSAID_C = { min: 20, max: 30 };

/**
 * The wash step that the run is about to start. null if the drum already runs, or if anything but detergent goes in: a
 * shared load would be another wash.
 */
export function washAhead(state: RunState, plan: Plan, knowledge: Knowledge): WashAhead | null {
  const { status, timer, decision, passIndex, actionIndex } = state;
  if (status === 'finished' || timer || decision) return null;
  const steps = plan.passes[passIndex]?.actions ?? [];
  const drumAt = steps.findIndex(runsInDrum);
  const drum = steps[drumAt];
  if (!drum) return null;
  const next = steps[drumAt + 1];
  const turning = next?.kind === 'dwell' ? next : null;
  if (actionIndex > (turning ? drumAt + 1 : drumAt)) return null;
  const fill = steps.slice(actionIndex, drumAt);
  if (fill.some(({ kind }) => kind !== 'mix')) return null;
  const { agents } = indexKnowledge(knowledge);
  const used = steps
    .slice(0, drumAt + 1)
    .flatMap(({ ingredients }) => ingredients.map(({ agentId }) => agentId));
  const chemistries = used.map((id) => agents.get(id)?.chemistries ?? []);
  if (chemistries.some((of) => !of.includes('detergent'))) return null;
  const { min, max } = drum.tempC ?? UNSAID_C;
  return {
    tempC: { min, max },
    agentIds: [...new Set(used)],
    wantsOxygen: chemistries.some((of) => of.includes('percarbonate')),
    doneByGoingIn: turning ? steps.slice(actionIndex, drumAt + 1) : fill,
    turning,
  };
}

/** The step that ends once the load is out: the turning, or the wash itself; null where none is in a drum. */
export function turnedBy(state: RunState, plan: Plan): Action | null {
  const steps = plan.passes[state.passIndex]?.actions ?? [];
  const action = steps[state.actionIndex];
  if (!action || state.status === 'finished' || state.decision) return null;
  const drumAt = steps.findIndex(runsInDrum);
  const turns = action.kind === 'dwell' && state.timer !== null && state.actionIndex === drumAt + 1;
  return turns || action.kind === 'wash' ? action : null;
}
