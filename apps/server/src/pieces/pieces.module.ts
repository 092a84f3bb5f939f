import { Module } from '@nestjs/common';
import { PlansModule } from '../plans/plans.module.js';
import { PiecesController } from './pieces.controller.js';
import { PiecesRepository } from './pieces.repository.js';
import { PiecesService } from './pieces.service.js';

@Module({
  imports: [PlansModule],
  controllers: [PiecesController],
  providers: [PiecesService, PiecesRepository],
  exports: [PiecesService],
})
export class PiecesModule {}
