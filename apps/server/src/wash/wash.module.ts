import { Module } from '@nestjs/common';
import { HouseholdModule } from '../household/household.module.js';
import { OccupancyModule } from '../occupancy/occupancy.module.js';
import { PiecesModule } from '../pieces/pieces.module.js';
import { RunsModule } from '../runs/runs.module.js';
import { TroublesModule } from '../troubles/troubles.module.js';
import { HeapService } from './heap.service.js';
import { HeapSorter } from './heapSorter.js';
import { LineService } from './line.service.js';
import { LoadsService } from './loads.service.js';
import { RunsInLoads } from './runsInLoads.js';
import { WashController } from './wash.controller.js';
import { WashRepository } from './wash.repository.js';

@Module({
  imports: [HouseholdModule, PiecesModule, TroublesModule, OccupancyModule, RunsModule],
  controllers: [WashController],
  providers: [WashRepository, HeapService, HeapSorter, LoadsService, LineService, RunsInLoads],
  exports: [WashRepository, HeapService, LoadsService, LineService],
})
export class WashModule {}
