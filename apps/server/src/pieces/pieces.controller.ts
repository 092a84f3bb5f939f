import { NewPiece, Piece, PieceSummary } from '@feverfew/contracts';
import { Body, Controller, Delete, Get, HttpCode, Inject, Param, Post, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { z } from 'zod';
import { ID } from '../problems/idPipe.js';
import { PiecesService } from './pieces.service.js';

@ApiTags('pieces')
@Controller('pieces')
export class PiecesController {
  constructor(@Inject(PiecesService) private readonly service: PiecesService) {}

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

  /** A piece nothing happened to. */
  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse({ description: 'Gone.' })
  remove(@Param('id', ID) id: string): Promise<void> {
    return this.service.remove(id);
  }

  @Put(':id')
  @ApiOkResponse({ standardSchema: Piece })
  update(@Param('id', ID) id: string, @Body({ schema: NewPiece }) piece: NewPiece): Promise<Piece> {
    return this.service.update(id, piece);
  }
}
