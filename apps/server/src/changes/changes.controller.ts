import type { ChangeNews } from '@feverfew/contracts';
import { Controller, Inject, type MessageEvent, Res, Sse } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { filter, interval, map, merge, type Observable, takeUntil } from 'rxjs';
import { whoAsks } from '../requests/door.js';
import { ChangesFeed } from './changesFeed.js';

/** Keeps a quiet line from being cut by what stands between, and lets a device see that it is up. */
const BEAT_MS = 15_000;

@ApiTags('changes')
@Controller('changes')
export class ChangesController {
  constructor(@Inject(ChangesFeed) private readonly feed: ChangesFeed) {}

  /** News as they happen. A device that lost the line fetches anew when it has it back: nothing is replayed. */
  @Sse()
  @ApiOperation({ summary: 'Server-sent events: what changed' })
  listen(@Res({ passthrough: true }) response: Response): Observable<MessageEvent> {
    const deviceId = whoAsks(response)?.deviceId ?? null;
    // What it may do has changed, or it is not let in any more: the line ends, and asking for a new one tells which.
    const changed = this.feed.news.pipe(
      filter(({ topic, id }) => topic === 'devices' && id !== null && id === deviceId),
    );
    return merge(
      this.feed.news.pipe(map((news: ChangeNews): MessageEvent => ({ type: 'news', data: news }))),
      interval(BEAT_MS).pipe(map((): MessageEvent => ({ type: 'beat', data: '' }))),
    ).pipe(takeUntil(changed));
  }
}
