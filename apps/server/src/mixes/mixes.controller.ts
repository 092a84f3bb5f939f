import type { NewSavedMix, SavedMix } from '@feverfew/contracts';
import type { Mix, MixVerdict, TableAnswer, TableQuestion } from '@feverfew/core';
import { Controller, Inject, Param } from '@nestjs/common';
import { BodyOf, Serves } from '../api/serves.js';
import { ID } from '../problems/idPipe.js';
import { MixesService } from './mixes.service.js';

@Controller()
export class MixesController {
  constructor(@Inject(MixesService) private readonly service: MixesService) {}

  /** What a mix on the table is, or why it is not made; nothing is kept. */
  @Serves('judgeMix')
  judge(@BodyOf('judgeMix') mix: Mix): Promise<MixVerdict> {
    return this.service.judge(mix);
  }

  /** From what is wanted to what is poured. */
  @Serves('answerMixQuestion')
  answer(@BodyOf('answerMixQuestion') question: TableQuestion): Promise<TableAnswer> {
    return this.service.answer(question);
  }

  @Serves('listMixes')
  list(): Promise<SavedMix[]> {
    return this.service.list();
  }

  @Serves('readMix')
  read(@Param('id', ID) id: string): Promise<SavedMix> {
    return this.service.read(id);
  }

  @Serves('createMix')
  keep(@BodyOf('createMix') body: NewSavedMix): Promise<SavedMix> {
    return this.service.keep(body);
  }

  @Serves('deleteMix')
  remove(@Param('id', ID) id: string): Promise<void> {
    return this.service.remove(id);
  }
}
