import type { NewSavedMix, SavedMix } from '@feverfew/contracts';
import type { Mix, MixVerdict, TableAnswer, TableQuestion } from '@feverfew/core';
import { Controller, Inject, Param } from '@nestjs/common';
import { BodyOf, Route } from '../api/route.js';
import { ID } from '../problems/idPipe.js';
import { MixesService } from './mixes.service.js';

@Controller()
export class MixesController {
  constructor(@Inject(MixesService) private readonly service: MixesService) {}

  /** What a mix on the table is, or why it is not made; nothing is kept. */
  @Route('judgeMix')
  judge(@BodyOf('judgeMix') mix: Mix): Promise<MixVerdict> {
    return this.service.judge(mix);
  }

  /** From what is wanted to what is poured. */
  @Route('answerMixQuestion')
  answer(@BodyOf('answerMixQuestion') question: TableQuestion): Promise<TableAnswer> {
    return this.service.answer(question);
  }

  @Route('listMixes')
  list(): Promise<SavedMix[]> {
    return this.service.list();
  }

  @Route('readMix')
  read(@Param('id', ID) id: string): Promise<SavedMix> {
    return this.service.read(id);
  }

  @Route('createMix')
  keep(@BodyOf('createMix') body: NewSavedMix): Promise<SavedMix> {
    return this.service.keep(body);
  }

  @Route('deleteMix')
  remove(@Param('id', ID) id: string): Promise<void> {
    return this.service.remove(id);
  }
}
