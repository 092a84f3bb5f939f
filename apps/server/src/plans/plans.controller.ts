import type {
  AskOtherCourse,
  AskWhatWouldChange,
  ChangeView,
  ComparePositions,
  HouseQuestionView,
  OtherCourseView,
} from '@feverfew/contracts';
import type { ComparedPosition, FirstThings, Plan, TroubleFacts } from '@feverfew/core';
import { Controller, Inject, Param } from '@nestjs/common';
import { BodyOf, Serves } from '../api/serves.js';
import { ID } from '../problems/idPipe.js';
import { PlansService } from './plans.service.js';

@Controller()
export class PlansController {
  constructor(@Inject(PlansService) private readonly service: PlansService) {}

  @Serves('previewPlan')
  preview(@BodyOf('previewPlan') facts: TroubleFacts): Promise<Plan> {
    return this.service.preview(facts);
  }

  /** The same trouble under every view of one dispute, side by side. */
  @Serves('comparePositions')
  compare(@BodyOf('comparePositions') body: ComparePositions): Promise<ComparedPosition[]> {
    return this.service.compare(body);
  }

  /** What to do at once while little is known, and at most two questions that would change most. */
  @Serves('findFirstThings')
  firstThings(@BodyOf('findFirstThings') facts: TroubleFacts): Promise<FirstThings> {
    return this.service.firstThings(facts);
  }

  /** The household fact that was not entered and affects this plan most. */
  @Serves('findHouseQuestion')
  async houseQuestion(@BodyOf('findHouseQuestion') facts: TroubleFacts): Promise<HouseQuestionView> {
    return { question: await this.service.houseQuestion(facts) };
  }

  /** The alternatives to a step before the plan is started. */
  @Serves('findPlanAlternatives')
  otherCourse(@BodyOf('findPlanAlternatives') body: AskOtherCourse): Promise<OtherCourseView> {
    return this.service.otherCourse(body);
  }

  /** The smallest changes of the facts that would admit a method. */
  @Serves('findChanges')
  whatWouldChange(@BodyOf('findChanges') body: AskWhatWouldChange): Promise<ChangeView[][]> {
    return this.service.whatWouldChange(body);
  }

  @Serves('readPlan')
  async read(@Param('id', ID) id: string): Promise<Plan> {
    return (await this.service.read(id)).plan;
  }
}
