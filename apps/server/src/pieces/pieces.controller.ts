import { NewCare, NewPiece, Piece, PieceHistory, PieceSummary } from '@feverfew/contracts';
import { Body, Controller, Get, HttpCode, Inject, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { z } from 'zod';
import { PieceHistoryService } from '../linenBook/pieceHistory.service.js';
import { PiecesService } from './pieces.service.js';

@ApiTags('pieces')
@Controller('pieces')
export class PiecesController {
  constructor(
    @Inject(PiecesService) private readonly service: PiecesService,
    @Inject(PieceHistoryService) private readonly history: PieceHistoryService,
  ) {}

  @Get()
  @ApiOkResponse({ standardSchema: z.array(PieceSummary) })
  list(): Promise<PieceSummary[]> {
    return this.service.list();
  }

  @Post()
  @ApiOkResponse({ standardSchema: Piece })
  create(@Body({ schema: NewPiece }) piece: NewPiece): Promise<Piece> {
    return this.service.create(piece);
  }

  @Get(':id')
  @ApiOkResponse({ standardSchema: PieceHistory })
  read(@Param('id', ParseUUIDPipe) id: string): Promise<PieceHistory> {
    return this.history.read(id);
  }

  /** A wash, or upkeep that was done. */
  @Post(':id/care')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: PieceHistory })
  async care(
    @Param('id', ParseUUIDPipe) id: string,
    @Body({ schema: NewCare }) body: NewCare,
  ): Promise<PieceHistory> {
    await this.service.noteCare(id, body);
    return this.history.read(id);
  }

  @Put(':id')
  @ApiOkResponse({ standardSchema: Piece })
  update(
    @Param('id', ParseUUIDPipe) id: string,
    @Body({ schema: NewPiece }) piece: NewPiece,
  ): Promise<Piece> {
    return this.service.update(id, piece);
  }
}
