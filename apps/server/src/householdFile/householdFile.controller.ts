import { HouseholdFile, HouseholdRead, householdFileSchema } from '@feverfew/contracts';
import { Body, Controller, Get, Header, HttpCode, Inject, Put } from '@nestjs/common';
import { ApiBody, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { HouseholdFileService } from './householdFile.service.js';

@ApiTags('open formats')
@Controller('household/file')
export class HouseholdFileController {
  constructor(@Inject(HouseholdFileService) private readonly service: HouseholdFileService) {}

  @Get()
  @Header('Content-Disposition', 'attachment; filename="household.feverfew.json"')
  @ApiOkResponse({ standardSchema: HouseholdFile })
  write(): Promise<HouseholdFile> {
    return this.service.write();
  }

  /** All or nothing; the answer counts what came in. */
  @Put()
  @HttpCode(200)
  @ApiBody({ description: 'A household file' })
  @ApiOkResponse({ standardSchema: HouseholdRead })
  read(@Body() file: unknown): Promise<HouseholdRead> {
    return this.service.read(file);
  }

  /** The published JSON Schema of the file. */
  @Get('schema')
  @ApiOkResponse({ description: 'JSON Schema, draft 2020-12' })
  schema(): object {
    return householdFileSchema();
  }
}
