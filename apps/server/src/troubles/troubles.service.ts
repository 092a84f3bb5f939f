import { randomUUID } from 'node:crypto';
import type { NewPiece, NewTrouble, ToBuy, Trouble, TroubleSummary } from '@feverfew/contracts';
import { NO_CHOICES, type TroubleFacts } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { PiecesService } from '../pieces/pieces.service.js';
import { PlansService } from '../plans/plans.service.js';
import { ServerError } from '../problems/serverError.js';
import { RunsService } from '../runs/runs.service.js';
import { type TroubleFilter, TroublesRepository } from './troubles.repository.js';

/** A piece added to the book with the facts of its trouble. */
export const newPieceOf = ({ piece }: TroubleFacts): NewPiece => ({
  ...piece,
  itemId: piece.itemId ?? '',
  name: piece.name || 'unnamed piece',
  note: '',
  since: null,
  replacementCost: null,
});

@Injectable()
export class TroublesService {
  constructor(
    @Inject(TroublesRepository) private readonly repository: TroublesRepository,
    @Inject(PiecesService) private readonly pieces: PiecesService,
    @Inject(PlansService) private readonly plans: PlansService,
    @Inject(RunsService) private readonly runs: RunsService,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /** Saves a trouble with its current plan. A piece that is not in the book yet is added. */
  async create({ pieceId, facts }: NewTrouble, at = this.clock()): Promise<TroubleSummary> {
    const plan = await this.plans.preview(facts, 'facts.');
    const piece = pieceId ? await this.pieces.read(pieceId) : await this.pieces.create(newPieceOf(facts), at);
    const id = randomUUID();
    await this.repository.insert({ id, createdAt: at, pieceId: piece.id, facts });
    const planId = await this.plans.save(id, plan, at);
    this.feed.tell('book', id);
    return {
      id,
      pieceId: piece.id,
      pieceName: piece.name,
      markIds: [...facts.markIds],
      status: 'open',
      outcome: null,
      createdAt: at.toISOString(),
      planId,
      handsOnMin: plan.rounds[0]?.handsOnMin ?? null,
      runId: null,
    };
  }

  /** Open troubles that would gain from something that is not in the house, the newest first. */
  async toBuy(): Promise<ToBuy[]> {
    const open = await this.list({ status: 'open' });
    const wanted = await this.repository.toBuy(open.map(({ planId }) => planId));
    return open.flatMap(({ id, planId, pieceName, markIds }) => {
      const agentIds = wanted.get(planId);
      return agentIds ? [{ troubleId: id, pieceName, markIds, agentIds }] : [];
    });
  }

  async read(id: string): Promise<Trouble> {
    const facts = await this.repository.find(id);
    const summary = (await this.list({ troubleId: id }))[0];
    if (!facts || !summary) throw new ServerError('notFound', { message: 'There is no such trouble.' });
    const [done, barred] = await Promise.all([this.runs.done(id), this.runs.barred(id)]);
    if (barred.length === 0) return { ...summary, facts: { ...facts, done } };
    const choices = facts.choices ?? NO_CHOICES;
    const leftOut = [...new Set([...choices.leftOut, ...barred])];
    return { ...summary, facts: { ...facts, done, choices: { ...choices, leftOut } } };
  }

  async revise(id: string, facts: TroubleFacts): Promise<Trouble> {
    await this.read(id);
    const withDone = { ...facts, done: await this.runs.done(id) };
    const plan = await this.plans.preview(withDone, 'facts.');
    await this.repository.update(id, withDone);
    const planId = await this.plans.save(id, plan, this.clock());
    this.feed.tell('book', id);
    return { ...(await this.read(id)), planId };
  }

  /** Deletes a trouble without a run. @throws ServerError notFound, hasHistory */
  async remove(id: string): Promise<void> {
    await this.read(id);
    if (!(await this.repository.remove(id)))
      throw new ServerError('hasHistory', {
        message: 'Something was done on it already: its results stay, for plans learn from them.',
      });
    this.feed.tell('book', id);
  }

  list(filter: TroubleFilter = {}): Promise<TroubleSummary[]> {
    return this.repository.list(filter);
  }

  /** The facts of these troubles, with the methods already carried out on each. */
  async factsOf(ids: readonly string[]): Promise<ReadonlyMap<string, TroubleFacts>> {
    const told = await this.repository.factsOf(ids);
    const whole = told.map(
      async ({ id, facts }) => [id, { ...facts, done: await this.runs.done(id) }] as const,
    );
    return new Map(await Promise.all(whole));
  }

  facts(): Promise<{ id: string; facts: TroubleFacts }[]> {
    return this.repository.facts();
  }
}
