import type { WhatWorksView } from '@feverfew/contracts';
import { type WorksRow, whatWorksInSteps } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { EvidenceService } from '../evidence/evidence.service.js';
import { HouseholdService } from '../household/household.service.js';
import { TroublesService } from '../troubles/troubles.service.js';
import { runCooperatively } from '../turns/cooperative.js';

@Injectable()
export class WhatWorksService {
  constructor(
    @Inject(TroublesService) private readonly troubles: TroublesService,
    @Inject(EvidenceService) private readonly evidence: EvidenceService,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
  ) {}

  async read(): Promise<WhatWorksView> {
    const { household } = await this.household.read();
    const { rows, moves, nextTrial } = await runCooperatively(
      whatWorksInSteps(await this.troubles.facts(), await this.evidence.read(), household, this.knowledge),
    );
    return {
      uses: (await this.evidence.uses()).length,
      rows: rows.map(rowView),
      moves: moves.map((move) => ({
        ...move,
        passesWithout: [...move.passesWithout],
        passesWithLog: [...move.passesWithLog],
      })),
      nextTrial: nextTrial && { ...nextTrial, methodIds: [...nextTrial.methodIds] },
    };
  }
}

function rowView({ posterior, cases, ...cell }: WorksRow): WhatWorksView['rows'][number] {
  const { prior, low, high, mean, uses, worked } = posterior;
  return {
    ...cell,
    book: prior,
    now: { low, high },
    mean,
    uses,
    worked,
    cases: cases.map(({ use, weight }) => ({
      id: use.id,
      at: use.at,
      leftPct: use.leftPct,
      rounds: use.rounds,
      weight,
      fibres: use.fibres,
      age: use.age,
    })),
  };
}
