import { Global, Module } from '@nestjs/common';
import { ChangesController } from './changes.controller.js';
import { ChangesFeed } from './changesFeed.js';

@Global()
@Module({ controllers: [ChangesController], providers: [ChangesFeed], exports: [ChangesFeed] })
export class ChangesModule {}
