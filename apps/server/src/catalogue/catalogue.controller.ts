import { Catalogue, Reference } from '@feverfew/contracts';
import type { Knowledge } from '@feverfew/knowledge';
import { Controller, Get, Inject } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { catalogueOf } from './catalogueOf.js';
import { KNOWLEDGE } from './knowledge.token.js';

@ApiTags('knowledge')
@Controller()
export class CatalogueController {
  private readonly catalogue: Catalogue;

  constructor(@Inject(KNOWLEDGE) private readonly knowledge: Knowledge) {
    this.catalogue = catalogueOf(knowledge);
  }

  @Get('catalogue')
  @ApiOkResponse({ standardSchema: Catalogue })
  read(): Catalogue {
    return this.catalogue;
  }

  /** Everything that is known, each fact with its ground. */
  @Get('reference')
  @ApiOkResponse({ standardSchema: Reference })
  reference(): Reference {
    return this.knowledge;
  }
}
