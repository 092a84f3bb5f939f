import { type DynamicModule, Module } from '@nestjs/common';
import { BackupsModule } from './backups/backups.module.js';
import { CalendarModule } from './calendar/calendar.module.js';
import { KnowledgeModule } from './catalogue/knowledge.module.js';
import { ChangesModule } from './changes/changes.module.js';
import { ClockModule } from './clock/clock.module.js';
import { DatabaseModule, type Given } from './database/database.module.js';
import { DevicesModule } from './devices/devices.module.js';
import { HealthModule } from './health/health.module.js';
import { HouseholdModule } from './household/household.module.js';
import { HouseholdFileModule } from './householdFile/householdFile.module.js';
import { LinenBookModule } from './linenBook/linenBook.module.js';
import { LogModule } from './log/log.module.js';
import { MixesModule } from './mixes/mixes.module.js';
import { NetworkModule } from './network/network.module.js';
import { PhotosModule } from './photos/photos.module.js';
import { MadeUpHouseModule } from './seed/madeUpHouse.module.js';
import { TodayModule } from './today/today.module.js';
import { TrialsModule } from './trials/trials.module.js';
import { WashModule } from './wash/wash.module.js';
import { WhatWorksModule } from './whatWorks/whatWorks.module.js';

@Module({})
// biome-ignore lint/complexity/noStaticOnlyClass: Nest modules are classes
export class AppModule {
  static with(given: Given): DynamicModule {
    return {
      module: AppModule,
      imports: [
        DatabaseModule.with(given),
        KnowledgeModule,
        BackupsModule,
        ChangesModule,
        HealthModule,
        DevicesModule,
        NetworkModule,
        HouseholdModule,
        MixesModule,
        HouseholdFileModule,
        LogModule,
        CalendarModule,
        ClockModule,
        WhatWorksModule,
        TrialsModule,
        LinenBookModule,
        PhotosModule,
        TodayModule,
        WashModule,
        MadeUpHouseModule,
      ],
    };
  }
}
