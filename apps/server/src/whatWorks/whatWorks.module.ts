import { Module } from '@nestjs/common';
import { EvidenceModule } from '../evidence/evidence.module.js';
import { HouseholdModule } from '../household/household.module.js';
import { TroublesModule } from '../troubles/troubles.module.js';
import { WhatWorksController } from './whatWorks.controller.js';
import { WhatWorksService } from './whatWorks.service.js';

@Module({
  imports: [TroublesModule, EvidenceModule, HouseholdModule],
  controllers: [WhatWorksController],
  providers: [WhatWorksService],
})
export class WhatWorksModule {}
