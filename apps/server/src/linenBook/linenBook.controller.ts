import type { NewCare, PieceHistory } from '@feverfew/contracts';
import { Controller, Inject, Param } from '@nestjs/common';
import { BodyOf, Serves } from '../api/serves.js';
import { PiecesService } from '../pieces/pieces.service.js';
import { ID } from '../problems/idPipe.js';
import { PieceHistoryService } from './pieceHistory.service.js';

@Controller()
export class LinenBookController {
  constructor(
    @Inject(PiecesService) private readonly pieces: PiecesService,
    @Inject(PieceHistoryService) private readonly history: PieceHistoryService,
  ) {}

  @Serves('readPiece')
  read(@Param('id', ID) id: string): Promise<PieceHistory> {
    return this.history.read(id);
  }

  /** A wash, or upkeep that was done. */
  @Serves('addCare')
  async care(@Param('id', ID) id: string, @BodyOf('addCare') body: NewCare): Promise<PieceHistory> {
    await this.pieces.noteCare(id, body);
    return this.history.read(id);
  }
}
