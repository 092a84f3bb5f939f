import { WEATHERS } from '@feverfew/core';
import { LOAD_PROGRAMMES } from '@feverfew/knowledge';
import { z } from 'zod';
import { Instant } from '../bounds.js';

const GIVE = { error: 'Give a number.' };
const MachineProgrammeShape = z.strictObject({
  id: z.enum(LOAD_PROGRAMMES),
  name: z.string().trim().min(1, 'Give it the name on the machine.').max(40),
  capacityG: z.number(GIVE).min(200).max(30_000),
  tempsC: z.array(z.number(GIVE).min(10).max(95)).min(1).max(12),
  spinRpm: z.number(GIVE).min(0).max(2000),
  minutes: z.number(GIVE).min(5).max(600),
  minutesPer10C: z.number().min(0).max(60),
  waterL: z.number(GIVE).min(5).max(300),
  heatedL: z.number().min(1).max(200),
  motorKWh: z.number().min(0).max(5),
});

export const MachineShape = z
  .strictObject({
    ratedG: z.number(GIVE).min(1000, 'At least 1 kg.').max(30_000, 'At most 30 kg.'),
    drumL: z.number(GIVE).min(10).max(300),
    programmes: z.array(MachineProgrammeShape).length(LOAD_PROGRAMMES.length),
    guessed: z.boolean(),
  })
  .meta({ id: 'Machine' });

export const WeatherHourShape = z.strictObject({
  at: Instant,
  tempC: z.number().min(-30).max(60),
  humidity: z.number().min(0).max(1),
  windMS: z.number().min(0).max(30),
  sunWm2: z.number().min(0).max(1200),
  rain: z.number().min(0).max(1),
});

export const WeatherTold = z
  .discriminatedUnion('origin', [
    z.strictObject({ origin: z.literal('madeUp') }),
    z.strictObject({ origin: z.literal('byHand'), weather: z.enum(WEATHERS) }),
    z.strictObject({ origin: z.literal('csv'), hours: z.array(WeatherHourShape).min(1).max(400) }),
  ])
  .meta({ id: 'WeatherTold' });
export type WeatherTold = z.infer<typeof WeatherTold>;

/** Machine, dryer and line of the household, and how it prefers its heap sorted. */
export const WashSettings = z
  .strictObject({
    machine: MachineShape.nullable(),
    dryerG: z.number(GIVE).min(500).max(30_000),
    ropeM: z.number(GIVE).min(0).max(200),
    /** 0 = as few loads as possible … 1 = everything at its best. */
    best: z.number().min(0).max(1),
    /** Loads as arranged by hand, by piece; null = as sorted. */
    arrangement: z
      .array(z.array(z.string().max(60)).max(200))
      .max(60)
      .nullable(),
    /** Pieces taken out of this wash by hand. */
    leftOut: z.array(z.string().max(60)).max(200),
    /** How much faster things dry here than predicted, and the number of observations. */
    ownRate: z.strictObject({
      factor: z.number().min(0.1).max(10),
      seen: z.number().int().min(0).max(10_000),
    }),
    weather: WeatherTold,
    /** Local time against UTC, min, as the last device that asked had it. */
    offsetMin: z.number().int().min(-840).max(840),
  })
  .meta({ id: 'WashSettings' });
export type WashSettings = z.infer<typeof WashSettings>;

/** What is changed of the settings; the rest stays. */
export const ChangedWash = WashSettings.partial().meta({ id: 'ChangedWash' });
export type ChangedWash = z.infer<typeof ChangedWash>;
