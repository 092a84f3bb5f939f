import type { NewTrouble, RunView, StartTrouble, ToBuy, Trouble, TroubleSummary } from '@feverfew/contracts';
import { Controller, Inject, Param } from '@nestjs/common';
import { BodyOf, Serves } from '../api/serves.js';
import { ID } from '../problems/idPipe.js';
import { StartsService } from './starts.service.js';
import { TroublesService } from './troubles.service.js';

@Controller()
export class TroublesController {
  constructor(
    @Inject(TroublesService) private readonly service: TroublesService,
    @Inject(StartsService) private readonly starts: StartsService,
  ) {}

  @Serves('listTroubles')
  list(): Promise<TroubleSummary[]> {
    return this.service.list();
  }

  @Serves('listToBuy')
  toBuy(): Promise<ToBuy[]> {
    return this.service.toBuy();
  }

  @Serves('createTrouble')
  create(@BodyOf('createTrouble') body: NewTrouble): Promise<TroubleSummary> {
    return this.service.create(body);
  }

  /** Saves, plans and starts a trouble in one request. A repeated key counts once. */
  @Serves('startTrouble')
  start(@BodyOf('startTrouble') body: StartTrouble): Promise<RunView> {
    return this.starts.start(body);
  }

  @Serves('readTrouble')
  read(@Param('id', ID) id: string): Promise<Trouble> {
    return this.service.read(id);
  }

  /** A trouble without a run. */
  @Serves('deleteTrouble')
  remove(@Param('id', ID) id: string): Promise<void> {
    return this.service.remove(id);
  }

  /** New facts for a saved trouble: it is planned again. Older plans and runs stay as they were. */
  @Serves('updateTrouble')
  revise(@Param('id', ID) id: string, @BodyOf('updateTrouble') body: NewTrouble): Promise<Trouble> {
    return this.service.revise(id, body.facts);
  }
}
