import type { Merged, MergeInto, NewPiece, Piece, PieceSummary } from '@feverfew/contracts';
import { Controller, Inject, Param } from '@nestjs/common';
import { BodyOf, Route } from '../api/route.js';
import { ID } from '../problems/idPipe.js';
import { PiecesService } from './pieces.service.js';

@Controller()
export class PiecesController {
  constructor(@Inject(PiecesService) private readonly service: PiecesService) {}

  @Route('listPieces')
  list(): Promise<PieceSummary[]> {
    return this.service.list();
  }

  @Route('createPiece')
  create(@BodyOf('createPiece') piece: NewPiece): Promise<Piece> {
    return this.service.create(piece);
  }

  /** A piece nothing happened to. */
  @Route('deletePiece')
  remove(@Param('id', ID) id: string): Promise<void> {
    return this.service.remove(id);
  }

  /** Entered twice: all that is kept of it goes under another. */
  @Route('mergePiece')
  merge(@Param('id', ID) id: string, @BodyOf('mergePiece') { intoId }: MergeInto): Promise<Merged> {
    return this.service.merge(id, intoId);
  }

  /** Takes a merge back. */
  @Route('unmergePiece')
  takeApart(@Param('id', ID) id: string, @BodyOf('unmergePiece') merged: Merged): Promise<Piece> {
    return this.service.takeApart(id, merged);
  }

  @Route('updatePiece')
  update(@Param('id', ID) id: string, @BodyOf('updatePiece') piece: NewPiece): Promise<Piece> {
    return this.service.update(id, piece);
  }
}
