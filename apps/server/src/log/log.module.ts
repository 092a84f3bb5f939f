import { Module } from '@nestjs/common';
import { LogController } from './log.controller.js';
import { LogRepository } from './log.repository.js';
import { LogService } from './log.service.js';

@Module({ controllers: [LogController], providers: [LogService, LogRepository] })
export class LogModule {}
