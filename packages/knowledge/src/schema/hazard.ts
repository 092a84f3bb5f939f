import { z } from 'zod';
import { Chemistry, Id, Protects, SourceIds } from './vocabulary.js';

/**
 * Two chemistries that must not meet in a vessel, a cycle, or adjoining steps without a full rinse.
 * `apart: 'plan'` keeps them out of one plan altogether.
 */
export const ForbiddenPair = z.strictObject({
  id: Id,
  a: Chemistry,
  b: Chemistry,
  apart: z.enum(['rinse', 'rinseAndDry', 'plan']),
  /** False where a surface piece may use both after two damp passes and drying. */
  blocksSurface: z.boolean(),
  happens: z.string(),
  protects: Protects,
  sourceIds: SourceIds,
});
export type ForbiddenPair = z.infer<typeof ForbiddenPair>;

export const Caution = z.strictObject({
  id: Id,
  severity: z.enum(['note', 'warning', 'danger']),
  text: z.string(),
  ground: z.string(),
  sourceIds: SourceIds,
});
export type Caution = z.infer<typeof Caution>;

/** Something the person will see that is normal (expected) or means stop (alarm). */
export const Sign = z.strictObject({
  id: Id,
  kind: z.enum(['expected', 'alarm']),
  text: z.string(),
  sourceIds: SourceIds,
  /** Shows only with one of these agents; empty = with any. */
  withAgentIds: z.array(Id),
});
export type Sign = z.infer<typeof Sign>;

export const School = z.strictObject({
  id: Id,
  dispute: z.string(),
  view: z.string(),
  isDefault: z.boolean(),
  why: z.string(),
  sourceIds: SourceIds,
});
export type School = z.infer<typeof School>;
