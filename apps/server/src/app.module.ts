import { type DynamicModule, Module } from '@nestjs/common';
import { KnowledgeModule } from './catalogue/knowledge.module.js';
import { ChangesModule } from './changes/changes.module.js';
import { type Clock, DatabaseModule } from './database/database.module.js';
import type { Database } from './database/openDatabase.js';
import { HouseholdModule } from './household/household.module.js';
import { OpenFormatsModule } from './householdFile/householdFile.module.js';
import { LinenBookModule } from './linenBook/linenBook.module.js';
import { MixesModule } from './mixes/mixes.module.js';
import { TodayModule } from './today/today.module.js';
import { TrialsModule } from './trials/trials.module.js';
import { WhatWorksModule } from './whatWorks/whatWorks.module.js';

@Module({})
// biome-ignore lint/complexity/noStaticOnlyClass: Nest modules are classes
export class AppModule {
  static with(db: Database, clock: Clock): DynamicModule {
    return {
      module: AppModule,
      imports: [
        DatabaseModule.with(db, clock),
        KnowledgeModule,
        ChangesModule,
        HouseholdModule,
        MixesModule,
        OpenFormatsModule,
        WhatWorksModule,
        TrialsModule,
        LinenBookModule,
        TodayModule,
      ],
    };
  }
}
