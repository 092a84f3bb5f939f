type Moment = string | number | Date;

/** The clock of the browser's language goes to twelve. */
const isTwelveHours = (): boolean =>
  new Intl.DateTimeFormat(navigator.language, { hour: 'numeric' }).resolvedOptions().hour12 === true;

/** "09:05", or "9:05 am" in a language with a clock of twelve hours: the one form of a time on every page. */
export function timeOfDay(at: Moment): string {
  const clock = isTwelveHours()
    ? ({ hour: 'numeric', hourCycle: 'h12' } as const)
    : ({ hour: '2-digit', hourCycle: 'h23' } as const);
  return new Date(at).toLocaleTimeString('en-GB', { ...clock, minute: '2-digit' });
}

/** A full hour on an axis: "08:00", or "8 am", which is no wider. */
export const hourOfDay = (at: Moment): string => timeOfDay(at).replace(/:00(?=\s)/, '');

/** "Mon" */
export const weekday = (at: Moment): string => new Date(at).toLocaleDateString('en-GB', { weekday: 'short' });

/** "Mon 09:05" */
export const weekdayAndTime = (at: Moment): string => `${weekday(at)} ${timeOfDay(at)}`;

/** "5 Jun, 09:05" */
export const dateAndTime = (at: Moment): string =>
  `${new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })}, ${timeOfDay(at)}`;
