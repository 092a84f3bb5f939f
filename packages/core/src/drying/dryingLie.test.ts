import { describe, expect, it } from 'vitest';
import { knowledge } from '../test/fixtures.js';
import { dryBy, NO_OWN_RATE } from './dryBy.js';
import { canLie, dryingLieOf, type HangingPlace, isOutdoors } from './dryingLie.js';
import type { Forecast } from './forecast.js';
import { waterAfter } from './waterAfter.js';

const START = Date.parse('2026-05-04T06:00:00Z');
const HOUR = 3_600_000;
/** As bright as long: only how it lies counts here. */
const DAY = { dawn: START, dusk: START + 200 * HOUR };
const ROOM_C = 19;

interface Weather {
  readonly tempC: number;
  readonly humidity: number;
  readonly windMS: number;
  readonly sunWm2: number;
}
/** 18 °C, a breeze, shade. */
const BREEZE: Weather = { tempC: 18, humidity: 0.65, windMS: 3, sunWm2: 0 };
const weather = (more: Partial<Weather> = {}): Forecast => ({
  origin: 'csv',
  hours: Array.from({ length: 200 }, (_, at) => ({
    at: new Date(START + at * HOUR).toISOString(),
    ...BREEZE,
    rain: 0,
    ...more,
  })),
});

interface Piece {
  readonly kind: string;
  readonly itemId: string;
  readonly massG: number;
  readonly fibreId?: string;
  readonly isAlone?: boolean;
  /** Water in it against what a spin at 1200 rpm leaves. */
  readonly wetter?: number;
}

/** Hours from the earliest to the latest, and their middle, after a spin at 1200 rpm. */
function dries(piece: Piece, place: HangingPlace, forecast = weather(), roomC = ROOM_C) {
  const kind = knowledge.clothKinds.find(({ id }) => id === piece.kind) ?? expect.unreachable();
  const spun = waterAfter(8, { kind: 'spun', rpm: 1200 }, knowledge.waterLeft);
  const waterG = { low: spun.low * piece.massG, high: spun.high * piece.massG };
  const areaM2 = piece.massG / Math.sqrt(kind.gPerM2.low * kind.gPerM2.high);
  const { itemId, isAlone = false, fibreId = 'cotton', wetter = 1 } = piece;
  const lie = dryingLieOf({ itemId, fibreIds: [fibreId], place, areaM2, isAlone }, knowledge);
  const dry = dryBy(
    {
      id: 'it',
      dryMassG: piece.massG,
      waterG: { low: waterG.low * wetter, high: waterG.high * wetter },
      hoursForG: waterG,
      gPerM2: kind.gPerM2,
      exposed: kind.exposed,
      dark: false,
      place,
      lie,
      hungAt: START,
    },
    forecast,
    roomC,
    NO_OWN_RATE,
    DAY,
  );
  const [low, high] = [dry.earliest, dry.latest].map((at) => ((at ?? Number.NaN) - START) / HOUR);
  return {
    low: low ?? Number.NaN,
    high: high ?? Number.NaN,
    middle: Math.sqrt((low ?? 0) * (high ?? 0)),
    dry,
  };
}

const SHIRT: Piece = { kind: 'shirts', itemId: 'shirt', massG: 200 };
const JEANS: Piece = { kind: 'denim', itemId: 'jeans', massG: 600 };
const TERRY: Piece = { kind: 'terry', itemId: 'towel', massG: 450 };
const SHEET: Piece = { kind: 'bedLinen', itemId: 'bedSheet', massG: 550 };
const SWEATSHIRT: Piece = { kind: 'sweats', itemId: 'sweatshirt', massG: 500 };
const JUMPER: Piece = { kind: 'knits', itemId: 'jumper', massG: 400, fibreId: 'wool' };
const DUVET: Piece = { kind: 'filled', itemId: 'duvet', massG: 2000 };
const PILLOW: Piece = { kind: 'filled', itemId: 'pillow', massG: 700 };
const TOY: Piece = { kind: 'filled', itemId: 'softToy', massG: 250 };
const LINED: Piece = { kind: 'covers', itemId: 'linedCurtain', massG: 1200 };

