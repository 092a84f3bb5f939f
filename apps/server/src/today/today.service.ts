import type { RunSummary, Today } from '@feverfew/contracts';
import { Inject, Injectable } from '@nestjs/common';
import { CLOCK, type Clock } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { RunsService } from '../runs/runs.service.js';
import { TroublesService } from '../troubles/troubles.service.js';

const RECENT = 6;

@Injectable()
export class TodayService {
  constructor(
    @Inject(RunsService) private readonly runs: RunsService,
    @Inject(TroublesService) private readonly troubles: TroublesService,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /** What is under way, soonest hand first; what waits; what was settled lately. */
  async read(): Promise<Today> {
    const running = (await this.runs.summaries()).filter((run) => run.state.status === 'active');
    const troubles = await this.troubles.list();
    return {
      now: this.clock().toISOString(),
      householdTold: await this.household.isTold(),
      running: running.sort((a, b) => nextHand(a).localeCompare(nextHand(b))),
      waiting: troubles.filter((trouble) => trouble.status === 'open'),
      settled: troubles.filter((trouble) => trouble.status === 'settled').slice(0, RECENT),
    };
  }
}

/** A run without a timer waits for a hand now. */
const nextHand = (run: RunSummary): string => run.state.timer?.readyAt ?? '';
