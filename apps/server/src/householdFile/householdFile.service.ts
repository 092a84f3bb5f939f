import { randomUUID } from 'node:crypto';
import {
  HOUSEHOLD_FILE,
  HouseholdFile,
  HouseholdFileV1,
  type HouseholdRead,
  upgradeSettings,
  upgradeVersion2,
} from '@feverfew/contracts';
import {
  checkPlan,
  DomainError,
  type Finding,
  type Household,
  type Plan,
  type RunSummary,
  refusalWords,
  replayRun,
  replayTrial,
  summariseRun,
  trialRefusalWords,
  type Violation,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import type { ZodType } from 'zod';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { requireKnownFacts, requireKnownHousehold, requireKnownPiece } from '../catalogue/requireKnown.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { PLAIN_HOUSEHOLD } from '../household/plainHousehold.js';
import { MixesRepository } from '../mixes/mixes.repository.js';
import { MixesService } from '../mixes/mixes.service.js';
import { cleanJpeg } from '../photos/cleanJpeg.js';
import { InvalidInput } from '../problems/invalidInput.js';

import { HouseholdFileRepository } from './householdFile.repository.js';

/**
 * A mix was kept, a plan made, when the household stood otherwise: what its present choices, taps, water and
 * bottles alone speak
 * against comes in again, and is judged anew on each read (a mix), or was followed as it stands (a plan).
 */
const OF_THIS_HOUSEHOLD: readonly Finding['code'][] = [
  'offByDefault',
  'notSoldHere',
  'notWithAsthma',
  'notWithSensitive',
  'strengthUnknown',
  'measureGone',
];
const OF_ITS_HOUSEHOLD: readonly Violation['code'][] = [
  'agentSwitchedOff',
  'keptFromPeople',
  'strengthNotSafe',
  'pHNotAsSaid',
  'hotterThanSaid',
];

const NOTHING = {
  settings: null,
  mixes: [],
  pieces: [],
  troubles: [],
  plans: [],
  runs: [],
  care: [],
  pastUses: [],
  trials: [],
  photos: [],
};

/** The whole household as one file: out without loss, in all or nothing. */
@Injectable()
export class HouseholdFileService {
  constructor(
    @Inject(HouseholdFileRepository) private readonly repository: HouseholdFileRepository,
    @Inject(MixesService) private readonly mixes: MixesService,
    @Inject(MixesRepository) private readonly savedMixes: MixesRepository,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  /** In the shape of the contract, key by key: what goes out is what would come in again. */
  async write(): Promise<HouseholdFile> {
    return HouseholdFile.parse({ ...HOUSEHOLD_FILE, ...(await this.repository.read()) });
  }

  /**
   * Replaces what is kept by a file's contents. Nothing changes unless all of it is sound: shapes, names, references,
   * every run's events replayed, every plan that could still be followed checked for safety, every mix judged.
   * @throws DomainError foreignFile, newerFile, brokenFile, unknownReference, mixRefused; InvalidInput with the
   * place of every fault
   */
  async read(given: unknown): Promise<HouseholdRead> {
    const version = versionOf(given);
    const count =
      version === 1
        ? await this.readV1(parsed(HouseholdFileV1, withSettings(given)))
        : await this.readWhole(parsed(HouseholdFile, upgraded(given, version)));
    this.tellAll();
    return count;
  }

  /** Takes away everything there is: an empty house. */
  async clear(): Promise<void> {
    await this.repository.replace(NOTHING, new Map());
    this.tellAll();
  }

  private tellAll(): void {
    this.feed.tell('household');
    this.feed.tell('book');
    this.feed.tell('run');
  }

  private async readV1({ settings, mixes }: HouseholdFileV1): Promise<HouseholdRead> {
    const home = settings.household as Household;
    this.requireSoundShelf(home, mixes);
    const now = this.clock().getTime();
    // The shelf is listed newest first: a millisecond each keeps its order.
    const rows = mixes.map(({ name, mix }, index) => ({
      id: randomUUID(),
      createdAt: new Date(now - index),
      name,
      mix,
    }));
    await this.savedMixes.replaceAll({ ...settings, household: home }, rows);
    return { pieces: 0, troubles: 0, runs: 0, mixes: rows.length, vessels: home.vessels.length };
  }

  private async readWhole(file: HouseholdFile): Promise<HouseholdRead> {
    const home = (file.settings?.household as Household | undefined) ?? PLAIN_HOUSEHOLD.household;
    this.requireSoundShelf(home, file.mixes, OF_THIS_HOUSEHOLD);
    requireWhole(file);
    for (const [index, { facts }] of file.pieces.entries())
      requireKnownPiece(facts, this.knowledge, `pieces.${index}.facts.`);
    for (const [index, { facts }] of file.troubles.entries())
      requireKnownFacts(facts, this.knowledge, `troubles.${index}.facts.`);
    const summaries = this.replayAll(file);
    this.requireSafePlans(file, summaries, home);
    await this.repository.replace({ ...file, photos: file.photos.map(cleaned) }, summaries);
    return {
      pieces: file.pieces.length,
      troubles: file.troubles.length,
      runs: file.runs.length,
      mixes: file.mixes.length,
      vessels: home.vessels.length,
    };
  }

  private requireSoundShelf(
    home: Household,
    mixes: HouseholdFileV1['mixes'],
    except: readonly Finding['code'][] = [],
  ): void {
    requireKnownHousehold(home, this.knowledge);
    for (const [index, { name, mix }] of mixes.entries())
      this.mixes.requireAllowed(name, mix, home, `mixes.${index}.mix.`, except);
  }

  /** Every run and trial from its events alone; a log that does not replay is no log. */
  private replayAll(file: HouseholdFile): Map<string, RunSummary> {
    const plans = new Map(file.plans.map(({ id, plan }) => [id, plan as unknown as Plan]));
    const summaries = new Map<string, RunSummary>();
    for (const [index, run] of file.runs.entries()) {
      const plan = plans.get(run.planId);
      const events = run.events.map((row) => row.event);
      const replayed = plan && replayRun(events, plan);
      if (!plan || !replayed?.ok)
        throw broken(
          `The events of a run do not follow from one another. ` +
            `${replayed && !replayed.ok ? refusalWords(replayed.refusal) : ''}`,
          `runs.${index}.events`,
        );
      const lastMs = Date.parse(events.at(-1)?.at ?? '');
      summaries.set(
        run.id,
        summariseRun(run.id, { plan, events, state: replayed.state }, this.knowledge, lastMs),
      );
    }
    for (const [index, trial] of file.trials.entries()) {
      const replayed = replayTrial(
        trial.setup,
        trial.events.map((row) => row.event),
      );
      if (!replayed.ok) throw broken(trialRefusalWords(replayed.refusal), `trials.${index}.events`);
    }
    return summaries;
  }

  /** Plans nobody will follow any more are history; all others must pass the checker that planned ones pass. */
  private requireSafePlans(
    file: HouseholdFile,
    summaries: ReadonlyMap<string, RunSummary>,
    home: Household,
  ): void {
    const over = new Set(
      file.runs.filter((run) => summaries.get(run.id)?.state.status === 'finished').map((run) => run.planId),
    );
    for (const [index, { id, plan }] of file.plans.entries()) {
      if (over.has(id) || plan.knowledgeVersion !== this.knowledge.version) continue;
      const violation = checkPlan(plan as unknown as Plan, home, this.knowledge).find(
        ({ code }) => !OF_ITS_HOUSEHOLD.includes(code),
      );
      if (violation)
        throw broken(
          `A plan in it would not be safe (${violation.code} at ${violation.where}).`,
          `plans.${index}`,
        );
    }
  }
}

/** A picture with nothing in it but what draws it. @throws DomainError brokenFile with its place */
function cleaned<Photo extends { jpeg: string }>(photo: Photo, index: number): Photo {
  try {
    return { ...photo, jpeg: cleanJpeg(Buffer.from(photo.jpeg, 'base64')).toString('base64') };
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    throw broken(String(error.details.message), `photos.${index}.jpeg`);
  }
}

const broken = (message: string, path: string): DomainError =>
  new DomainError('brokenFile', { message: `${message} Nothing was changed.`.trim(), path });

const withSettings = (given: unknown): unknown => {
  const file = given as { readonly settings?: unknown };
  return { ...file, settings: upgradeSettings(file.settings) };
};
/** Versions 3 and 4 lack what runs and pieces have since: read as they are, the rest is as if it had not happened. */
function upgraded(given: unknown, version: number): unknown {
  const file = given as Record<string, unknown>;
  return version === 2
    ? upgradeVersion2(file, HOUSEHOLD_FILE.version)
    : { ...file, version: HOUSEHOLD_FILE.version };
}

function versionOf(given: unknown): number {
  const { format, version } = (given ?? {}) as { format?: unknown; version?: unknown };
  if (format !== HOUSEHOLD_FILE.format)
    throw new DomainError('foreignFile', {
      message: 'This is not a household file of Feverfew. Nothing was changed.',
    });
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    throw new DomainError('foreignFile', {
      message: 'This household file does not say which version it is. Nothing was changed.',
    });
  if (version > HOUSEHOLD_FILE.version)
    throw new DomainError('newerFile', {
      message:
        `This file is of version ${version}; this Feverfew reads up to ${HOUSEHOLD_FILE.version}. Nothing ` +
        `was changed.`,
    });
  return version;
}

function parsed<T>(shape: ZodType<T>, given: unknown): T {
  const result = shape.safeParse(given);
  if (!result.success) throw new InvalidInput(result.error.issues);
  return result.data;
}

/** Ids once each, and everything that is pointed at is there. */
function requireWhole(file: HouseholdFile): void {
  const need = (ids: ReadonlySet<string>, wanted: string, path: string) => {
    if (!ids.has(wanted)) throw broken('Something in it points at what is not in it.', path);
  };
  const [pieces, troubles, plans, runs] = (['pieces', 'troubles', 'plans', 'runs'] as const).map((family) => {
    const ids = new Set(file[family].map((row) => row.id));
    if (ids.size < file[family].length) throw broken('The same id stands twice.', family);
    return ids;
  }) as [Set<string>, Set<string>, Set<string>, Set<string>];
  for (const [index, row] of file.troubles.entries()) need(pieces, row.pieceId, `troubles.${index}.pieceId`);
  for (const [index, row] of file.plans.entries()) need(troubles, row.troubleId, `plans.${index}.troubleId`);
  for (const [index, row] of file.runs.entries()) need(plans, row.planId, `runs.${index}.planId`);
  for (const [index, row] of file.care.entries()) need(pieces, row.pieceId, `care.${index}.pieceId`);
  for (const [index, row] of file.pastUses.entries()) need(pieces, row.pieceId, `pastUses.${index}.pieceId`);
  for (const [index, row] of file.trials.entries()) need(plans, row.planId, `trials.${index}.planId`);
  for (const [index, { runId, pieceId }] of file.photos.entries()) {
    if ((runId === null) === (pieceId === null))
      throw broken('A picture in it is of nothing, or of two things.', `photos.${index}`);
    if (runId !== null) need(runs, runId, `photos.${index}.runId`);
    if (pieceId !== null) need(pieces, pieceId, `photos.${index}.pieceId`);
  }
  const keys = [
    ...file.runs.flatMap((run) => run.events.map((row) => row.key)),
    ...file.runs.flatMap((run) => run.events.map((row) => row.id)),
  ];
  if (new Set(keys).size < keys.length) throw broken('The same event stands twice.', 'runs');
}
