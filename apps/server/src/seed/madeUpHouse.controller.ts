import { Controller, Delete, HttpCode, Inject, Post } from '@nestjs/common';
import { ApiNoContentResponse, ApiTags } from '@nestjs/swagger';
import { MadeUpHouseService } from './madeUpHouse.service.js';

@ApiTags('household')
@Controller('made-up-house')
export class MadeUpHouseController {
  constructor(@Inject(MadeUpHouseService) private readonly service: MadeUpHouseService) {}

  @Post()
  @HttpCode(204)
  @ApiNoContentResponse({ description: 'Furnished.' })
  furnish(): Promise<void> {
    return this.service.furnish();
  }

  @Delete()
  @HttpCode(204)
  @ApiNoContentResponse({ description: 'Left: everything in it is gone.' })
  leave(): Promise<void> {
    return this.service.leave();
  }
}
