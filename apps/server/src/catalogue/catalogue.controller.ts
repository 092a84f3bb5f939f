import { Catalogue, Reference } from '@feverfew/contracts';
import type { Knowledge } from '@feverfew/knowledge';
import { Controller, Get, Header, Inject } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { catalogueOf } from './catalogueOf.js';
import { KNOWLEDGE } from './knowledge.token.js';

/** The same for every household, until the program is another: a browser may ask whether its own still holds. */
const UNTIL_ANOTHER = ['Cache-Control', 'no-cache'] as const;

@ApiTags('knowledge')
@Controller()
export class CatalogueController {
  private readonly catalogue: Catalogue;

  constructor(@Inject(KNOWLEDGE) private readonly knowledge: Knowledge) {
    this.catalogue = catalogueOf(knowledge);
  }

  @Get('catalogue')
  @Header(...UNTIL_ANOTHER)
  @ApiOkResponse({ standardSchema: Catalogue })
  read(): Catalogue {
    return this.catalogue;
  }

  /** Everything that is known, each fact with its ground. */
  @Get('reference')
  @Header(...UNTIL_ANOTHER)
  @ApiOkResponse({ standardSchema: Reference })
  reference(): Reference {
    return this.knowledge;
  }
}
