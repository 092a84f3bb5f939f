import { Module } from '@nestjs/common';
import { RunsRepository } from '../runs/runs.repository.js';
import { OccupancyService } from './occupancy.service.js';
import { RunsAtWork } from './runsAtWork.js';

@Module({
  providers: [OccupancyService, RunsAtWork, RunsRepository],
  exports: [OccupancyService, RunsAtWork],
})
export class OccupancyModule {}
