import { ChangeNews } from '@feverfew/contracts';
import pg from 'pg';
import { Subject } from 'rxjs';
import type { NewsLine } from '../changes/newsLine.js';

const CHANNEL = 'feverfew';
const AGAIN_MS = { first: 500, most: 10_000 };

/**
 * Events between servers on one PostgreSQL database, by NOTIFY on a separate connection. A lost connection is opened
 * again, and
 * the subscribers learn that events may be missing. The connection also shows that this server is at work.
 */
export class ServerNews implements NewsLine {
  readonly heard = new Subject<ChangeNews | null>();
  private client: pg.Client | null = null;
  private isClosed = false;
  private waiting: NodeJS.Timeout | null = null;

  /**
   * @param me what tells this server's own news from those of others
   * @param atWork the lock every server holds, shared, for while it is at work
   */
  constructor(
    private readonly url: string,
    private readonly me: string,
    private readonly atWork: readonly [number, number],
    private readonly notify: (channel: string, payload: string) => Promise<unknown>,
  ) {}

  tell(news: ChangeNews): void {
    // Lost with the database. Subscribers catch up once the connection is back.
    void this.notify(CHANNEL, JSON.stringify({ from: this.me, news })).catch(() => undefined);
  }

  /** @returns whether no other server is at work; others that start then wait until `letOthersStart` */
  async open(): Promise<boolean> {
    const client = await this.connected();
    const { rows } = await client.query<{ alone: boolean }>('select pg_try_advisory_lock($1, $2) as alone', [
      ...this.atWork,
    ]);
    await client.query('select pg_advisory_lock_shared($1, $2)', [...this.atWork]);
    return rows[0]?.alone ?? false;
  }

  async letOthersStart(): Promise<void> {
    await this.client?.query('select pg_advisory_unlock($1, $2)', [...this.atWork]).catch(() => undefined);
  }

  async close(): Promise<void> {
    this.isClosed = true;
    if (this.waiting) clearTimeout(this.waiting);
    await this.client?.end().catch(() => undefined);
    this.client = null;
  }

  private async connected(): Promise<pg.Client> {
    const client = new pg.Client({
      connectionString: this.url,
      application_name: 'feverfew news',
      connectionTimeoutMillis: 5000,
      keepAlive: true,
    });
    client.on('error', () => undefined);
    client.on('end', () => {
      if (this.client === client) this.lost();
    });
    client.on('notification', ({ payload }) => this.hear(payload));
    await client.connect();
    await client.query(`listen ${CHANNEL}`);
    this.client = client;
    return client;
  }

  private hear(payload: string | undefined): void {
    const { from, news } = parsed(payload);
    if (from === this.me) return;
    const told = ChangeNews.safeParse(news);
    this.heard.next(told.success ? told.data : null);
  }

  private lost(afterMs = AGAIN_MS.first): void {
    this.client = null;
    if (this.isClosed) return;
    this.waiting = setTimeout(() => {
      void this.connected()
        .then((client) => client.query('select pg_advisory_lock_shared($1, $2)', [...this.atWork]))
        .then(
          () => this.heard.next(null),
          () => this.lost(Math.min(AGAIN_MS.most, afterMs * 2)),
        );
    }, afterMs);
  }
}

function parsed(payload: string | undefined): { from?: unknown; news?: unknown } {
  try {
    return JSON.parse(payload ?? '') as { from?: unknown; news?: unknown };
  } catch {
    return {};
  }
}
