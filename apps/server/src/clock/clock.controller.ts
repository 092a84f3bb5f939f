import { Controller, Inject } from '@nestjs/common';
import { Serves } from '../api/serves.js';
import { ClockService } from './clock.service.js';

@Controller()
export class ClockController {
  constructor(@Inject(ClockService) private readonly service: ClockService) {}

  /** The computer's clock is right as it is now; what runs keeps the time that really passed. */
  @Serves('confirmClock')
  isRight(): Promise<void> {
    return this.service.isRight();
  }
}
