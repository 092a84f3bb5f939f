import { Module } from '@nestjs/common';
import { HouseholdModule } from '../household/household.module.js';
import { HouseholdFileController } from './householdFile.controller.js';
import { HouseholdFileService } from './householdFile.service.js';
import { MixesController } from './mixes.controller.js';
import { MixesRepository } from './mixes.repository.js';
import { MixesService } from './mixes.service.js';

@Module({
  imports: [HouseholdModule],
  controllers: [HouseholdFileController, MixesController],
  providers: [MixesService, MixesRepository, HouseholdFileService],
  exports: [MixesService],
})
export class MixesModule {}
