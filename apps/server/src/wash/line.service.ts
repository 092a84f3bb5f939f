import {
  type HangLines,
  type LineView,
  type RolledLines,
  type WasDry,
  type WashSettings,
  type WetLine,
} from '@feverfew/contracts';
import {
  clothKindOf,
  DAYLIGHT,
  type Daylight,
  DomainError,
  DRYER_KWH_PER_L,
  type DryBy,
  dryBy,
  type Forecast,
  forecastByHand,
  type Household,
  hangOrder,
  isOutdoors,
  madeUpForecast,
  NO_OWN_RATE,
  ropeFor,
  type WetPiece,
  withSeen,
} from '@feverfew/core';
import type { Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { ServerError } from '../problems/serverError.js';
import { HeapService } from './heap.service.js';
import { WashRepository } from './wash.repository.js';
import { readWeather } from './weatherCsv.js';
import { type Wet, wetPieceOf } from './wetPiece.js';

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
const DAY_MS = 24 * HOUR_MS;
const FORECAST_H = 72;

@Injectable()
export class LineService {
  constructor(
    @Inject(WashRepository) private readonly repository: WashRepository,
    @Inject(HeapService) private readonly heap: HeapService,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {}

  async view(): Promise<LineView> {
    const now = this.clock().getTime();
    const [settings, { household }] = await Promise.all([this.heap.settings(), this.household.read()]);
    const forecast = forecastFor(settings, now);
    const dusk = duskAfter(now, settings.offsetMin);
    const wet = await this.wet(household, settings, now);
    const dry = wet.map((one) =>
      dryBy(one.wet, forecast, household.roomC, settings.ownRate, daylightOf(one.wet, settings)),
    );
    const order = hangOrder(dry.filter((_, index) => isOutdoors(wet[index]?.wet.place ?? 'rack')));
    const lines = wet.flatMap((one, index): WetLine[] => {
      const when = dry[index];
      return when ? [this.lineOf(one, when, order.indexOf(one.wet.id) + 1)] : [];
    });
    return {
      now: new Date(now).toISOString(),
      dusk: new Date(dusk).toISOString(),
      origin: forecast.origin,
      hours: forecast.hours.filter(({ at }) => Date.parse(at) >= now - HOUR_MS).slice(0, FORECAST_H),
      lines,
      ropeM: settings.ropeM,
      usedM: lines.filter(({ place }) => isOutdoors(place)).reduce((sum, { ropeM }) => sum + ropeM, 0),
      ownRate: settings.ownRate,
      hasDryer: household.hasDryer,
      roomC: household.roomC,
      offsetMin: settings.offsetMin,
    };
  }

  private lineOf(
    { read, load, limits, wet, rollHelps, places, turning }: Wet,
    when: DryBy,
    order: number,
  ): WetLine {
    const { entry, row } = read;
    const kind = clothKindOf(entry.facts.piece.itemId, this.knowledge);
    const mayTumble = limits.tumble.value !== 'none' && entry.facts.markIds.length === 0;
    const iso = (at: number | null) => (at === null ? null : new Date(at).toISOString());
    return {
      lineId: row.id,
      loadId: load.id,
      name: entry.name,
      count: entry.count,
      weave: kind.weave,
      colour: entry.facts.piece.colour,
      place: wet.place,
      places,
      turning,
      hungAt: row.hungAt?.toISOString() ?? null,
      sun: limits.sun,
      flat: limits.flat,
      tumble: limits.tumble,
      openMarkIds: [...entry.facts.markIds],
      ropeM: ropeFor(entry.count, wet.dryMassG, kind.gPerM2, kind.ropeM),
      waterL: Math.round(when.waterG / 100) / 10,
      rolled: row.rolled,
      rollHelps,
      dryerKWh: mayTumble ? Math.round((when.waterG / 1000) * DRYER_KWH_PER_L * 10) / 10 : null,
      earliest: iso(when.earliest),
      latest: iso(when.latest),
      state: when.state,
      mustyBy: when.musty ? iso(when.mustyBy) : null,
      order,
    };
  }

  private async wet(household: Household, { ropeM }: WashSettings, now: number): Promise<Wet[]> {
    const rows = await this.repository.wet();
    const reads = await this.heap.read(rows.map(({ line }) => line));
    const onRack = reads.filter(({ row }) => row.place === 'rack');
    const isAlone = onRack.length === 1 && onRack[0]?.entry.count === 1;
    return rows.flatMap(({ load }, index): Wet[] => {
      const read = reads[index];
      const around = { household, hasLine: ropeM > 0, isAlone, now };
      return read ? [wetPieceOf(read, load, around, this.knowledge)] : [];
    });
  }

  /** @throws ServerError forecastBroken with what is wrong, in words */
  async readForecast(csv: string): Promise<void> {
    const read = readWeather(csv);
    if ('fault' in read) throw new ServerError('forecastBroken', { message: read.fault });
    await this.heap.changeSettings({ weather: { origin: 'csv', hours: read.hours } });
  }

  async roll({ lineIds, rolled }: RolledLines): Promise<void> {
    await this.repository.roll(lineIds, rolled);
    this.feed.tell('wash');
  }

  async hang({ lineIds, place }: HangLines, at = this.clock()): Promise<void> {
    await this.repository.hang(lineIds, place, place === null ? null : at);
    this.feed.tell('wash');
  }

  /**
   * What was seen to be dry teaches how things dry here, where it was hung out of the drum and the weather is known.
   * @throws DomainError outOfRange where the time is still to come
   * @throws ServerError dryBeforeHung
   */
  async dry({ lineIds, at }: WasDry): Promise<void> {
    const now = this.clock().getTime();
    const dryAt = Date.parse(at);
    const [settings, { household }] = await Promise.all([this.heap.settings(), this.household.read()]);
    const wet = (await this.wet(household, settings, now)).filter(({ wet: { id } }) => lineIds.includes(id));
    if (dryAt > now + MINUTE_MS)
      throw new DomainError('outOfRange', {
        quantity: 'the time it was dry, in minutes from now',
        value: Math.round((dryAt - now) / 60_000),
        min: -100_000,
        max: 0,
      });
    if (wet.some(({ wet: piece, read }) => read.row.hungAt && dryAt < piece.hungAt - MINUTE_MS))
      throw new ServerError('dryBeforeHung', {
        message: 'It was hung up after that. Enter a time after it was hung.',
      });
    const seen = wet.flatMap(({ wet: piece, read }) => {
      if (!read.row.hungAt || dryAt <= piece.hungAt) return [];
      const forecast = forecastFor(settings, piece.hungAt);
      const book = dryBy(piece, forecast, household.roomC, NO_OWN_RATE, daylightOf(piece, settings));
      if (book.earliest === null || book.latest === null) return [];
      const predicted = Math.sqrt((book.earliest - piece.hungAt) * (book.latest - piece.hungAt));
      return [{ predictedH: predicted / HOUR_MS, tookH: (dryAt - piece.hungAt) / HOUR_MS }];
    });
    await this.repository.dry(lineIds, new Date(dryAt));
    if (seen.length > 0)
      await this.heap.changeSettings(({ ownRate }) => ({
        ownRate: seen.reduce((rate, { predictedH, tookH }) => withSeen(rate, predictedH, tookH), ownRate),
      }));
    this.feed.tell('wash');
  }
}

/** The weather from the hour before `from` on. Hours that a file does not cover are left out. */
function forecastFor({ weather, offsetMin }: WashSettings, from: number): Forecast {
  const start = from - HOUR_MS;
  if (weather.origin === 'byHand') return forecastByHand(weather.weather, start, FORECAST_H, offsetMin);
  if (weather.origin === 'madeUp') return madeUpForecast(start, FORECAST_H, offsetMin);
  const first = weather.hours[0];
  const reaches =
    first && Date.parse(first.at) <= from && from < Date.parse(first.at) + weather.hours.length * HOUR_MS;
  return { origin: 'csv', hours: reaches ? weather.hours : [] };
}

/** The end of daylight on the local day of `at`. */
function duskAfter(at: number, offsetMin: number): number {
  const local = at + offsetMin * 60_000;
  return Math.floor(local / DAY_MS) * DAY_MS + DAYLIGHT.to * HOUR_MS - offsetMin * 60_000;
}

/** The day a piece dries on: hung after dusk, it has the next. */
function daylightOf({ hungAt }: WetPiece, { offsetMin }: WashSettings): Daylight {
  const today = duskAfter(hungAt, offsetMin);
  const dusk = hungAt < today ? today : today + DAY_MS;
  return { dusk, dawn: dusk - (DAYLIGHT.to - DAYLIGHT.from) * HOUR_MS };
}
