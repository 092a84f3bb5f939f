import { Controller, Get, Header, Inject } from '@nestjs/common';
import { ApiProduces, ApiTags } from '@nestjs/swagger';
import { CalendarService } from './calendar.service.js';

@ApiTags('open formats')
@Controller('calendar.ics')
export class CalendarController {
  constructor(@Inject(CalendarService) private readonly calendar: CalendarService) {}

  @Get()
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="feverfew.ics"')
  @ApiProduces('text/calendar')
  write(): Promise<string> {
    return this.calendar.write();
  }
}
