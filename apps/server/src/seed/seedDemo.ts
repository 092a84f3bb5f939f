import { randomUUID } from 'node:crypto';
import { factsOfPiece, type NewRunEvent, type Piece, PLAIN_LINE, type RunView } from '@feverfew/contracts';
import { currentAction, EMPTY_FACTS, type TroubleFacts } from '@feverfew/core';
import type { INestApplication } from '@nestjs/common';
import type { ModuleRef } from '@nestjs/core';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { HouseholdService } from '../household/household.service.js';
import { MixesService } from '../mixes/mixes.service.js';
import { PiecesService } from '../pieces/pieces.service.js';
import { PlansService } from '../plans/plans.service.js';
import { ServerError } from '../problems/serverError.js';
import { RunsService } from '../runs/runs.service.js';
import { TroublesService } from '../troubles/troubles.service.js';
import { HeapService } from '../wash/heap.service.js';
import { LoadsService } from '../wash/loads.service.js';
import { demoCare } from './demoCare.js';
import { type DemoLine, demoHeapLines, demoWashing, wetLines } from './demoHeap.js';
import { demoBottles, demoHousehold, demoMixes } from './demoHousehold.js';
import { type DemoPieceKey, demoPieces } from './demoPieces.js';
import {
  type DemoRun,
  type DemoSoak,
  type DemoTrouble,
  finishedRuns,
  openTroubles,
  runningTroubles,
  triedRuns,
} from './demoTroubles.js';

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;

/** Where the services of the application are had from, by their class. */
type Services = Pick<INestApplication, 'get'> | ModuleRef;

/**
 * Loads the demo into an empty database through the same services a person's clicks go through; false when there is
 * data already.
 */
export async function seedDemo(app: Services, now: Date): Promise<boolean> {
  const pieces = app.get(PiecesService, { strict: false });
  if (await pieces.hasAny()) return false;
  const house = app.get(HouseholdService, { strict: false });
  await house.beginMadeUp({ ...demoHousehold, bottles: demoBottles(now) });
  for (const mix of demoMixes) await app.get(MixesService, { strict: false }).keep(mix);
  const book = new Map<DemoPieceKey, Piece>();
  for (const [key, piece] of Object.entries(demoPieces)) {
    book.set(key as DemoPieceKey, await pieces.create(piece, new Date(now.getTime() - 240 * 24 * HOUR_MS)));
  }
  for (const { on, what, upkeepId, times, daysAgo } of demoCare) {
    const id = book.get(on)?.id;
    if (id)
      await pieces.noteCare(
        id,
        { key: randomUUID(), what, upkeepId, times },
        new Date(now.getTime() - daysAgo * 24 * HOUR_MS),
      );
  }
  const desk = new DemoDesk(app, book, now);
  // Oldest first: each is planned with what was known by then.
  const past = [...triedRuns, ...finishedRuns].sort((a, b) => b.hoursAgo - a.hoursAgo);
  for (const run of past) await desk.finish(run);
  for (const trouble of openTroubles) await desk.note(trouble);
  for (const soak of runningTroubles) await desk.soak(soak);
  await heapUp(app, book, now);
  await house.endMadeUp();
  return true;
}

/** Yesterday's wash is wet on the line, and today's heap waits. */
async function heapUp(app: Services, book: ReadonlyMap<DemoPieceKey, Piece>, now: Date): Promise<void> {
  const heap = app.get(HeapService, { strict: false });
  const loads = app.get(LoadsService, { strict: false });
  await heap.changeSettings(demoWashing(app.get(KNOWLEDGE, { strict: false })));
  const lineOf = ({ on, ...told }: DemoLine) => {
    const piece = on && book.get(on);
    if (on && !piece) throw new ServerError('demoNotWhole', { piece: on });
    const own = piece
      ? { pieceId: piece.id, itemId: null, colour: piece.colour, fastness: piece.fastness }
      : {};
    return { id: randomUUID(), line: { ...PLAIN_LINE, colour: 'white' as const, ...told, ...own } };
  };
  const wet = wetLines.map(lineOf);
  await heap.add(wet);
  const key = randomUUID();
  await loads.start({ key, pieceIds: wet.map(({ id }) => id) }, new Date(now.getTime() - 3 * HOUR_MS));
  await loads.finish(key, new Date(now.getTime() - 20 * MINUTE_MS));
  await heap.add(demoHeapLines.map(lineOf));
}

