import { Module } from '@nestjs/common';
import { RunsModule } from '../runs/runs.module.js';
import { ClockController } from './clock.controller.js';
import { ClockService } from './clock.service.js';

@Module({
  imports: [RunsModule],
  controllers: [ClockController],
  providers: [ClockService],
  exports: [ClockService],
})
export class ClockModule {}
