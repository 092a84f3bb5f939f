import { MAX_PICTURES_CHARS, type NewPhoto, type Piece, type RunView } from '@feverfew/contracts';
import { Inject, Injectable } from '@nestjs/common';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { PiecesService } from '../pieces/pieces.service.js';
import { ServerError } from '../problems/serverError.js';
import { RunsService } from '../runs/runs.service.js';
import { cleanJpeg } from './cleanJpeg.js';
import { PhotosRepository } from './photos.repository.js';

@Injectable()
export class PhotosService {
  constructor(
    @Inject(PhotosRepository) private readonly repository: PhotosRepository,
    @Inject(RunsService) private readonly runs: RunsService,
    @Inject(PiecesService) private readonly pieces: PiecesService,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /**
   * Keeps a picture with its run. The key becomes its id, so that a repeat counts once.
   * @throws ServerError notFound, pictureRefused where it is none or is of something else already, runRefused
   */
  async keep(runId: string, { key, jpeg: given }: NewPhoto): Promise<RunView> {
    const jpeg = clean(given);
    await this.runs.read(runId);
    await this.requireSpace();
    if (!(await this.repository.insert({ id: key, createdAt: this.clock(), runId, jpeg }))) throw ofAnother();
    return this.runs.append(runId, { key, heldMs: 0, event: { kind: 'photoKept', photoId: key } });
  }

  /** The picture of a piece, in place of the one before. @throws ServerError notFound, pictureRefused */
  async show(pieceId: string, { key, jpeg: given }: NewPhoto): Promise<Piece> {
    const jpeg = clean(given);
    await this.pieces.read(pieceId);
    await this.requireSpace();
    const row = { id: key, createdAt: this.clock(), pieceId, jpeg };
    if (!(await this.repository.replaceOf(pieceId, row))) throw ofAnother();
    this.feed.tell('book', pieceId);
    return this.pieces.read(pieceId);
  }

  /** What is kept must fit the household file it goes out in. @throws ServerError pictureRefused */
  private async requireSpace(): Promise<void> {
    if ((await this.repository.weight()) > MAX_PICTURES_CHARS)
      throw new ServerError('pictureRefused', {
        message:
          'There are as many pictures as a household file can carry. Take some off their pieces first.',
      });
  }

  /** @throws ServerError notFound */
  async dropOf(pieceId: string): Promise<Piece> {
    await this.pieces.read(pieceId);
    await this.repository.replaceOf(pieceId, null);
    this.feed.tell('book', pieceId);
    return this.pieces.read(pieceId);
  }

  async read(id: string): Promise<Buffer> {
    const jpeg = await this.repository.find(id);
    if (jpeg === null) throw new ServerError('notFound', { message: 'There is no such picture.' });
    return Buffer.from(jpeg, 'base64');
  }
}

const clean = (jpeg: string): string => cleanJpeg(Buffer.from(jpeg, 'base64')).toString('base64');

const ofAnother = (): ServerError =>
  new ServerError('pictureRefused', { message: 'This picture is of something else already.', path: 'key' });
