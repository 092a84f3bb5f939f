import { Id } from '@feverfew/knowledge';
import { z } from 'zod';
import { CARE_KINDS, ExposureShape, Piece, UpkeepView, WearView } from './piece.js';
import { RunEntry } from './run.js';
import { TroubleSummary } from './trouble.js';

/** What care of a piece has cost so far, in the household's money. */
const CareCost = z
  .strictObject({
    spent: z.number(),
    isAtLeast: z.boolean(),
    isUnknown: z.boolean(),
    /** Rounds like those so far that cost as much as a new one. */
    breakEvenTries: z.number().int().nullable(),
  })
  .meta({ id: 'CareCost' });

/** A piece, its life: troubles, rounds, strain, upkeep, cost. */
export const PieceHistory = z
  .strictObject({
    piece: Piece,
    troubles: z.array(TroubleSummary.extend({ runs: z.array(RunEntry) })),
    exposure: ExposureShape,
    /** Rules of wear that are reached. */
    wear: z.array(WearView),
    /** Every rule of wear that holds for it, the nearest to its limit first. */
    strains: z.array(WearView),
    /** Washes and upkeep that were noted, the oldest first. */
    care: z.array(
      z.strictObject({
        at: z.iso.datetime(),
        what: z.enum(CARE_KINDS),
        upkeepId: Id.nullable(),
        times: z.number().int(),
      }),
    ),
    /** So that its last trouble does not come back; empty where it had none. */
    prevent: z.array(z.string()),
    upkeep: z.array(UpkeepView),
    cost: CareCost,
    money: z.string(),
    now: z.iso.datetime(),
  })
  .meta({ id: 'PieceHistory' });
export type PieceHistory = z.infer<typeof PieceHistory>;
