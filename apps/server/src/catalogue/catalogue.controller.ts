import { Catalogue, Reference } from '@feverfew/contracts';
import type { Knowledge } from '@feverfew/knowledge';
import { Controller, Get, Header, Inject, Req, Res } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { catalogueOf } from './catalogueOf.js';
import { CompressedOnce } from './compressedOnce.js';
import { KNOWLEDGE } from './knowledge.token.js';

/** The same for every household, until the program is another: a browser may ask whether its own still holds. */
const UNTIL_ANOTHER = ['Cache-Control', 'no-cache'] as const;

@ApiTags('knowledge')
@Controller()
export class CatalogueController {
  private readonly catalogue: CompressedOnce;
  private readonly everything: CompressedOnce;

  constructor(@Inject(KNOWLEDGE) knowledge: Knowledge) {
    this.catalogue = new CompressedOnce(catalogueOf(knowledge));
    this.everything = new CompressedOnce(knowledge);
  }

  @Get('catalogue')
  @Header(...UNTIL_ANOTHER)
  @ApiOkResponse({ standardSchema: Catalogue })
  read(@Req() request: Request, @Res() response: Response): Promise<void> {
    return this.catalogue.send(request, response);
  }

  /** Everything that is known, each fact with its ground. */
  @Get('reference')
  @Header(...UNTIL_ANOTHER)
  @ApiOkResponse({ standardSchema: Reference })
  reference(@Req() request: Request, @Res() response: Response): Promise<void> {
    return this.everything.send(request, response);
  }
}
