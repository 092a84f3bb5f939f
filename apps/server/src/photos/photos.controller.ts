import { NewPhoto, Piece, Run, type RunView } from '@feverfew/contracts';
import {
  Body,
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  Inject,
  Param,
  Post,
  Put,
  StreamableFile,
} from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { RequireRole } from '../devices/role.guard.js';
import { ID } from '../problems/idPipe.js';
import { Takes } from '../requests/body.guard.js';
import { PhotosService } from './photos.service.js';

@ApiTags('pictures')
@Controller()
export class PhotosController {
  constructor(@Inject(PhotosService) private readonly service: PhotosService) {}

  @Post('runs/:id/photos')
  @Takes('picture')
  @RequireRole('tub')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: Run })
  keep(@Param('id', ID) id: string, @Body({ schema: NewPhoto }) body: NewPhoto): Promise<RunView> {
    return this.service.keep(id, body);
  }

  @Put('pieces/:id/photo')
  @Takes('picture')
  @ApiOkResponse({ standardSchema: Piece })
  show(@Param('id', ID) id: string, @Body({ schema: NewPhoto }) body: NewPhoto): Promise<Piece> {
    return this.service.show(id, body);
  }

  @Delete('pieces/:id/photo')
  @ApiOkResponse({ standardSchema: Piece })
  drop(@Param('id', ID) id: string): Promise<Piece> {
    return this.service.dropOf(id);
  }

  @Get('photos/:id')
  @Header('Cache-Control', 'private, max-age=31536000, immutable')
  async read(@Param('id', ID) id: string): Promise<StreamableFile> {
    return new StreamableFile(await this.service.read(id), { type: 'image/jpeg' });
  }
}
