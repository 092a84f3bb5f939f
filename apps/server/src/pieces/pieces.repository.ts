import type { Merged, NewPiece, Piece, PieceHistory } from '@feverfew/contracts';
import type { Exposure } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { and, asc, count, eq, inArray, isNotNull, max, sql } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import { groupBy } from '../database/groupBy.js';
import type { Database } from '../database/openDatabase.js';
import {
  careEvents,
  heapLines,
  pastUses,
  photos,
  pieces,
  plans,
  runs,
  troubles,
} from '../database/tables.js';

const pieceOf = ({ id, facts, createdAt }: typeof pieces.$inferSelect, photoId: string | null): Piece => ({
  ...facts,
  id,
  createdAt: createdAt.toISOString(),
  photoId,
});

/** All that is kept of a piece; the order is that of the ids in `Moved`. */
const MOVABLE = [troubles, careEvents, pastUses, photos, heapLines] as const;
type Moved = Merged['moved'];

/** Facts of the linen book about a piece, added up. */
export interface PieceSums {
  readonly piece: Piece;
  readonly troubles: number;
  readonly lastAt: string | null;
  readonly exposure: Exposure;
  /** When each upkeep was last done. */
  readonly upkeepAt: Readonly<Record<string, string>>;
}

export interface KeepingRow extends Pick<Piece, 'id' | 'createdAt' | 'name' | 'itemId' | 'since'> {
  readonly upkeepAt: PieceSums['upkeepAt'];
}

