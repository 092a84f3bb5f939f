import { z } from 'zod';
import { circumstances } from './condition.js';
import { Chemistry, Deed } from './vocabulary.js';

/** What must hold for a note to be said; every one that is named. */
export const NoteConditions = circumstances
  .extend({
    /** The piece can be rinsed through, or cannot. */
    drains: z.boolean().optional(),
    /** No water may touch it, or some may. */
    keptDry: z.boolean().optional(),
    /** It is white, or is not. */
    white: z.boolean().optional(),
    /** Nothing wet has been done to the piece before it in this pass. */
    unwetted: z.boolean().optional(),
    /** A dryer is in the house. */
    dryer: z.boolean().optional(),
    /** The plan uses a product of one of these kinds. */
    uses: z.array(Chemistry).min(1).optional(),
  })
  .refine((given) => Object.keys(given).length > 0, 'Name a condition, or say "always".');

/**
 * A line about a step, a piece or a trouble, with its conditions. No note is said that asks for what label,
 * cloth, trouble or a caution forbids here: the planner drops it, the checker looks again.
 */
export const Note = z.strictObject({
  text: z.string().min(1),
  /** 'always' = wherever its step is. */
  when: z.union([z.literal('always'), NoteConditions]),
  /** What it tells a person to do. */
  asks: z.array(Deed),
  /** What it tells a person not to do, on a piece with this trouble, product or make. */
  bars: z.array(Deed),
  /** Named in passing: neither asked for nor forbidden. */
  names: z.array(Deed),
});
export type Note = z.infer<typeof Note>;
