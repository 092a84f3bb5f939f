import { randomUUID } from 'node:crypto';
import {
  factsOfPiece,
  type Merged,
  type NewCare,
  type NewPiece,
  type Piece,
  type PieceHistory,
  type PieceSummary,
  toldOf,
  type UpkeepView,
  type WearView,
} from '@feverfew/contracts';
import {
  EMPTY_FACTS,
  type Exposure,
  type KeptPiece,
  upkeepDue,
  type WearFigure,
  wearFigures,
  wearWarnings,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { requireKnownId } from '../catalogue/requireKnown.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { PlansService } from '../plans/plans.service.js';
import { ServerError } from '../problems/serverError.js';
import { type PieceSums, PiecesRepository } from './pieces.repository.js';

@Injectable()
export class PiecesService {
  constructor(
    @Inject(PiecesRepository) private readonly repository: PiecesRepository,
    @Inject(PlansService) private readonly plans: PlansService,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async list(): Promise<PieceSummary[]> {
    return (await this.repository.sums()).map((sums) => ({
      ...sums.piece,
      troubles: sums.troubles,
      lastAt: sums.lastAt,
      rounds: sums.exposure.rounds,
      exposure: sums.exposure,
      wear: this.wearOf(sums.piece, sums.exposure),
      due: this.upkeepOf(sums.piece, sums.upkeepAt).filter((one) => one.isDue && !one.atMost),
    }));
  }

  hasAny(): Promise<boolean> {
    return this.repository.hasAny();
  }

  /** A piece with what it has been through, and its upkeep. */
  async life(id: string): Promise<{
    sums: PieceSums;
    wear: WearView[];
    strains: WearView[];
    care: PieceHistory['care'];
    upkeep: UpkeepView[];
  }> {
    const [sums] = await this.repository.sums(id);
    if (!sums) throw noSuchPiece();
    return {
      sums,
      wear: this.wearOf(sums.piece, sums.exposure),
      strains: wearFigures(keptPiece(sums.piece), sums.exposure, this.knowledge).map(wearView),
      care: await this.repository.care(id),
      upkeep: this.upkeepOf(sums.piece, sums.upkeepAt),
    };
  }

  /** Upkeep that has fallen due, the longest overdue first. */
  async due(): Promise<(UpkeepView & { pieceId: string; pieceName: string })[]> {
    return (await this.upkeep())
      .flatMap(({ id, name, upkeep }) => upkeep.map((one) => ({ ...one, pieceId: id, pieceName: name })))
      .filter((one) => one.isDue && !one.atMost)
      .sort((a, b) => a.dueAt.localeCompare(b.dueAt));
  }

  /** Upkeep of all pieces, due or to come. */
  async upkeep(): Promise<{ id: string; name: string; upkeep: UpkeepView[] }[]> {
    return (await this.repository.keeping()).map((row) => ({
      id: row.id,
      name: row.name,
      upkeep: this.upkeepOf({ ...row, parts: [] }, row.upkeepAt),
    }));
  }

  async read(id: string): Promise<Piece> {
    const piece = await this.repository.find(id);
    if (!piece) throw noSuchPiece();
    return piece;
  }

  async create(facts: NewPiece, at = this.clock()): Promise<Piece> {
    await this.requireKnown(facts);
    const id = randomUUID();
    await this.repository.insert(id, facts, at);
    this.feed.tell('book', id);
    return this.read(id);
  }

  async update(id: string, facts: NewPiece): Promise<Piece> {
    await this.read(id);
    await this.requireKnown(facts);
    await this.repository.update(id, facts);
    this.feed.tell('book', id);
    return this.read(id);
  }

  /** Takes a piece away that nothing happened to. @throws ServerError notFound, hasHistory */
  async remove(id: string): Promise<void> {
    await this.read(id);
    if (!(await this.repository.remove(id)))
      throw new ServerError('hasHistory', {
        message:
          'Something happened to it: troubles, washes or results are kept of it, and plans learn from them.',
      });
    this.feed.tell('book', id);
  }

  /**
   * One piece that was entered twice: all that is kept of the first goes under the second, whose own facts stay.
   * @throws ServerError notFound, samePiece
   */
  async merge(id: string, intoId: string): Promise<Merged> {
    if (id === intoId)
      throw new ServerError('samePiece', {
        message: 'These two are the same piece already.',
        path: 'intoId',
      });
    const piece = await this.read(id);
    await this.read(intoId);
    const moved = await this.repository.merge(id, intoId);
    this.tellBook(id, intoId);
    return { piece, moved };
  }

  /** Undoes a merge. @throws ServerError notFound, samePiece if the piece is there already */
  async takeApart(intoId: string, { piece, moved }: Merged): Promise<Piece> {
    await this.read(intoId);
    const facts = toldOf(piece);
    const { id, createdAt } = piece;
    await this.requireKnown(facts);
    if (await this.repository.find(id))
      throw new ServerError('samePiece', {
        message: 'This piece is by itself already.',
        path: 'piece.id',
      });
    await this.repository.takeApart(intoId, { id, createdAt: new Date(createdAt), facts }, moved);
    this.tellBook(id, intoId);
    return this.read(id);
  }

  /** Plans, runs and lists show the names of pieces too. */
  private tellBook(...ids: string[]): void {
    for (const id of ids) this.feed.tell('book', id);
    this.feed.tell('run');
  }

  /** Notes a wash or upkeep that was done; the key makes a repeat count once. */
  async noteCare(pieceId: string, { key, ...care }: NewCare, at = this.clock()): Promise<void> {
    await this.read(pieceId);
    if (care.upkeepId !== null) requireKnownId(this.knowledge.upkeep, care.upkeepId, 'upkeepId');
    await this.repository.insertCare({ id: key, at, pieceId, ...care });
    this.feed.tell('book', pieceId);
  }

  private wearOf(piece: Piece, exposure: Exposure): WearView[] {
    return wearWarnings(keptPiece(piece), exposure, this.knowledge).map(wearView);
  }

  private upkeepOf(piece: KeptFacts, upkeepAt: PieceSums['upkeepAt']): UpkeepView[] {
    return upkeepDue(keptPiece(piece), upkeepAt, this.knowledge, this.clock().getTime()).map(
      ({ upkeep, ...due }) => ({
        upkeepId: upkeep.id,
        name: upkeep.name,
        kind: upkeep.kind,
        atMost: upkeep.atMost,
        note: upkeep.note,
        everyDays: upkeep.everyDays,
        ...due,
      }),
    );
  }

  /** The planner's own check on ids, run on the piece alone. */
  private async requireKnown(piece: NewPiece): Promise<void> {
    await this.plans.preview({ ...EMPTY_FACTS, piece: factsOfPiece(piece) });
  }
}

type KeptFacts = Pick<Piece, 'itemId' | 'parts' | 'since' | 'createdAt'>;

const wearView = ({ rule, value }: WearFigure): WearView => ({
  ruleId: rule.id,
  name: rule.name,
  counts: rule.counts,
  value,
  warnAt: rule.warnAt,
  note: rule.note,
});

const noSuchPiece = () => new ServerError('notFound', { message: 'There is no such piece.' });

const keptPiece = ({ itemId, parts, since, createdAt }: KeptFacts): KeptPiece => ({
  itemId,
  fibreIds: parts.flatMap((part) => part.fibres.map((share) => share.fibreId)),
  since,
  enteredAt: createdAt,
});
