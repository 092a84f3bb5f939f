import { Inject, Injectable } from '@nestjs/common';
import { eq, sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { photos } from '../database/tables.js';

@Injectable()
export class PhotosRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** @returns false, and nothing is changed, where the picture's id belongs to another run or piece */
  async insert(row: typeof photos.$inferInsert & { runId: string }): Promise<boolean> {
    const kept = await this.db.insert(photos).values(row).onConflictDoNothing().returning({ id: photos.id });
    if (kept.length > 0) return true;
    const [there] = await this.db.select({ runId: photos.runId }).from(photos).where(eq(photos.id, row.id));
    return there?.runId === row.runId;
  }

  /**
   * In one go: there is never a moment with two, or with none between two.
   * @returns false, and nothing is changed, where the picture's id belongs to another run or piece
   */
  async replaceOf(pieceId: string, row: typeof photos.$inferInsert | null): Promise<boolean> {
    return this.db.transaction(async (tx) => {
      const [taken] = row ? await tx.select().from(photos).where(eq(photos.id, row.id)) : [];
      if (taken && taken.pieceId !== pieceId) return false;
      await tx.delete(photos).where(eq(photos.pieceId, pieceId));
      if (row) await tx.insert(photos).values(row);
      return true;
    });
  }

  /** Size of all pictures in base64 characters, from their headers; no picture is read. */
  async weight(): Promise<number> {
    const [row] = await this.db
      .select({ chars: sql<number>`coalesce(sum(octet_length(${photos.jpeg})), 0)::double precision` })
      .from(photos);
    return row?.chars ?? 0;
  }

  async find(id: string): Promise<string | null> {
    const [row] = await this.db.select({ jpeg: photos.jpeg }).from(photos).where(eq(photos.id, id));
    return row?.jpeg ?? null;
  }
}
