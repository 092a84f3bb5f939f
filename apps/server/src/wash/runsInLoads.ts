import type { JoinView } from '@feverfew/contracts';
import { countedEvents, turnedBy, type WashAhead, washAhead } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { type AtWork, RunsAtWork } from '../occupancy/runsAtWork.js';
import { RunsService } from '../runs/runs.service.js';
import { idFrom } from './idFrom.js';
import type { LoadRow } from './wash.repository.js';

type InLoad = Pick<LoadRow, 'id' | 'createdAt' | 'load'>;
type Tap = Parameters<RunsService['append']>[1]['event'];

/**
 * Treatments that end in a wash, and the load it is done with: they go in with it and come out with it, and what is
 * taken back of the load is taken back of them.
 */
@Injectable()
export class RunsInLoads {
  constructor(
    @Inject(RunsService) private readonly runs: RunsService,
    @Inject(RunsAtWork) private readonly atWork: RunsAtWork,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
  ) {}

  /** Washes that runs have come to, by trouble. */
  async due(): Promise<ReadonlyMap<string, WashAhead>> {
    return new Map(
      (await this.ours()).flatMap(({ troubleId, plan, state }) => {
        const wash = washAhead(state, plan, this.knowledge);
        return wash ? [[troubleId, wash] as const] : [];
      }),
    );
  }

  /** The piece of a run, and the wash it has come to. */
  async read(runId: string): Promise<{ pieceId: string; wash: JoinView['wash'] }> {
    const { pieceId, plan, state } = await this.runs.read(runId);
    const wash = washAhead(state, plan, this.knowledge);
    return {
      pieceId,
      wash: wash && { tempC: wash.tempC, agentIds: [...wash.agentIds], wantsOxygen: wash.wantsOxygen },
    };
  }

  /**
   * Runs of these pieces that stand before such a wash go in with the load.
   * @param bears whether the whole load tolerates bleach; without that, a wash that needs it does not count
   */
  async goIn({ id, createdAt, load }: InLoad, pieceIds: ReadonlySet<string>, bears: boolean): Promise<void> {
    for (const run of await this.of(pieceIds)) {
      const wash = washAhead(run.state, run.plan, this.knowledge);
      if (!wash || (wash.wantsOxygen && !bears)) continue;
      await this.tell(run.id, `${id} in`, createdAt, [
        { kind: 'noted', text: `Washed with a load at ${load.tempC} °C.` },
        ...wash.doneByGoingIn.map((step): Tap => ({ kind: 'actionDone', actionId: step.id })),
        ...(wash.turning ? [{ kind: 'timerStarted', actionId: wash.turning.id } as const] : []),
      ]);
    }
  }

  /** Those that went in come out. */
  async comeOut(load: InLoad, pieceIds: ReadonlySet<string>, at: Date): Promise<void> {
    for (const run of await this.wentIn(load, pieceIds)) {
      const turned = turnedBy(run.state, run.plan);
      if (turned)
        await this.tell(run.id, `${load.id} out`, at, [{ kind: 'actionDone', actionId: turned.id }]);
    }
  }

  /** Undoes the entry of that moment about them, if there was none since. */
  async takeBack(pieceIds: ReadonlySet<string>, toldAt: Date, at: Date): Promise<void> {
    for (const run of await this.of(pieceIds)) {
      const told = countedEvents(run.events);
      const last = told.findLastIndex(
        (event) => event.at !== toldAt.toISOString() || event.kind === 'started',
      );
      const taps = told.slice(last + 1).map((): Tap => ({ kind: 'undone' }));
      await this.tell(run.id, `back ${toldAt.toISOString()} ${run.events.length}`, at, taps);
    }
  }

  /** Runs of these pieces that went in with this load: their wash is counted by them. */
  async wentIn({ createdAt }: InLoad, pieceIds: ReadonlySet<string>): Promise<AtWork[]> {
    return (await this.of(pieceIds)).filter(({ events }) =>
      countedEvents(events).some(({ kind, at }) => kind === 'noted' && at === createdAt.toISOString()),
    );
  }

  /** Until when washes turn that were started at the tub and not with one of these loads; null = none does. */
  async turnsUntil(loads: readonly Pick<LoadRow, 'createdAt'>[]): Promise<string | null> {
    const starts = new Set(loads.map(({ createdAt }) => createdAt.toISOString()));
    const ends = (await this.ours()).flatMap(({ state, plan }) => {
      const { timer } = state;
      return timer && turnedBy(state, plan) && !starts.has(timer.startedAt) ? timer.readyAt : [];
    });
    return ends.sort().at(-1) ?? null;
  }

  private async of(pieceIds: ReadonlySet<string>): Promise<AtWork[]> {
    return (await this.ours()).filter(({ pieceId }) => pieceIds.has(pieceId));
  }

  /** A run on an imported plan is paused. */
  private async ours(): Promise<AtWork[]> {
    return (await this.atWork.all()).filter(({ foreignSeal }) => foreignSeal === null);
  }

  /** One after the other, each once, however often the load tells it. */
  private async tell(runId: string, why: string, at: Date, taps: readonly Tap[]): Promise<void> {
    for (const [index, event] of taps.entries())
      await this.runs.append(runId, { key: idFrom(`${why} ${runId} ${index}`), heldMs: 0, event }, at);
  }
}
