import {
  MixShape,
  MixVerdictShape,
  NewSavedMix,
  SavedMix,
  TableAnswerShape,
  TableQuestionShape,
} from '@feverfew/contracts';
import type { Mix, MixVerdict, TableAnswer, TableQuestion } from '@feverfew/core';
import { Body, Controller, Delete, Get, HttpCode, Inject, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { z } from 'zod';
import { RequireRole } from '../devices/role.guard.js';
import { ID } from '../problems/idPipe.js';
import { MixesService } from './mixes.service.js';

@ApiTags('mixing table')
@Controller('mixes')
export class MixesController {
  constructor(@Inject(MixesService) private readonly service: MixesService) {}

  /** What a mix on the table is, or why it is not made; nothing is kept. */
  @Post('judge')
  @RequireRole('look')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: MixVerdictShape })
  judge(@Body({ schema: MixShape }) mix: Mix): Promise<MixVerdict> {
    return this.service.judge(mix);
  }

  /** From what is wanted to what is poured. */
  @Post('answer')
  @RequireRole('look')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: TableAnswerShape })
  answer(@Body({ schema: TableQuestionShape }) question: TableQuestion): Promise<TableAnswer> {
    return this.service.answer(question);
  }

  @Get()
  @ApiOkResponse({ standardSchema: z.array(SavedMix) })
  list(): Promise<SavedMix[]> {
    return this.service.list();
  }

  @Get(':id')
  @ApiOkResponse({ standardSchema: SavedMix })
  read(@Param('id', ID) id: string): Promise<SavedMix> {
    return this.service.read(id);
  }

  @Post()
  @ApiCreatedResponse({ standardSchema: SavedMix })
  keep(@Body({ schema: NewSavedMix }) body: NewSavedMix): Promise<SavedMix> {
    return this.service.keep(body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  remove(@Param('id', ID) id: string): Promise<void> {
    return this.service.remove(id);
  }
}
