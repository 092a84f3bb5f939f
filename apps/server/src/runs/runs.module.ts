import { Module } from '@nestjs/common';
import { MixesModule } from '../mixes/mixes.module.js';
import { PlansModule } from '../plans/plans.module.js';
import { RunsController } from './runs.controller.js';
import { RunsRepository } from './runs.repository.js';
import { RunsService } from './runs.service.js';

@Module({
  imports: [PlansModule, MixesModule],
  controllers: [RunsController],
  providers: [RunsService, RunsRepository],
  exports: [RunsService],
})
export class RunsModule {}
