import { Controller, Header, Inject } from '@nestjs/common';
import { Serves } from '../api/serves.js';
import { CalendarService } from './calendar.service.js';

@Controller()
export class CalendarController {
  constructor(@Inject(CalendarService) private readonly calendar: CalendarService) {}

  @Serves('exportCalendar')
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="feverfew.ics"')
  write(): Promise<string> {
    return this.calendar.write();
  }
}
