import type { PieceHistory } from '@feverfew/contracts';
import { breakEvenTries, type Cost, costOf, type Prices, type RunSummary } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { CLOCK, type Clock } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { PiecesService } from '../pieces/pieces.service.js';
import { PlansService } from '../plans/plans.service.js';
import { RunsService } from '../runs/runs.service.js';
import { TroublesService } from '../troubles/troubles.service.js';

@Injectable()
export class PieceHistoryService {
  constructor(
    @Inject(PiecesService) private readonly pieces: PiecesService,
    @Inject(TroublesService) private readonly troubles: TroublesService,
    @Inject(RunsService) private readonly runs: RunsService,
    @Inject(PlansService) private readonly plans: PlansService,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /** A piece with its troubles, newest first, what was done about each, what that took out of it and cost. */
  async read(pieceId: string): Promise<PieceHistory> {
    const { sums, ...life } = await this.pieces.life(pieceId);
    const runs = await this.runs.summaries({ pieceId });
    const troubles = await this.troubles.list({ pieceId });
    const [last] = troubles;
    const { prices } = await this.household.read();
    const costs = await this.costs(pieceId, prices);
    const spent = costs.reduce((sum, cost) => sum + cost.amount, 0);
    const perTry = { amount: spent / Math.max(1, costs.length), isAtLeast: false, isUnknown: spent === 0 };
    return {
      piece: sums.piece,
      exposure: sums.exposure,
      ...life,
      cost: {
        spent,
        isAtLeast: costs.some((cost) => cost.isAtLeast),
        isUnknown: costs.length > 0 && costs.every((cost) => cost.isUnknown),
        breakEvenTries: breakEvenTries(perTry, sums.piece.replacementCost),
      },
      prevent: last ? [...(await this.plans.read(last.planId)).plan.keep.prevent] : [],
      money: prices.money,
      now: this.clock().toISOString(),
      troubles: troubles.map((trouble) => ({
        ...trouble,
        runs: runs.filter((run) => run.troubleId === trouble.id),
      })),
    };
  }

  /** One sum per round worked, at today's prices. */
  private async costs(pieceId: string, prices: Prices): Promise<Cost[]> {
    const costs: Cost[] = [];
    for (const { planId, summary } of await this.runs.summarised({ pieceId })) {
      const { plan } = await this.plans.read(planId);
      for (const passIndex of roundsOf(summary)) {
        const pass = plan.passes[passIndex];
        if (pass) costs.push(costOf(pass, prices));
      }
    }
    return costs;
  }
}

/** Every pass as often as it was carried out. */
const roundsOf = ({ state }: RunSummary): number[] =>
  state.times.flatMap((times, passIndex) => Array.from({ length: times }, () => passIndex));
