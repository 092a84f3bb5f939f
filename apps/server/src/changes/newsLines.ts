import type { ChangeNews } from '@feverfew/contracts';
import { Inject, Injectable, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import type { Response } from 'express';
import { ChangesFeed } from './changesFeed.js';

/** Keeps a quiet line from being cut on its way, and lets a device see that it is up. */
const BEAT_MS = 15_000;
/** News that come faster than this go out together. */
const TOGETHER_MS = 200;
/** A device that takes nothing off its line for so long is cut off, bytes: it fetches everything when it comes back. */
const MAX_WAITING = 64 * 1024;

/**
 * The lines of changes held by the devices of the house (server-sent events). News are gathered by topic, turned into
 * text once, and written to all of them. With two hundred devices, a text for each took longer than the tap itself.
 * The first news after a pause goes out at once.
 */
@Injectable()
export class NewsLines implements OnModuleInit, OnModuleDestroy {
  private readonly lines = new Map<Response, string | null>();
  private readonly gathered = new Map<ChangeNews['topic'], ChangeNews>();
  private pause: NodeJS.Timeout | null = null;
  private beat: NodeJS.Timeout | null = null;
  private ended = (): void => undefined;

  constructor(@Inject(ChangesFeed) private readonly feed: ChangesFeed) {}

  onModuleInit(): void {
    const listening = this.feed.news.subscribe((news) => this.hear(news));
    this.ended = () => listening.unsubscribe();
    this.beat = setInterval(() => this.write(asText('beat', '')), BEAT_MS).unref();
  }

  onModuleDestroy(): void {
    this.ended();
    if (this.beat) clearInterval(this.beat);
    if (this.pause) clearTimeout(this.pause);
    for (const response of this.lines.keys()) response.end();
    this.lines.clear();
  }

  /** @param deviceId whose line it is; null for this computer itself */
  open(response: Response, deviceId: string | null): void {
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store, no-transform',
      Connection: 'keep-alive',
      'X-Accel-Buffering': 'no',
    });
    response.flushHeaders();
    if (response.closed) return;
    this.lines.set(response, deviceId);
    response.once('close', () => this.lines.delete(response));
  }

  private hear(news: ChangeNews): void {
    // What it may do has changed, or it is not let in any more: the line ends, and asking for a new one tells which.
    if (news.topic === 'devices' && news.id !== null)
      for (const [response, deviceId] of this.lines) if (deviceId === news.id) response.end();
    const other = this.gathered.get(news.topic);
    this.gathered.set(news.topic, other && other.id !== news.id ? { topic: news.topic, id: null } : news);
    if (!this.pause) this.send();
  }

  private send(): void {
    this.pause = null;
    if (this.gathered.size === 0) return;
    this.write([...this.gathered.values()].map((news) => asText('news', JSON.stringify(news))).join(''));
    this.gathered.clear();
    this.pause = setTimeout(() => this.send(), TOGETHER_MS).unref();
  }

  private write(text: string): void {
    const bytes = Buffer.from(text);
    for (const response of this.lines.keys()) {
      if (response.writableEnded) continue;
      if (response.writableLength > MAX_WAITING) response.destroy();
      else response.write(bytes);
    }
  }
}

const asText = (event: string, data: string): string => `event: ${event}\ndata: ${data}\n\n`;
