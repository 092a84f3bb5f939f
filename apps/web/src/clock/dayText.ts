import { differenceInCalendarDays, format } from 'date-fns';

/** "today", "yesterday", "Thursday", "14 May". @param nowMs the server's clock */
export function dayText(at: string, nowMs: number): string {
  const days = differenceInCalendarDays(nowMs, new Date(at));
  if (days <= 0) return 'today';
  if (days === 1) return 'yesterday';
  return format(new Date(at), days < 7 ? 'EEEE' : 'd MMM');
}
