import { Module } from '@nestjs/common';
import { MixesModule } from '../mixes/mixes.module.js';
import { HouseholdFileController } from './householdFile.controller.js';
import { HouseholdFileRepository } from './householdFile.repository.js';
import { HouseholdFileService } from './householdFile.service.js';

@Module({
  imports: [MixesModule],
  controllers: [HouseholdFileController],
  providers: [HouseholdFileService, HouseholdFileRepository],
  exports: [HouseholdFileService],
})
export class HouseholdFileModule {}
