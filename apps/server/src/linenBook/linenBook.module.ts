import { Module } from '@nestjs/common';
import { HouseholdModule } from '../household/household.module.js';
import { PiecesModule } from '../pieces/pieces.module.js';
import { PlansModule } from '../plans/plans.module.js';
import { RunsModule } from '../runs/runs.module.js';
import { TroublesModule } from '../troubles/troubles.module.js';
import { LinenBookController } from './linenBook.controller.js';
import { PieceHistoryService } from './pieceHistory.service.js';

@Module({
  imports: [PiecesModule, TroublesModule, RunsModule, PlansModule, HouseholdModule],
  controllers: [LinenBookController],
  providers: [PieceHistoryService],
})
export class LinenBookModule {}
