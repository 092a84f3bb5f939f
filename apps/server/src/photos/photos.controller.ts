import type { NewPhoto, Piece, RunView } from '@feverfew/contracts';
import { Controller, Header, Inject, Param, StreamableFile } from '@nestjs/common';
import { BodyOf, Serves } from '../api/serves.js';
import { ID } from '../problems/idPipe.js';
import { Takes } from '../requests/body.guard.js';
import { PhotosService } from './photos.service.js';

@Controller()
export class PhotosController {
  constructor(@Inject(PhotosService) private readonly service: PhotosService) {}

  @Serves('addRunPhoto')
  @Takes('picture')
  keep(@Param('id', ID) id: string, @BodyOf('addRunPhoto') body: NewPhoto): Promise<RunView> {
    return this.service.keep(id, body);
  }

  @Serves('updatePiecePhoto')
  @Takes('picture')
  show(@Param('id', ID) id: string, @BodyOf('updatePiecePhoto') body: NewPhoto): Promise<Piece> {
    return this.service.show(id, body);
  }

  @Serves('deletePiecePhoto')
  drop(@Param('id', ID) id: string): Promise<Piece> {
    return this.service.dropOf(id);
  }

  @Serves('downloadPhoto')
  @Header('Cache-Control', 'private, max-age=31536000, immutable')
  async read(@Param('id', ID) id: string): Promise<StreamableFile> {
    return new StreamableFile(await this.service.read(id), { type: 'image/jpeg' });
  }
}
