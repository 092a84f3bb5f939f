import { randomUUID } from 'node:crypto';
import type {
  AskOtherCourse,
  AskWhatWouldChange,
  ChangeView,
  ComparePositions,
  OtherCourseView,
} from '@feverfew/contracts';
import {
  type ComparedPosition,
  comparePositions,
  type FirstThings,
  firstThingsInSteps,
  type Household,
  type HouseQuestion,
  houseQuestion,
  otherCourseOf,
  type Plan,
  planTreatment,
  type TroubleFacts,
  whatWouldChange,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { requireKnownFacts, requireKnownId } from '../catalogue/requireKnown.js';
import { EvidenceService } from '../evidence/evidence.service.js';
import { HouseholdService } from '../household/household.service.js';
import { OccupancyService } from '../occupancy/occupancy.service.js';
import { ServerError } from '../problems/serverError.js';
import { runCooperatively } from '../turns/cooperative.js';
import { PlansRepository } from './plans.repository.js';

@Injectable()
export class PlansService {
  constructor(
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(EvidenceService) private readonly evidence: EvidenceService,
    @Inject(OccupancyService) private readonly occupancy: OccupancyService,
    @Inject(PlansRepository) private readonly repository: PlansRepository,
  ) {}

  /** A plan for these facts in this household, not kept. */
  async preview(facts: TroubleFacts, root = ''): Promise<Plan> {
    requireKnownFacts(facts, this.knowledge, root);
    return (await this.planner())(facts);
  }

  /** Plans in this household as it is now. */
  async planner(): Promise<(facts: TroubleFacts) => Plan> {
    const { household } = await this.household.read();
    const [evidence, occupancy] = await Promise.all([this.evidence.read(), this.occupancy.read()]);
    return (facts) => planTreatment(facts, household, this.knowledge, evidence, occupancy);
  }

  /** @throws DomainError unknownReference when there is no such dispute */
  async compare({ facts, dispute }: ComparePositions): Promise<ComparedPosition[]> {
    requireKnownFacts(facts, this.knowledge, 'facts.');
    requireKnownId(this.knowledge.disputes, dispute, 'dispute');
    const { household, prices } = await this.household.read();
    return comparePositions(dispute, facts, household, this.knowledge, await this.evidence.read(), prices);
  }

  async whatWouldChange({ facts, methodId }: AskWhatWouldChange): Promise<ChangeView[][]> {
    requireKnownFacts(facts, this.knowledge, 'facts.');
    requireKnownId(this.knowledge.methods, methodId, 'methodId');
    const { household } = await this.household.read();
    return whatWouldChange(methodId, facts, household, this.knowledge).map((changes) =>
      changes.map(({ code, facts: changed }) => ({ code, facts: changed })),
    );
  }

  /** The alternatives to a step of a plan that has no run: ways, each as it would then be, and vessels. */
  async otherCourse({ facts, passIndex }: AskOtherCourse): Promise<OtherCourseView> {
    requireKnownFacts(facts, this.knowledge, 'facts.');
    const planWith = await this.planner();
    const plan = planWith(facts);
    return otherCourseOf(passIndex, plan, (choices) => planWith({ ...facts, choices }), this.knowledge);
  }

  /** From the trouble alone, before any other fact: what to do at once, and which questions to ask. */
  async firstThings(facts: TroubleFacts): Promise<FirstThings> {
    requireKnownFacts(facts, this.knowledge, '');
    const { household } = await this.household.read();
    return runCooperatively(firstThingsInSteps(facts, household, this.knowledge));
  }

  /** A household fact that was not entered and affects this plan; null if there is none. */
  async houseQuestion(facts: TroubleFacts): Promise<HouseQuestion | null> {
    requireKnownFacts(facts, this.knowledge, '');
    const { household, told } = await this.household.read();
    if (told === null) return null;
    const [evidence, occupancy] = await Promise.all([this.evidence.read(), this.occupancy.read()]);
    const planFor = (home: Household) => planTreatment(facts, home, this.knowledge, evidence, occupancy);
    return houseQuestion(planFor(household), household, told, planFor, this.knowledge);
  }

  async save(troubleId: string, plan: Plan, at: Date): Promise<string> {
    const id = randomUUID();
    await this.repository.insert({
      id,
      createdAt: at,
      troubleId,
      knowledgeVersion: plan.knowledgeVersion,
      plan,
    });
    return id;
  }

  /** `isOwn`: made here, or known again by its seal; any other is read and never followed. */
  async read(id: string): Promise<{ id: string; troubleId: string; plan: Plan; isOwn: boolean }> {
    const row = await this.repository.find(id);
    if (!row) throw new ServerError('notFound', { message: 'There is no such plan.' });
    return { id: row.id, troubleId: row.troubleId, plan: row.plan, isOwn: row.foreignSeal === null };
  }
}
