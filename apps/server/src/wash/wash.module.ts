import { Module } from '@nestjs/common';
import { HouseholdModule } from '../household/household.module.js';
import { OccupancyModule } from '../occupancy/occupancy.module.js';
import { PiecesModule } from '../pieces/pieces.module.js';
import { TroublesModule } from '../troubles/troubles.module.js';
import { HeapService } from './heap.service.js';
import { LineService } from './line.service.js';
import { LoadsService } from './loads.service.js';
import { WashController } from './wash.controller.js';
import { WashRepository } from './wash.repository.js';

@Module({
  imports: [HouseholdModule, PiecesModule, TroublesModule, OccupancyModule],
  controllers: [WashController],
  providers: [WashRepository, HeapService, LoadsService, LineService],
  exports: [WashRepository, HeapService, LoadsService, LineService],
})
export class WashModule {}
