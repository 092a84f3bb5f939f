import { Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { ThrottlerModule } from '@nestjs/throttler';
import { DevicesController } from './devices.controller.js';
import { DevicesRepository } from './devices.repository.js';
import { DevicesService } from './devices.service.js';
import { RoleGuard } from './role.guard.js';
import { TRIES } from './triesGuard.js';

@Module({
  imports: [ThrottlerModule.forRoot([TRIES])],
  controllers: [DevicesController],
  providers: [DevicesRepository, DevicesService, { provide: APP_GUARD, useClass: RoleGuard }],
  exports: [DevicesService],
})
export class DevicesModule {}
