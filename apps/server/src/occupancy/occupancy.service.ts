import { type Occupancy, occupancyOf, replayRun } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { CLOCK, type Clock } from '../database/database.module.js';
import { RunsRepository } from '../runs/runs.repository.js';

/** What of the house is in use by runs under way: a new plan takes another vessel while one does. */
@Injectable()
export class OccupancyService {
  constructor(
    @Inject(RunsRepository) private readonly runs: RunsRepository,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async read(): Promise<Occupancy> {
    const active = (await this.runs.active()).flatMap((run) => {
      const replayed = replayRun(run.events, run.plan);
      return replayed.ok ? [{ ...run, state: replayed.state }] : [];
    });
    return occupancyOf(active, this.clock().getTime());
  }
}
