import { z } from 'zod';
import { Id, SourceIds } from './vocabulary.js';

/** What a tag may say of washing: a machine at so many °C, by hand, never. `none`: there is no tag as a rule. */
export const UsualTag = z.union([
  z.literal(30),
  z.literal(40),
  z.literal(60),
  z.literal(95),
  z.literal('hand'),
  z.literal('never'),
  z.literal('none'),
]);
export type UsualTag = z.infer<typeof UsualTag>;

const UsualTags = z.array(z.strictObject({ says: UsualTag, share: z.number().positive().max(1) }));

/** What a kind of piece usually is. Shares are rough: they say which case to plan for and which to ask about. */
export const UsualPiece = z.strictObject({
  /** The kind of piece it speaks of. */
  id: Id,
  itemId: Id,
  /** What each part is made of, in the order of the parts of its kind, and how often, 0–1. */
  compositions: z
    .array(
      z.strictObject({
        parts: z
          .array(z.array(z.strictObject({ fibreId: Id, sharePct: z.number().positive() })).min(1))
          .min(1),
        share: z.number().positive().max(1),
      }),
    )
    .min(1),
  tags: UsualTags,
  /** What the tag says where the piece is known to be of such a fibre; the first that is in it counts. */
  tagsOfFibres: z.array(z.strictObject({ fibreIds: z.array(Id).min(1), tags: UsualTags })),
  /** How many of them are white, 0–1; null = no colour is usual enough to be taken. */
  whiteShare: z.number().min(0).max(1).nullable(),
  sourceIds: SourceIds,
});
export type UsualPiece = z.infer<typeof UsualPiece>;
