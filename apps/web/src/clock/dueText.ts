import { formatDistanceToNowStrict } from 'date-fns';

/** "due 3 weeks ago", "due in 12 days". */
export function dueText(dueAt: string): string {
  const date = new Date(dueAt);
  return `due ${formatDistanceToNowStrict(date, { addSuffix: true })}`;
}
