import { Controller, HttpCode, Inject, Post } from '@nestjs/common';
import { ApiNoContentResponse, ApiTags } from '@nestjs/swagger';
import { ClockService } from './clock.service.js';

@ApiTags('clock')
@Controller('clock')
export class ClockController {
  constructor(@Inject(ClockService) private readonly service: ClockService) {}

  /** The computer's clock is right as it is now; what runs keeps the time that really passed. */
  @Post('is-right')
  @HttpCode(204)
  @ApiNoContentResponse({ description: 'Taken over' })
  isRight(): Promise<void> {
    return this.service.isRight();
  }
}
