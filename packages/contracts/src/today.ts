import { z } from 'zod';
import { RunSummary } from './run.js';
import { TroubleSummary } from './trouble.js';

export const Today = z
  .strictObject({
    now: z.iso.datetime(),
    /** False while water, vessels and measures are still guessed. */
    householdTold: z.boolean(),
    running: z.array(RunSummary),
    waiting: z.array(TroubleSummary),
    settled: z.array(TroubleSummary),
  })
  .meta({ id: 'Today' });
export type Today = z.infer<typeof Today>;
