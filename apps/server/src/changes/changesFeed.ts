import type { ChangeNews } from '@feverfew/contracts';
import { Injectable } from '@nestjs/common';
import { Subject } from 'rxjs';

/** What changed, told to whoever listens: devices by server-sent events, and what is remembered on the server. */
@Injectable()
export class ChangesFeed {
  readonly news = new Subject<ChangeNews>();

  tell(topic: ChangeNews['topic'], id: string | null = null): void {
    this.news.next({ topic, id });
  }
}
