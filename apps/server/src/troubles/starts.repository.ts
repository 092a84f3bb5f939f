import type { NewPiece } from '@feverfew/contracts';
import type { TroubleFacts } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import { DATABASE } from '../database/database.module.js';
import type { Database } from '../database/openDatabase.js';
import { pieces, plans, troubles } from '../database/tables.js';
import { type BegunRun, insertRun } from '../runs/runs.repository.js';

/** Everything a start writes. */
export interface StoredStart extends BegunRun {
  /** null = the piece is in the book already. */
  readonly newPiece: { readonly id: string; readonly facts: NewPiece; readonly createdAt: Date } | null;
  readonly trouble: {
    readonly id: string;
    readonly createdAt: Date;
    readonly pieceId: string;
    readonly facts: TroubleFacts;
  };
  readonly isNewTrouble: boolean;
  readonly plan: typeof plans.$inferInsert;
}

@Injectable()
export class StartsRepository {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** All of it, or nothing; false when there is a run of that id already. */
  async insert({ newPiece, trouble, isNewTrouble, plan, ...begun }: StoredStart): Promise<boolean> {
    try {
      await this.db.transaction(async (tx) => {
        if (newPiece) await tx.insert(pieces).values(newPiece);
        if (isNewTrouble) await tx.insert(troubles).values(trouble);
        else await tx.update(troubles).set({ facts: trouble.facts }).where(eq(troubles.id, trouble.id));
        await tx.insert(plans).values(plan);
        if (!(await insertRun(tx, begun))) throw new AlreadyBegun();
      });
      return true;
    } catch (error) {
      if (error instanceof AlreadyBegun) return false;
      throw error;
    }
  }
}

/** Takes back what the transaction has written so far. */
class AlreadyBegun extends Error {}
