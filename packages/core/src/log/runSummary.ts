import type { Knowledge } from '@feverfew/knowledge';
import type { UseCase } from '../evidence/evidence.js';
import { dwellsOf } from '../run/clock/dwellsOf.js';
import { currentAction } from '../run/next/stepOn.js';
import type { RunEvent } from '../run/runEvent.js';
import type { RunState } from '../run/runState.js';
import type { ActionKind } from '../treatment/plan/action.js';
import type { Plan } from '../treatment/plan/plan.js';
import { type Exposure, exposureOf } from '../wear/exposure.js';
import { usesOf } from './usesOf.js';

/** Raised when a summary changes its form: rows of an earlier version are then made again from their events. */
export const RUN_SUMMARY_VERSION = 7;

/** What lists and the log need of a run, worked out once per event so that no list has to replay. */
export interface RunSummary {
  readonly version: typeof RUN_SUMMARY_VERSION;
  readonly state: RunState;
  readonly methodIds: readonly string[];
  readonly methodId: string;
  readonly actionKind: ActionKind | '';
  readonly vesselName: string | null;
  readonly exposure: Exposure;
  readonly uses: readonly UseCase[];
}

/** @param nowMs the time of the last event; a clock that runs is counted up to it */
export function summariseRun(
  runId: string,
  { plan, events, state }: { plan: Plan; events: readonly RunEvent[]; state: RunState },
  knowledge: Knowledge,
  nowMs: number,
): RunSummary {
  // A run is remembered by the pass of its last look; before any look, by its current pass.
  const seen = state.status === 'finished' ? state.looks.at(-1)?.passIndex : undefined;
  const pass = plan.passes[seen ?? state.passIndex];
  const action = currentAction(state, plan);
  const vessel = action?.vessel ?? pass?.actions.find((candidate) => candidate.vessel)?.vessel;
  const dwells = dwellsOf(events, plan, nowMs);
  const methodIds = plan.passes.map((entry) => entry.methodId);
  return {
    version: RUN_SUMMARY_VERSION,
    state,
    methodIds,
    methodId: pass?.methodId ?? '',
    actionKind: action?.kind ?? '',
    vesselName: vessel?.name ?? null,
    exposure: exposureOf(events, plan, knowledge, nowMs, dwells),
    uses: usesOf(runId, plan.facts, plan.passes, state, knowledge, dwells),
  };
}
