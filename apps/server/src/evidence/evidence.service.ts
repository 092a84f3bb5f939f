import { type Evidence, gatherEvidence, type UseCase } from '@feverfew/core';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { ChangesFeed } from '../changes/changesFeed.js';
import { EvidenceRepository } from './evidence.repository.js';

/** The household's log as planning needs it, remembered until a run changes. */
@Injectable()
export class EvidenceService implements OnModuleDestroy {
  private remembered: Promise<Evidence> | null = null;
  private readonly listening;

  constructor(
    @Inject(EvidenceRepository) private readonly repository: EvidenceRepository,
    @Inject(ChangesFeed) feed: ChangesFeed,
  ) {
    this.listening = feed.news.subscribe(() => {
      this.remembered = null;
    });
  }

  onModuleDestroy(): void {
    this.listening.unsubscribe();
  }

  uses(): Promise<UseCase[]> {
    return this.repository.uses();
  }

  read(): Promise<Evidence> {
    this.remembered ??= this.repository.uses().then(gatherEvidence);
    return this.remembered;
  }
}
