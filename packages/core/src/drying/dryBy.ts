import { type DryingLie, type HangingPlace, isOutdoors } from './dryingLie.js';
import type { Forecast } from './forecast.js';
import { type Air, evaporation } from './moistAir.js';
import type { WaterSpan } from './waterAfter.js';

/** A wet piece, hung or laid out. */
export interface WetPiece {
  readonly id: string;
  /** Of all of them, g. */
  readonly dryMassG: number;
  readonly waterG: WaterSpan;
  readonly gPerM2: WaterSpan;
  /** How much of both faces the air reaches, 0–1. */
  readonly exposed: WaterSpan;
  readonly dark: boolean;
  readonly place: HangingPlace;
  readonly lie: DryingLie;
  /** Water in it where the hours of a thick piece hold, g. */
  readonly hoursForG: WaterSpan;
  /** Milliseconds since 1970. */
  readonly hungAt: number;
}

/**
 * Experience of the household: how much faster (above 1) or slower things dry here than predicted, and from how many
 * times it was seen.
 */
export interface OwnRate {
  readonly factor: number;
  readonly seen: number;
}
export const NO_OWN_RATE: OwnRate = { factor: 1, seen: 0 };

export const DRY_STATES = ['inTime', 'rainFirst', 'duskFirst', 'damp', 'cannotTell'] as const;
export type DryState = (typeof DRY_STATES)[number];

export interface DryBy {
  readonly id: string;
  readonly waterG: number;
  /** Milliseconds since 1970; null = not within the forecast, or not before rain or dusk stops it for good. */
  readonly earliest: number | null;
  readonly latest: number | null;
  readonly state: DryState;
  /** Water still in it after each quarter of an hour, share of what it began with, at the middle rate. */
  readonly left: readonly number[];
  /** When it smells if it is still damp, milliseconds since 1970. */
  readonly mustyBy: number;
  /** It may well be damp by then. */
  readonly musty: boolean;
}

/** Dawn and dusk of the day a piece dries on, milliseconds since 1970. */
export interface Daylight {
  readonly dawn: number;
  readonly dusk: number;
}

const STEP_MS = 15 * 60_000;
const HOUR_MS = 3_600_000;
/** From this chance on, rain counts; below it is said and no more. */
export const RAIN_COUNTS_FROM = 0.4;
/** Damp so long, and it may smell: a day in a cool room, half of one in a warm one. Common practice, no source. */
const MUSTY_AFTER = { cool: { tempC: 20, hours: 24 }, warm: { tempC: 25, hours: 12 } } as const;
/** Damper air takes nothing worth hanging for. Common practice, no source. */
const TOO_DAMP_FROM = 0.85;
/** Frozen cloth gives off what its ice does, and its inside none: a third. Common practice, no source. */
const FROZEN = 1 / 3;
/** The surface sun of a hanging cloth, shared out over both faces: half a turn to the sun, a pale or dark cloth. */
const ABSORBED = { pale: 0.1, dark: 0.2 } as const;
/** The last part of the water leaves the inside of the yarn: slower than a wet face, as a share of the time. */
const TAIL = 1.15;
/** What is known of the rate itself: a factor of two from end to end; each time seen narrows it. */
const RATE_SPREAD = Math.log(Math.SQRT2);
const SEEN_SPREAD = 0.3;
/** Wind a cloth on a rope meets, against what a forecast says for 10 m above open ground; from memory. */
const WIND_AT_ROPE = 0.5;
/** Air of a room in which washing hangs: moved by warmth alone. */
const ROOM = { windMS: 0.1, humidity: 0.55, sunWm2: 0 } as const;
/** The air in which hours of thick pieces hold: a breeze in the shade, and a room. */
const OF_HOURS = {
  outdoors: { tempC: 18, humidity: 0.65, windMS: 3 * WIND_AT_ROPE, sunWm2: 0 },
  indoors: { tempC: 19, ...ROOM },
} as const satisfies Record<string, Air>;

