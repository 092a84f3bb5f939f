import {
  BY_HAND,
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
  type DryingLimits,
  dryBy,
  dryingLimitsOf,
  type Forecast,
  forecastByHand,
  type HangingPlace,
  type Household,
  hangOrder,
  madeUpForecast,
  massOf,
  NO_OWN_RATE,
  regainOf,
  ropeFor,
  type WetPiece,
  type WrungBy,
  waterAfter,
  withSeen,
} from '@feverfew/core';
import type { Fibre, Knowledge } from '@feverfew/knowledge';
import { Inject, Injectable } from '@nestjs/common';
import { KNOWLEDGE } from '../catalogue/knowledge.token.js';
import { ChangesFeed } from '../changes/changesFeed.js';
import { CLOCK, type Clock } from '../database/database.module.js';
import { HouseholdService } from '../household/household.service.js';
import { ServerError } from '../problems/serverError.js';
import { HeapService, type ReadLine } from './heap.service.js';
import { type LoadRow, WashRepository } from './wash.repository.js';
import { readWeather } from './weatherCsv.js';

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
const DAY_MS = 24 * HOUR_MS;
const FORECAST_H = 72;

/** A wet line with all inputs of its drying time. */
interface Wet {
  readonly read: ReadLine;
  readonly load: LoadRow;
  readonly limits: DryingLimits;
  readonly wet: WetPiece;
  /** A towel would take more out of it than the drum has. */
  readonly rollHelps: boolean;
}

@Injectable()
export class LineService {
  private readonly fibres: ReadonlyMap<string, Fibre>;

  constructor(
    @Inject(WashRepository) private readonly repository: WashRepository,
    @Inject(HeapService) private readonly heap: HeapService,
    @Inject(HouseholdService) private readonly household: HouseholdService,
    @Inject(KNOWLEDGE) private readonly knowledge: Knowledge,
    @Inject(ChangesFeed) private readonly feed: ChangesFeed,
    @Inject(CLOCK) private readonly clock: Clock,
  ) {
    this.fibres = new Map(knowledge.fibres.map((fibre) => [fibre.id, fibre]));
  }

  async view(): Promise<LineView> {
    const now = this.clock().getTime();
    const [settings, { household }] = await Promise.all([this.heap.settings(), this.household.read()]);
    const forecast = forecastFor(settings, now);
    const dusk = duskAfter(now, settings.offsetMin);
    const wet = await this.wet(household, now);
    const dry = wet.map((one) =>
      dryBy(one.wet, forecast, household.roomC, settings.ownRate, daylightOf(one.wet, settings)),
    );
    const order = hangOrder(dry.filter((_, index) => onRope(wet[index]?.wet.place ?? 'rack')));
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
      usedM: lines.filter(({ place }) => onRope(place)).reduce((sum, { ropeM }) => sum + ropeM, 0),
      ownRate: settings.ownRate,
      hasDryer: household.hasDryer,
      roomC: household.roomC,
      offsetMin: settings.offsetMin,
    };
  }

  private lineOf({ read, load, limits, wet, rollHelps }: Wet, when: DryBy, order: number): WetLine {
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
      musty: when.musty,
      order,
    };
  }

  private async wet(household: Household, now: number): Promise<Wet[]> {
    const rows = await this.repository.wet();
    const reads = await this.heap.read(rows.map(({ line }) => line));
    return rows.flatMap(({ load }, index): Wet[] => {
      const read = reads[index];
      if (!read) return [];
      const { entry, row } = read;
      const limits = dryingLimitsOf(entry, household, this.knowledge);
      const facts = entry.facts.piece;
      const kind = clothKindOf(facts.itemId, this.knowledge);
      const dryMassG = massOf(entry, this.knowledge);
      const regainPct = regainOf(facts.parts, this.fibres);
      const after = (by: WrungBy) => waterAfter(regainPct, by, this.knowledge.waterLeft);
      const { programmeId, spinRpm } = load.load;
      const spun = after(programmeId === BY_HAND ? { kind: 'wrung' } : { kind: 'spun', rpm: spinRpm });
      const rolled = after({ kind: 'rolled' });
      const rollHelps = rolled.high < spun.high;
      const left = row.rolled && rollHelps ? rolled : spun;
      return [
        {
          read,
          load,
          limits,
          rollHelps,
          wet: {
            id: row.id,
            dryMassG,
            waterG: { low: left.low * dryMassG, high: left.high * dryMassG },
            gPerM2: kind.gPerM2,
            exposed: kind.exposed,
            dark: facts.colour === 'dark' || facts.colour === 'mid',
            place: row.place ?? bestPlace(limits),
            hungAt: row.hungAt?.getTime() ?? now,
          },
        },
      ];
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
    const wet = (await this.wet(household, now)).filter(({ wet: { id } }) => lineIds.includes(id));
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

const onRope = (place: HangingPlace): boolean => place === 'line' || place === 'shade';

/** Flat where it must lie, out of the sun where it fades. */
const bestPlace = ({ flat, felts, sun }: DryingLimits): HangingPlace =>
  flat || felts ? 'flat' : sun.value === 'never' ? 'shade' : 'line';

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
