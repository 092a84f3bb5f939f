import { Controller, Inject } from '@nestjs/common';
import { Route } from '../api/route.js';
import { MadeUpHouseService } from './madeUpHouse.service.js';

@Controller()
export class MadeUpHouseController {
  constructor(@Inject(MadeUpHouseService) private readonly service: MadeUpHouseService) {}

  @Route('createDemoHousehold')
  furnish(): Promise<void> {
    return this.service.furnish();
  }

  @Route('deleteDemoHousehold')
  leave(): Promise<void> {
    return this.service.leave();
  }
}
