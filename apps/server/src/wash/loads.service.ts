import {
  BY_HAND,
  type JoinView,
  type RunningLoad,
  type StartLoad,
  type WashedByHand,
  type WashView,
} from '@feverfew/contracts';
import {
  clothKindOf,
  drumOf,
  effortOf,
  HOT_WASH_C,
  isDrum,
  metricLexicon,
  noDrumWords,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { ServerError } from '../problems/serverError.js';
import { HeapService } from './heap.service.js';
import { HeapSorter } from './heapSorter.js';
import { writeLoads } from './loadsTable.js';
import { heapPiece } from './loadView.js';
import { RunsInLoads } from './runsInLoads.js';
import { careIdOf, takenLines } from './takenLines.js';
import { type CareRow, type LoadRow, WashRepository } from './wash.repository.js';

/** Wet wash left longer in the drum smells and creases. Common practice, no source. */
const LEFT_IN_DRUM_MS = 12 * 3_600_000;
/** Loads that are done are shown so long. */
const SHOWN_FOR_MS = 24 * 3_600_000;
const MINUTE_MS = 60_000;
/** Lukewarm, and pressed out, not spun. Common practice, no source. */
const HAND_WASH = {
  programmeId: BY_HAND,
  name: 'By hand',
  tempC: 30,
  spinRpm: 0,
  minutes: 1,
  kWh: 0,
  waterL: 10,
} as const;

@Injectable()
export class LoadsService {
  constructor(
    @Inject(WashRepository) private readonly repository: WashRepository,
    @Inject(HeapService) private readonly heap: HeapService,
    @Inject(HeapSorter) private readonly sorter: HeapSorter,
    @Inject(RunsInLoads) private readonly runs: RunsInLoads,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async view(): Promise<WashView> {
    return this.sorter.view({ running: await this.running(), machineFreeAt: await this.machineFreeAt() });
  }

  /** The load the piece of a run is in, or would go into, and the wash its treatment has come to. */
  async join(runId: string): Promise<JoinView> {
    const { pieceId, wash } = await this.runs.read(runId);
    return { wash, ...(await this.sorter.join(pieceId, await this.running({ inDrum: true }))) };
  }

  /** Every load there was, as a table. */
  async table(): Promise<string> {
    const all = await this.repository.everyLoad();
    const read = await this.heap.read(all.map(({ line }) => line));
    return writeLoads(
      all.map(({ load }) => load),
      read,
    );
  }

  private async machineFreeAt(): Promise<string | null> {
    const turning = (await this.repository.loads()).filter(({ doneAt }) => doneAt === null);
    const ends = turning.map(({ createdAt, load }) => endOf(createdAt, load.minutes).toISOString());
    const last = [...ends, (await this.runs.turnsUntil(turning)) ?? ''].sort().at(-1) ?? '';
    return last > this.clock().toISOString() ? last : null;
  }

  /**
   * Fills a drum with what was shown as one load; treatments that have come to such a wash go in with it.
   * @throws ServerError notFound where something of it is not in the heap any more, noLoad where it is none
   */
  async start({ key, pieceIds }: StartLoad, at = this.clock()): Promise<void> {
    if (await this.repository.load(key)) return;
    const house = await this.sorter.house();
    const heap = await this.sorter.readHeap(house);
    const wanted = new Set(pieceIds);
    const pieces = heap.pieces.filter(({ id }) => wanted.has(id));
    if (pieces.length < wanted.size)
      throw new ServerError('notFound', { message: 'Something of this load is not in the heap any more.' });
    const drum = drumOf(pieces, house.machine);
    if (!isDrum(drum)) {
      const name = (id: string) => pieces.find((piece) => piece.id === id)?.name ?? id;
      throw new ServerError('noLoad', {
        message: noDrumWords(drum, name, metricLexicon(this.knowledge)),
      });
    }
    const effort = effortOf(drum, house.household.taps.coldC);
    const { programme, tempC, spinRpm } = drum;
    const row = {
      id: key,
      createdAt: at,
      load: { programmeId: programme.id, name: programme.name, tempC, spinRpm, ...effort },
    };
    const filled = await this.repository.fill(row, takenLines(pieces, heap.lines, key));
    if (!filled)
      throw new ServerError('notFound', { message: 'Something of this load is not in the heap any more.' });
    await this.runs.goIn(row, await this.piecesIn(key), drum.limits.oxygen.value === 'may');
    await this.forgetArranged(wanted);
    this.feed.tell('wash', key);
  }

  /**
   * A line that stays because it is washed by hand has been: wet, and no wash of a machine.
   * @throws ServerError notFound where it is not in the heap, noLoad where it is not washed by hand
   */
  async washedByHand({ key, lineId }: WashedByHand, at = this.clock()): Promise<void> {
    if (await this.repository.load(key)) return;
    const { lines, stays } = await this.sorter.readHeap(await this.sorter.house());
    const line = lines.find(({ row }) => row.id === lineId);
    if (!line) throw new ServerError('notFound', { message: 'This is not in the heap any more.' });
    if (stays.find(({ pieceId }) => pieceId === lineId)?.reason.code !== 'byHand')
      throw new ServerError('noLoad', { message: 'This is not washed by hand.' });
    const row = { id: key, createdAt: at, doneAt: null, load: HAND_WASH };
    if (!(await this.repository.fill(row, [{ lineId, line: line.row.line, rest: null }]))) return;
    await this.repository.finish(key, at, await this.careOf(row, at));
    this.feed.tell('wash', key);
    this.feed.tell('book');
  }

  /** What went into a drum is arranged no more; the loads that are left stay as they were arranged. */
  private async forgetArranged(gone: ReadonlySet<string>): Promise<void> {
    await this.heap.changeSettings(({ arrangement, leftOut }) => {
      const left = (arrangement ?? [])
        .map((group) => group.filter((id) => !gone.has(id)))
        .filter((group) => group.length > 0);
      return {
        arrangement: arrangement && left.length > 0 ? left : null,
        leftOut: leftOut.filter((id) => !gone.has(id)),
      };
    });
  }

  /** Out of the drum: each piece of the book has been through one wash more, and one that was due is done. */
  async finish(id: string, at = this.clock()): Promise<void> {
    const row = await this.need(id);
    if (row.doneAt) return;
    const pieceIds = await this.piecesIn(id);
    const byRuns = new Set((await this.runs.wentIn(row, pieceIds)).map(({ pieceId }) => pieceId));
    const care = (await this.careOf(row, at)).filter(
      // A wash that a treatment ends in is counted by its run.
      ({ what, pieceId }) => what === 'upkeep' || !byRuns.has(pieceId),
    );
    await this.repository.finish(id, at, care);
    await this.runs.comeOut(row, pieceIds, at);
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
      const washed: CareRow = {
        ...row,
        id: careIdOf(id, lineId),
        what: load.tempC >= HOT_WASH_C ? 'hotWash' : 'machineWash',
        upkeepId: null,
      };
      return [
        ...(load.programmeId === BY_HAND ? [] : [washed]),
        ...done.map(({ id: upkeepId }) => ({
          ...row,
          id: careIdOf(id, `${lineId} ${upkeepId}`),
          what: 'upkeep' as const,
          upkeepId,
        })),
      ];
    });
  }

  /** Undoes the last entry about a load, for the load and for the treatments in it. */
  async undo(id: string, at = this.clock()): Promise<void> {
    const row = await this.need(id);
    await this.runs.takeBack(await this.piecesIn(id), row.doneAt ?? row.createdAt, at);
    if (row.doneAt) {
      const counted = await this.careOf(row, row.doneAt);
      await this.repository.unfinish(
        id,
        counted.map((care) => care.id),
      );
      this.feed.tell('book');
    }
    // By hand it was wet at once: it is taken back whole.
    if (!row.doneAt || row.load.programmeId === BY_HAND) await this.repository.empty(id);
    this.feed.tell('wash', id);
  }

  /** Pieces of the book in a load. */
  private async piecesIn(id: string): Promise<ReadonlySet<string>> {
    return new Set((await this.repository.washed([id])).flatMap(({ pieceId }) => pieceId ?? []));
  }

  private async need(id: string): Promise<LoadRow> {
    const row = await this.repository.load(id);
    if (!row) throw new ServerError('notFound', { message: 'There is no such load.' });
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
      const endsAt = endOf(createdAt, load.minutes);
      return {
        id,
        startedAt: createdAt.toISOString(),
        endsAt: endsAt.toISOString(),
        hangBy: new Date(endsAt.getTime() + LEFT_IN_DRUM_MS).toISOString(),
        doneAt: doneAt?.toISOString() ?? null,
        load,
        pieces: lines
          .filter(({ row }) => row.loadId === id)
          .map((line) => {
            const shown = heapPiece(line, null, this.knowledge);
            return {
              lineId: shown.lineId,
              pieceId: shown.pieceId,
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

const endOf = (startedAt: Date, minutes: number): Date => new Date(startedAt.getTime() + minutes * MINUTE_MS);
