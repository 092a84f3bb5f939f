import type { LoadAnswer, RunningLoad, StartLoad, WashView } from '@feverfew/contracts';
import {
  answerOf,
  clothKindOf,
  DomainError,
  type DrumPiece,
  drumOf,
  effortOf,
  entryIdOf,
  HOT_WASH_C,
  isDrum,
  keepArrangement,
  type Load,
  noDrumWords,
  readEntry,
  splitToFit,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { lexiconOf } from '../catalogue/lexiconOf.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { HeapService, type ReadLine } from './heap.service.js';
import { type House, heapPiece, loadView } from './loadView.js';
import { SortingDesk } from './sorting.js';
import { careIdOf, takenLines } from './takenLines.js';
import { type CareRow, type LoadRow, WashRepository } from './wash.repository.js';

/** Wet wash left longer in the drum smells and creases. Common practice, no source. */
const LEFT_IN_DRUM_MS = 12 * 3_600_000;
/** Loads that are done are shown so long. */
const SHOWN_FOR_MS = 24 * 3_600_000;
const MINUTE_MS = 60_000;

/** A heap read: what goes into drums, what stays out, and the lines they are of. */
interface Heap {
  readonly lines: readonly ReadLine[];
  readonly pieces: readonly DrumPiece[];
  readonly stays: WashView['stays'];
}

@Injectable()
export class LoadsService implements OnModuleDestroy {
  private readonly desk = new SortingDesk();

  constructor(
    @Inject(WashRepository) private readonly repository: WashRepository,
    @Inject(HeapService) private readonly heap: HeapService,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  onModuleDestroy(): void {
    this.desk.close();
  }

  async view(): Promise<WashView> {
    const settings = await this.heap.settings();
    const house = await this.house();
    const heap = await this.readHeap(house, new Set(settings.leftOut));
    const arranged = settings.arrangement !== null;
    const sorted = settings.arrangement
      ? {
          loads: keepArrangement(settings.arrangement, heap.pieces, house.machine),
          proven: false,
          atMostFewer: 0,
        }
      : await this.desk.sort(heap.pieces, house.machine, settings.best);
    // In a sorted load pieces stand as they came; in an arranged one as they were put.
    const placeOf = new Map(heap.pieces.map(({ id }, index) => [id, index]));
    const place = (id: string) => placeOf.get(id) ?? 0;
    const loads = arranged
      ? sorted.loads
      : sorted.loads.map((load) => ({
          ...load,
          pieces: [...load.pieces].sort((a, b) => place(a.id) - place(b.id)),
        }));
    const byId = new Map(heap.lines.map((line) => [line.entry.id, line]));
    const shown = new Map(heap.pieces.map((piece) => [piece.id, piece]));
    return {
      now: this.clock().toISOString(),
      pieces: heap.lines.flatMap((line) => {
        const parts = heap.pieces.filter(({ id }) => entryIdOf(id) === line.entry.id);
        return parts.length > 0
          ? parts.map((piece) => heapPiece(line, piece, this.knowledge))
          : [heapPiece(line, null, this.knowledge)];
      }),
      loads: loads.map((load) => loadView(load, house)),
      stays: [...heap.stays],
      answers: Object.fromEntries(
        heap.lines.flatMap((line) =>
          [...shown.values(), ...this.leftOutPieces(line, house, settings.leftOut)]
            .filter(({ id }) => entryIdOf(id) === line.entry.id)
            .map((piece) => [piece.id, this.answersOf(piece, loads, house)]),
        ),
      ),
      byHandFirst: heap.pieces.flatMap((piece) =>
        (byId.get(entryIdOf(piece.id))?.open ?? []).map(({ id, markIds, handsOnMin }) => ({
          pieceId: piece.id,
          troubleId: id,
          markIds,
          handsOnMin,
        })),
      ),
      proven: sorted.proven,
      atMostFewer: sorted.atMostFewer,
      arranged,
      settings,
      machine: {
        ...house.machine,
        programmes: house.machine.programmes.map((one) => ({ ...one, tempsC: [...one.tempsC] })),
      },
      running: await this.running(),
    };
  }

  private answersOf(piece: DrumPiece, loads: readonly Load[], { machine }: House): LoadAnswer[] {
    return loads.map(({ pieces }) => answerOf(piece, pieces, machine));
  }

  private leftOutPieces(line: ReadLine, house: House, leftOut: readonly string[]): DrumPiece[] {
    if (!leftOut.some((id) => entryIdOf(id) === line.entry.id)) return [];
    const read = readEntry(line.entry, house.machine, house.household, this.knowledge);
    return read.to === 'drum'
      ? splitToFit(read.piece, house.machine).filter(({ id }) => leftOut.includes(id))
      : [];
  }

  private async house(): Promise<House> {
    const [{ household, prices }, settings] = await Promise.all([
      this.household.read(),
      this.heap.settings(),
    ]);
    const machine = this.heap.machineOf(settings);
    return { household, prices, machine, dryerG: settings.dryerG, knowledge: this.knowledge };
  }

  private async readHeap({ machine, household }: House, leftOut: ReadonlySet<string>): Promise<Heap> {
    const lines = await this.heap.read(await this.repository.heap());
    const stays: WashView['stays'] = [];
    const pieces = lines.flatMap((line) => {
      const read = readEntry(line.entry, machine, household, this.knowledge);
      if (read.to === 'stays') {
        stays.push({ pieceId: read.id, reason: read.reason });
        return [];
      }
      return splitToFit(read.piece, machine).filter(({ id }) => {
        if (leftOut.has(id)) stays.push({ pieceId: id, reason: { code: 'leftOut' } });
        return !leftOut.has(id);
      });
    });
    return { lines, pieces, stays };
  }

  /**
   * Fills a drum with what was shown as one load.
   * @throws DomainError notFound where something of it is not in the heap any more, noLoad where it is none
   */
  async start({ key, pieceIds }: StartLoad, at = this.clock()): Promise<void> {
    if (await this.repository.load(key)) return;
    const house = await this.house();
    const heap = await this.readHeap(house, new Set());
    const wanted = new Set(pieceIds);
    const pieces = heap.pieces.filter(({ id }) => wanted.has(id));
    if (pieces.length < wanted.size)
      throw new DomainError('notFound', { message: 'Something of this load is not in the heap any more.' });
    const drum = drumOf(pieces, house.machine);
    if (!isDrum(drum)) {
      const name = (id: string) => pieces.find((piece) => piece.id === id)?.name ?? id;
      throw new DomainError('noLoad', {
        message: noDrumWords(drum, name, lexiconOf(this.knowledge)),
      });
    }
    const effort = effortOf(drum, house.household.taps.coldC);
    const filled = await this.repository.fill(
      {
        id: key,
        createdAt: at,
        load: {
          programmeId: drum.programme.id,
          name: drum.programme.name,
          tempC: drum.tempC,
          spinRpm: drum.spinRpm,
          ...effort,
        },
      },
      takenLines(pieces, heap.lines, key),
    );
    if (!filled)
      throw new DomainError('notFound', { message: 'Something of this load is not in the heap any more.' });
    await this.forgetArranged(wanted);
    this.feed.tell('wash', key);
  }

  /** What went into a drum is arranged no more; the loads that are left stay as they were arranged. */
  private async forgetArranged(gone: ReadonlySet<string>): Promise<void> {
    const settings = await this.heap.settings();
    if (!settings.arrangement && settings.leftOut.length === 0) return;
    const left = (settings.arrangement ?? [])
      .map((group) => group.filter((id) => !gone.has(id)))
      .filter((group) => group.length > 0);
    await this.heap.changeSettings({
      arrangement: settings.arrangement && left.length > 0 ? left : null,
      leftOut: settings.leftOut.filter((id) => !gone.has(id)),
    });
  }

  /** Out of the drum: each piece of the book has been through one wash more, and one that was due is done. */
  async finish(id: string, at = this.clock()): Promise<void> {
    const row = await this.need(id);
    if (row.doneAt) return;
    await this.repository.finish(id, at, await this.careOf(row, at));
    this.feed.tell('wash', id);
    this.feed.tell('book');
  }

  /** What a load counts as for its pieces: the wash, and the upkeep it is. */
  private async careOf({ id, load }: LoadRow, at: Date): Promise<CareRow[]> {
    const lines = await this.heap.read(await this.repository.washed([id]));
    return lines.flatMap(({ row: { id: lineId, pieceId }, entry }): CareRow[] => {
      if (pieceId === null) return [];
      const { itemId } = entry.facts.piece;
      const done = this.knowledge.upkeep.filter(
        ({ kind, itemIds }) => kind === 'wash' && itemId !== null && itemIds.includes(itemId),
      );
      const row = { at, pieceId, times: 1 };
      return [
        {
          ...row,
          id: careIdOf(id, lineId),
          what: load.tempC >= HOT_WASH_C ? 'hotWash' : 'machineWash',
          upkeepId: null,
        },
        ...done.map(({ id: upkeepId }) => ({
          ...row,
          id: careIdOf(id, `${lineId} ${upkeepId}`),
          what: 'upkeep' as const,
          upkeepId,
        })),
      ];
    });
  }

  async undo(id: string): Promise<void> {
    const row = await this.need(id);
    if (row.doneAt) {
      const counted = await this.careOf(row, row.doneAt);
      await this.repository.unfinish(
        id,
        counted.map((care) => care.id),
      );
      this.feed.tell('book');
    } else await this.repository.empty(id);
    this.feed.tell('wash', id);
  }

  private async need(id: string): Promise<LoadRow> {
    const row = await this.repository.load(id);
    if (!row) throw new DomainError('notFound', { message: 'There is no such load.' });
    return row;
  }

  /**
   * Loads under way, and those that were done within a day.
   * @param inDrum only what is still in the drum
   */
  async running({ inDrum = false } = {}): Promise<RunningLoad[]> {
    const now = this.clock().getTime();
    const rows = (await this.repository.loads()).filter(
      ({ doneAt }) => doneAt === null || (!inDrum && now - doneAt.getTime() < SHOWN_FOR_MS),
    );
    if (rows.length === 0) return [];
    const lines = await this.heap.read(await this.repository.washed(rows.map(({ id }) => id)));
    return rows.map(({ id, createdAt, doneAt, load }) => {
      const endsAt = createdAt.getTime() + load.minutes * MINUTE_MS;
      return {
        id,
        startedAt: createdAt.toISOString(),
        endsAt: new Date(endsAt).toISOString(),
        hangBy: new Date(endsAt + LEFT_IN_DRUM_MS).toISOString(),
        doneAt: doneAt?.toISOString() ?? null,
        load,
        pieces: lines
          .filter(({ row }) => row.loadId === id)
          .map((line) => {
            const shown = heapPiece(line, null, this.knowledge);
            return {
              lineId: shown.lineId,
              name: shown.name,
              count: shown.count,
              massG: shown.massG,
              weave: clothKindOf(line.entry.facts.piece.itemId, this.knowledge).weave,
              colour: shown.colour,
              openMarkIds: shown.openMarkIds,
            };
          }),
      };
    });
  }
}
