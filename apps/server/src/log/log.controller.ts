import { LogFile, LogRead } from '@feverfew/contracts';
import { Body, Controller, Get, Header, HttpCode, Inject, Post } from '@nestjs/common';
import { ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger';
import { Takes } from '../requests/body.guard.js';
import { LogService } from './log.service.js';

@ApiTags('open formats')
@Controller()
export class LogController {
  constructor(@Inject(LogService) private readonly log: LogService) {}

  @Get('log.csv')
  @Header('Content-Type', 'text/csv; charset=utf-8; header=present')
  @Header('Content-Disposition', 'attachment; filename="feverfew-log.csv"')
  @ApiProduces('text/csv')
  write(): Promise<string> {
    return this.log.write();
  }

  /** Adds the lines that are not there yet; all of them or none. */
  @Post('log')
  @Takes('log')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: LogRead })
  read(@Body({ schema: LogFile }) body: LogFile): Promise<LogRead> {
    return this.log.read(body);
  }
}
