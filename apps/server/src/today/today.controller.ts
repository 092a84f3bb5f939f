import type { Today } from '@feverfew/contracts';
import { Controller, Inject } from '@nestjs/common';
import { Route } from '../api/route.js';
import { TodayService } from './today.service.js';

@Controller()
export class TodayController {
  constructor(@Inject(TodayService) private readonly service: TodayService) {}

  @Route('readToday')
  read(): Promise<Today> {
    return this.service.read();
  }
}
