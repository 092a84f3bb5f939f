import { Module } from '@nestjs/common';
import { RunsRepository } from '../runs/runs.repository.js';
import { OccupancyService } from './occupancy.service.js';

@Module({ providers: [OccupancyService, RunsRepository], exports: [OccupancyService] })
export class OccupancyModule {}
