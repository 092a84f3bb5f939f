import { Module } from '@nestjs/common';
import { PiecesModule } from '../pieces/pieces.module.js';
import { RunsModule } from '../runs/runs.module.js';
import { WashModule } from '../wash/wash.module.js';
import { CalendarController } from './calendar.controller.js';
import { CalendarService } from './calendar.service.js';

@Module({
  imports: [PiecesModule, RunsModule, WashModule],
  controllers: [CalendarController],
  providers: [CalendarService],
})
export class CalendarModule {}
