import { randomUUID } from 'node:crypto';
import {
  HOUSEHOLD_FILE,
  HouseholdFile,
  HouseholdFileV1,
  type HouseholdRead,
  migrateFile,
  upgradeSettings,
} from '@feverfew/contracts';
import type { Finding, Household } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { requireKnownHousehold } from '../catalogue/requireKnown.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { PLAIN_HOUSEHOLD } from '../household/plainHousehold.js';
import { MixesRepository } from '../mixes/mixes.repository.js';
import { MixesService } from '../mixes/mixes.service.js';
import { digestOf, SEAL_KEY, sealOf } from '../plans/sealPlan.js';
import { ServerError } from '../problems/serverError.js';
import { createYield, type YieldControl } from '../turns/cooperative.js';
import {
  cleanedPhotos,
  parsed,
  parsedFile,
  replayAll,
  requireKnownNames,
  requireSaneFigures,
  requireWhole,
} from './checkFile.js';
import { type Family, HouseholdFileRepository } from './householdFile.repository.js';
import { ownPlans, sealedPlans } from './ownPlans.js';
import { INWARDS, OUTWARDS, type WrittenRow, withoutDangling } from './wholeRows.js';

/**
 * A mix was kept when the household stood otherwise: what its present choices, taps, water and bottles alone speak
 * against comes in again, and is judged again on each read.
 */
const OF_THIS_HOUSEHOLD: readonly Finding['code'][] = [
  'offByDefault',
  'notSoldHere',
  'notWithAsthma',
  'notWithSensitive',
  'strengthUnknown',
  'measureGone',
];
const NOTHING = {
  settings: null,
  washing: null,
  mixes: [],
  pieces: [],
  troubles: [],
  plans: [],
  runs: [],
  care: [],
  pastUses: [],
  trials: [],
  photos: [],
  loads: [],
  heap: [],
};

type FileRow = WrittenRow['row'] & { readonly seal?: string | null };

