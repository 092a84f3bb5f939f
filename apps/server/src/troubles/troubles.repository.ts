import type { TroubleFacts } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { and, desc, eq } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { pieces, plans, troubles } from '../database/tables.js';

export interface TroubleRow {
  readonly id: string;
  readonly pieceId: string;
  readonly pieceName: string;
  readonly markIds: string[];
  readonly createdAt: Date;
  readonly planId: string;
}

@Injectable()
export class TroublesRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async insert(row: { id: string; createdAt: Date; pieceId: string; facts: TroubleFacts }): Promise<void> {
    await this.db.insert(troubles).values(row);
  }

  async update(id: string, facts: TroubleFacts): Promise<void> {
    await this.db.update(troubles).set({ facts }).where(eq(troubles.id, id));
  }

  /** Newest first, each with its newest plan. */
  async list({ pieceId, troubleId }: { pieceId?: string; troubleId?: string }): Promise<TroubleRow[]> {
    const rows = await this.db
      .selectDistinctOn([troubles.createdAt, troubles.id], {
        id: troubles.id,
        pieceId: pieces.id,
        piece: pieces.facts,
        facts: troubles.facts,
        createdAt: troubles.createdAt,
        planId: plans.id,
      })
      .from(troubles)
      .innerJoin(pieces, eq(pieces.id, troubles.pieceId))
      .innerJoin(plans, eq(plans.troubleId, troubles.id))
      .where(
        and(pieceId ? eq(pieces.id, pieceId) : undefined, troubleId ? eq(troubles.id, troubleId) : undefined),
      )
      .orderBy(desc(troubles.createdAt), troubles.id, desc(plans.createdAt));
    return rows.map(({ piece, facts, ...row }) => ({
      ...row,
      pieceName: piece.name,
      markIds: [...facts.markIds],
    }));
  }

  async find(id: string): Promise<TroubleFacts | null> {
    const [row] = await this.db.select({ facts: troubles.facts }).from(troubles).where(eq(troubles.id, id));
    return row?.facts ?? null;
  }
}
