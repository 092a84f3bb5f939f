import { DRY_STATES, FORECAST_ORIGINS, HANGING_PLACES } from '@feverfew/core';
import { Colour, Id, WEAVES } from '@feverfew/knowledge';
import { z } from 'zod';
import { Instant } from '../bounds.js';
import { Uuid } from '../uuid.js';
import { MAX_HEAP_LINES } from './heapLine.js';
import { held } from './load.js';
import { WashSettings, WeatherHourShape } from './settings.js';

export const HangLines = z
  .strictObject({
    lineIds: z.array(Uuid).min(1).max(MAX_HEAP_LINES),
    place: z.enum(HANGING_PLACES).nullable(),
  })
  .meta({ id: 'HangLines' });
export type HangLines = z.infer<typeof HangLines>;

/** Rolled in a towel before they are hung, or not after all. */
export const RolledLines = z
  .strictObject({ lineIds: z.array(Uuid).min(1).max(MAX_HEAP_LINES), rolled: z.boolean() })
  .meta({ id: 'RolledLines' });
export type RolledLines = z.infer<typeof RolledLines>;

export const WasDry = z
  .strictObject({ lineIds: z.array(Uuid).min(1).max(MAX_HEAP_LINES), at: Instant })
  .meta({ id: 'WasDry' });
export type WasDry = z.infer<typeof WasDry>;

/** A forecast by the hour as CSV text. */
export const ForecastFile = z
  .strictObject({ csv: z.string().max(200_000, 'At most 200 kB.') })
  .meta({ id: 'ForecastFile' });
export type ForecastFile = z.infer<typeof ForecastFile>;

/** One wet piece: to be hung, or hanging. */
export const WetLine = z
  .strictObject({
    lineId: Uuid,
    loadId: Uuid,
    name: z.string(),
    count: z.number(),
    weave: z.enum(WEAVES),
    colour: Colour,
    /** Where it hangs, or would hang best. */
    place: z.enum(HANGING_PLACES),
    /** Where it may hang or lie. */
    places: z.array(z.enum(HANGING_PLACES)).min(1),
    /** How it is turned or shaken meanwhile; empty = not at all. */
    turning: z.string(),
    hungAt: z.iso.datetime().nullable(),
    sun: held(z.enum(['may', 'never'])),
    flat: z.boolean(),
    tumble: held(z.enum(['none', 'low', 'normal'])),
    openMarkIds: z.array(Id),
    ropeM: z.number(),
    waterL: z.number(),
    rolled: z.boolean(),
    /** A towel would take more out of it than the drum has. */
    rollHelps: z.boolean(),
    /** What a dryer would take for all of its water; null = not in one. */
    dryerKWh: z.number().nullable(),
    earliest: z.iso.datetime().nullable(),
    latest: z.iso.datetime().nullable(),
    state: z.enum(DRY_STATES),
    /** When it smells if it is still damp; null where it is dry well before. */
    mustyBy: z.iso.datetime().nullable(),
    order: z.number(),
  })
  .meta({ id: 'WetLine' });
export type WetLine = z.infer<typeof WetLine>;

export const LineView = z
  .strictObject({
    now: z.iso.datetime(),
    dusk: z.iso.datetime(),
    origin: z.enum(FORECAST_ORIGINS),
    hours: z.array(WeatherHourShape),
    lines: z.array(WetLine),
    ropeM: z.number(),
    usedM: z.number(),
    ownRate: WashSettings.shape.ownRate,
    hasDryer: z.boolean(),
    roomC: z.number(),
    offsetMin: z.number(),
  })
  .meta({ id: 'LineView' });
export type LineView = z.infer<typeof LineView>;
