import { type Evidence, gatherEvidence, type UseCase, usesOfTrial } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { EvidenceRepository } from './evidence.repository.js';

/** The household's log as planning needs it, remembered until a run changes. */
@Injectable()
export class EvidenceService implements OnModuleDestroy {
  private remembered: Promise<Evidence> | null = null;
  private readonly listening;

  constructor(
    @Inject(EvidenceRepository) private readonly repository: EvidenceRepository,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) feed: ChangesFeed,
  ) {
    this.listening = feed.news.subscribe(() => {
      this.remembered = null;
    });
  }

  onModuleDestroy(): void {
    this.listening.unsubscribe();
  }

  /** Lines of the log: runs kept here, imported logs, and trials. */
  async uses(): Promise<UseCase[]> {
    const tried = (await this.repository.trials()).flatMap(({ id, setup, events, facts }) =>
      usesOfTrial(id, setup, events, facts, this.knowledge),
    );
    return [...(await this.repository.uses()), ...tried];
  }

  read(): Promise<Evidence> {
    this.remembered ??= this.uses().then(gatherEvidence);
    return this.remembered;
  }
}
