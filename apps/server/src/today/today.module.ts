import { Module } from '@nestjs/common';
import { ClockModule } from '../clock/clock.module.js';
import { HouseholdModule } from '../household/household.module.js';
import { PiecesModule } from '../pieces/pieces.module.js';
import { RunsModule } from '../runs/runs.module.js';
import { TrialsModule } from '../trials/trials.module.js';
import { TroublesModule } from '../troubles/troubles.module.js';
import { WashModule } from '../wash/wash.module.js';
import { TodayController } from './today.controller.js';
import { TodayService } from './today.service.js';

@Module({
  imports: [ClockModule, HouseholdModule, PiecesModule, RunsModule, TrialsModule, TroublesModule, WashModule],
  controllers: [TodayController],
  providers: [TodayService],
})
export class TodayModule {}
