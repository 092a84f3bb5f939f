import { Module } from '@nestjs/common';
import { PlansModule } from '../plans/plans.module.js';
import { TroublesModule } from '../troubles/troubles.module.js';
import { TrialsController } from './trials.controller.js';
import { TrialsRepository } from './trials.repository.js';
import { TrialsService } from './trials.service.js';

@Module({
  imports: [TroublesModule, PlansModule],
  controllers: [TrialsController],
  providers: [TrialsService, TrialsRepository],
  exports: [TrialsService],
})
export class TrialsModule {}
