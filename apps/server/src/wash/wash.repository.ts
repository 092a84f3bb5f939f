import type { FilledLoad, NewHeapLine, WashSettings } from '@feverfew/contracts';
import type { HangingPlace } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { and, asc, count, desc, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { careEvents, heapLines, washLoads, washSettings } from '../database/tables.js';

type StoredLine = typeof heapLines.$inferSelect;
/** A line with its facts, and those of its piece. */
export type HeapRow = Omit<StoredLine, 'line'> & { readonly line: NewHeapLine };
export type LoadRow = typeof washLoads.$inferSelect;
export type CareRow = typeof careEvents.$inferInsert;

/** Only its own column says whose line it is, so a merged piece takes its lines along. */
const withPiece = (row: StoredLine): HeapRow => ({ ...row, line: { ...row.line, pieceId: row.pieceId } });
/** A line as stored. Its columns are derived here and nowhere else. */
export const storedLine = ({ pieceId, ...line }: NewHeapLine): Pick<StoredLine, 'pieceId' | 'line'> => ({
  pieceId,
  line,
});

/** A line that is wet in the drum or dirty in the heap hangs nowhere. */
const NOT_HUNG = { place: null, rolled: false, hungAt: null, dryAt: null } as const;

/** What of a line goes into a load, and what of a handful stays behind. */
export interface TakenLine {
  readonly lineId: string;
  readonly line: NewHeapLine;
  readonly rest: { readonly id: string; readonly line: NewHeapLine } | null;
}

/** Takes back what the transaction has written so far. */
class NotInHeap extends Error {}

const ONLY = 1;
/** Loads shown at once: those under way, and the last of those done. */
const MAX_SHOWN = 12;

@Injectable()
export class WashRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async settings(): Promise<WashSettings | null> {
    const [row] = await this.db.select().from(washSettings);
    return row?.settings ?? null;
  }

  /** One change after the other: none is lost that another device makes in the same moment. */
  async changeSettings(first: WashSettings, change: (before: WashSettings) => WashSettings): Promise<void> {
    await this.db.transaction(async (tx) => {
      await tx.insert(washSettings).values({ id: ONLY, settings: first }).onConflictDoNothing();
      const [row] = await tx.select().from(washSettings).for('update');
      await tx.update(washSettings).set({ settings: change(row?.settings ?? first) });
    });
  }

  /** Lines of the heap, in the order they came. */
  async heap(): Promise<HeapRow[]> {
    const rows = await this.db
      .select()
      .from(heapLines)
      .where(and(isNull(heapLines.loadId), isNull(heapLines.dryAt)))
      .orderBy(asc(heapLines.createdAt), asc(heapLines.id));
    return rows.map(withPiece);
  }

  /** Lines that went into a load and are not dry yet, and those of the loads asked for. */
  async washed(loadIds: readonly string[]): Promise<HeapRow[]> {
    if (loadIds.length === 0) return [];
    const rows = await this.db
      .select()
      .from(heapLines)
      .where(inArray(heapLines.loadId, [...loadIds]))
      .orderBy(asc(heapLines.createdAt), asc(heapLines.id));
    return rows.map(withPiece);
  }

  /** Loads, the newest first. */
  async loads(): Promise<LoadRow[]> {
    return this.db.select().from(washLoads).orderBy(desc(washLoads.createdAt)).limit(MAX_SHOWN);
  }

  /** Every load there was, the oldest first, with its lines. */
  async everyLoad(): Promise<{ load: LoadRow; line: HeapRow }[]> {
    const rows = await this.db
      .select({ load: washLoads, line: heapLines })
      .from(washLoads)
      .innerJoin(heapLines, eq(heapLines.loadId, washLoads.id))
      .orderBy(asc(washLoads.createdAt), asc(washLoads.id), asc(heapLines.createdAt), asc(heapLines.id));
    return rows.map(({ load, line }) => ({ load, line: withPiece(line) }));
  }

  async load(id: string): Promise<LoadRow | null> {
    const [row] = await this.db.select().from(washLoads).where(eq(washLoads.id, id));
    return row ?? null;
  }

  /** Lines of loads that are out of the drum, and not dry yet. */
  async wet(): Promise<{ line: HeapRow; load: LoadRow }[]> {
    const rows = await this.db
      .select({ line: heapLines, load: washLoads })
      .from(heapLines)
      .innerJoin(washLoads, eq(heapLines.loadId, washLoads.id))
      .where(and(isNotNull(washLoads.doneAt), isNull(heapLines.dryAt)))
      .orderBy(asc(washLoads.createdAt), asc(heapLines.createdAt), asc(heapLines.id));
    return rows.map(({ line, load }) => ({ line: withPiece(line), load }));
  }

  /**
   * Adds lines that are not there yet.
   * @returns false, and nothing is added, where the heap would be larger than may be
   */
  async add(
    rows: readonly { id: string; createdAt: Date; line: NewHeapLine }[],
    most: number,
  ): Promise<boolean> {
    return this.db.transaction(async (tx) => {
      const [heap] = await tx
        .select({ lines: count() })
        .from(heapLines)
        .where(and(isNull(heapLines.loadId), isNull(heapLines.dryAt)));
      if ((heap?.lines ?? 0) + rows.length > most) return false;
      await tx
        .insert(heapLines)
        .values(rows.map(({ line, ...row }) => ({ ...row, ...storedLine(line) })))
        .onConflictDoNothing();
      return true;
    });
  }

  /** False where no such line is in the heap. */
  async change(id: string, line: NewHeapLine): Promise<boolean> {
    const changed = await this.db
      .update(heapLines)
      .set(storedLine(line))
      .where(and(eq(heapLines.id, id), isNull(heapLines.loadId)))
      .returning({ id: heapLines.id });
    return changed.length > 0;
  }

  async remove(ids: readonly string[]): Promise<void> {
    await this.db.delete(heapLines).where(and(inArray(heapLines.id, [...ids]), isNull(heapLines.loadId)));
  }

  /**
   * Takes lines out of the heap into a load. Of a handful that went in part, the rest stays as a line of its own.
   * @returns false where one of them is not in the heap any more: nothing is changed
   */
  async fill(
    load: { id: string; createdAt: Date; load: FilledLoad },
    taken: readonly TakenLine[],
  ): Promise<boolean> {
    try {
      await this.db.transaction(async (tx) => {
        await tx.insert(washLoads).values({ ...load, doneAt: null });
        for (const { lineId, line, rest } of taken) {
          const [row] = await tx
            .update(heapLines)
            .set({ loadId: load.id, ...storedLine(line) })
            .where(and(eq(heapLines.id, lineId), isNull(heapLines.loadId)))
            .returning();
          if (!row) throw new NotInHeap();
          if (rest)
            await tx
              .insert(heapLines)
              .values({ id: rest.id, createdAt: row.createdAt, ...storedLine(rest.line) });
        }
      });
      return true;
    } catch (error) {
      if (error instanceof NotInHeap) return false;
      throw error;
    }
  }

  /** The load is out of the drum; what is counted for its pieces is kept with it, under ids that stay the same. */
  async finish(id: string, doneAt: Date, care: readonly CareRow[]): Promise<void> {
    await this.db.transaction(async (tx) => {
      await tx.update(washLoads).set({ doneAt }).where(eq(washLoads.id, id));
      if (care.length > 0)
        await tx
          .insert(careEvents)
          .values([...care])
          .onConflictDoNothing();
    });
  }

  /** It is in the drum again, and nothing counts yet. */
  async unfinish(id: string, careIds: readonly string[]): Promise<void> {
    await this.db.transaction(async (tx) => {
      await tx.update(washLoads).set({ doneAt: null }).where(eq(washLoads.id, id));
      await tx.update(heapLines).set(NOT_HUNG).where(eq(heapLines.loadId, id));
      if (careIds.length > 0) await tx.delete(careEvents).where(inArray(careEvents.id, [...careIds]));
    });
  }

  /** It was never filled: its lines are in the heap again. */
  async empty(id: string): Promise<void> {
    await this.db.transaction(async (tx) => {
      await tx
        .update(heapLines)
        .set({ loadId: null, ...NOT_HUNG })
        .where(eq(heapLines.loadId, id));
      await tx.delete(washLoads).where(eq(washLoads.id, id));
    });
  }

  async hang(lineIds: readonly string[], place: HangingPlace | null, hungAt: Date | null): Promise<void> {
    await this.db
      .update(heapLines)
      .set({ place, hungAt })
      .where(and(inArray(heapLines.id, [...lineIds]), isNotNull(heapLines.loadId), isNull(heapLines.dryAt)));
  }

  async roll(lineIds: readonly string[], rolled: boolean): Promise<void> {
    await this.db
      .update(heapLines)
      .set({ rolled })
      .where(and(inArray(heapLines.id, [...lineIds]), isNotNull(heapLines.loadId), isNull(heapLines.dryAt)));
  }

  async dry(lineIds: readonly string[], dryAt: Date | null): Promise<void> {
    await this.db
      .update(heapLines)
      .set({ dryAt })
      .where(and(inArray(heapLines.id, [...lineIds]), isNotNull(heapLines.loadId)));
  }
}
