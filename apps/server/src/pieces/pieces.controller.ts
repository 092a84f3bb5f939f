import { Merged, MergeInto, NewPiece, Piece, PieceSummary } from '@feverfew/contracts';
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

  /** Entered twice: all that is kept of it goes under another. */
  @Post(':id/merge')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: Merged })
  merge(@Param('id', ID) id: string, @Body({ schema: MergeInto }) { intoId }: MergeInto): Promise<Merged> {
    return this.service.merge(id, intoId);
  }

  /** Takes a merge back. */
  @Post(':id/apart')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: Piece })
  takeApart(@Param('id', ID) id: string, @Body({ schema: Merged }) merged: Merged): Promise<Piece> {
    return this.service.takeApart(id, merged);
  }

  @Put(':id')
  @ApiOkResponse({ standardSchema: Piece })
  update(@Param('id', ID) id: string, @Body({ schema: NewPiece }) piece: NewPiece): Promise<Piece> {
    return this.service.update(id, piece);
  }
}
