import { Module } from '@nestjs/common';
import { PiecesModule } from '../pieces/pieces.module.js';
import { RunsModule } from '../runs/runs.module.js';
import { PhotosController } from './photos.controller.js';
import { PhotosRepository } from './photos.repository.js';
import { PhotosService } from './photos.service.js';

@Module({
  imports: [RunsModule, PiecesModule],
  controllers: [PhotosController],
  providers: [PhotosService, PhotosRepository],
})
export class PhotosModule {}