@Injectable()
export class PiecesRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** Every piece with its sums, the last troubled first. `id` asks for one alone. */
  async sums(id?: string): Promise<PieceSums[]> {
    const only = id ? eq(pieces.id, id) : undefined;
    const rows = await this.db.select().from(pieces).where(only);
    const given = await this.db
      .select({ pieceId: troubles.pieceId, troubles: count(), lastAt: max(troubles.createdAt) })
      .from(troubles)
      .where(id ? eq(troubles.pieceId, id) : undefined)
      .groupBy(troubles.pieceId);
    const strain = (name: keyof Exposure) =>
      sql<number>`sum((${runs.summary}->'exposure'->>${name})::double precision)`;
    const worn = await this.db
      .select({
        pieceId: troubles.pieceId,
        oxygenHours: strain('oxygenHours'),
        hotWashes: strain('hotWashes'),
        machineWashes: strain('machineWashes'),
        soakHours: strain('soakHours'),
        rounds: strain('rounds'),
      })
      .from(runs)
      .innerJoin(plans, eq(plans.id, runs.planId))
      .innerJoin(troubles, eq(troubles.id, plans.troubleId))
      .where(and(sql`${runs.summary} is not null`, id ? eq(troubles.pieceId, id) : undefined))
      .groupBy(troubles.pieceId);
    const care = await this.db
      .select({
        pieceId: careEvents.pieceId,
        what: careEvents.what,
        upkeepId: careEvents.upkeepId,
        times: sql<number>`sum(${careEvents.times})::double precision`,
        lastAt: max(careEvents.at),
      })
      .from(careEvents)
      .where(id ? eq(careEvents.pieceId, id) : undefined)
      .groupBy(careEvents.pieceId, careEvents.what, careEvents.upkeepId);
    const photoOf = await this.photos(id);
    const toldOf = new Map(given.map((row) => [row.pieceId, row]));
    const wornOf = new Map(worn.map((row) => [row.pieceId, row]));
    const careOf = groupBy(care, (row) => row.pieceId);
    const sums = rows.map((row): PieceSums => {
      const noted = careOf.get(row.id) ?? [];
      const times = (what: string) =>
        noted.filter((one) => one.what === what).reduce((sum, one) => sum + one.times, 0);
      const {
        oxygenHours = 0,
        hotWashes = 0,
        machineWashes = 0,
        soakHours = 0,
        rounds = 0,
      } = wornOf.get(row.id) ?? {};
      return {
        piece: pieceOf(row, photoOf.get(row.id) ?? null),
        troubles: toldOf.get(row.id)?.troubles ?? 0,
        lastAt: toldOf.get(row.id)?.lastAt?.toISOString() ?? null,
        exposure: {
          oxygenHours,
          hotWashes: hotWashes + times('hotWash'),
          machineWashes: machineWashes + times('machineWash') + times('hotWash'),
          soakHours,
          rounds,
        },
        upkeepAt: Object.fromEntries(
          noted.flatMap((one) =>
            one.upkeepId && one.lastAt ? [[one.upkeepId, one.lastAt.toISOString()]] : [],
          ),
        ),
      };
    });
    const last = (one: PieceSums) => one.lastAt ?? '';
    return sums.sort((a, b) => last(b).localeCompare(last(a)) || a.piece.id.localeCompare(b.piece.id));
  }

  /** As much of every piece as upkeep goes by, with when each upkeep was last done. */
  async keeping(): Promise<KeepingRow[]> {
    const fact = (name: string) => sql<string>`${pieces.facts}->>${name}`;
    const rows = await this.db
      .select({
        id: pieces.id,
        createdAt: pieces.createdAt,
        name: fact('name'),
        itemId: fact('itemId'),
        since: fact('since'),
      })
      .from(pieces);
    const done = await this.db
      .select({ pieceId: careEvents.pieceId, upkeepId: careEvents.upkeepId, lastAt: max(careEvents.at) })
      .from(careEvents)
      .where(isNotNull(careEvents.upkeepId))
      .groupBy(careEvents.pieceId, careEvents.upkeepId);
    const doneOf = groupBy(done, (row) => row.pieceId);
    return rows.map(({ id, createdAt, name, itemId, since }) => ({
      id,
      name,
      itemId,
      since,
      createdAt: createdAt.toISOString(),
      upkeepAt: Object.fromEntries(
        (doneOf.get(id) ?? []).flatMap((one) =>
          one.upkeepId && one.lastAt ? [[one.upkeepId, one.lastAt.toISOString()]] : [],
        ),
      ),
    }));
  }

  async find(id: string): Promise<Piece | null> {
    const [row] = await this.db.select().from(pieces).where(eq(pieces.id, id));
    return row ? pieceOf(row, (await this.photos(id)).get(id) ?? null) : null;
  }

  /** The newest picture of each piece, or of one alone. */
  private async photos(id?: string): Promise<Map<string | null, string>> {
    const rows = await this.db
      .select({ id: photos.id, pieceId: photos.pieceId })
      .from(photos)
      .where(id ? eq(photos.pieceId, id) : isNotNull(photos.pieceId))
      .orderBy(photos.createdAt, photos.id);
    return new Map(rows.map((row) => [row.pieceId, row.id]));
  }

  async hasAny(): Promise<boolean> {
    return (await this.db.select({ id: pieces.id }).from(pieces).limit(1)).length > 0;
  }

  async insert(id: string, facts: NewPiece, createdAt: Date): Promise<void> {
    await this.db.insert(pieces).values({ id, facts, createdAt });
  }

  async update(id: string, facts: NewPiece): Promise<void> {
    await this.db.update(pieces).set({ facts }).where(eq(pieces.id, id));
  }

  /** Takes away a piece of which nothing else is kept; false where something is. */
  async remove(id: string): Promise<boolean> {
    return this.db.transaction(async (tx) => {
      for (const table of [troubles, careEvents, pastUses]) {
        const kept = await tx.select({ id: table.id }).from(table).where(eq(table.pieceId, id)).limit(1);
        if (kept.length > 0) return false;
      }
      await tx.delete(photos).where(eq(photos.pieceId, id));
      await tx.delete(pieces).where(eq(pieces.id, id));
      return true;
    });
  }

  /**
   * Puts all that is kept of one piece under another and takes the first away. What was moved is given back, to be
   * taken apart by it.
   */
  async merge(from: string, into: string): Promise<Moved> {
    return this.db.transaction(async (tx) => {
      // One after the other: a transaction has one connection.
      const moved: string[][] = [];
      for (const table of MOVABLE) {
        const rows = await tx
          .update(table)
          .set({ pieceId: into })
          .where(eq(table.pieceId, from))
          .returning({ id: table.id });
        moved.push(rows.map(({ id }) => id));
      }
      await tx.delete(pieces).where(eq(pieces.id, from));
      const [troubleIds = [], careIds = [], pastUseIds = [], photoIds = [], heapIds = []] = moved;
      return { troubleIds, careIds, pastUseIds, photoIds, heapIds };
    });
  }

  /** The piece is there again, with everything that was moved from it and still exists. */
  async takeApart(into: string, piece: typeof pieces.$inferInsert, moved: Moved): Promise<void> {
    await this.db.transaction(async (tx) => {
      await tx.insert(pieces).values(piece);
      const ids = [moved.troubleIds, moved.careIds, moved.pastUseIds, moved.photoIds, moved.heapIds];
      for (const [index, table] of MOVABLE.entries())
        await tx
          .update(table)
          .set({ pieceId: piece.id })
          .where(and(eq(table.pieceId, into), inArray(table.id, [...(ids[index] ?? [])])));
    });
  }

  /** A care note; one seen before changes nothing. */
  /** Washes and upkeep that were noted of a piece, the oldest first. */
  async care(id: string): Promise<PieceHistory['care']> {
    const rows = await this.db
      .select()
      .from(careEvents)
      .where(eq(careEvents.pieceId, id))
      .orderBy(asc(careEvents.at), asc(careEvents.id));
    return rows.map(({ at, what, upkeepId, times }) => ({ at: at.toISOString(), what, upkeepId, times }));
  }

  async insertCare(row: typeof careEvents.$inferInsert): Promise<void> {
    await this.db.insert(careEvents).values(row).onConflictDoNothing();
  }
}
