import type { NewPhoto, RunView } from '@feverfew/contracts';
import { DomainError } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { CLOCK, type Clock } from '../database/database.module.js';
import { findPhotoFault } from './findPhotoFault.js';
import { PhotosRepository } from './photos.repository.js';
import { RunsService } from './runs.service.js';

@Injectable()
export class PhotosService {
  constructor(
    @Inject(PhotosRepository) private readonly repository: PhotosRepository,
    @Inject(RunsService) private readonly runs: RunsService,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /**
   * Keeps a picture with its run. The key becomes its id, so that a repeat counts once. @throws DomainError
   * pictureRefused
   */
  async keep(runId: string, { key, jpeg }: NewPhoto): Promise<RunView> {
    const fault = findPhotoFault(Buffer.from(jpeg, 'base64'));
    if (fault) throw new DomainError('pictureRefused', { message: fault, path: 'jpeg' });
    await this.runs.read(runId);
    await this.repository.insert({ id: key, createdAt: this.clock(), runId, jpeg });
    return this.runs.append(runId, { key, heldMs: 0, event: { kind: 'photoKept', photoId: key } });
  }

  async read(id: string): Promise<Buffer> {
    const jpeg = await this.repository.find(id);
    if (jpeg === null) throw new DomainError('notFound', { message: 'There is no such picture.' });
    return Buffer.from(jpeg, 'base64');
  }
}
