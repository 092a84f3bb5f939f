import { CHANGE_TOPICS, type ChangeNews } from '@feverfew/contracts';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { Subject } from 'rxjs';
import { NEWS_LINE, type NewsLine } from './newsLine.js';

/**
 * Publishes changes to all subscribers: devices by server-sent events, the memory of this server, and the other
 * servers on the same database.
 */
@Injectable()
export class ChangesFeed implements OnModuleDestroy {
  readonly news = new Subject<ChangeNews>();
  private readonly listening;

  constructor(@Inject(NEWS_LINE) private readonly line: NewsLine) {
    this.listening = line.heard.subscribe((news) => {
      if (news) this.news.next(news);
      // Whatever was missed: everything may be otherwise.
      else for (const topic of CHANGE_TOPICS) this.news.next({ topic, id: null });
    });
  }

  onModuleDestroy(): void {
    this.listening.unsubscribe();
  }

  tell(topic: ChangeNews['topic'], id: string | null = null): void {
    this.news.next({ topic, id });
    this.line.tell({ topic, id });
  }
}
