import { Catalogue } from '@feverfew/contracts';
import type { Knowledge } from '@feverfew/knowledge';
import { Controller, Get, Inject } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { catalogueOf } from './catalogueOf.js';
import { KNOWLEDGE } from './knowledge.token.js';

@ApiTags('knowledge')
@Controller('catalogue')
export class CatalogueController {
  private readonly catalogue: Catalogue;

  constructor(@Inject(KNOWLEDGE) knowledge: Knowledge) {
    this.catalogue = catalogueOf(knowledge);
  }

  @Get()
  @ApiOkResponse({ standardSchema: Catalogue })
  read(): Catalogue {
    return this.catalogue;
  }
}
