import { z } from 'zod';
import { DANGER_RISKS } from '../vocabulary.js';
import { Id, SourceIds } from './vocabulary.js';

/** Who is at more risk than others. */
export const DangerRisk = z.enum(DANGER_RISKS);
export type DangerRisk = z.infer<typeof DangerRisk>;

/**
 * A poison on the cloth, a piece that protects life or carries a current, an infection with a fixed way to wash. No
 * treatment is computed for it. This text is shown.
 */
export const Danger = z.strictObject({
  id: Id,
  /** What it is called at the head of the page. */
  name: z.string(),
  kind: z.enum(['contaminant', 'piece', 'hygiene']),
  /** Typed phrases: each must be whole in a person's words. */
  aliases: z.array(z.string()).min(1),
  /** Words that only may mean it: the page is offered, and ordinary results stay. */
  mayMean: z.array(z.string()),
  /** What they type and do not mean it by: these words are not read as one of the aliases. */
  traps: z.array(z.string()),
  /** What it is, and what it does. */
  is: z.string(),
  /** Signs for which the emergency number is called; null = none of its own. */
  emergency: z.string().nullable(),
  /** What to do, in order: people first, then keep it from spreading. */
  first: z.array(z.string()).min(1),
  never: z.array(z.string()).min(1),
  /** Whether it may be cleaned at home, and how. */
  home: z.strictObject({ may: z.enum(['no', 'afterActs']), text: z.string() }),
  /** Where the piece goes; null where it stays in use. Of an infection: what is done with what cannot be washed. */
  where: z.string().nullable(),
  /** What the machine or the vacuum cleaner needs afterwards; null = nothing. */
  after: z.string().nullable(),
  /** Whom to ask. */
  ask: z.string(),
  risks: z.array(DangerRisk),
  /** Kind of piece a mark on it may be planned for, within what this page allows; null = none. */
  itemId: Id.nullable(),
  /** Shown in place of any treatment; false = before one. */
  replaces: z.boolean(),
  sourceIds: SourceIds,
});
export type Danger = z.infer<typeof Danger>;
