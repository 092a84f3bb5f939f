import { Module } from '@nestjs/common';
import { DevicesModule } from '../devices/devices.module.js';
import { HouseholdModule } from '../household/household.module.js';
import { MixesModule } from '../mixes/mixes.module.js';
import { OccupancyModule } from '../occupancy/occupancy.module.js';
import { PlansModule } from '../plans/plans.module.js';
import { CourseService } from './course.service.js';
import { RunsController } from './runs.controller.js';
import { RunsRepository } from './runs.repository.js';
import { RunsService } from './runs.service.js';

@Module({
  imports: [DevicesModule, PlansModule, MixesModule, HouseholdModule, OccupancyModule],
  controllers: [RunsController],
  providers: [RunsService, CourseService, RunsRepository],
  exports: [RunsService],
})
export class RunsModule {}
