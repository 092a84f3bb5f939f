import { type RunState, replayRun } from '@feverfew/core';
import { Inject, Injectable } from '@nestjs/common';
import { ChangesFeed } from '../changes/changesFeed.js';
import { ServerError } from '../problems/serverError.js';
import { RunsRepository, type StoredRun } from '../runs/runs.repository.js';

export interface AtWork extends StoredRun {
  readonly state: RunState;
}

/**
 * The runs under way with plan, events and state, remembered between requests, so that a tap on one reads no other. News
 * of a change forget what they are about: of one run that run alone, of anything else all. What is remembered may lag
 * behind another server by the delay of its events. The writer learns that by the number of its event.
 */
@Injectable()
export class RunsAtWork {
  private known: Promise<Map<string, AtWork>> | null = null;
  /** The same once it is there. */
  private placed: Map<string, AtWork> | null = null;
  /** The run whose change is being announced by this server: what is remembered of it is right. */
  private own: string | null = null;
  /** Each with the event that announced it. A further event during the read makes it read again. */
  private readonly changed = new Map<string, symbol>();

  constructor(
    @Inject(RunsRepository) private readonly repository: RunsRepository,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
  ) {
    feed.news.subscribe(({ topic, id }) => {
      if (topic !== 'run' || !id) this.known = this.placed = null;
      else if (id !== this.own) this.forget(id);
    });
  }

  /** The newest first. */
  async all(): Promise<AtWork[]> {
    return [...(await this.upToDate()).values()];
  }

  /** null where it is not under way, or does not exist. */
  async find(id: string): Promise<AtWork | null> {
    return (await this.upToDate()).get(id) ?? null;
  }

  /** Remembers a run as this server has just written it, and announces it. News of it from another server go first. */
  put(run: AtWork): void {
    if (this.placed) {
      place(this.placed, run.id, run);
      // What is being read of it may be older.
      if (this.changed.has(run.id)) this.forget(run.id);
      this.own = run.id;
    }
    this.feed.tell('run', run.id);
    this.own = null;
  }

  /** What is remembered of a run is not what is kept. */
  forget(id: string): void {
    this.changed.set(id, Symbol(id));
  }

  private async upToDate(): Promise<Map<string, AtWork>> {
    this.known ??= this.readAll();
    const reading = this.known;
    const known = await reading.catch((error: unknown) => {
      // Not remembered: the next who asks reads again.
      if (this.known === reading) this.known = null;
      throw error;
    });
    if (this.known === reading) this.placed = known;
    for (let [next] = this.changed; next; [next] = this.changed) {
      const [id, news] = next;
      const run = await this.repository.find(id);
      // Announced again, or replaced meanwhile: the answer is out of date.
      if (this.changed.get(id) !== news) continue;
      place(known, id, run && atWork(run));
      // Only now, so that a request in between does not get the old state.
      this.changed.delete(id);
    }
    return known;
  }

  private async readAll(): Promise<Map<string, AtWork>> {
    this.changed.clear();
    const whole = (await this.repository.active()).flatMap((run) => {
      const replayed = replayRun(run.events, run.plan);
      // One whose record is broken says so where it is opened; the others go on.
      return replayed.ok ? [{ ...run, state: replayed.state }] : [];
    });
    return new Map(whole.map((run) => [run.id, run]));
  }
}

function place(known: Map<string, AtWork>, id: string, run: AtWork | null): void {
  if (!run || run.state.status === 'finished') {
    known.delete(id);
    return;
  }
  if (known.has(id)) {
    known.set(id, run);
    return;
  }
  // A new one comes first.
  const before = [...known];
  known.clear();
  for (const [key, one] of [[id, run] as const, ...before]) known.set(key, one);
}

/** @throws ServerError logBroken */
export function atWork(run: StoredRun): AtWork {
  const replayed = replayRun(run.events, run.plan);
  if (!replayed.ok) throw new ServerError('logBroken', { runId: run.id, refusal: replayed.refusal });
  return { ...run, state: replayed.state };
}
