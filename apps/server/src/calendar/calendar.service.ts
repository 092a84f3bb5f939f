import { Inject, Injectable } from '@nestjs/common';
import ical, { ICalAlarmType, ICalCalendarMethod } from 'ical-generator';
import { CLOCK, type Clock } from '../database/database.module.js';
import { PiecesService } from '../pieces/pieces.service.js';
import { RunsService } from '../runs/runs.service.js';
import { LoadsService } from '../wash/loads.service.js';

const DAY_MS = 86_400_000;

/** Soak ends, washing to be hung and upkeep as iCalendar (RFC 5545), to be read by any calendar. */
@Injectable()
export class CalendarService {
  constructor(
    @Inject(RunsService) private readonly runs: RunsService,
    @Inject(PiecesService) private readonly pieces: PiecesService,
    @Inject(LoadsService) private readonly loads: LoadsService,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async write(): Promise<string> {
    const now = this.clock();
    const calendar = ical({
      name: 'Feverfew',
      method: ICalCalendarMethod.PUBLISH,
      prodId: { company: 'Feverfew', product: 'Textile care', language: 'EN' },
    });
    for (const run of (await this.runs.underWay()).running) {
      const { timer } = run.state;
      if (!timer) continue;
      const event = calendar.createEvent({
        id: `run-${run.id}@feverfew`,
        stamp: now,
        start: new Date(timer.readyAt),
        end: new Date(timer.latestAt),
        summary: `Look: ${run.pieceName}`,
        description:
          `In ${run.vesselName ?? 'its place'}. Long enough from the beginning of this entry; out by ` +
          `its end.`,
      });
      event.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: `Look: ${run.pieceName}` });
    }
    for (const { id, endsAt, hangBy, doneAt, load, pieces } of await this.loads.running()) {
      if (doneAt !== null) continue;
      const summary = `Hang: ${load.name} ${load.tempC} °C`;
      const event = calendar.createEvent({
        id: `load-${id}@feverfew`,
        stamp: now,
        start: new Date(endsAt),
        end: new Date(hangBy),
        summary,
        description: `${pieces.map(({ name }) => name).join(', ')}. Out of the drum by the end of this entry.`,
      });
      event.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: summary });
    }
    for (const { id, name, upkeep } of await this.pieces.upkeep())
      for (const one of upkeep.filter((due) => !due.atMost)) {
        // An overdue task is shown today: no one looks for it in the past.
        const day = new Date(Math.max(Date.parse(one.dueAt), now.getTime()));
        calendar.createEvent({
          id: `upkeep-${one.upkeepId}-${id}@feverfew`,
          stamp: now,
          start: day,
          end: new Date(day.getTime() + DAY_MS),
          allDay: true,
          summary: `${name}: ${one.name}`,
          ...(one.note ? { description: one.note } : {}),
        });
      }
    return calendar.toString();
  }
}
