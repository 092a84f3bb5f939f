import type { Today } from '@feverfew/contracts';
import { Controller, Inject } from '@nestjs/common';
import { Serves } from '../api/serves.js';
import { TodayService } from './today.service.js';

@Controller()
export class TodayController {
  constructor(@Inject(TodayService) private readonly service: TodayService) {}

  @Serves('readToday')
  read(): Promise<Today> {
    return this.service.read();
  }
}
