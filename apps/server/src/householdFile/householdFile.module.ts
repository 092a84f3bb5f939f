import { Module } from '@nestjs/common';
import { CalendarService } from '../calendar/calendar.service.js';
import { OpenFormatsController } from '../log/log.controller.js';
import { LogRepository } from '../log/log.repository.js';
import { LogService } from '../log/log.service.js';
import { MixesModule } from '../mixes/mixes.module.js';
import { PiecesModule } from '../pieces/pieces.module.js';
import { RunsModule } from '../runs/runs.module.js';
import { HouseholdFileController } from './householdFile.controller.js';
import { HouseholdFileRepository } from './householdFile.repository.js';
import { HouseholdFileService } from './householdFile.service.js';

@Module({
  imports: [MixesModule, PiecesModule, RunsModule],
  controllers: [HouseholdFileController, OpenFormatsController],
  providers: [HouseholdFileService, HouseholdFileRepository, LogService, LogRepository, CalendarService],
})
export class OpenFormatsModule {}
