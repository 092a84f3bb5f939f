import { randomInt } from 'node:crypto';
import type { NewTrial, NewTrialEvent, Today, TrialView } from '@feverfew/contracts';
import {
  armPass,
  commonDwellMin,
  nextToLook,
  replayTrial,
  type TrialSetup,
  type TrialState,
  trialFaults,
  trialFaultWords,
  trialPasses,
  trialRefusalWords,
  trialVerdict,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { PlansService } from '../plans/plans.service.js';
import { ServerError } from '../problems/serverError.js';
import { TroublesService } from '../troubles/troubles.service.js';
import { type StoredTrial, TrialsRepository } from './trials.repository.js';

/**
 * The names of the places. The methods are assigned at random, so that no person chooses the better half for one of
 * them.
 */
const PLACES = {
  zones: ['the left part', 'the right part', 'the part below'],
  pieces: ['piece 1', 'piece 2', 'piece 3'],
} as const;
const CAME_IN = 'Its plan came in with a file, and is not one that was made here. Plan the trouble again.';
const NOBODY_ELSE = 'Another device is writing to this trial. Try again.';

@Injectable()
export class TrialsService {
  constructor(
    @Inject(TrialsRepository) private readonly repository: TrialsRepository,
    @Inject(TroublesService) private readonly troubles: TroublesService,
    @Inject(PlansService) private readonly plans: PlansService,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /**
   * Sets up a trial of passes of the trouble's plan. @throws ServerError trialRefused when it would not be fair, or
   * not safe
   */
  async start(asked: NewTrial, draw: (below: number) => number = randomInt): Promise<TrialView> {
    const { planId } = await this.troubles.read(asked.troubleId);
    const { plan, isOwn } = await this.plans.read(planId);
    if (!isOwn) throw new ServerError('trialRefused', { message: CAME_IN });
    const faults = trialFaults(plan, asked.methodIds, asked.place, this.knowledge);
    const [fault] = faults;
    if (fault) throw new ServerError('trialRefused', { message: trialFaultWords(fault) });
    const passes = trialPasses(plan).filter(({ methodId }) => asked.methodIds.includes(methodId));
    const setup: TrialSetup = {
      place: asked.place,
      arms: shuffled(asked.methodIds, draw).map((methodId, index) => ({
        methodId,
        passId: passes.find((pass) => pass.methodId === methodId)?.passId ?? null,
        where: PLACES[asked.place][index] ?? `place ${index + 1}`,
      })),
      dwellMin: commonDwellMin(passes) ?? 0,
      lookOrder: shuffled([...asked.methodIds.keys()], draw),
    };
    await this.repository.insert({ id: asked.key, createdAt: this.clock(), planId, setup });
    this.feed.tell('book', asked.key);
    return this.read(asked.key);
  }

  async read(id: string): Promise<TrialView> {
    const trial = await this.stored(id);
    const state = stateOf(trial);
    const { passes: _ladder, events, ...view } = trial;
    const undone = events.filter((event) => event.kind === 'undone').length;
    return {
      ...view,
      state,
      mayUndo: events.length - 2 * undone > 0,
      nextToLook: state.phase === 'look' ? nextToLook(trial.setup, state) : null,
      verdict: state.phase === 'told' ? await this.verdict(trial) : null,
      now: this.clock().toISOString(),
    };
  }

  /** @throws ServerError runRefused when the event does not fit; nothing is stored then */
  async append(id: string, { key, event }: NewTrialEvent): Promise<TrialView> {
    const trial = await this.stored(id);
    if (await this.repository.hasKey(key)) return this.read(id);
    if (!trial.isOwn && event.kind === 'treated') throw new ServerError('trialRefused', { message: CAME_IN });
    const stamped = { ...event, at: this.clock().toISOString() };
    const next = replayTrial(trial.setup, [...trial.events, stamped]);
    if (!next.ok) throw new ServerError('runRefused', { message: trialRefusalWords(next.refusal) });
    if (!(await this.repository.append(key, id, trial.events.length, stamped)))
      throw new ServerError('busy', { message: NOBODY_ELSE });
    this.feed.tell('book', id);
    return this.read(id);
  }

  async underWay(): Promise<Today['trials']> {
    return (await this.repository.list()).flatMap((trial) => {
      const { phase, readyAt } = stateOf(trial);
      const { id, pieceName, markIds } = trial;
      return phase === 'told' ? [] : [{ id, pieceName, markIds, phase, readyAt }];
    });
  }

  /** This trial and every earlier one of the same ways on the same trouble. */
  private async verdict(trial: StoredTrial): Promise<NonNullable<TrialView['verdict']>> {
    const methodIds = trial.setup.arms.map((arm) => arm.methodId);
    const alike = (await this.repository.list()).filter(
      (other) =>
        stateOf(other).phase === 'told' &&
        other.markIds.join() === trial.markIds.join() &&
        other.setup.arms
          .map((arm) => arm.methodId)
          .sort()
          .join() === [...methodIds].sort().join(),
    );
    const left = methodIds.map((methodId) =>
      alike.flatMap((other) => {
        const arm = other.setup.arms.findIndex((candidate) => candidate.methodId === methodId);
        return stateOf(other).leftPct[arm] ?? [];
      }),
    );
    const effects = trial.setup.arms.flatMap((arm) => armPass(trial.passes, arm)?.effect ?? []);
    return { ...mutable(trialVerdict(effects, left)), trials: alike.length };
  }

  private async stored(id: string): Promise<StoredTrial> {
    const trial = await this.repository.find(id);
    if (!trial) throw new ServerError('notFound', { message: 'There is no such trial.' });
    return trial;
  }
}

const mutable = ({ chanceBest, ...rest }: ReturnType<typeof trialVerdict>) => ({
  ...rest,
  chanceBest: [...chanceBest],
});

function stateOf({ id, setup, events }: StoredTrial): TrialState {
  const replayed = replayTrial(setup, events);
  if (!replayed.ok) throw new ServerError('logBroken', { trialId: id, refusal: replayed.refusal });
  return replayed.state;
}

/** A new random order, each equally likely (Fisher–Yates). */
function shuffled<T>(list: readonly T[], draw: (below: number) => number): T[] {
  const left = [...list];
  return list.flatMap(() => left.splice(draw(left.length), 1));
}
