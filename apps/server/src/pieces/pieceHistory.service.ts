import type { PieceHistory } from '@feverfew/contracts';
import { Inject, Injectable } from '@nestjs/common';
import { RunsService } from '../runs/runs.service.js';
import { TroublesService } from '../troubles/troubles.service.js';
import { PiecesService } from './pieces.service.js';

@Injectable()
export class PieceHistoryService {
  constructor(
    @Inject(PiecesService) private readonly pieces: PiecesService,
    @Inject(TroublesService) private readonly troubles: TroublesService,
    @Inject(RunsService) private readonly runs: RunsService,
  ) {}

  /** A piece with its troubles, newest first, and what was done about each. */
  async read(pieceId: string): Promise<PieceHistory> {
    const piece = await this.pieces.read(pieceId);
    const runs = await this.runs.summaries({ pieceId });
    const troubles = await this.troubles.list({ pieceId });
    return {
      piece,
      troubles: troubles.map((trouble) => ({
        ...trouble,
        runs: runs.filter((run) => run.troubleId === trouble.id),
      })),
    };
  }
}
