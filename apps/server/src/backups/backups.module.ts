import { Global, Module } from '@nestjs/common';
import { BackupWatch } from './backupWatch.js';

@Global()
@Module({ providers: [BackupWatch], exports: [BackupWatch] })
export class BackupsModule {}
