import { Today } from '@feverfew/contracts';
import { Controller, Get, Inject } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { TodayService } from './today.service.js';

@ApiTags('today')
@Controller('today')
export class TodayController {
  constructor(@Inject(TodayService) private readonly service: TodayService) {}

  @Get()
  @ApiOkResponse({ standardSchema: Today })
  read(): Promise<Today> {
    return this.service.read();
  }
}
