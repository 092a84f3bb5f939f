import { randomUUID } from 'node:crypto';
import { MAX_MIXES, type NewSavedMix, type SavedMix } from '@feverfew/contracts';
import {
  answerQuestion,
  DomainError,
  type Finding,
  finding,
  findingWords,
  type Household,
  judgeMix,
  type Mix,
  type MixVerdict,
  metricLexicon,
  type TableAnswer,
  type TableQuestion,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { requireKnownId, requireKnownPiece } from '../catalogue/requireKnown.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { ServerError } from '../problems/serverError.js';
import { MixesRepository, type StoredMix } from './mixes.repository.js';

@Injectable()
export class MixesService {
  constructor(
    @Inject(MixesRepository) private readonly repository: MixesRepository,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async judge(mix: Mix): Promise<MixVerdict> {
    const { household } = await this.household.read();
    return this.judgeIn(mix, household, '');
  }

  async answer(question: TableQuestion): Promise<TableAnswer> {
    const { household } = await this.household.read();
    return answerQuestion(question, household, this.knowledge);
  }

  async list(): Promise<SavedMix[]> {
    const { household } = await this.household.read();
    return (await this.repository.list()).map((row) => this.withVerdict(row, household));
  }

  async read(id: string): Promise<SavedMix> {
    const { household } = await this.household.read();
    const row = await this.repository.find(id);
    if (!row) throw new ServerError('notFound', { message: 'There is no such mix.' });
    return this.withVerdict(row, household);
  }

  /** @throws ServerError mixRefused: what must not be poured is not kept either; shelfFull */
  async keep({ name, mix }: NewSavedMix): Promise<SavedMix> {
    const { household } = await this.household.read();
    this.requireAllowed(name, mix, household, 'mix.');
    const row: StoredMix = { id: randomUUID(), createdAt: this.clock(), name, mix };
    if (!(await this.repository.insert(row, MAX_MIXES)))
      throw new ServerError('shelfFull', {
        message: `The shelf holds ${MAX_MIXES} mixes. Take one off first.`,
      });
    return this.withVerdict(row, household);
  }

  async remove(id: string): Promise<void> {
    if (!(await this.repository.remove(id)))
      throw new ServerError('notFound', { message: 'There is no such mix.' });
  }

  /**
   * @param except refusals that are let pass: what only this household's present choices forbid
   * @throws ServerError mixRefused with the reason
   */
  requireAllowed(
    name: string,
    mix: Mix,
    household: Household,
    path: string,
    except: readonly Finding['code'][] = [],
  ): void {
    const { refused } = this.judgeIn(mix, household, path);
    const first = refused.find((one) => !except.includes(one.code));
    if (first)
      throw new ServerError('mixRefused', {
        message: `“${name}” is not kept. ${findingWords(first, metricLexicon(this.knowledge))}`,
        path: path.replace(/\.$/, ''),
      });
  }

  private judgeIn(mix: Mix, household: Household, path: string): MixVerdict {
    if (mix.on) requireKnownPiece(mix.on, this.knowledge, `${path}on.`);
    for (const [index, { agentId }] of mix.pours.entries())
      requireKnownId(this.knowledge.agents, agentId, `${path}pours.${index}.agentId`);
    return judgeMix(mix, household, this.knowledge);
  }

  private judgeKept(mix: Mix, household: Household): MixVerdict {
    try {
      return judgeMix(mix, household, this.knowledge);
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      const refused = [finding('measureGone', {})];
      return { refused, against: [], claims: [], cautionIds: [], bath: null, envelope: null };
    }
  }

  /** A mix whose vessel or measure is gone is kept, with that finding. */
  private withVerdict({ id, createdAt, name, mix }: StoredMix, household: Household): SavedMix {
    const here = household.vessels.some(
      (vessel) => mix.container.kind === 'vessel' && vessel.id === mix.container.vesselId,
    );
    const container = mix.container.kind === 'vessel' && !here ? ({ kind: 'cup' } as const) : mix.container;
    return {
      id,
      createdAt: createdAt.toISOString(),
      name,
      mix,
      verdict: this.judgeKept({ ...mix, container }, household),
    };
  }
}
