import { z } from 'zod';
import { Id, SourceIds } from './vocabulary.js';

export const UPKEEP_KINDS = ['wash', 'deepStrip', 'turn', 'replace'] as const;

/** Care that a piece needs at intervals, with or without a trouble. */
export const Upkeep = z.strictObject({
  id: Id,
  name: z.string(),
  kind: z.enum(UPKEEP_KINDS),
  itemIds: z.array(Id).min(1),
  everyDays: z.number().int().positive(),
  /** Offered no more often than this rather than due by then. */
  atMost: z.boolean(),
  note: z.string(),
  sourceIds: SourceIds,
});
export type Upkeep = z.infer<typeof Upkeep>;

export const WEAR_COUNTS = ['machineWashes', 'hotWashes', 'oxygenHours'] as const;

/** After so much of one strain a piece needs a second look. */
export const WearRule = z.strictObject({
  id: Id,
  name: z.string(),
  counts: z.enum(WEAR_COUNTS),
  /** On these kinds of piece … */
  itemIds: z.array(Id),
  /** … or with these fibres in any part. */
  fibreIds: z.array(Id),
  warnAt: z.number().positive(),
  note: z.string(),
  sourceIds: SourceIds,
});
export type WearRule = z.infer<typeof WearRule>;
