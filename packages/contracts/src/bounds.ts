import { z } from 'zod';

const YEARS = { min: '1900', max: '2200' } as const;

/** A moment that can have been: every database and every device reads it. */
export const Instant = z.iso
  .datetime()
  .refine((text) => text >= YEARS.min && text < YEARS.max, `A year from ${YEARS.min} to ${YEARS.max}.`);

/** A record with no more entries than a person could have made. */
export const boundedRecord = <Key extends z.core.$ZodRecordKey, Value extends z.core.SomeType>(
  key: Key,
  value: Value,
  most: number,
) =>
  z.record(key, value).refine((entries) => Object.keys(entries).length <= most, `At most ${most} entries.`);

/** A text cut to a length, never in the middle of a character. */
export function cutText(text: string, most: number): string {
  const cut = text.slice(0, most);
  return /[\uD800-\uDBFF]$/.test(cut) ? cut.slice(0, -1) : cut;
}
