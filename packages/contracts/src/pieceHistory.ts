import { z } from 'zod';
import { ExposureShape, Piece, UpkeepView, WearView } from './piece.js';
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
    wear: z.array(WearView),
    upkeep: z.array(UpkeepView),
    cost: CareCost,
    money: z.string(),
    now: z.iso.datetime(),
  })
  .meta({ id: 'PieceHistory' });
export type PieceHistory = z.infer<typeof PieceHistory>;