/**
 * When a piece will be dry: water to lose over what the air takes by the hour. The uncertainty of each figure
 * adds up as of independent ones. Out of doors nothing dries in rain or after dusk; what is rained on is not dry.
 * @param roomC where it hangs indoors, °C
 * @param daylight the local day that counts, milliseconds; nothing out of doors dries before or after it
 */
export function dryBy(
  piece: WetPiece,
  forecast: Forecast,
  roomC: number,
  own: OwnRate,
  daylight: Daylight,
): DryBy {
  const outdoors = isOutdoors(piece.place);
  const { need, spread } = neededOf(piece, own);
  const factor = Math.exp(Math.log(own.factor) * trustIn(own));
  const course = courseOf(piece, forecast, roomC, outdoors, daylight, factor);
  const reach = (share: number) => momentOf(course, need * share, piece.hungAt);
  const [earliest, latest] = [reach(Math.exp(-spread)), reach(Math.exp(spread))];
  const state = stateOf(earliest, latest, course, outdoors, daylight.dusk, forecast);
  const mustyBy = piece.hungAt + mustyAfterH(outdoors ? airAt(forecast, piece.hungAt) : roomC) * HOUR_MS;
  return {
    id: piece.id,
    waterG: Math.round(middle(piece.waterG)),
    earliest,
    latest,
    state,
    mustyBy,
    musty:
      latest === null
        ? state === 'damp'
        : Math.sqrt(((earliest ?? latest) - piece.hungAt) * (latest - piece.hungAt)) > mustyBy - piece.hungAt,
    left: course.map(({ taken }) => Math.max(0, 1 - taken / need)),
  };
}

/** Water that each square metre of face has to lose, g, and how sure that is, as a logarithm. */
function neededOf(piece: WetPiece, own: OwnRate): { need: number; spread: number } {
  const { lie, waterG } = piece;
  if (lie.kind === 'thick') {
    const air = isOutdoors(piece.place) ? OF_HOURS.outdoors : OF_HOURS.indoors;
    return {
      need: middle(lie.hours) * evaporation(air, 0).gPerM2H * (middle(waterG) / middle(piece.hoursForG)),
      // The hours have the spread of the water and of the air in them.
      spread: halfSpread(lie.hours),
    };
  }
  const faceM2 = (piece.dryMassG / middle(piece.gPerM2)) * 2 * middle(piece.exposed);
  return {
    need: (middle(waterG) / faceM2) * TAIL * lie.slower,
    spread: Math.hypot(
      halfSpread(waterG),
      halfSpread(piece.gPerM2),
      halfSpread(piece.exposed),
      rateSpread(own),
    ),
  };
}

/** Hours damp cloth keeps sweet in air so warm. */
function mustyAfterH(tempC: number): number {
  const { cool, warm } = MUSTY_AFTER;
  const share = Math.min(1, Math.max(0, (tempC - cool.tempC) / (warm.tempC - cool.tempC)));
  return cool.hours + share * (warm.hours - cool.hours);
}

/** Out of doors in that hour, °C; of an hour that is not known, as in a cool room. */
const airAt = ({ hours }: Forecast, at: number): number =>
  hours.find((hour) => at - Date.parse(hour.at) < HOUR_MS)?.tempC ?? MUSTY_AFTER.cool.tempC;

/** When so much was taken, between the quarters of an hour; null where the course ends before. */
function momentOf(course: readonly Moment[], wanted: number, from: number): number | null {
  const index = course.findIndex(({ taken }) => taken >= wanted);
  const [after, before] = [course[index], course[index - 1] ?? { at: from, taken: 0 }];
  if (!after) return null;
  const share = after.taken === before.taken ? 1 : (wanted - before.taken) / (after.taken - before.taken);
  return Math.round(before.at + (after.at - before.at) * Math.min(1, Math.max(0, share)));
}

const middle = ({ low, high }: WaterSpan): number => Math.sqrt(low * high);
const halfSpread = ({ low, high }: WaterSpan): number => Math.log(high / low) / 2;

/** How far what was seen is believed: all of it after many times, none before the first. */
const trustIn = ({ seen }: OwnRate): number =>
  (seen * RATE_SPREAD ** 2) / (seen * RATE_SPREAD ** 2 + SEEN_SPREAD ** 2);
