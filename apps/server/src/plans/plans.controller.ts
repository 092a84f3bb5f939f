import { PlanShape, TroubleFactsShape } from '@feverfew/contracts';
import type { Plan, TroubleFacts } from '@feverfew/core';
import { Body, Controller, Get, HttpCode, Inject, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { PlansService } from './plans.service.js';

@ApiTags('plans')
@Controller('plans')
export class PlansController {
  constructor(@Inject(PlansService) private readonly service: PlansService) {}

  @Post('preview')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: PlanShape })
  preview(@Body({ schema: TroubleFactsShape }) facts: TroubleFacts): Promise<Plan> {
    return this.service.preview(facts);
  }

  @Get(':id')
  @ApiOkResponse({ standardSchema: PlanShape })
  async read(@Param('id', ParseUUIDPipe) id: string): Promise<Plan> {
    return (await this.service.read(id)).plan;
  }
}
