import { randomUUID } from 'node:crypto';
import type { NewRun, NewRunEvent, RunSummary, RunView } from '@feverfew/contracts';
import {
  currentStep,
  DomainError,
  type DoneMethod,
  doneMethods,
  type RunEvent,
  type RunState,
  replayRun,
} from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { CLOCK, type Clock } from '../database/database.module.js';
import { MixesService } from '../mixes/mixes.service.js';
import { PlansService } from '../plans/plans.service.js';
import { type RunFilter, RunsRepository, type StoredRun } from './runs.repository.js';

const MOST_TRIES = 5;

@Injectable()
export class RunsService {
  constructor(
    @Inject(RunsRepository) private readonly repository: RunsRepository,
    @Inject(PlansService) private readonly plans: PlansService,
    @Inject(MixesService) private readonly mixes: MixesService,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async start({ planId, rungIndex }: NewRun, at = this.clock()): Promise<RunView> {
    const { plan } = await this.plans.read(planId);
    const started: RunEvent = { kind: 'started', at: at.toISOString(), rungIndex };
    const first = replayRun([started], plan);
    if (!first.ok) throw new DomainError('noLadder', { message: 'This plan has no such rung to carry out.' });
    const id = randomUUID();
    await this.repository.insertRun(id, planId, at);
    await this.repository.append({
      id: randomUUID(),
      runId: id,
      seq: 0,
      key: randomUUID(),
      at,
      event: started,
    });
    return this.read(id);
  }

  async read(id: string): Promise<RunView> {
    const run = await this.stored(id);
    return { ...run, events: [...run.events], state: stateOf(run), now: this.clock().toISOString() };
  }

  /**
   * Adds one event and answers with where the run stands after it. A key seen before changes nothing.
   * @throws DomainError runRefused when the event does not fit; nothing is stored then
   */
  async append(id: string, { key, event }: NewRunEvent, at = this.clock()): Promise<RunView> {
    for (let tries = 0; tries < MOST_TRIES; tries += 1) {
      const run = await this.stored(id);
      if (await this.repository.hasKey(key)) return this.read(id);
      const stamped = await this.stamp(event, at.toISOString());
      const next = replayRun([...run.events, stamped], run.plan);
      if (!next.ok)
        throw new DomainError('runRefused', {
          message: `Refused: ${next.refusal}. Reload to see where the run stands.`,
        });
      if (
        await this.repository.append({
          id: randomUUID(),
          runId: id,
          seq: run.events.length,
          key,
          at,
          event: stamped,
        })
      )
        return this.read(id);
    }
    throw new DomainError('runRefused', { message: 'Another device is writing to this run. Try again.' });
  }

  /** What a device reports, with the server's time; a kept mix by what is in it, judged at this moment. */
  private async stamp(event: NewRunEvent['event'], at: string): Promise<RunEvent> {
    if (event.kind !== 'mixUsed') return { ...event, at };
    const { name, mix, verdict } = await this.mixes.read(event.mixId);
    if (verdict.refused.length > 0)
      throw new DomainError('mixRefused', {
        message: `“${name}” may not be used: see it on the mixing table.`,
      });
    return {
      kind: 'mixUsed',
      at,
      stepId: event.stepId,
      name,
      agentIds: mix.pours.map((pour) => pour.agentId),
    };
  }

  async summaries(filter: RunFilter = {}): Promise<RunSummary[]> {
    return (await this.repository.list(filter)).map(summaryOf);
  }

  /** Methods carried out on a trouble so far, with their rounds. */
  async done(troubleId: string): Promise<DoneMethod[]> {
    const runs = await this.repository.list({ troubleId });
    return doneMethods(runs.map((run) => ({ plan: run.plan, state: stateOf(run) })));
  }

  private async stored(id: string): Promise<StoredRun> {
    const run = await this.repository.find(id);
    if (!run) throw new DomainError('notFound', { message: 'There is no such run.' });
    return run;
  }
}

function stateOf(run: StoredRun): RunState {
  const replayed = replayRun(run.events, run.plan);
  if (!replayed.ok) throw new DomainError('logBroken', { runId: run.id, refusal: replayed.refusal });
  return replayed.state;
}

function summaryOf({ plan, events, ...run }: StoredRun): RunSummary {
  const state = stateOf({ ...run, plan, events });
  const rung = plan.ladder[state.rungIndex];
  const step = currentStep(state, plan);
  const vessel = step?.vessel ?? rung?.steps.find((candidate) => candidate.vessel)?.vessel;
  return {
    ...run,
    state,
    methodId: rung?.methodId ?? '',
    stepKind: step?.kind ?? '',
    vesselName: vessel?.name ?? null,
  };
}
