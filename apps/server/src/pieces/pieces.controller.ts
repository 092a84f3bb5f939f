import type { Merged, MergeInto, NewPiece, Piece, PieceSummary } from '@feverfew/contracts';
import { Controller, Inject, Param } from '@nestjs/common';
import { BodyOf, Serves } from '../api/serves.js';
import { ID } from '../problems/idPipe.js';
import { PiecesService } from './pieces.service.js';

@Controller()
export class PiecesController {
  constructor(@Inject(PiecesService) private readonly service: PiecesService) {}

  @Serves('listPieces')
  list(): Promise<PieceSummary[]> {
    return this.service.list();
  }

  @Serves('createPiece')
  create(@BodyOf('createPiece') piece: NewPiece): Promise<Piece> {
    return this.service.create(piece);
  }

  /** A piece nothing happened to. */
  @Serves('deletePiece')
  remove(@Param('id', ID) id: string): Promise<void> {
    return this.service.remove(id);
  }

  /** Entered twice: all that is kept of it goes under another. */
  @Serves('mergePiece')
  merge(@Param('id', ID) id: string, @BodyOf('mergePiece') { intoId }: MergeInto): Promise<Merged> {
    return this.service.merge(id, intoId);
  }

  /** Takes a merge back. */
  @Serves('unmergePiece')
  takeApart(@Param('id', ID) id: string, @BodyOf('unmergePiece') merged: Merged): Promise<Piece> {
    return this.service.takeApart(id, merged);
  }

  @Serves('updatePiece')
  update(@Param('id', ID) id: string, @BodyOf('updatePiece') piece: NewPiece): Promise<Piece> {
    return this.service.update(id, piece);
  }
}
