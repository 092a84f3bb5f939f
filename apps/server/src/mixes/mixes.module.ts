import { Module } from '@nestjs/common';
import { HouseholdModule } from '../household/household.module.js';
import { MixesController } from './mixes.controller.js';
import { MixesRepository } from './mixes.repository.js';
import { MixesService } from './mixes.service.js';

@Module({
  imports: [HouseholdModule],
  controllers: [MixesController],
  providers: [MixesService, MixesRepository],
  exports: [MixesService, MixesRepository],
})
export class MixesModule {}
