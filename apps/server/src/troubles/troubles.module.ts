import { Module } from '@nestjs/common';
import { PiecesModule } from '../pieces/pieces.module.js';
import { PlansModule } from '../plans/plans.module.js';
import { RunsModule } from '../runs/runs.module.js';
import { StartsRepository } from './starts.repository.js';
import { StartsService } from './starts.service.js';
import { TroublesController } from './troubles.controller.js';
import { TroublesRepository } from './troubles.repository.js';
import { TroublesService } from './troubles.service.js';

@Module({
  imports: [PiecesModule, PlansModule, RunsModule],
  controllers: [TroublesController],
  providers: [TroublesService, TroublesRepository, StartsService, StartsRepository],
  exports: [TroublesService],
})
export class TroublesModule {}
