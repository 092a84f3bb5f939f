import { Module } from '@nestjs/common';
import { HouseholdModule } from '../household/household.module.js';
import { HouseholdFileModule } from '../householdFile/householdFile.module.js';
import { MadeUpHouseController } from './madeUpHouse.controller.js';
import { MadeUpHouseService } from './madeUpHouse.service.js';

@Module({
  imports: [HouseholdModule, HouseholdFileModule],
  controllers: [MadeUpHouseController],
  providers: [MadeUpHouseService],
})
export class MadeUpHouseModule {}
