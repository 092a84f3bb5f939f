import { Module } from '@nestjs/common';
import { MixesModule } from '../mixes/mixes.module.js';
import { PiecesModule } from '../pieces/pieces.module.js';
import { RunsModule } from '../runs/runs.module.js';
import { CalendarService } from './calendar.service.js';
import { HouseholdFileController } from './householdFile.controller.js';
import { HouseholdFileRepository } from './householdFile.repository.js';
import { HouseholdFileService } from './householdFile.service.js';
import { LogRepository } from './log.repository.js';
import { LogService } from './log.service.js';
import { OpenFormatsController } from './openFormats.controller.js';

@Module({
  imports: [MixesModule, PiecesModule, RunsModule],
  controllers: [HouseholdFileController, OpenFormatsController],
  providers: [HouseholdFileService, HouseholdFileRepository, LogService, LogRepository, CalendarService],
})
export class OpenFormatsModule {}
