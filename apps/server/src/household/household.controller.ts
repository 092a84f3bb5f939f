import type { AnswerOfHouse, HouseholdSettings } from '@feverfew/contracts';
import { Controller, Inject } from '@nestjs/common';
import { BodyOf, Route } from '../api/route.js';
import { HouseholdService } from './household.service.js';

@Controller()
export class HouseholdController {
  constructor(@Inject(HouseholdService) private readonly service: HouseholdService) {}

  @Route('readHousehold')
  read(): Promise<HouseholdSettings> {
    return this.service.read();
  }

  /** The answer to one question about the house. */
  @Route('answerAboutHousehold')
  answer(@BodyOf('answerAboutHousehold') body: AnswerOfHouse): Promise<HouseholdSettings> {
    return this.service.answer(body);
  }

  @Route('updateHousehold')
  save(@BodyOf('updateHousehold') settings: HouseholdSettings): Promise<HouseholdSettings> {
    return this.service.save(settings);
  }
}
