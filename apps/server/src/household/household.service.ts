import type { AnswerOfHouse, HouseholdSettings } from '@feverfew/contracts';
import { answered, isToldOfHouse, toldKeys } from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { requireKnownHousehold } from '../catalogue/requireKnown.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { HouseholdRepository } from './household.repository.js';
import { PLAIN_HOUSEHOLD } from './plainHousehold.js';

@Injectable()
export class HouseholdService {
  /** What is kept, remembered until there is news of it: every tap asks for it. */
  private known: Promise<HouseholdSettings | null> | null = null;

  constructor(
    @Inject(HouseholdRepository) private readonly repository: HouseholdRepository,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
  ) {
    feed.news.subscribe(({ topic }) => {
      if (topic === 'household') this.known = null;
    });
  }

  /** The household's own settings, or sensible ones until they are entered. */
  async read(): Promise<HouseholdSettings> {
    return (await this.repository.find()) ?? PLAIN_HOUSEHOLD;
  }

  /** The same, for the answer to a tap: behind another server by as long as its news take. Nothing is written by it. */
  async remembered(): Promise<HouseholdSettings> {
    return (await this.find()) ?? PLAIN_HOUSEHOLD;
  }

  private find(): Promise<HouseholdSettings | null> {
    this.known ??= this.repository.find();
    const reading = this.known;
    return reading.catch((error: unknown) => {
      // Not remembered: the next who asks reads again.
      if (this.known === reading) this.known = null;
      throw error;
    });
  }

  /** False while all of it is a default. */
  async isTold(): Promise<boolean> {
    return (await this.repository.find()) !== null;
  }

  /** Whether this is the house that ships, to try things in. */
  isMadeUp(): Promise<boolean> {
    return this.repository.isMadeUp();
  }

  /** A made-up house is being furnished from here on, until `endMadeUp`. */
  async beginMadeUp(settings: HouseholdSettings): Promise<void> {
    requireKnownHousehold(settings.household, this.knowledge);
    await this.repository.beginMadeUp(settings);
    this.feed.tell('household');
  }

  endMadeUp(): Promise<void> {
    return this.repository.endMadeUp();
  }

  /** Its furnishing was cut short: some of it is there, and some is not. */
  isHalfFurnished(): Promise<boolean> {
    return this.repository.isHalfFurnished();
  }

  /**
   * One answered fact; the rest stays as entered or guessed. An answer that was given stays too: a page that has asked
   * for long must not put a guess in the place of a bottle's own strength.
   */
  async answer({ fact, entry, answer, people }: AnswerOfHouse): Promise<HouseholdSettings> {
    const settings = await this.read();
    if (isToldOfHouse(settings.told, { fact, entry })) return settings;
    return this.save({
      ...settings,
      household: answered(settings.household, fact, answer, entry, people),
      told: settings.told && [...new Set([...settings.told, ...toldKeys({ fact, entry })])],
    });
  }

  async save(settings: HouseholdSettings): Promise<HouseholdSettings> {
    requireKnownHousehold(settings.household, this.knowledge);
    await this.repository.save(settings);
    this.feed.tell('household');
    return settings;
  }
}
