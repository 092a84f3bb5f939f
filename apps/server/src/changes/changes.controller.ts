import { Controller, Get, Inject, Res } from '@nestjs/common';
import { ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { getRequester } from '../requests/door.js';
import { NewsLines } from './newsLines.js';

@ApiTags('changes')
@Controller('changes')
export class ChangesController {
  constructor(@Inject(NewsLines) private readonly lines: NewsLines) {}

  /** Server-sent events. Nothing is replayed: a device that lost the stream fetches everything again. */
  @Get()
  @ApiOperation({ summary: 'Server-sent events: what changed' })
  @ApiProduces('text/event-stream')
  listen(@Res() response: Response): void {
    this.lines.open(response, getRequester(response)?.deviceId ?? null);
  }
}
