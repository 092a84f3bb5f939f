import { AnswerOfHouse, HouseholdSettings } from '@feverfew/contracts';
import { Body, Controller, Get, HttpCode, Inject, Post, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { HouseholdService } from './household.service.js';

@ApiTags('household')
@Controller('household')
export class HouseholdController {
  constructor(@Inject(HouseholdService) private readonly service: HouseholdService) {}

  @Get()
  @ApiOkResponse({ standardSchema: HouseholdSettings })
  read(): Promise<HouseholdSettings> {
    return this.service.read();
  }

  /** The answer to one question about the house. */
  @Post('answer')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: HouseholdSettings })
  answer(@Body({ schema: AnswerOfHouse }) body: AnswerOfHouse): Promise<HouseholdSettings> {
    return this.service.answer(body);
  }

  @Put()
  @ApiOkResponse({ standardSchema: HouseholdSettings })
  save(@Body({ schema: HouseholdSettings }) settings: HouseholdSettings): Promise<HouseholdSettings> {
    return this.service.save(settings);
  }
}
