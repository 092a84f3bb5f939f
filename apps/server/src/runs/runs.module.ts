import { Module } from '@nestjs/common';
import { HouseholdModule } from '../household/household.module.js';
import { MixesModule } from '../mixes/mixes.module.js';
import { PlansModule } from '../plans/plans.module.js';
import { CourseService } from './course.service.js';
import { PhotosController } from './photos.controller.js';
import { PhotosRepository } from './photos.repository.js';
import { PhotosService } from './photos.service.js';
import { RunsController } from './runs.controller.js';
import { RunsRepository } from './runs.repository.js';
import { RunsService } from './runs.service.js';

@Module({
  imports: [PlansModule, MixesModule, HouseholdModule],
  controllers: [RunsController, PhotosController],
  providers: [RunsService, CourseService, RunsRepository, PhotosService, PhotosRepository],
  exports: [RunsService],
})
export class RunsModule {}