describe('hours by how it lies', () => {
  // Hours after 1200 rpm; line at 18 °C in a breezy shade, indoors at 18 to 20 °C. Common practice, no source.
  const TABLE: readonly (readonly [string, Piece, HangingPlace, number, number])[] = [
    ['thin shirt on the line', SHIRT, 'shade', 1, 2.5],
    ['thin shirt on an airer', SHIRT, 'rack', 3, 8],
    ['thin shirt laid flat', SHIRT, 'flat', 6, 12],
    ['thin shirt over a chair', SHIRT, 'chair', 5, 12],
    ['jeans on the line', JEANS, 'shade', 4, 8],
    ['jeans on an airer', JEANS, 'rack', 12, 26],
    ['jeans laid flat', JEANS, 'flat', 20, 36],
    ['jeans over a chair', JEANS, 'chair', 20, 36],
    ['terry on the line', TERRY, 'shade', 3, 6],
    ['terry on an airer', TERRY, 'rack', 10, 20],
    ['terry laid flat', TERRY, 'flat', 16, 30],
    ['terry over a chair', TERRY, 'chair', 14, 26],
    ['sheet on the line', SHEET, 'shade', 1, 2.5],
    ['sheet folded on an airer', SHEET, 'rack', 8, 16],
    ['sheet folded over a chair', SHEET, 'chair', 12, 24],
    ['sweatshirt on the line', SWEATSHIRT, 'shade', 3, 6],
    ['sweatshirt on an airer', SWEATSHIRT, 'rack', 10, 20],
    ['sweatshirt laid flat', SWEATSHIRT, 'flat', 16, 30],
    ['sweatshirt over a chair', SWEATSHIRT, 'chair', 16, 28],
    ['wool jumper laid flat', JUMPER, 'flat', 18, 36],
    ['duvet on the line', DUVET, 'shade', 6, 14],
    ['duvet on an airer', DUVET, 'rack', 24, 48],
    ['duvet laid flat', DUVET, 'flat', 36, 60],
    ['pillow on the line', PILLOW, 'shade', 8, 16],
    ['pillow on an airer', PILLOW, 'rack', 24, 48],
    ['soft toy on an airer', TOY, 'rack', 18, 36],
    ['lined curtain on the line', LINED, 'shade', 3, 8],
    ['lined curtain on an airer', LINED, 'rack', 8, 20],
  ];
  it.each(TABLE)('%s', (_, piece, place, low, high) => {
    const { middle, low: earliest, high: latest } = dries(piece, place);
    const wanted = Math.sqrt(low * high);
    expect(middle / wanted).toBeGreaterThan(1 / 1.4);
    expect(middle / wanted).toBeLessThan(1.4);
    // The range covers most of that of practice.
    const shared = Math.min(Math.log(latest), Math.log(high)) - Math.max(Math.log(earliest), Math.log(low));
    expect(shared / Math.log(high / low)).toBeGreaterThan(0.6);
  });

  it('one piece alone on an airer takes 0.6 of that', () => {
    const alone = dries({ ...SHIRT, isAlone: true }, 'rack');
    expect(alone.middle / dries(SHIRT, 'rack').middle).toBeCloseTo(0.6, 2);
  });
  it('half a sheet is not folded', () => {
    const half = dries({ ...SHEET, itemId: 'pillowcase', massG: 150 }, 'rack');
    expect(half.middle).toBeGreaterThan(3);
    expect(half.middle).toBeLessThan(6);
  });
  it('down takes longer than fibre, and neither is dried over a chair', () => {
    const down = dries({ ...DUVET, fibreId: 'down' }, 'rack');
    expect(down.middle).toBeGreaterThan(dries(DUVET, 'rack').middle);
    expect(canLie('duvet', ['down'], 'chair', knowledge)).toBe(false);
    expect(canLie('duvet', ['polyester'], 'chair', knowledge)).toBe(false);
    expect(
      (['line', 'shade', 'rack', 'flat', 'chair'] as const).filter((place) =>
        canLie('jumper', ['wool'], place, knowledge),
      ),
    ).toEqual(['flat']);
    expect(canLie('jumper', ['acrylic'], 'rack', knowledge)).toBe(true);
    expect(canLie('shirt', ['cotton'], 'chair', knowledge)).toBe(true);
    expect(canLie(null, [], 'chair', knowledge)).toBe(true);
  });
  it('a wetter piece takes longer by as much, a thick one too', () => {
    for (const one of [PILLOW, TERRY])
      expect(dries({ ...one, wetter: 1.5 }, 'shade').middle / dries(one, 'shade').middle).toBeCloseTo(1.5, 2);
  });
  it('a pillow on an airer may turn musty, a towel does not', () => {
    const wet = dries(PILLOW, 'rack').dry;
    expect(wet.musty).toBe(true);
    expect(dries(TERRY, 'rack').dry.musty).toBe(false);
  });
  it('tells outdoors from indoors', () => {
    expect((['line', 'shade', 'rack', 'flat', 'chair'] as const).map(isOutdoors)).toEqual([
      ...[true, true],
      ...[false, false, false],
    ]);
  });
});

describe('the weather', () => {
  const times = (more: Partial<Weather>, place: HangingPlace = 'line') =>
    dries(SHIRT, place, weather(more)).middle / dries(SHIRT, 'shade').middle;
  // Against 18 °C in a breeze, from the vapour that the air lacks: common practice, no source.
  it.each([
    ['still air', { windMS: 0.3 }, 1.6],
    ['10 °C', { tempC: 10, humidity: 0.75 }, 1.9],
    ['25 °C', { tempC: 25, humidity: 0.5 }, 0.55],
    ['sun', { sunWm2: 500 }, 0.65],
  ] as const)('%s', (_, more, wanted) => {
    expect(times(more) / wanted).toBeGreaterThan(1 / 1.35);
    expect(times(more) / wanted).toBeLessThan(1.35);
  });
  it('air damper than 85 % dries nothing; frost takes more than its cold alone', () => {
    expect(dries(SHIRT, 'line', weather({ humidity: 0.9 })).dry.earliest).toBeNull();
    const justAbove = dries(SHIRT, 'shade', weather({ tempC: 0.5 })).middle;
    const frozen = dries(SHIRT, 'shade', weather({ tempC: -0.5 })).middle;
    expect(frozen / justAbove).toBeGreaterThan(2.5);
  });
  it('out of doors does not change what dries indoors', () => {
    expect(dries(SHIRT, 'rack', weather({ humidity: 0.95 })).middle).toBe(dries(SHIRT, 'rack').middle);
  });
});
