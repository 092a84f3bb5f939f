import { formatDistanceStrict } from 'date-fns';

/** "due 3 weeks ago", "due in 12 days". @param now the server's time */
export const dueText = (dueAt: string, now: string): string =>
  `due ${formatDistanceStrict(new Date(dueAt), new Date(now), { addSuffix: true })}`;
