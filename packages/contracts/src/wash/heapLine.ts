import { PLAIN_USE, SOIL_LEVELS, SOLVENT_STATES } from '@feverfew/core';
import { Colour, Fastness, Id } from '@feverfew/knowledge';
import { z } from 'zod';
import { CareLabelShape } from '../piece.js';
import { Uuid } from '../uuid.js';

/** Most lines a heap has at once, and most of one handful. */
export const MAX_HEAP_LINES = 60;
export const MAX_OF_A_HANDFUL = 99;

const massG = z
  .number({ error: 'Give the mass in grams.' })
  .min(5, 'At least 5 g.')
  .max(60_000, 'At most 60 kg.');

/** The facts of one line of the heap: a piece of the linen book, or a handful of like ones. */
export const NewHeapLine = z
  .strictObject({
    pieceId: Uuid.nullable(),
    /** Kind of piece of a handful; null for a piece of the book. */
    itemId: Id.nullable(),
    name: z.string().trim().max(80, 'At most 80 characters.'),
    count: z
      .number()
      .int('Whole pieces only.')
      .min(1, 'At least one.')
      .max(MAX_OF_A_HANDFUL, `At most ${MAX_OF_A_HANDFUL} in one handful.`),
    /** null = the usual one of its kind is taken, and said. */
    colour: Colour.nullable(),
    fastness: Fastness,
    /** Read on a piece of the handful; null = the usual one of its kind is taken, and said. */
    label: CareLabelShape.nullable(),
    /** Of all of them, g; null = by its kind. */
    massG: massG.nullable(),
    soil: z.enum(SOIL_LEVELS),
    use: z.union([Id, z.literal(PLAIN_USE)]).nullable(),
    solvent: z.enum(SOLVENT_STATES),
    fuel: z.boolean(),
    set: z.string().trim().max(40).nullable(),
  })
  .refine((line) => (line.pieceId === null) !== (line.itemId === null), {
    path: ['itemId'],
    message: 'Say which piece it is, or what kind of piece.',
  })
  .meta({ id: 'NewHeapLine' });
export type NewHeapLine = z.infer<typeof NewHeapLine>;

/** Defaults of a line: one piece, washed often. */
export const PLAIN_LINE: NewHeapLine = {
  pieceId: null,
  itemId: null,
  name: '',
  count: 1,
  colour: null,
  fastness: 'proven',
  label: null,
  massG: null,
  soil: 'usual',
  use: null,
  solvent: 'none',
  fuel: false,
  set: null,
};

export const NewHeapLines = z
  .strictObject({
    lines: z
      .array(z.strictObject({ id: Uuid, line: NewHeapLine }))
      .min(1)
      .max(MAX_HEAP_LINES),
  })
  .meta({ id: 'NewHeapLines' });
export type NewHeapLines = z.infer<typeof NewHeapLines>;
