import {
  AskOtherCourse,
  AskWhatWouldChange,
  ChangeShape,
  type ChangeView,
  ComparedPositionShape,
  ComparePositions,
  FirstThingsShape,
  HouseQuestionShape,
  type HouseQuestionView,
  OtherCourseShape,
  type OtherCourseView,
  PlanShape,
  TroubleFactsShape,
} from '@feverfew/contracts';
import type { ComparedPosition, FirstThings, Plan, TroubleFacts } from '@feverfew/core';
import { Body, Controller, Get, HttpCode, Inject, Param, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { z } from 'zod';
import { RequireRole } from '../devices/role.guard.js';
import { ID } from '../problems/idPipe.js';
import { PlansService } from './plans.service.js';

@ApiTags('plans')
@Controller('plans')
export class PlansController {
  constructor(@Inject(PlansService) private readonly service: PlansService) {}

  @Post('preview')
  @RequireRole('look')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: PlanShape })
  preview(@Body({ schema: TroubleFactsShape }) facts: TroubleFacts): Promise<Plan> {
    return this.service.preview(facts);
  }

  /** The same trouble under every view of one dispute, side by side. */
  @Post('compare')
  @RequireRole('look')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: z.array(ComparedPositionShape) })
  compare(@Body({ schema: ComparePositions }) body: ComparePositions): Promise<ComparedPosition[]> {
    return this.service.compare(body);
  }

  /** What to do at once while little is known, and at most two questions that would change most. */
  @Post('first-things')
  @RequireRole('look')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: FirstThingsShape })
  firstThings(@Body({ schema: TroubleFactsShape }) facts: TroubleFacts): Promise<FirstThings> {
    return this.service.firstThings(facts);
  }

  /** The household fact that was not entered and affects this plan most. */
  @Post('house-question')
  @RequireRole('look')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: HouseQuestionShape })
  async houseQuestion(@Body({ schema: TroubleFactsShape }) facts: TroubleFacts): Promise<HouseQuestionView> {
    return { question: await this.service.houseQuestion(facts) };
  }

  /** The alternatives to a step before the plan is started. */
  @Post('other-course')
  @RequireRole('look')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: OtherCourseShape })
  otherCourse(@Body({ schema: AskOtherCourse }) body: AskOtherCourse): Promise<OtherCourseView> {
    return this.service.otherCourse(body);
  }

  /** The smallest changes of the facts that would admit a method. */
  @Post('what-would-change')
  @RequireRole('look')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: z.array(z.array(ChangeShape)) })
  whatWouldChange(@Body({ schema: AskWhatWouldChange }) body: AskWhatWouldChange): Promise<ChangeView[][]> {
    return this.service.whatWouldChange(body);
  }

  @Get(':id')
  @ApiOkResponse({ standardSchema: PlanShape })
  async read(@Param('id', ID) id: string): Promise<Plan> {
    return (await this.service.read(id)).plan;
  }
}
