import type { NewTrial, NewTrialEvent, TrialView } from '@feverfew/contracts';
import { Controller, Inject, Param } from '@nestjs/common';
import { BodyOf, Route } from '../api/route.js';
import { ID } from '../problems/idPipe.js';
import { TrialsService } from './trials.service.js';

@Controller()
export class TrialsController {
  constructor(@Inject(TrialsService) private readonly service: TrialsService) {}

  @Route('startTrial')
  start(@BodyOf('startTrial') body: NewTrial): Promise<TrialView> {
    return this.service.start(body);
  }

  @Route('readTrial')
  read(@Param('id', ID) id: string): Promise<TrialView> {
    return this.service.read(id);
  }

  @Route('addTrialEvent')
  append(@Param('id', ID) id: string, @BodyOf('addTrialEvent') body: NewTrialEvent): Promise<TrialView> {
    return this.service.append(id, body);
  }
}
