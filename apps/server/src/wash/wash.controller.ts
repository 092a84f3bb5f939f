import {
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
import {
  Body,
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  Inject,
  Param,
  Post,
  Put,
  Res,
} from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { RequireRole, requireMay } from '../devices/role.guard.js';
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

@ApiTags('wash')
@Controller('wash')
export class WashController {
  constructor(
    @Inject(HeapService) private readonly heap: HeapService,
    @Inject(LoadsService) private readonly loads: LoadsService,
    @Inject(LineService) private readonly line: LineService,
  ) {}

  /** The heap sorted into loads, with what each is washed at and what it says to each piece. */
  @Get()
  @ApiOkResponse({ standardSchema: WashView })
  read(): Promise<WashView> {
    return this.loads.view();
  }

  @Get('loads.csv')
  @Header('Content-Type', 'text/csv; charset=utf-8; header=present')
  @Header('Content-Disposition', 'attachment; filename="feverfew-loads.csv"')
  @ApiProduces('text/csv')
  table(): Promise<string> {
    return this.loads.table();
  }

  /** The load that the wash of a treatment may join, or is in. */
  @Get('with/:runId')
  @ApiOkResponse({ standardSchema: JoinView })
  join(@Param('runId', ID) runId: string): Promise<JoinView> {
    return this.loads.join(runId);
  }

  /** Adds to the heap: pieces of the book, handfuls. An id that is there already adds nothing. */
  @Post('heap')
  @RequireRole('tub')
  @HttpCode(204)
  @ApiNoContentResponse()
  add(@Body({ schema: NewHeapLines }) { lines }: NewHeapLines): Promise<void> {
    return this.heap.add(lines);
  }

  @Put('heap/:id')
  @RequireRole('tub')
  @HttpCode(204)
  @ApiNoContentResponse()
  change(@Param('id', ID) id: string, @Body({ schema: NewHeapLine }) line: NewHeapLine): Promise<void> {
    return this.heap.change(id, line);
  }

  @Delete('heap/:id')
  @RequireRole('tub')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Param('id', ID) id: string): Promise<void> {
    return this.heap.remove(id);
  }

  /** Machine, rope, weather, how it is sorted and arranged; what is left out stays as it is. */
  @Put('settings')
  @RequireRole('tub')
  @HttpCode(204)
  @ApiNoContentResponse()
  settings(
    @Body({ schema: ChangedWash }) changed: ChangedWash,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    if (Object.keys(changed).some((name) => !OF_THE_DAY.has(name))) requireMay(response, 'all');
    return this.heap.changeSettings(changed);
  }

  @Post('loads')
  @RequireRole('tub')
  @HttpCode(204)
  @ApiNoContentResponse()
  start(@Body({ schema: StartLoad }) load: StartLoad): Promise<void> {
    return this.loads.start(load);
  }

  /** Washed by hand, and wet. */
  @Post('by-hand')
  @RequireRole('tub')
  @HttpCode(204)
  @ApiNoContentResponse()
  byHand(@Body({ schema: WashedByHand }) washed: WashedByHand): Promise<void> {
    return this.loads.washedByHand(washed);
  }

  /** Out of the drum: counted for its pieces, and wet. */
  @Post('loads/:id/done')
  @RequireRole('tub')
  @HttpCode(204)
  @ApiNoContentResponse()
  done(@Param('id', ID) id: string): Promise<void> {
    return this.loads.finish(id);
  }

  /** The last thing said of a load is taken back: out of the drum, or filled. */
  @Post('loads/:id/undo')
  @RequireRole('tub')
  @HttpCode(204)
  @ApiNoContentResponse()
  undo(@Param('id', ID) id: string): Promise<void> {
    return this.loads.undo(id);
  }

  /** What is wet, and when it will be dry. */
  @Get('line')
  @ApiOkResponse({ standardSchema: LineView })
  wet(): Promise<LineView> {
    return this.line.view();
  }

  /** A forecast of your own, by the hour; the one before is forgotten. */
  @Put('line/forecast')
  @HttpCode(204)
  @ApiNoContentResponse()
  forecast(@Body({ schema: ForecastFile }) { csv }: ForecastFile): Promise<void> {
    return this.line.readForecast(csv);
  }

  /** Hung, or taken down again where no place is named. */
  @Post('line/hang')
  @RequireRole('tub')
  @HttpCode(204)
  @ApiNoContentResponse()
  hang(@Body({ schema: HangLines }) hung: HangLines): Promise<void> {
    return this.line.hang(hung);
  }

  /** Rolled in a towel: less water to lose. */
  @Post('line/rolled')
  @RequireRole('tub')
  @HttpCode(204)
  @ApiNoContentResponse()
  rolled(@Body({ schema: RolledLines }) rolled: RolledLines): Promise<void> {
    return this.line.roll(rolled);
  }

  /** Dry at: the difference from the predicted time teaches the prediction. */
  @Post('line/dry')
  @RequireRole('tub')
  @HttpCode(204)
  @ApiNoContentResponse()
  dry(@Body({ schema: WasDry }) was: WasDry): Promise<void> {
    return this.line.dry(was);
  }
}
