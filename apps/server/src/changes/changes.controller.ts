import { Controller, Inject, Res } from '@nestjs/common';
import type { Response } from 'express';
import { Serves } from '../api/serves.js';
import { getRequester } from '../requests/door.js';
import { NewsLines } from './newsLines.js';

@Controller()
export class ChangesController {
  constructor(@Inject(NewsLines) private readonly lines: NewsLines) {}

  /** Server-sent events. Nothing is replayed: a device that lost the stream fetches everything again. */
  @Serves('listenToChanges')
  listen(@Res() response: Response): void {
    this.lines.open(response, getRequester(response)?.deviceId ?? null);
  }
}
