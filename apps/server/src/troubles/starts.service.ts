import { randomUUID } from 'node:crypto';
import type { NewPiece, RunView, StartTrouble } from '@feverfew/contracts';
import type { TroubleFacts } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { PiecesService } from '../pieces/pieces.service.js';
import { PlansService } from '../plans/plans.service.js';
import { RunsService } from '../runs/runs.service.js';
import { StartsRepository } from './starts.repository.js';
import { newPieceOf, TroublesService } from './troubles.service.js';

@Injectable()
export class StartsService {
  constructor(
    @Inject(StartsRepository) private readonly repository: StartsRepository,
    @Inject(TroublesService) private readonly troubles: TroublesService,
    @Inject(PiecesService) private readonly pieces: PiecesService,
    @Inject(PlansService) private readonly plans: PlansService,
    @Inject(RunsService) private readonly runs: RunsService,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /**
   * Keeps the trouble, plans it by what is known now, and begins: all of it, or nothing. A key seen before changes
   * nothing and answers with the run it began.
   */
  async start({ key, troubleId, pieceId, facts, passIndex }: StartTrouble): Promise<RunView> {
    if (await this.runs.exists(key)) return this.runs.read(key);
    const at = this.clock();
    const kept = troubleId ? await this.troubles.read(troubleId) : null;
    const told: TroubleFacts = kept ? { ...facts, done: kept.facts.done } : facts;
    const plan = await this.plans.preview(told, 'facts.');
    const piece = await this.pieceOf(kept?.pieceId ?? pieceId, told);
    const id = kept?.id ?? randomUUID();
    const planId = randomUUID();
    const begun = await this.runs.begun({ id: key, planId, plan, passIndex, at });
    const isBegun = await this.repository.insert({
      ...begun,
      newPiece: piece.isNew ? { id: piece.id, facts: piece.facts, createdAt: at } : null,
      trouble: { id, createdAt: at, pieceId: piece.id, facts: told },
      isNewTrouble: kept === null,
      plan: { id: planId, createdAt: at, troubleId: id, knowledgeVersion: plan.knowledgeVersion, plan },
    });
    if (isBegun) {
      this.feed.tell('book', id);
      this.feed.tell('run', key);
    }
    return this.runs.read(key);
  }

  /** The piece of the linen book. A piece that is not in it is added with its facts. */
  private async pieceOf(
    pieceId: string | null,
    facts: TroubleFacts,
  ): Promise<{ id: string; isNew: false } | { id: string; isNew: true; facts: NewPiece }> {
    if (pieceId) return { id: (await this.pieces.read(pieceId)).id, isNew: false };
    return { id: randomUUID(), isNew: true, facts: newPieceOf(facts) };
  }
}
