import type { LogFile, LogRead } from '@feverfew/contracts';
import { Controller, Header, Inject } from '@nestjs/common';
import { BodyOf, Serves } from '../api/serves.js';
import { Takes } from '../requests/body.guard.js';
import { LogService } from './log.service.js';

@Controller()
export class LogController {
  constructor(@Inject(LogService) private readonly log: LogService) {}

  @Serves('exportLog')
  @Header('Content-Type', 'text/csv; charset=utf-8; header=present')
  @Header('Content-Disposition', 'attachment; filename="feverfew-log.csv"')
  write(): Promise<string> {
    return this.log.write();
  }

  /** Adds the lines that are not there yet; all of them or none. */
  @Serves('importLog')
  @Takes('log')
  read(@BodyOf('importLog') body: LogFile): Promise<LogRead> {
    return this.log.read(body);
  }
}
