import type { NewPiece, Piece, PieceSummary } from '@feverfew/contracts';
import { Inject, Injectable } from '@nestjs/common';
import { count, desc, eq, max } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { pieces, troubles } from '../database/tables.js';

const pieceOf = (row: typeof pieces.$inferSelect): Piece => ({
  ...row.facts,
  id: row.id,
  createdAt: row.createdAt.toISOString(),
});

@Injectable()
export class PiecesRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async list(): Promise<PieceSummary[]> {
    const rows = await this.db
      .select({ piece: pieces, troubles: count(troubles.id), lastAt: max(troubles.createdAt) })
      .from(pieces)
      .leftJoin(troubles, eq(troubles.pieceId, pieces.id))
      .groupBy(pieces.id)
      .orderBy(desc(max(troubles.createdAt)), pieces.id);
    return rows.map((row) => ({
      ...pieceOf(row.piece),
      troubles: Number(row.troubles),
      lastAt: row.lastAt?.toISOString() ?? null,
    }));
  }

  async find(id: string): Promise<Piece | null> {
    const [row] = await this.db.select().from(pieces).where(eq(pieces.id, id));
    return row ? pieceOf(row) : null;
  }

  async insert(id: string, facts: NewPiece, createdAt: Date): Promise<void> {
    await this.db.insert(pieces).values({ id, facts, createdAt });
  }

  async update(id: string, facts: NewPiece): Promise<void> {
    await this.db.update(pieces).set({ facts }).where(eq(pieces.id, id));
  }
}
