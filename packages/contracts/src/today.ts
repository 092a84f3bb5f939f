import { z } from 'zod';
import { UpkeepView } from './piece.js';
import { ClashShape, RunningEntry } from './run.js';
import { TroubleSummary } from './trouble.js';
import { Uuid } from './uuid.js';
import { RunningLoad } from './wash/view.js';

export const Today = z
  .strictObject({
    now: z.iso.datetime(),
    /** False while water, vessels and measures are still guessed. */
    householdTold: z.boolean(),
    /** True in the house that ships, to try things in. */
    madeUp: z.boolean(),
    /** Why there is no backup of today; null while all is well. */
    backupFault: z.string().nullable(),
    /** By how much the clock of the computer that keeps this house has jumped, ms; null while it goes as it should. */
    clockJumpMs: z.number().nullable(),
    /** The most urgent run comes first. */
    running: z.array(RunningEntry),
    clashes: z.array(ClashShape),
    trials: z.array(
      z.strictObject({
        id: Uuid,
        pieceName: z.string(),
        markIds: z.array(z.string()),
        phase: z.string(),
        readyAt: z.iso.datetime().nullable(),
      }),
    ),
    waiting: z.array(TroubleSummary),
    settled: z.array(TroubleSummary),
    /** Loads in the drum: running, or done and still wet in it. */
    loads: z.array(RunningLoad),
    /** Upkeep that has fallen due, longest overdue first. */
    due: z.array(UpkeepView.extend({ pieceId: Uuid, pieceName: z.string() })),
  })
  .meta({ id: 'Today' });
export type Today = z.infer<typeof Today>;
