import { randomUUID } from 'node:crypto';
import {
  type AskClashes,
  MAX_RUN_EVENTS,
  type NewRun,
  type NewRunEvent,
  type RunEntry,
  type RunningEntry,
  type RunView,
} from '@feverfew/contracts';
import {
  barredMethods,
  type Clash,
  clashesOf,
  clashesOfRun,
  type DoneMethod,
  dangerAhead,
  doneMethods,
  type Household,
  NOT_OURS,
  nextAction,
  type Plan,
  type RunAtWork,
  type RunEvent,
  type RunState,
  type RunSummary,
  refusalWords,
  replayRun,
  summariseRun,
  turnsOf,
  workplaceOf,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable, type OnModuleInit } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { MixesService } from '../mixes/mixes.service.js';
import { type AtWork, atWork, RunsAtWork } from '../occupancy/runsAtWork.js';
import { PlansService } from '../plans/plans.service.js';
import { ServerError } from '../problems/serverError.js';
import { requireSafe } from './requireSafe.js';
import { type BegunRun, type RunFilter, RunsRepository, type SummarisedRun } from './runs.repository.js';

/** What a device reports, or this server itself: a picture that was saved. */
type ReportedEvent = Omit<NewRunEvent, 'event'> & {
  readonly event: NewRunEvent['event'] | { readonly kind: 'photoKept'; readonly photoId: string };
};

const CAME_IN = 'This plan came in with a file. Open the trouble: it is planned again there.';
const NOT_FOLLOWED =
  'The plan of this treatment came in with a file. Stop here, and open the trouble: it is planned again there.';
/** A treatment whose plan is not ours can be stopped, and a note written on it. */
const TAKEN_ON_FOREIGN: readonly ReportedEvent['event']['kind'][] = ['finished', 'noted'];
const MAX_TRIES = 5;
/** An event further in the future than this came from a clock that was ahead, ms. */
const AHEAD_MS = 120_000;
/** Id of a run that does not exist yet. */
const NOT_YET = '00000000-0000-4000-8000-000000000000';

