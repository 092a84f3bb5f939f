import { WhatWorksView } from '@feverfew/contracts';
import { Controller, Get, Inject } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { WhatWorksService } from './whatWorks.service.js';

@ApiTags('what works')
@Controller('what-works')
export class WhatWorksController {
  constructor(@Inject(WhatWorksService) private readonly service: WhatWorksService) {}

  @Get()
  @ApiOkResponse({ standardSchema: WhatWorksView })
  read(): Promise<WhatWorksView> {
    return this.service.read();
  }
}
