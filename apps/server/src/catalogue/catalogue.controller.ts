import type { Knowledge } from '@feverfew/knowledge';
import { Controller, Header, Inject, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { Serves } from '../api/serves.js';
import { catalogueOf } from './catalogueOf.js';
import { CompressedOnce } from './compressedOnce.js';
import { KNOWLEDGE } from './knowledge.token.js';

/** The same for every household, until the program is another: a browser may ask whether its own still holds. */
const UNTIL_ANOTHER = ['Cache-Control', 'no-cache'] as const;

@Controller()
export class CatalogueController {
  private readonly catalogue: CompressedOnce;
  private readonly everything: CompressedOnce;

  constructor(@Inject(KNOWLEDGE) knowledge: Knowledge) {
    this.catalogue = new CompressedOnce(catalogueOf(knowledge));
    this.everything = new CompressedOnce(knowledge);
  }

  @Serves('readCatalogue')
  @Header(...UNTIL_ANOTHER)
  read(@Req() request: Request, @Res() response: Response): Promise<void> {
    return this.catalogue.send(request, response);
  }

  /** Everything that is known, each fact with its ground. */
  @Serves('readReference')
  @Header(...UNTIL_ANOTHER)
  reference(@Req() request: Request, @Res() response: Response): Promise<void> {
    return this.everything.send(request, response);
  }
}
