import { NewTrouble, Trouble, TroubleSummary } from '@feverfew/contracts';
import { Body, Controller, Get, Inject, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { z } from 'zod';
import { TroublesService } from './troubles.service.js';

@ApiTags('troubles')
@Controller('troubles')
export class TroublesController {
  constructor(@Inject(TroublesService) private readonly service: TroublesService) {}

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

  @Get(':id')
  @ApiOkResponse({ standardSchema: Trouble })
  read(@Param('id', ParseUUIDPipe) id: string): Promise<Trouble> {
    return this.service.read(id);
  }

  /** New facts for a kept trouble: plans it anew; older plans and runs stay as they were. */
  @Put(':id')
  @ApiOkResponse({ standardSchema: Trouble })
  revise(
    @Param('id', ParseUUIDPipe) id: string,
    @Body({ schema: NewTrouble }) body: NewTrouble,
  ): Promise<Trouble> {
    return this.service.revise(id, body.facts);
  }
}
