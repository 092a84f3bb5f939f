import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { ChangeCourse, OtherCourseView, RunView } from '@feverfew/contracts';
import {
  choicesWith,
  graftPlan,
  otherCourse,
  type Plan,
  type RunEvent,
  refusalWords,
  replayRun,
  type TroubleFacts,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { PlansService } from '../plans/plans.service.js';
import { ServerError } from '../problems/serverError.js';
import { requireSafe } from './requireSafe.js';
import { RunsRepository } from './runs.repository.js';
import { RunsService, requireEventRoom } from './runs.service.js';

/** The current pass by another method or in another vessel. The run continues on a plan that agrees with its events. */
@Injectable()
export class CourseService {
  constructor(
    @Inject(RunsRepository) private readonly repository: RunsRepository,
    @Inject(RunsService) private readonly runs: RunsService,
    @Inject(PlansService) private readonly plans: PlansService,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async other(id: string): Promise<OtherCourseView> {
    const { plan, state } = await this.runs.read(id);
    const planWith = await this.plans.planner();
    return otherCourse(state, plan, (choices) => planWith(withChoices(plan, choices)), this.knowledge);
  }

  /**
   * Makes the change, and notes it in the run. Asked for twice it is made once.
   * @throws ServerError courseRefused if the current pass is under way, or the change contradicts the events so far
   */
  async change(id: string, change: ChangeCourse): Promise<RunView> {
    const { plan, state, events, troubleId } = await this.runs.read(id);
    const choices = choicesWith(change, state, plan);
    if (!choices) throw refused('This step is under way: finish it, or stop it first.');
    const facts = withChoices(plan, choices);
    const grafted = graftPlan(state, plan, (await this.plans.planner())(facts));
    const before = plan.passes[state.passIndex];
    const after = grafted?.passes[state.passIndex];
    const isMade =
      after !== undefined &&
      ('instead' in change
        ? after.methodId === change.instead
        : after.actions.some(({ vessel }) => vessel?.id === change.vesselId));
    if (!grafted || !isMade) throw refused('That is not possible here, on what has been done so far.');
    const { household } = await this.household.read();
    requireSafe(grafted, household, this.knowledge);
    if (isDeepStrictEqual(after, before)) return this.runs.read(id);
    const at = this.clock();
    requireEventRoom(events, 'noted');
    const noted: RunEvent = { kind: 'noted', at: at.toISOString(), text: this.noteOf(change, before, after) };
    const next = replayRun([...events, noted], grafted);
    if (!next.ok) throw refused(refusalWords(next.refusal));
    const planId = randomUUID();
    const isKept = await this.repository.changePlan({
      plan: {
        id: planId,
        createdAt: at,
        troubleId,
        knowledgeVersion: grafted.knowledgeVersion,
        plan: grafted,
      },
      choices,
      summary: this.runs.summarise({ id, plan: grafted }, [...events, noted], next.state),
      event: { id: randomUUID(), runId: id, seq: events.length, key: randomUUID(), at, event: noted },
    });
    if (!isKept)
      throw new ServerError('busy', { message: 'Another device is writing to this run. Try again.' });
    this.feed.tell('run', id);
    return this.runs.read(id);
  }

  private noteOf(
    change: ChangeCourse,
    before: Plan['passes'][number] | undefined,
    after: Plan['passes'][number],
  ) {
    const nameOf = (methodId: string | undefined) =>
      this.knowledge.methods.find((method) => method.id === methodId)?.name ?? '';
    if ('instead' in change) return `${nameOf(after.methodId)} instead of: ${nameOf(before?.methodId)}`;
    const vessel = after.actions.find((step) => step.vessel?.id === change.vesselId)?.vessel;
    return `In another vessel: ${vessel?.name ?? ''}`;
  }
}

const refused = (message: string): ServerError => new ServerError('courseRefused', { message });

const withChoices = ({ facts }: Plan, choices: TroubleFacts['choices']): TroubleFacts => ({
  ...facts,
  choices,
});
