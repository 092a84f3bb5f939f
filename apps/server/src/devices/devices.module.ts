import { Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { ThrottlerModule } from '@nestjs/throttler';
import { BodyGuard } from '../requests/body.guard.js';
import { DevicesController } from './devices.controller.js';
import { DevicesRepository } from './devices.repository.js';
import { DevicesService } from './devices.service.js';
import { RoleGuard, StillLetInGuard } from './role.guard.js';
import { TRIES } from './triesGuard.js';

@Module({
  imports: [ThrottlerModule.forRoot(TRIES)],
  controllers: [DevicesController],
  providers: [
    DevicesRepository,
    DevicesService,
    RoleGuard,
    // In this order: who asks, what was sent, and whether the device is still let in.
    { provide: APP_GUARD, useExisting: RoleGuard },
    { provide: APP_GUARD, useClass: BodyGuard },
    { provide: APP_GUARD, useClass: StillLetInGuard },
  ],
  exports: [DevicesService],
})
export class DevicesModule {}