const rateSpread = ({ seen }: OwnRate): number =>
  1 / Math.sqrt(1 / RATE_SPREAD ** 2 + seen / SEEN_SPREAD ** 2);

interface Moment {
  readonly at: number;
  /** Water taken off so far, g per m² of face. */
  readonly taken: number;
  readonly rain: boolean;
}

/** What the air takes, quarter by quarter, until the forecast ends. */
function courseOf(
  { place, dark, hungAt }: WetPiece,
  { hours }: Forecast,
  roomC: number,
  outdoors: boolean,
  { dawn, dusk }: Daylight,
  factor: number,
): Moment[] {
  const first = hours[0];
  if (!first) return [];
  const start = Date.parse(first.at);
  const room: Air = { tempC: roomC, ...ROOM };
  const indoors = evaporation(room, 0).gPerM2H;
  const moments: Moment[] = [];
  let taken = 0;
  for (let at = hungAt; ; at += STEP_MS) {
    const hour = hours[Math.floor((at - start) / HOUR_MS)];
    if (!hour) break;
    const rain = outdoors && hour.rain >= RAIN_COUNTS_FROM;
    const air: Air = {
      ...hour,
      windMS: hour.windMS * WIND_AT_ROPE,
      sunWm2: place === 'line' ? hour.sunWm2 : 0,
    };
    if (outdoors && at >= dusk) break;
    const rate = !outdoors
      ? indoors
      : rain || at < dawn || air.humidity > TOO_DAMP_FROM
        ? 0
        : evaporation(air, dark ? ABSORBED.dark : ABSORBED.pale).gPerM2H * (air.tempC < 0 ? FROZEN : 1);
    taken += rate * factor * (STEP_MS / HOUR_MS);
    moments.push({ at: at + STEP_MS, taken, rain });
    if (rain) break;
  }
  return moments;
}

function stateOf(
  earliest: number | null,
  latest: number | null,
  course: readonly Moment[],
  outdoors: boolean,
  dusk: number,
  { hours }: Forecast,
): DryState {
  if (latest !== null) return 'inTime';
  if (hours.length === 0) return 'cannotTell';
  if (course.at(-1)?.rain) return 'rainFirst';
  if (outdoors && (course.at(-1)?.at ?? dusk) >= dusk) return 'duskFirst';
  return earliest === null ? 'cannotTell' : 'damp';
}

/**
 * The household's own figure after one more piece was seen to be dry: the middle of what was found, as a factor.
 * @param predictedH hours of drying that were predicted, above 0
 * @param foundH hours it really took, above 0
 * @example withSeen({ factor: 1, seen: 0 }, 1, 2) // { factor: 0.5, seen: 1 }
 */
export function withSeen(own: OwnRate, predictedH: number, foundH: number): OwnRate {
  const one = Math.log(Math.min(4, Math.max(0.25, predictedH / foundH)));
  const seen = own.seen + 1;
  return { seen, factor: Math.exp((Math.log(own.factor) * own.seen + one) / seen) };
}

/** Slowest first: what takes longest is hung before the rest, and on a short rope it is what goes up. */
export const hangOrder = (dry: readonly DryBy[]): string[] =>
  [...dry]
    .sort(
      (a, b) =>
        (b.latest ?? Number.POSITIVE_INFINITY) - (a.latest ?? Number.POSITIVE_INFINITY) ||
        b.waterG - a.waterG ||
        (a.id < b.id ? -1 : 1),
    )
    .map(({ id }) => id);

/**
 * Rope that like pieces take, m: as their kind does, and never more than a piece is wide.
 * @param gPerM2 weight of the cloth
 * @example ropeFor(2, 1200, { low: 115, high: 160 }, 1.2) // 2.4
 */
export const ropeFor = (count: number, dryMassG: number, gPerM2: WaterSpan, usualM: number): number =>
  count * Math.min(usualM, Math.sqrt(dryMassG / count / middle(gPerM2)));
