import { Module } from '@nestjs/common';
import { PiecesModule } from '../pieces/pieces.module.js';
import { PlansModule } from '../plans/plans.module.js';
import { RunsModule } from '../runs/runs.module.js';
import { TroublesController } from './troubles.controller.js';
import { TroublesRepository } from './troubles.repository.js';
import { TroublesService } from './troubles.service.js';

@Module({
  imports: [PiecesModule, PlansModule, RunsModule],
  controllers: [TroublesController],
  providers: [TroublesService, TroublesRepository],
  exports: [TroublesService],
})
export class TroublesModule {}
