import type { Knowledge } from '@feverfew/knowledge';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { type ClockedDwell, dwellsOf, isSoaked, turnsTaken } from '../run/clock/dwellsOf.js';
import { currentAction } from '../run/next/stepOn.js';
import type { RunEvent } from '../run/runEvent.js';
import { type Action, runsInDrum } from '../treatment/plan/action.js';
import type { Plan } from '../treatment/plan/plan.js';

/** What a piece has been put through. */
export interface Exposure {
  /** Hours in oxygen bleach or peroxide. */
  readonly oxygenHours: number;
  /** Washes at 60 °C or more. */
  readonly hotWashes: number;
  readonly machineWashes: number;
  /** Hours in any bath or under any paste. */
  readonly soakHours: number;
  readonly rounds: number;
}

export const NO_EXPOSURE: Exposure = {
  oxygenHours: 0,
  hotWashes: 0,
  machineWashes: 0,
  soakHours: 0,
  rounds: 0,
};

/** From here on a wash counts as hot, °C. Common practice, no source. */
export const HOT_WASH_C = 60;

const addExposure = (a: Exposure, b: Exposure): Exposure => ({
  oxygenHours: a.oxygenHours + b.oxygenHours,
  hotWashes: a.hotWashes + b.hotWashes,
  machineWashes: a.machineWashes + b.machineWashes,
  soakHours: a.soakHours + b.soakHours,
  rounds: a.rounds + b.rounds,
});

/**
 * What a run put its piece through: each timed step from its start to the event that ended it (or `nowMs` while it
 * goes on),
 * each wash that was done. A pause counts: what is in the cloth works on.
 */
export function exposureOf(
  events: readonly RunEvent[],
  plan: Plan,
  knowledge: Knowledge,
  nowMs: number,
  dwells = dwellsOf(events, plan, nowMs),
): Exposure {
  const soaks = dwells.map((dwell) => soaked(dwell, plan, knowledge));
  const washes: Exposure[] = [];
  for (const { event, before } of turnsTaken(events, plan)) {
    const action = event.kind === 'actionDone' ? currentAction(before, plan) : null;
    if (action && runsInDrum(action)) washes.push(washed(action));
  }
  return [...soaks, ...washes].reduce(addExposure, NO_EXPOSURE);
}

function soaked({ passIndex, minutes }: ClockedDwell, plan: Plan, knowledge: Knowledge): Exposure {
  const steps = plan.passes[passIndex]?.actions ?? [];
  const hours = minutes / 60;
  return {
    ...NO_EXPOSURE,
    soakHours: isSoaked(steps) ? hours : 0,
    oxygenHours: holdsOxygen(steps, knowledge) ? hours : 0,
    rounds: 1,
  };
}

const washed = (action: Action): Exposure => ({
  ...NO_EXPOSURE,
  machineWashes: 1,
  hotWashes: (action.tempC?.target ?? 0) >= HOT_WASH_C ? 1 : 0,
});

function holdsOxygen(steps: readonly Action[], knowledge: Knowledge): boolean {
  const { agents } = indexKnowledge(knowledge);
  return steps
    .filter((action) => action.kind === 'mix' || action.kind === 'apply')
    .flatMap((action) => action.ingredients)
    .some(({ agentId }) =>
      agents
        .get(agentId)
        ?.chemistries.some((chemistry) => chemistry === 'peroxide' || chemistry === 'percarbonate'),
    );
}
