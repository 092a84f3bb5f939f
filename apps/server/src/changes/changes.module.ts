import { Global, Module } from '@nestjs/common';
import { ChangesController } from './changes.controller.js';
import { ChangesFeed } from './changesFeed.js';
import { NewsLines } from './newsLines.js';

@Global()
@Module({ controllers: [ChangesController], providers: [ChangesFeed, NewsLines], exports: [ChangesFeed] })
export class ChangesModule {}
