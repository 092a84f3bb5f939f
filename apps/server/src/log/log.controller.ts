import { LogFile, LogRead } from '@feverfew/contracts';
import { Body, Controller, Get, Header, HttpCode, Inject, Post } from '@nestjs/common';
import { ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger';
import { CalendarService } from '../calendar/calendar.service.js';
import { LogService } from './log.service.js';

@ApiTags('open formats')
@Controller()
export class OpenFormatsController {
  constructor(
    @Inject(LogService) private readonly log: LogService,
    @Inject(CalendarService) private readonly calendar: CalendarService,
  ) {}

  @Get('log.csv')
  @Header('Content-Type', 'text/csv; charset=utf-8; header=present')
  @Header('Content-Disposition', 'attachment; filename="feverfew-log.csv"')
  @ApiProduces('text/csv')
  writeLog(): Promise<string> {
    return this.log.write();
  }

  /** Adds the lines that are not there yet; all of them or none. */
  @Post('log')
  @HttpCode(200)
  @ApiOkResponse({ standardSchema: LogRead })
  readLog(@Body({ schema: LogFile }) body: LogFile): Promise<LogRead> {
    return this.log.read(body);
  }

  @Get('calendar.ics')
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="feverfew.ics"')
  @ApiProduces('text/calendar')
  writeCalendar(): Promise<string> {
    return this.calendar.write();
  }
}
