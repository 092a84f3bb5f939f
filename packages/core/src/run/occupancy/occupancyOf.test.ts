import { describe, expect, it } from 'vitest';
import { cases, household, knowledge } from '../../test/fixtures.js';
import { planTreatment } from '../../treatment/planTreatment.js';
import { replayRun } from '../replayRun.js';
import type { RunEvent } from '../runEvent.js';
import { occupancyOf } from './occupancyOf.js';

const START = Date.UTC(2026, 10, 26, 9);
const at = (minute: number): string => new Date(START + minute * 60_000).toISOString();

/** A run on beetroot, gone on with until it soaks. */
function soaking() {
  const plan = planTreatment(cases.beetrootOnDamask, household, knowledge);
  const passIndex = plan.passes.findIndex(({ actions }) => actions.some(({ vessel }) => vessel !== null));
  const events: RunEvent[] = [{ kind: 'started', at: at(0), passIndex: passIndex }];
  for (const { id, kind } of plan.passes[passIndex]?.actions ?? []) {
    if (kind === 'dwell') {
      events.push({ kind: 'timerStarted', at: at(5), actionId: id });
      break;
    }
    events.push({ kind: 'actionDone', at: at(5), actionId: id });
  }
  const replayed = replayRun(events, plan);
  if (!replayed.ok) throw new Error(replayed.refusal);
  const vessel = plan.passes[passIndex]?.actions.flatMap((step) => step.vessel ?? [])[0];
  return { run: { id: 'one', pieceName: 'damask', plan, state: replayed.state }, vessel, passIndex };
}

describe('what is in use', () => {
  it('is the vessel of a soak under way, for as long as it may take yet', () => {
    const { run, vessel } = soaking();
    const { vesselsFreeInMin, machineFreeInMin } = occupancyOf([run], START + 10 * 60_000);
    expect(Object.keys(vesselsFreeInMin)).toEqual([vessel?.id]);
    const latest = Date.parse(run.state.timer?.latestAt ?? '');
    expect(vesselsFreeInMin[vessel?.id ?? '']).toBeGreaterThanOrEqual((latest - START) / 60_000 - 10);
    expect(machineFreeInMin).toBeNull();
    expect(occupancyOf([{ ...run, state: { ...run.state, status: 'finished' } }], START)).toEqual({
      vesselsFreeInMin: {},
      machineFreeInMin: null,
    });
  });
  it('makes the next plan take another vessel that does', () => {
    const { run, vessel, passIndex } = soaking();
    const occupancy = occupancyOf([run], START + 10 * 60_000);
    const next = planTreatment(cases.beetrootOnDamask, household, knowledge, undefined, occupancy);
    const taken = next.passes[passIndex]?.actions.flatMap((step) => step.vessel ?? [])[0];
    expect(taken?.id).not.toBe(vessel?.id);
    const views = next.rounds[0]?.passes.flatMap(({ vessels }) => vessels) ?? [];
    expect(views.find(({ vesselId }) => vesselId === vessel?.id)?.state).toBe('busy');
  });
});
