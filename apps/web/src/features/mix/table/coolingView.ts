import { celsiusToFahrenheit, type Measures, type MixBath } from '@feverfew/contracts';

/** A piece's limit is drawn while it lies within this of where the bath starts, °C. */
const NEAR_C = 25;

/** What the cooling chart draws, in the household's own degrees. */
export function coolingView(bath: MixBath, roomC: number, maxC: number | null, measures: Measures) {
  const inF = measures.temperature === 'F';
  const degrees = (tempC: number) => (inF ? celsiusToFahrenheit(tempC) : tempC);
  const cooling = bath.below
    .flatMap(({ tempC, minutes }) =>
      minutes ? [`below ${tempC} °C after about ${Math.round(minutes.likely / 6) / 10} h`] : [],
    )
    .join(', ');
  return {
    unit: inF ? '°F' : '°C',
    rows: bath.curve.map((point) => ({
      hours: point.minutes / 60,
      band: [degrees(point.low), degrees(point.high)],
      warmth: degrees(point.likely),
      oxygen: point.oxygenLeft === null ? null : Math.round(point.oxygenLeft * 100),
    })),
    ticks: ticksBetween(degrees(Math.min(roomC, bath.startC)), degrees(Math.max(bath.startC, roomC))),
    thresholds: [40, 30].filter((tempC) => tempC < bath.startC && tempC > roomC).map(degrees),
    stopsAt: maxC !== null && maxC < bath.startC + NEAR_C ? degrees(maxC) : null,
    hasOxygen: bath.oxygenMgPerL !== null,
    words: `Warmth over eight hours: from ${Math.round(bath.startC)} °C, ${cooling || 'hardly changing'}.`,
  };
}

/** Whole tens, or twenties where tens would crowd. */
function ticksBetween(low: number, high: number): number[] {
  const step = high - low > 45 ? 20 : 10;
  const from = Math.floor(low / step) * step;
  const to = Math.ceil((high + 1) / step) * step;
  return Array.from({ length: Math.round((to - from) / step) + 1 }, (_, index) => from + index * step);
}
