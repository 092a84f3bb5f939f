import { Inject, Injectable, type OnApplicationBootstrap } from '@nestjs/common';
import { ModuleRef } from '@nestjs/core';
import { CLOCK, type Clock, IS_ALONE } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { HouseholdFileService } from '../householdFile/householdFile.service.js';
import { ServerError } from '../problems/serverError.js';
import { seedDemo } from './seedDemo.js';

/** A house to try things in: furnished where there is nothing yet, left with all that was tried in it. */
@Injectable()
export class MadeUpHouseService implements OnApplicationBootstrap {
  private furnishing: Promise<boolean> | null = null;

  constructor(
    @Inject(ModuleRef) private readonly services: ModuleRef,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(HouseholdFileService) private readonly file: HouseholdFileService,
    @Inject(CLOCK) private readonly clock: Clock,
    @Inject(IS_ALONE) private readonly isAlone: boolean,
  ) {}

  /** Killed while it was being furnished, it is an empty house again: half of one is none. */
  async onApplicationBootstrap(): Promise<void> {
    // Another server may be furnishing it just now.
    if (this.isAlone && (await this.household.isHalfFurnished())) await this.file.clear();
  }

  /** Tapped twice, it is furnished once. @throws ServerError houseNotEmpty where a household keeps something of its own */
  async furnish(): Promise<void> {
    this.furnishing ??= this.furnishIfEmpty().finally(() => {
      this.furnishing = null;
    });
    if (!(await this.furnishing) && !(await this.household.isMadeUp()))
      throw new ServerError('houseNotEmpty', {
        message: 'Something is kept here already: the made-up house is for an empty one.',
      });
  }

  private async furnishIfEmpty(): Promise<boolean> {
    return !(await this.household.isTold()) && seedDemo(this.services, this.clock());
  }

  /** @throws ServerError houseNotMadeUp: what is a household's own is not emptied by a tap */
  async leave(): Promise<void> {
    if (!(await this.household.isMadeUp()))
      throw new ServerError('houseNotMadeUp', {
        message: 'This is no made-up house: nothing in it was touched.',
      });
    await this.file.clear();
  }
}
