import type { NewTrial, NewTrialEvent, TrialView } from '@feverfew/contracts';
import { Controller, Inject, Param } from '@nestjs/common';
import { BodyOf, Serves } from '../api/serves.js';
import { ID } from '../problems/idPipe.js';
import { TrialsService } from './trials.service.js';

@Controller()
export class TrialsController {
  constructor(@Inject(TrialsService) private readonly service: TrialsService) {}

  @Serves('startTrial')
  start(@BodyOf('startTrial') body: NewTrial): Promise<TrialView> {
    return this.service.start(body);
  }

  @Serves('readTrial')
  read(@Param('id', ID) id: string): Promise<TrialView> {
    return this.service.read(id);
  }

  @Serves('addTrialEvent')
  append(@Param('id', ID) id: string, @BodyOf('addTrialEvent') body: NewTrialEvent): Promise<TrialView> {
    return this.service.append(id, body);
  }
}
