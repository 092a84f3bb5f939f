import { NewPhoto, Run, type RunView } from '@feverfew/contracts';
import { Body, Controller, Get, Header, HttpCode, Inject, Param, Post, StreamableFile } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { ID } from '../problems/idPipe.js';
import { PhotosService } from './photos.service.js';

@ApiTags('runs')
@Controller()
export class PhotosController {
  constructor(@Inject(PhotosService) private readonly service: PhotosService) {}

  @Post('runs/:id/photos')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: Run })
  keep(@Param('id', ID) id: string, @Body({ schema: NewPhoto }) body: NewPhoto): Promise<RunView> {
    return this.service.keep(id, body);
  }

  @Get('photos/:id')
  @Header('Cache-Control', 'private, max-age=31536000, immutable')
  async read(@Param('id', ID) id: string): Promise<StreamableFile> {
    return new StreamableFile(await this.service.read(id), { type: 'image/jpeg' });
  }
}
