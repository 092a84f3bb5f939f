import { Module } from '@nestjs/common';
import { HouseholdController } from './household.controller.js';
import { HouseholdRepository } from './household.repository.js';
import { HouseholdService } from './household.service.js';

@Module({
  controllers: [HouseholdController],
  providers: [HouseholdService, HouseholdRepository],
  exports: [HouseholdService],
})
export class HouseholdModule {}
