import { afterEach, expect, it } from 'vitest';
import { dateAndTime, hourOfDay, timeOfDay, weekdayAndTime } from './timeOfDay';

const speak = (language: string) =>
  Object.defineProperty(navigator, 'language', { value: language, configurable: true });
afterEach(() => speak('en-GB'));

const MORNING = new Date(2026, 5, 15, 9, 5);
const MIDNIGHT = new Date(2026, 5, 15, 0, 30);

it.each([
  ['en-GB', '09:05', '00:30'],
  ['de-DE', '09:05', '00:30'],
  ['en-US', '9:05 am', '12:30 am'],
])('tells the time as the clock of %s has it', (language, morning, midnight) => {
  speak(language);
  expect([timeOfDay(MORNING), timeOfDay(MIDNIGHT)]).toEqual([morning, midnight]);
  expect(hourOfDay(new Date(2026, 5, 15, 8))).toBe(language === 'en-US' ? '8 am' : '08:00');
  expect(weekdayAndTime(MORNING)).toBe(`Mon ${morning}`);
  expect(dateAndTime(MORNING.getTime())).toBe(`15 Jun, ${morning}`);
});
