import type { WhatWorksView } from '@feverfew/contracts';
import { Controller, Inject } from '@nestjs/common';
import { Serves } from '../api/serves.js';
import { WhatWorksService } from './whatWorks.service.js';

@Controller()
export class WhatWorksController {
  constructor(@Inject(WhatWorksService) private readonly service: WhatWorksService) {}

  @Serves('readWhatWorks')
  read(): Promise<WhatWorksView> {
    return this.service.read();
  }
}
