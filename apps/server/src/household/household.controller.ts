import { HouseholdSettings } from '@feverfew/contracts';
import { Body, Controller, Get, Inject, Put } from '@nestjs/common';
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

  @Put()
  @ApiOkResponse({ standardSchema: HouseholdSettings })
  save(@Body({ schema: HouseholdSettings }) settings: HouseholdSettings): Promise<HouseholdSettings> {
    return this.service.save(settings);
  }
}