const withSeal = (row: string, seal: string | null): string =>
  `${row.slice(0, -1)},"seal":${JSON.stringify(seal)}}`;

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
    @Inject(SEAL_KEY) private readonly sealKey: Buffer,
  ) {}

  /**
   * The file as text, in parts, each row in the shape of the contract, key by key: what goes out is what would come in
   * again. What was taken away while it was written is left out with all that hangs on it.
   */
  async *parts(): AsyncGenerator<string> {
    const rows = await this.wholeRows();
    const settings = HouseholdFile.shape.settings.parse(await this.repository.settings());
    const washing = HouseholdFile.shape.washing.parse(await this.repository.washing());
    yield JSON.stringify({ ...HOUSEHOLD_FILE, settings, washing }).slice(0, -1);
    for (const family of OUTWARDS) {
      yield `,"${family}":[`;
      for (const [index, { text }] of rows[family].entries()) yield index === 0 ? text : `,${text}`;
      yield ']';
    }
    yield '}';
  }

  /** Read in an order in which what is pointed at comes later, so that it is there: taps go on meanwhile. */
  private async wholeRows(): Promise<Record<Family, WrittenRow[]>> {
    const read: Partial<Record<Family, WrittenRow[]>> = {};
    const yieldControl = createYield();
    for (const family of INWARDS) {
      const rows: WrittenRow[] = [];
      for await (const row of this.repository.rows(family)) {
        const { seal, ...kept } = HouseholdFile.shape[family].element.parse(row) as FileRow;
        const text = JSON.stringify(kept);
        const isSealed = family === 'plans' && seal === null;
        rows.push({
          row: { ...kept, plan: undefined, events: undefined },
          text: seal === undefined || isSealed ? text : withSeal(text, seal || null),
          ...(isSealed || family === 'troubles' || family === 'pieces' ? { digest: digestOf(kept) } : {}),
        });
        await yieldControl();
      }
      read[family] = rows;
    }
    const whole = withoutDangling(read as Record<Family, WrittenRow[]>);
    return { ...whole, plans: this.sealed(whole) };
  }

  /** Plans made here get their seal; what came in with one, or with none, goes out so again. */
  private sealed({ plans, troubles, pieces }: Record<Family, WrittenRow[]>): WrittenRow[] {
    const [troubleOf, pieceOf] = [troubles, pieces].map(
      (rows) => new Map(rows.map((one) => [one.row.id, one])),
    );
    return plans.map((written) => {
      const trouble = troubleOf?.get(written.row.troubleId);
      const piece = pieceOf?.get(trouble?.row.pieceId ?? undefined);
      if (!written.digest || !trouble?.digest || !piece?.digest) return written;
      const whole = { plan: written.digest, trouble: trouble.digest, piece: piece.digest };
      return { ...written, text: withSeal(written.text, sealOf(whole, this.sealKey)) };
    });
  }

  /**
   * Replaces what is kept by a file's contents. Nothing changes unless all of it is sound: shapes, names, references,
   * figures, every run's events replayed, every mix judged. A plan that is none of ours (`ownPlans`) is kept to be
   * read, and never followed.
   * @param isOwnBackup the file lies where this program alone writes: its plans need no seal
   * @throws ServerError foreignFile, newerFile, brokenFile, mixRefused; DomainError unknownReference; InvalidInput with the
   * place of every fault
   */
  async read(given: unknown, { isOwnBackup = false } = {}): Promise<HouseholdRead> {
    const version = versionOf(given);
    const yieldControl = createYield();
    const count =
      version === 1
        ? await this.readV1(parsed(HouseholdFileV1, withSettings(given)))
        : await this.readWhole(
            await parsedFile(migrateFile(given as Readonly<Record<string, unknown>>, version), yieldControl),
            await sealedPlans(given, isOwnBackup ? 'all' : this.sealKey, yieldControl),
            yieldControl,
          );
    this.tellAll();
    return count;
  }

  /** Takes away everything there is: an empty house. */
  async clear(): Promise<void> {
    await this.repository.replace({ contents: NOTHING, summaries: new Map(), own: new Set() }, createYield());
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
    return {
      pieces: 0,
      troubles: 0,
      runs: 0,
      mixes: rows.length,
      vessels: home.vessels.length,
      plansToRead: 0,
    };
  }

  private async readWhole(
    file: HouseholdFile,
    sealed: ReadonlySet<string>,
    yieldControl: YieldControl,
  ): Promise<HouseholdRead> {
    const home = (file.settings?.household as Household | undefined) ?? PLAIN_HOUSEHOLD.household;
    this.requireSoundShelf(home, file.mixes, OF_THIS_HOUSEHOLD);
    await requireWhole(file, yieldControl);
    await requireKnownNames(file, this.knowledge, yieldControl);
    await requireSaneFigures(file, yieldControl);
    const summaries = await replayAll(file, this.knowledge, yieldControl);
    const own = await ownPlans({
      ...{ file, summaries, sealed, home, yieldControl },
      knowledge: this.knowledge,
    });
    await this.repository.replace(
      { contents: { ...file, photos: await cleanedPhotos(file.photos, yieldControl) }, summaries, own },
      yieldControl,
    );
    return {
      pieces: file.pieces.length,
      troubles: file.troubles.length,
      runs: file.runs.length,
      mixes: file.mixes.length,
      vessels: home.vessels.length,
      plansToRead: file.plans.length - own.size,
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
}

const withSettings = (given: unknown): unknown => {
  const file = given as { readonly settings?: unknown };
  return { ...file, settings: upgradeSettings(file.settings) };
};
function versionOf(given: unknown): number {
  const { format, version } = (given ?? {}) as { format?: unknown; version?: unknown };
  if (format !== HOUSEHOLD_FILE.format)
    throw new ServerError('foreignFile', {
      message: 'This is not a household file of Feverfew. Nothing was changed.',
    });
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    throw new ServerError('foreignFile', {
      message: 'This household file does not say which version it is. Nothing was changed.',
    });
  if (version > HOUSEHOLD_FILE.version)
    throw new ServerError('newerFile', {
      message:
        `This file is of version ${version}; this Feverfew reads up to ${HOUSEHOLD_FILE.version}. Nothing ` +
        `was changed.`,
    });
  return version;
}
