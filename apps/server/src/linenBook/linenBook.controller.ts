import { NewCare, PieceHistory } from '@feverfew/contracts';
import { Body, Controller, Get, HttpCode, Inject, Param, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { PiecesService } from '../pieces/pieces.service.js';
import { ID } from '../problems/idPipe.js';
import { PieceHistoryService } from './pieceHistory.service.js';

@ApiTags('pieces')
@Controller('pieces/:id')
export class LinenBookController {
  constructor(
    @Inject(PiecesService) private readonly pieces: PiecesService,
    @Inject(PieceHistoryService) private readonly history: PieceHistoryService,
  ) {}

  @Get()
  @ApiOkResponse({ standardSchema: PieceHistory })
  read(@Param('id', ID) id: string): Promise<PieceHistory> {
    return this.history.read(id);
  }

  /** A wash, or upkeep that was done. */
  @Post('care')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: PieceHistory })
  async care(@Param('id', ID) id: string, @Body({ schema: NewCare }) body: NewCare): Promise<PieceHistory> {
    await this.pieces.noteCare(id, body);
    return this.history.read(id);
  }
}
