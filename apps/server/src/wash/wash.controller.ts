import type {
  ChangedWash,
  ForecastFile,
  HangLines,
  JoinView,
  LineView,
  NewHeapLine,
  NewHeapLines,
  RolledLines,
  StartLoad,
  WasDry,
  WashedByHand,
  WashView,
} from '@feverfew/contracts';
import { Controller, Header, Inject, Param, Res } from '@nestjs/common';
import type { Response } from 'express';
import { BodyOf, Serves } from '../api/serves.js';
import { requireMay } from '../devices/role.guard.js';
import { ID } from '../problems/idPipe.js';
import { HeapService } from './heap.service.js';
import { LineService } from './line.service.js';
import { LoadsService } from './loads.service.js';

/** What of the settings belongs to the wash of the day: machine, rope and weather are the house's. */
const OF_THE_DAY: ReadonlySet<string> = new Set<keyof ChangedWash>([
  'best',
  'arrangement',
  'leftOut',
  'offsetMin',
]);

@Controller()
export class WashController {
  constructor(
    @Inject(HeapService) private readonly heap: HeapService,
    @Inject(LoadsService) private readonly loads: LoadsService,
    @Inject(LineService) private readonly line: LineService,
  ) {}

  /** The heap sorted into loads, with what each is washed at and what it says to each piece. */
  @Serves('readWash')
  read(): Promise<WashView> {
    return this.loads.view();
  }

  @Serves('exportLoads')
  @Header('Content-Type', 'text/csv; charset=utf-8; header=present')
  @Header('Content-Disposition', 'attachment; filename="feverfew-loads.csv"')
  table(): Promise<string> {
    return this.loads.table();
  }

  /** The load that the wash of a treatment may join, or is in. */
  @Serves('findLoadOfRun')
  join(@Param('id', ID) runId: string): Promise<JoinView> {
    return this.loads.join(runId);
  }

  /** Adds to the heap: pieces of the book, handfuls. An id that is there already adds nothing. */
  @Serves('addToHeap')
  add(@BodyOf('addToHeap') { lines }: NewHeapLines): Promise<void> {
    return this.heap.add(lines);
  }

  @Serves('updateHeapLine')
  change(@Param('id', ID) id: string, @BodyOf('updateHeapLine') line: NewHeapLine): Promise<void> {
    return this.heap.change(id, line);
  }

  @Serves('deleteHeapLine')
  remove(@Param('id', ID) id: string): Promise<void> {
    return this.heap.remove(id);
  }

  /** Machine, rope, weather, how it is sorted and arranged; what is left out stays as it is. */
  @Serves('updateWashSettings')
  settings(
    @BodyOf('updateWashSettings') changed: ChangedWash,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    if (Object.keys(changed).some((name) => !OF_THE_DAY.has(name))) requireMay(response, 'all');
    return this.heap.changeSettings(changed);
  }

  @Serves('startLoad')
  start(@BodyOf('startLoad') load: StartLoad): Promise<void> {
    return this.loads.start(load);
  }

  /** Washed by hand, and wet. */
  @Serves('addHandWash')
  byHand(@BodyOf('addHandWash') washed: WashedByHand): Promise<void> {
    return this.loads.washedByHand(washed);
  }

  /** Out of the drum: counted for its pieces, and wet. */
  @Serves('finishLoad')
  done(@Param('id', ID) id: string): Promise<void> {
    return this.loads.finish(id);
  }

  /** The last thing said of a load is taken back: out of the drum, or filled. */
  @Serves('undoLoad')
  undo(@Param('id', ID) id: string): Promise<void> {
    return this.loads.undo(id);
  }

  /** What is wet, and when it will be dry. */
  @Serves('readClothesline')
  wet(): Promise<LineView> {
    return this.line.view();
  }

  /** A forecast of your own, by the hour; the one before is forgotten. */
  @Serves('importForecast')
  forecast(@BodyOf('importForecast') { csv }: ForecastFile): Promise<void> {
    return this.line.readForecast(csv);
  }

  /** Hung, or taken down again where no place is named. */
  @Serves('hangLines')
  hang(@BodyOf('hangLines') hung: HangLines): Promise<void> {
    return this.line.hang(hung);
  }

  /** Rolled in a towel: less water to lose. */
  @Serves('rollLines')
  rolled(@BodyOf('rollLines') rolled: RolledLines): Promise<void> {
    return this.line.roll(rolled);
  }

  /** Dry at: the difference from the predicted time teaches the prediction. */
  @Serves('markDry')
  dry(@BodyOf('markDry') was: WasDry): Promise<void> {
    return this.line.dry(was);
  }
}
