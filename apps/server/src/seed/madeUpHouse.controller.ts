import { Controller, Inject } from '@nestjs/common';
import { Serves } from '../api/serves.js';
import { MadeUpHouseService } from './madeUpHouse.service.js';

@Controller()
export class MadeUpHouseController {
  constructor(@Inject(MadeUpHouseService) private readonly service: MadeUpHouseService) {}

  @Serves('createDemoHousehold')
  furnish(): Promise<void> {
    return this.service.furnish();
  }

  @Serves('deleteDemoHousehold')
  leave(): Promise<void> {
    return this.service.leave();
  }
}
