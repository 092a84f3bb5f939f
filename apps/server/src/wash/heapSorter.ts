import type { JoinView, LoadAnswer, RunningLoad, WashSettings, WashView } from '@feverfew/contracts';
import {
  answerOf,
  type DrumPiece,
  entryIdOf,
  evenOutLoads,
  keepArrangement,
  type Load,
  readEntry,
  type Sorting,
  splitToFit,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { HeapService, type ReadLine } from './heap.service.js';
import { type House, heapPiece, loadView } from './loadView.js';
import { SortingDesk } from './sorting.js';
import { type HeapRow, WashRepository } from './wash.repository.js';

/** A heap read: what goes into drums, what stays out, and the lines they are of. */
export interface Heap {
  readonly lines: readonly ReadLine[];
  readonly pieces: readonly DrumPiece[];
  readonly stays: WashView['stays'];
}

/** The heap as it lies, sorted into loads for this house's machine. */
@Injectable()
export class HeapSorter implements OnModuleDestroy {
  private readonly desk = new SortingDesk();

  constructor(
    @Inject(WashRepository) private readonly repository: WashRepository,
    @Inject(HeapService) private readonly heap: HeapService,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  onModuleDestroy(): void {
    this.desk.close();
  }

  /** @param beside shown next to the heap */
  async view(beside: Pick<WashView, 'running' | 'machineFreeAt'>): Promise<WashView> {
    const settings = await this.heap.settings();
    const house = await this.house();
    const heap = await this.readHeap(house, settings.leftOut);
    const { loads, proven, atMostFewer } = await this.sorted(heap, house, settings);
    const leftOut = this.readLines(
      heap.lines.filter((line) => settings.leftOut.some((id) => entryIdOf(id) === line.entry.id)),
      house,
    ).pieces.filter(({ id }) => settings.leftOut.includes(id));
    return {
      now: this.clock().toISOString(),
      pieces: heap.lines.flatMap((line) => {
        const parts = heap.pieces.filter((piece) => isOf(piece, line));
        return (parts.length > 0 ? parts : [null]).map((part) => heapPiece(line, part, this.knowledge));
      }),
      loads: loads.map((load) => loadView(load, house)),
      stays: [...heap.stays],
      answers: Object.fromEntries(
        [...heap.pieces, ...leftOut].map((piece) => [piece.id, answersOf(piece, loads, house)]),
      ),
      byHandFirst: heap.lines.flatMap((line) =>
        heap.pieces
          .filter((piece) => isOf(piece, line))
          .flatMap((piece) =>
            line.open.map(({ id, markIds, handsOnMin }) => ({
              pieceId: piece.id,
              troubleId: id,
              markIds,
              handsOnMin,
            })),
          ),
      ),
      proven,
      atMostFewer,
      arranged: settings.arrangement !== null,
      evener: settings.arrangement
        ? null
        : (evenOutLoads(loads, house.machine)?.map(({ pieces }) => pieces.map(({ id }) => id)) ?? null),
      settings,
      machine: {
        ...house.machine,
        programmes: house.machine.programmes.map((one) => ({ ...one, tempsC: [...one.tempsC] })),
      },
      ...beside,
    };
  }

  /**
   * The load a piece of the book is in, or would be in with the heap as it lies.
   * @param running loads under way
   */
  async join(pieceId: string, running: readonly RunningLoad[]): Promise<Omit<JoinView, 'wash'>> {
    const drum = running.find(
      ({ doneAt, pieces }) => doneAt === null && pieces.some((piece) => piece.pieceId === pieceId),
    );
    if (drum) return { ...NOWHERE, inDrum: { loadId: drum.id, endsAt: drum.endsAt } };
    const settings = await this.heap.settings();
    const house = await this.house();
    const rows = await this.repository.heap();
    const own = rows.find((row) => row.pieceId === pieceId);
    const thought = own ?? this.heap.thought(pieceId);
    const heap = await this.readHeap(house, settings.leftOut, own ? rows : [...rows, thought]);
    const { loads } = await this.sorted(heap, house, { ...settings, ...(own ? {} : { arrangement: null }) });
    const at = loads.findIndex(({ pieces }) => pieces.some(({ id }) => entryIdOf(id) === thought.id));
    const load = loads[at];
    const lineId = own?.id ?? null;
    const stays = heap.stays.find((one) => entryIdOf(one.pieceId) === thought.id)?.reason ?? null;
    if (!load) return { ...NOWHERE, lineId, stays };
    const { programme, tempC, joining, compartments, limits } = loadView(load, house);
    return {
      ...NOWHERE,
      lineId,
      load: {
        number: at + 1,
        programme: programme.name,
        tempC,
        detergentId: compartments.main?.agentId ?? null,
        oxygen: limits.oxygen.value,
        joining,
        pieces: load.pieces.map(({ id, name }) => ({ id, name, isOwn: entryIdOf(id) === thought.id })),
      },
    };
  }

  async house(): Promise<House> {
    const [{ household, prices }, settings] = await Promise.all([
      this.household.read(),
      this.heap.settings(),
    ]);
    const machine = this.heap.machineOf(settings);
    return { household, prices, machine, dryerG: settings.dryerG, knowledge: this.knowledge };
  }

  /** @param leftOut pieces the household leaves in the heap for now */
  async readHeap(house: House, leftOut: readonly string[] = [], rows?: readonly HeapRow[]): Promise<Heap> {
    const lines = await this.heap.read(rows ?? (await this.repository.heap()));
    const { pieces, stays } = this.readLines(lines, house);
    const isLeft = ({ id }: DrumPiece) => leftOut.includes(id);
    return {
      lines,
      pieces: pieces.filter((piece) => !isLeft(piece)),
      stays: [
        ...stays,
        ...pieces.filter(isLeft).map(({ id }) => ({ pieceId: id, reason: { code: 'leftOut' } as const })),
      ],
    };
  }

  private readLines(lines: readonly ReadLine[], { machine, household }: House): Omit<Heap, 'lines'> {
    const stays: WashView['stays'] = [];
    const pieces = lines.flatMap(({ entry }) => {
      const read = readEntry(entry, machine, household, this.knowledge);
      if (read.to === 'drum') return splitToFit(read.piece, machine);
      stays.push({ pieceId: read.id, reason: read.reason });
      return [];
    });
    return { pieces, stays };
  }

  /** As the household arranged them; else the fewest, or the best. */
  private async sorted(
    { pieces }: Heap,
    { machine }: House,
    { arrangement, best }: Pick<WashSettings, 'arrangement' | 'best'>,
  ): Promise<Sorting> {
    if (arrangement)
      return { loads: keepArrangement(arrangement, pieces, machine), proven: false, atMostFewer: 0 };
    const sorting = await this.desk.sort(pieces, machine, best);
    // Pieces of a load stand as they came into the heap.
    const placeOf = new Map(pieces.map(({ id }, index) => [id, index]));
    const place = ({ id }: DrumPiece) => placeOf.get(id) ?? 0;
    return {
      ...sorting,
      loads: sorting.loads.map((load) => ({
        ...load,
        pieces: [...load.pieces].sort((a, b) => place(a) - place(b)),
      })),
    };
  }
}

const NOWHERE = { lineId: null, inDrum: null, load: null, stays: null } as const;

const isOf = (piece: DrumPiece, { entry }: ReadLine): boolean => entryIdOf(piece.id) === entry.id;

const answersOf = (piece: DrumPiece, loads: readonly Load[], { machine }: House): LoadAnswer[] =>
  loads.map(({ pieces }) => answerOf(piece, pieces, machine));
