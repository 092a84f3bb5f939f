import { Readable } from 'node:stream';
import { HouseholdFile, HouseholdRead, householdFileSchema } from '@feverfew/contracts';
import { Body, Controller, Get, Header, HttpCode, Inject, Put, StreamableFile } from '@nestjs/common';
import { ApiBody, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { RequireRole } from '../devices/role.guard.js';
import { Takes } from '../requests/body.guard.js';
import { HouseholdFileService } from './householdFile.service.js';

async function* from(first: string, rest: AsyncIterable<string>): AsyncGenerator<Buffer> {
  yield Buffer.from(first);
  for await (const part of rest) yield Buffer.from(part);
}

@ApiTags('open formats')
@RequireRole('all')
@Controller('household/file')
export class HouseholdFileController {
  constructor(@Inject(HouseholdFileService) private readonly service: HouseholdFileService) {}

  @Get()
  @Header('Content-Disposition', 'attachment; filename="household.feverfew.json"')
  @ApiOkResponse({ standardSchema: HouseholdFile })
  async write(): Promise<StreamableFile> {
    const parts = this.service.parts();
    // An error of the first part becomes a problem response, instead of a broken file.
    const first = await parts.next();
    return new StreamableFile(Readable.from(from(first.value ?? '', parts)), { type: 'application/json' });
  }

  /** All or nothing; the answer counts what came in. */
  @Put()
  @Takes('household')
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