@Injectable()
export class RunsService implements OnModuleInit {
  constructor(
    @Inject(RunsRepository) private readonly repository: RunsRepository,
    @Inject(RunsAtWork) private readonly atWork: RunsAtWork,
    @Inject(PlansService) private readonly plans: PlansService,
    @Inject(MixesService) private readonly mixes: MixesService,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /** Runs without a summary of today's kind get theirs from their events; what a clock ahead has stamped is set right. */
  async onModuleInit(): Promise<void> {
    for (const run of await this.repository.outOfDate()) {
      const replayed = replayRun(run.events, run.plan);
      if (replayed.ok)
        await this.repository.setSummary(run.id, this.summarise(run, run.events, replayed.state));
    }
    for (const run of await this.atWork.all()) await this.setBack(run, this.clock());
  }

  /**
   * The clock was set by so much: what is under way moves with it, so that what it has still to wait is what it had.
   */
  async moveClocks(byMs: number): Promise<void> {
    for (const { id } of await this.atWork.all()) await this.setClock(id, byMs);
  }

  /** From a clock that was ahead: an event in the future is set to now. */
  private async setBack(run: AtWork, now: Date): Promise<void> {
    const lastMs = Date.parse(lastAt(run.events));
    if (lastMs - now.getTime() > AHEAD_MS) await this.setClock(run.id, now.getTime() - lastMs);
  }

  private async setClock(id: string, byMs: number): Promise<void> {
    const run = await this.stored(id);
    const at = this.clock();
    const event: RunEvent = { kind: 'clockSet', at: at.toISOString(), byMs };
    const next = replayRun([...run.events, event], run.plan);
    if (!next.ok || isFull(run.events)) return;
    const row = { id: randomUUID(), runId: id, seq: run.events.length, key: randomUUID(), at, event };
    await this.repository.append(row, this.summarise(run, [...run.events, event], next.state));
    this.feed.tell('run', id);
  }

  /** The key becomes the run's id, so that a second tap starts nothing new. */
  async start({ key: id, planId, passIndex }: NewRun, at = this.clock()): Promise<RunView> {
    const { plan, isOwn } = await this.plans.read(planId);
    if (!isOwn) throw new ServerError('planRefused', { message: CAME_IN });
    const { run, first } = await this.begun({ id, planId, plan, passIndex, at });
    await this.repository.insert(run, first);
    this.feed.tell('run', id);
    return this.read(id);
  }

  exists(id: string): Promise<boolean> {
    return this.repository.exists(id);
  }

  /**
   * What is stored of a run that begins: the run and its first event. The plan is read through once more by today's
   * knowledge and household, whatever made it.
   * @throws ServerError planRefused where it would not be safe any more, noSuchStep where it has no such step
   */
  async begun({ id, planId, plan, passIndex, at }: Begin): Promise<BegunRun> {
    const { household } = await this.household.read();
    requireSafe(plan, household, this.knowledge);
    const started: RunEvent = { kind: 'started', at: at.toISOString(), passIndex };
    const first = replayRun([started], plan);
    if (!first.ok) throw new ServerError('noSuchStep', { message: refusalWords(first.refusal) });
    return {
      run: { id, planId, createdAt: at, summary: this.summarise({ id, plan }, [started], first.state) },
      first: { id: randomUUID(), runId: id, seq: 0, key: randomUUID(), at, event: started },
    };
  }

  async read(id: string): Promise<RunView> {
    return this.view(await this.stored(id));
  }

  private async view(run: AtWork): Promise<RunView> {
    const { state } = run;
    const now = this.clock();
    const others = state.status === 'active' ? await this.atWork.all() : [];
    const { household, prices } = await this.household.remembered();
    const rest = others.filter((one) => one.id !== run.id);
    const { foreignSeal, ...shown } = run;
    return {
      ...shown,
      events: [...run.events],
      state,
      clashes: clashesOfRun(run, rest, now.getTime()),
      danger: state.status === 'active' ? this.dangerOf(run, household) : null,
      prices,
      now: now.toISOString(),
    };
  }

  private dangerOf({ plan, foreignSeal, state }: AtWork, household: Household) {
    return foreignSeal === null ? dangerAhead(plan, state.passIndex, household, this.knowledge) : NOT_OURS;
  }

  /**
   * Adds one event and returns the state of the run after it. A known key changes nothing.
   * @throws ServerError runRefused when the event does not fit; nothing is stored then
   */
  async append(id: string, { key, heldMs, event }: ReportedEvent, now = this.clock()): Promise<RunView> {
    for (let tries = 0; tries < MAX_TRIES; tries += 1) {
      await this.setBack(await this.stored(id), now);
      const run = await this.stored(id);
      if (run.foreignSeal !== null && !TAKEN_ON_FOREIGN.includes(event.kind))
        throw new ServerError('runRefused', { message: NOT_FOLLOWED });
      // What was taken once needs no room.
      if (isFull(run.events) && (await this.repository.hasKey(key))) return this.read(id);
      requireEventRoom(run.events, event.kind);
      const at = whenTapped(now, heldMs, run.events);
      const stamped = await this.stamp(event, at.toISOString());
      const events = [...run.events, stamped];
      const next = replayRun(events, run.plan);
      if (!next.ok) {
        // What was taken once fits no more, and need not.
        if (await this.repository.hasKey(key)) return this.read(id);
        throw new ServerError('runRefused', { message: refusalWords(next.refusal) });
      }
      const row = { id: randomUUID(), runId: id, seq: run.events.length, key, at, event: stamped };
      if (await this.repository.append(row, this.summarise(run, events, next.state))) {
        const after = { ...run, events, state: next.state };
        this.atWork.put(after);
        return this.view(after);
      }
      this.atWork.forget(id);
      if (await this.repository.hasKey(key)) return this.read(id);
    }
    throw new ServerError('busy', { message: 'Another device is writing to this run. Try again.' });
  }

  /** What a device reports, with the server's time; a kept mix by what is in it, judged at this moment. */
  private async stamp(event: ReportedEvent['event'], at: string): Promise<RunEvent> {
    if (event.kind !== 'mixUsed') return { ...event, at };
    const { name, mix, verdict } = await this.mixes.read(event.mixId);
    if (verdict.refused.length > 0)
      throw new ServerError('mixRefused', {
        message: `“${name}” may not be used: see it on the mixing table.`,
      });
    return {
      kind: 'mixUsed',
      at,
      actionId: event.actionId,
      name,
      agentIds: mix.pours.map((pour) => pour.agentId),
    };
  }

  /** Active runs, the most urgent first, with their clashes. */
  async underWay(): Promise<{ running: RunningEntry[]; clashes: Clash[] }> {
    const nowMs = this.clock().getTime();
    const active = await this.atWork.all();
    const running = active.map((run) => ({
      ...summaryOf({ ...run, summary: this.summarise(run, run.events, run.state) }),
      hand: nextAction(run.state, run.plan, nowMs),
      place: workplaceOf(run.state, run.plan),
    }));
    const urgency = ({ hand }: RunningEntry) => (hand.what === 'over' ? '' : hand.at);
    return {
      running: running.sort((a, b) => urgency(a).localeCompare(urgency(b))),
      clashes: clashesOf(active, nowMs),
    };
  }

  /** What one that is only thought of would get in the way of. */
  async clashesOfStart({ facts, passIndex }: AskClashes): Promise<Clash[]> {
    const now = this.clock();
    const active: RunAtWork[] = await this.atWork.all();
    const plan = await this.plans.preview(facts, 'facts.');
    const thought = replayRun([{ kind: 'started', at: now.toISOString(), passIndex }], plan);
    if (!thought.ok) return [];
    const pieceName = plan.facts.piece.name || 'this piece';
    return clashesOf(
      [...active, { id: NOT_YET, pieceName, plan, state: thought.state }],
      now.getTime(),
    ).filter((clash) => clash.runIds.includes(NOT_YET));
  }

  async summaries(filter: RunFilter = {}): Promise<RunEntry[]> {
    return (await this.repository.summarised(filter)).map(summaryOf);
  }

  summarised(filter: RunFilter): Promise<SummarisedRun[]> {
    return this.repository.summarised(filter);
  }

  /** Methods carried out on a trouble so far, with their rounds. */
  async done(troubleId: string): Promise<DoneMethod[]> {
    const runs = await this.repository.summarised({ troubleId });
    return doneMethods(runs.map(({ summary }) => summary));
  }

  /** Ways that a hidden test spoke against on a trouble. */
  async barred(troubleId: string): Promise<string[]> {
    const runs = await this.repository.summarised({ troubleId });
    return barredMethods(runs.map(({ summary }) => summary));
  }

  summarise(
    { id, plan }: { id: string; plan: Plan },
    events: readonly RunEvent[],
    state: RunState,
  ): RunSummary {
    return summariseRun(id, { plan, events, state }, this.knowledge, this.clock().getTime());
  }

  private async stored(id: string): Promise<AtWork> {
    const known = await this.atWork.find(id);
    if (known) return known;
    const run = await this.repository.find(id);
    if (!run) throw new ServerError('notFound', { message: 'There is no such run.' });
    return atWork(run);
  }
}

interface Begin {
  readonly id: string;
  readonly planId: string;
  readonly plan: Plan;
  readonly passIndex: number;
  readonly at: Date;
}

/** Only its end still has room. */
const isFull = (events: readonly RunEvent[]): boolean => events.length >= MAX_RUN_EVENTS - 1;

/** @throws ServerError runRefused where the run holds as many events as it may */
export function requireEventRoom(events: readonly RunEvent[], kind: RunEvent['kind']): void {
  if (isFull(events) && kind !== 'finished')
    throw new ServerError('runRefused', {
      message:
        'This treatment holds as many taps and notes as it can: finish it, and begin again from its trouble.',
    });
}

/** Time of the last event that counts, corrected by later settings of the clock. */
const lastAt = (events: readonly RunEvent[]): string =>
  turnsOf(events).events.at(-1)?.at ?? events[0]?.at ?? '';

/** The server's time, less what the tap waited on its device; never before what happened last. */
function whenTapped(now: Date, heldMs: number, events: readonly RunEvent[]): Date {
  const lastMs = Date.parse(lastAt(events));
  return new Date(Math.max(lastMs, now.getTime() - heldMs));
}

function summaryOf({ summary, id, planId, troubleId, pieceId, pieceName, markIds }: SummarisedRun): RunEntry {
  const { state, methodId, actionKind, vesselName } = summary;
  return { id, planId, troubleId, pieceId, pieceName, markIds, state, methodId, actionKind, vesselName };
}
