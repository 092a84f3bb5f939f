import type { AnswerOfHouse, HouseholdSettings } from '@feverfew/contracts';
import { Controller, Inject } from '@nestjs/common';
import { BodyOf, Serves } from '../api/serves.js';
import { HouseholdService } from './household.service.js';

@Controller()
export class HouseholdController {
  constructor(@Inject(HouseholdService) private readonly service: HouseholdService) {}

  @Serves('readHousehold')
  read(): Promise<HouseholdSettings> {
    return this.service.read();
  }

  /** The answer to one question about the house. */
  @Serves('answerAboutHousehold')
  answer(@BodyOf('answerAboutHousehold') body: AnswerOfHouse): Promise<HouseholdSettings> {
    return this.service.answer(body);
  }

  @Serves('updateHousehold')
  save(@BodyOf('updateHousehold') settings: HouseholdSettings): Promise<HouseholdSettings> {
    return this.service.save(settings);
  }
}
