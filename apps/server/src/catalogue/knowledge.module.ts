import { loadKnowledge } from '@feverfew/knowledge';
import { Global, Module } from '@nestjs/common';
import { CatalogueController } from './catalogue.controller.js';
import { KNOWLEDGE } from './knowledge.token.js';

@Global()
@Module({
  controllers: [CatalogueController],
  providers: [{ provide: KNOWLEDGE, useFactory: loadKnowledge }],
  exports: [KNOWLEDGE],
})
export class KnowledgeModule {}
