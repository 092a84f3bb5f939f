import { randomUUID } from 'node:crypto';
import { HOUSEHOLD_FILE, HouseholdFile } from '@feverfew/contracts';
import { DomainError, type Household } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { requireKnownHousehold } from '../plans/requireKnown.js';
import { InvalidInput } from '../problems/invalidInput.js';
import { MixesRepository } from './mixes.repository.js';
import { MixesService } from './mixes.service.js';

/** The household as one file: out without loss, in all or nothing. */
@Injectable()
export class HouseholdFileService {
  constructor(
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(MixesService) private readonly mixes: MixesService,
    @Inject(MixesRepository) private readonly repository: MixesRepository,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async write(): Promise<HouseholdFile> {
    const kept = await this.repository.list();
    return {
      ...HOUSEHOLD_FILE,
      settings: (await this.household.read()) as HouseholdFile['settings'],
      mixes: kept.map(({ name, mix }) => ({ name, mix })) as HouseholdFile['mixes'],
    };
  }

  /**
   * Replaces household and shelf by those of a file. Nothing changes unless all of it is sound.
   * @throws DomainError foreignFile, newerFile, unknownReference, mixRefused; InvalidInput with the place of every fault
   */
  async read(told: unknown): Promise<HouseholdFile> {
    const file = this.parse(told);
    const home = file.settings.household as Household;
    requireKnownHousehold(home, this.knowledge);
    for (const [at, { name, mix }] of file.mixes.entries())
      this.mixes.requireAllowed(name, mix, home, `mixes.${at}.mix.`);
    const now = this.clock().getTime();
    // The shelf is listed newest first: a millisecond each keeps its order.
    const rows = file.mixes.map(({ name, mix }, at) => ({
      id: randomUUID(),
      createdAt: new Date(now - at),
      name,
      mix,
    }));
    await this.repository.replaceAll({ ...file.settings, household: home }, rows);
    return this.write();
  }

  private parse(told: unknown): HouseholdFile {
    const { format, version } = (told ?? {}) as { format?: unknown; version?: unknown };
    if (format !== HOUSEHOLD_FILE.format)
      throw new DomainError('foreignFile', {
        message: 'This is not a household file of Feverfew. Nothing was changed.',
      });
    if (typeof version !== 'number' || version > HOUSEHOLD_FILE.version)
      throw new DomainError('newerFile', {
        message: `This file is of version ${String(version)}; this Feverfew reads up to ${HOUSEHOLD_FILE.version}. Nothing was changed.`,
      });
    const parsed = HouseholdFile.safeParse(told);
    if (!parsed.success) throw new InvalidInput(parsed.error.issues);
    return parsed.data;
  }
}
