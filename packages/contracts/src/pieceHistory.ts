import { z } from 'zod';
import { Piece } from './piece.js';
import { RunSummary } from './run.js';
import { TroubleSummary } from './trouble.js';

export const PieceHistory = z
  .strictObject({ piece: Piece, troubles: z.array(TroubleSummary.extend({ runs: z.array(RunSummary) })) })
  .meta({ id: 'PieceHistory' });
export type PieceHistory = z.infer<typeof PieceHistory>;
