import { Inject, Injectable } from '@nestjs/common';
import { CLOCK_WATCH } from '../database/database.module.js';
import { RunsService } from '../runs/runs.service.js';
import type { ClockWatch } from './steadyClock.js';

@Injectable()
export class ClockService {
  constructor(
    @Inject(CLOCK_WATCH) private readonly watch: ClockWatch,
    @Inject(RunsService) private readonly runs: RunsService,
  ) {}

  /** How far the computer's clock has jumped; 0 once a person has confirmed it. */
  get jumpMs(): number | null {
    return this.watch.jump?.byMs ?? null;
  }

  /** Takes the computer's clock over, and moves what is under way with it. */
  async isRight(): Promise<void> {
    const byMs = this.watch.accept();
    if (byMs !== 0) await this.runs.moveClocks(byMs);
  }
}
