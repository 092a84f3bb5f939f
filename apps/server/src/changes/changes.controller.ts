import type { ChangeNews } from '@feverfew/contracts';
import { Controller, Inject, type MessageEvent, Sse } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { interval, map, merge, type Observable } from 'rxjs';
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
  listen(): Observable<MessageEvent> {
    return merge(
      this.feed.news.pipe(map((news: ChangeNews): MessageEvent => ({ type: 'news', data: news }))),
      interval(BEAT_MS).pipe(map((): MessageEvent => ({ type: 'beat', data: '' }))),
    );
  }
}
