import { Controller, Get, Inject, Res } from '@nestjs/common';
import { ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { getRequester } from '../requests/door.js';
import { NewsLines } from './newsLines.js';

@ApiTags('changes')
@Controller('changes')
export class ChangesController {
  constructor(@Inject(NewsLines) private readonly lines: NewsLines) {}

  /** News as they happen. A device that lost the line fetches anew when it has it back: nothing is replayed. */
  @Get()
  @ApiOperation({ summary: 'Server-sent events: what changed' })
  @ApiProduces('text/event-stream')
  listen(@Res() response: Response): void {
    this.lines.open(response, getRequester(response)?.deviceId ?? null);
  }
}
