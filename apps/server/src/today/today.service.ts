import type { Today } from '@feverfew/contracts';
import { Inject, Injectable } from '@nestjs/common';
import { BackupWatch } from '../backups/backupWatch.js';
import { ClockService } from '../clock/clock.service.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { PiecesService } from '../pieces/pieces.service.js';
import { RunsService } from '../runs/runs.service.js';
import { TrialsService } from '../trials/trials.service.js';
import { TroublesService } from '../troubles/troubles.service.js';
import { LoadsService } from '../wash/loads.service.js';

const RECENT = 6;

@Injectable()
export class TodayService {
  constructor(
    @Inject(RunsService) private readonly runs: RunsService,
    @Inject(TrialsService) private readonly trials: TrialsService,
    @Inject(TroublesService) private readonly troubles: TroublesService,
    @Inject(PiecesService) private readonly pieces: PiecesService,
    @Inject(LoadsService) private readonly loads: LoadsService,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(ClockService) private readonly houseClock: ClockService,
    @Inject(BackupWatch) private readonly backups: BackupWatch,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /** What is under way, soonest hand first; what gets in each other's way; what waits, is due, was settled lately. */
  async read(): Promise<Today> {
    return {
      now: this.clock().toISOString(),
      householdTold: (await this.household.read()).told === null,
      madeUp: await this.household.isMadeUp(),
      clockJumpMs: this.houseClock.jumpMs,
      backupFault: this.backups.fault?.message ?? null,
      ...(await this.runs.underWay()),
      trials: await this.trials.underWay(),
      waiting: await this.troubles.list({ status: 'open' }),
      settled: await this.troubles.list({ status: 'settled', most: RECENT }),
      loads: await this.loads.running({ inDrum: true }),
      due: await this.pieces.due(),
    };
  }
}
