import { randomUUID } from 'node:crypto';
import type { NewPiece, Piece, PieceSummary } from '@feverfew/contracts';
import { DomainError, UNTOLD_FACTS } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { CLOCK, type Clock } from '../database/database.module.js';
import { PlansService } from '../plans/plans.service.js';
import { PiecesRepository } from './pieces.repository.js';

@Injectable()
export class PiecesService {
  constructor(
    @Inject(PiecesRepository) private readonly repository: PiecesRepository,
    @Inject(PlansService) private readonly plans: PlansService,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  list(): Promise<PieceSummary[]> {
    return this.repository.list();
  }

  async read(id: string): Promise<Piece> {
    const piece = await this.repository.find(id);
    if (!piece) throw new DomainError('notFound', { message: 'There is no such piece in the linen book.' });
    return piece;
  }

  async create(facts: NewPiece, at = this.clock()): Promise<Piece> {
    await this.requireKnown(facts);
    const id = randomUUID();
    await this.repository.insert(id, facts, at);
    return this.read(id);
  }

  async update(id: string, facts: NewPiece): Promise<Piece> {
    await this.read(id);
    await this.requireKnown(facts);
    await this.repository.update(id, facts);
    return this.read(id);
  }

  /** The planner's own check on ids, run on the piece alone. */
  private async requireKnown({ note: _note, ...piece }: NewPiece): Promise<void> {
    await this.plans.preview({ ...UNTOLD_FACTS, piece });
  }
}
