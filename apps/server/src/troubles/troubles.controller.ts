import { NewTrouble, Run, type RunView, StartTrouble, Trouble, TroubleSummary } from '@feverfew/contracts';
import { Body, Controller, Delete, Get, HttpCode, Inject, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { z } from 'zod';
import { ID } from '../problems/idPipe.js';
import { StartsService } from './starts.service.js';
import { TroublesService } from './troubles.service.js';

@ApiTags('troubles')
@Controller('troubles')
export class TroublesController {
  constructor(
    @Inject(TroublesService) private readonly service: TroublesService,
    @Inject(StartsService) private readonly starts: StartsService,
  ) {}

  @Get()
  @ApiOkResponse({ standardSchema: z.array(TroubleSummary) })
  list(): Promise<TroubleSummary[]> {
    return this.service.list();
  }

  @Post()
  @ApiCreatedResponse({ standardSchema: TroubleSummary })
  create(@Body({ schema: NewTrouble }) body: NewTrouble): Promise<TroubleSummary> {
    return this.service.create(body);
  }

  /** Saves, plans and starts a trouble in one request. A repeated key counts once. */
  @Post('start')
  @ApiCreatedResponse({ standardSchema: Run })
  start(@Body({ schema: StartTrouble }) body: StartTrouble): Promise<RunView> {
    return this.starts.start(body);
  }

  @Get(':id')
  @ApiOkResponse({ standardSchema: Trouble })
  read(@Param('id', ID) id: string): Promise<Trouble> {
    return this.service.read(id);
  }

  /** A trouble without a run. */
  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse({ description: 'Gone, with its plan.' })
  remove(@Param('id', ID) id: string): Promise<void> {
    return this.service.remove(id);
  }

  /** New facts for a saved trouble: it is planned again. Older plans and runs stay as they were. */
  @Put(':id')
  @ApiOkResponse({ standardSchema: Trouble })
  revise(@Param('id', ID) id: string, @Body({ schema: NewTrouble }) body: NewTrouble): Promise<Trouble> {
    return this.service.revise(id, body.facts);
  }
}