/** Someone working through the demo, on a clock of their own. */
class DemoDesk {
  private readonly troubles: TroublesService;
  private readonly runs: RunsService;
  private readonly plans: PlansService;
  private at: Date;

  constructor(
    app: Services,
    private readonly book: ReadonlyMap<DemoPieceKey, Piece>,
    private readonly now: Date,
  ) {
    this.troubles = app.get(TroublesService, { strict: false });
    this.runs = app.get(RunsService, { strict: false });
    this.plans = app.get(PlansService, { strict: false });
    this.at = now;
  }

  async note(trouble: DemoTrouble): Promise<string> {
    this.at = new Date(this.now.getTime() - trouble.hoursAgo * HOUR_MS);
    const piece = this.book.get(trouble.on);
    if (!piece) throw new ServerError('demoNotWhole', { piece: trouble.on });
    const { on: _on, hoursAgo: _hoursAgo, ...given } = trouble;
    const { planId } = await this.troubles.create(
      { pieceId: piece.id, facts: this.factsOf(given, factsOfPiece(piece)) },
      this.at,
    );
    return planId;
  }

  async finish({ looks, outcome, note, ...trouble }: DemoRun): Promise<void> {
    let run = await this.start(await this.note(trouble), 0);
    for (const [place, look] of looks.entries()) {
      run = await this.workUntil(run, 'finalLook');
      run = await this.say(run, { kind: 'looked', signIds: [], ...look });
      const [choice = 'finish'] = run.state.decision?.choices ?? [];
      if (place === looks.length - 1 || choice === 'finish') break;
      run = await this.say(run, { kind: 'decided', choice });
    }
    await this.say(run, { kind: 'finished', outcome, note });
  }

  /** @throws ServerError demoNotWhole when the plan does not offer the method the demo tells of */
  async soak({ methodId, minutesIn, ...trouble }: DemoSoak): Promise<void> {
    const planId = await this.note(trouble);
    const { plan } = await this.plans.read(planId);
    const passIndex = plan.passes.findIndex((pass) => pass.methodId === methodId);
    if (passIndex < 0) throw new ServerError('demoNotWhole', { planId, methodId });
    this.at = new Date(this.now.getTime() - (minutesIn + 12) * MINUTE_MS);
    const run = await this.workUntil(await this.start(planId, passIndex), 'dwell');
    this.at = new Date(this.now.getTime() - minutesIn * MINUTE_MS);
    await this.say(run, { kind: 'timerStarted', actionId: actionOf(run).id });
  }

  private start(planId: string, passIndex: number): Promise<RunView> {
    return this.runs.start({ key: randomUUID(), planId, passIndex }, this.at);
  }

  private factsOf(given: Omit<DemoTrouble, 'on' | 'hoursAgo'>, piece: TroubleFacts['piece']): TroubleFacts {
    return { ...EMPTY_FACTS, ...given, piece };
  }

  private async workUntil(run: RunView, kind: string): Promise<RunView> {
    let current = run;
    while (actionOf(current).kind !== kind) {
      const { id: actionId, dwell, kind: here } = actionOf(current);
      if (here === 'look') {
        current = await this.say(current, { kind: 'looked', answer: 'moving', leftPct: null, signIds: [] });
        current = await this.say(current, { kind: 'decided', choice: 'continue' });
        continue;
      }
      if (dwell) {
        current = await this.say(current, { kind: 'timerStarted', actionId });
        this.at = new Date(this.at.getTime() + dwell.minMin * MINUTE_MS);
      }
      current = await this.say(current, { kind: 'actionDone', actionId });
    }
    return current;
  }

  private say(run: RunView, event: NewRunEvent['event']): Promise<RunView> {
    this.at = new Date(this.at.getTime() + 2 * MINUTE_MS);
    return this.runs.append(run.id, { key: randomUUID(), heldMs: 0, event }, this.at);
  }
}

function actionOf(run: RunView) {
  const action = currentAction(run.state, run.plan);
  if (!action) throw new ServerError('demoNotWhole', { run: run.id });
  return action;
}
