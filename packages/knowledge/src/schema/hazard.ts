import { z } from 'zod';
import { Note } from './note.js';
import { Chemistry, Deed, Id, MechanicalAction, Protects, SourceIds, Wetting } from './vocabulary.js';

/**
 * Two chemistries that must not meet in a vessel, a cycle, or adjoining steps without a full rinse.
 * `apart: 'air'` asks only that the first has been aired out until it is dry and no longer smells; `'plan'` keeps them
 * out of one plan altogether.
 */
export const ForbiddenPair = z.strictObject({
  id: Id,
  a: Chemistry,
  b: Chemistry,
  apart: z.enum(['air', 'rinse', 'rinseAndDry', 'plan']),
  /** False where a surface piece may use both after two damp passes and drying. */
  blocksSurface: z.boolean(),
  /** Met on one cloth they give off gas or heat that hurts people: windows open, out of the room, nothing added. */
  fumes: z.boolean(),
  happens: z.string(),
  protects: Protects,
  sourceIds: SourceIds,
});
export type ForbiddenPair = z.infer<typeof ForbiddenPair>;

/** When a caution is said whatever the product: with anything sold, when mixing, with hot water, and so on. */
export const CAUTION_OCCASIONS = [
  'anyProduct',
  'mixing',
  'attended',
  'hot',
  'scalding',
  'openSoak',
  'bodyFluid',
  'strongBottle',
  'notYetGone',
  'afterSolvent',
  'heavyWet',
  'solventOnIt',
  'chlorineOnIt',
  'keepWet',
  'septicTank',
] as const;
export type CautionOccasion = (typeof CAUTION_OCCASIONS)[number];

export const Caution = z.strictObject({
  id: Id,
  /** null = said only where a record names it. */
  occasion: z.enum(CAUTION_OCCASIONS).nullable(),
  /** It burns, smoulders or fumes in heat. This protects people and may not be waived. */
  forbidsHeat: z.boolean(),
  /** Deeds forbidden on a piece with this caution, whatever another line says. */
  bars: z.array(Deed),
  /** A tag that allows a wash lifts its ban of water, not of soaking. */
  tagLifts: z.boolean(),
  severity: z.enum(['note', 'warning', 'danger']),
  text: z.string(),
  /** The same for the line of a step, where the whole text is read before anything is mixed: twelve words at most. */
  brief: z.string().refine((text) => text.split(' ').length <= 12),
  /** What guards hand, eye or lung before the piece is touched, said before every other act; null = nothing does. */
  first: z
    .string()
    .refine((text) => text.split(' ').length <= 24)
    .nullable(),
  ground: z.string(),
  sourceIds: SourceIds,
});
export type Caution = z.infer<typeof Caution>;

/** Something the person will see that is normal (expected) or means stop (alarm). */
/** Pieces on which an alarm is always looked for. */
export const ALARMED_PIECES = ['anyPiece', 'colouredPiece', 'animalFibres', 'softeningFibres'] as const;
export type AlarmedPiece = (typeof ALARMED_PIECES)[number];

export const Sign = z.strictObject({
  id: Id,
  /** null = looked for only where a record names it. */
  standsFor: z.enum(ALARMED_PIECES).nullable(),
  kind: z.enum(['expected', 'alarm']),
  text: z.string(),
  sourceIds: SourceIds,
  /** Shows only with one of these agents; empty = with any. */
  withAgentIds: z.array(Id),
});
export type Sign = z.infer<typeof Sign>;

/** What following a position does to a plan, besides which of its own methods are offered. */
export const PositionEffect = z.discriminatedUnion('kind', [
  /** Decides only between methods that name a position of this dispute. */
  z.strictObject({ kind: z.literal('methods') }),
  /** Works this chemistry before the other where both are in the plan. */
  z.strictObject({ kind: z.literal('order'), first: Chemistry, second: Chemistry }),
  /** Which end of a dose range is poured. */
  z.strictObject({ kind: z.literal('dose'), at: z.enum(['low', 'middle']) }),
  /** A limit of its own; on these kinds of piece, empty = on all. */
  z.strictObject({
    kind: z.literal('limit'),
    itemIds: z.array(Id),
    mostWetting: Wetting.nullable(),
    mostAction: MechanicalAction.nullable(),
  }),
  /** A line added to a step, with what goes into it; on these kinds of piece, empty = on all. */
  z.strictObject({
    kind: z.literal('note'),
    step: z.enum(['wash', 'dry', 'mix']),
    itemIds: z.array(Id),
    note: Note,
    agentId: Id.nullable(),
  }),
]);
export type PositionEffect = z.infer<typeof PositionEffect>;

export const Position = z.strictObject({
  id: Id,
  /** The dispute it is one side of. */
  dispute: z.string(),
  view: z.string(),
  isDefault: z.boolean(),
  /** Its methods are offered only where it is followed. */
  onlyIfChosen: z.boolean(),
  effect: PositionEffect,
  why: z.string(),
  sourceIds: SourceIds,
});
export type Position = z.infer<typeof Position>;

export const Dispute = z.strictObject({ id: Id, question: z.string() });
export type Dispute = z.infer<typeof Dispute>;
