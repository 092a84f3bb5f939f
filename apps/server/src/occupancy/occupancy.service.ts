import { type Occupancy, occupancyOf } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { CLOCK, type Clock } from '../database/database.module.js';
import { RunsAtWork } from './runsAtWork.js';

/** What of the house is in use by runs under way: a new plan takes another vessel while one does. */
@Injectable()
export class OccupancyService {
  constructor(
    @Inject(RunsAtWork) private readonly runs: RunsAtWork,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async read(): Promise<Occupancy> {
    return occupancyOf(await this.runs.all(), this.clock().getTime());
  }
}
