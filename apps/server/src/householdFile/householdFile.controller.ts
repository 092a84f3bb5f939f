import { Readable } from 'node:stream';
import { type HouseholdRead, householdFileSchema } from '@feverfew/contracts';
import { Controller, Header, Inject, StreamableFile } from '@nestjs/common';
import { BodyOf, Serves } from '../api/serves.js';
import { Takes } from '../requests/body.guard.js';
import { HouseholdFileService } from './householdFile.service.js';

async function* from(first: string, rest: AsyncIterable<string>): AsyncGenerator<Buffer> {
  yield Buffer.from(first);
  for await (const part of rest) yield Buffer.from(part);
}

@Controller()
export class HouseholdFileController {
  constructor(@Inject(HouseholdFileService) private readonly service: HouseholdFileService) {}

  @Serves('exportHousehold')
  @Header('Content-Disposition', 'attachment; filename="household.feverfew.json"')
  async write(): Promise<StreamableFile> {
    const parts = this.service.parts();
    // An error of the first part becomes a problem response, instead of a broken file.
    const first = await parts.next();
    return new StreamableFile(Readable.from(from(first.value ?? '', parts)), { type: 'application/json' });
  }

  /** All or nothing; the answer counts what came in. */
  @Serves('importHousehold')
  @Takes('household')
  read(@BodyOf('importHousehold') file: unknown): Promise<HouseholdRead> {
    return this.service.read(file);
  }

  /** The published JSON Schema of the file. */
  @Serves('readHouseholdFileSchema')
  schema(): object {
    return householdFileSchema();
  }
}
