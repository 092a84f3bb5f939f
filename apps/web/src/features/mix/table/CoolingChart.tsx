import { Box } from '@chakra-ui/react';
import { celsiusToFahrenheit, type Measures, type MixBath } from '@feverfew/contracts';
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';

interface CoolingChartProps {
  readonly bath: MixBath;
  readonly roomC: number;
  /** Highest the piece stands, °C; null when nothing is named. */
  readonly maxC: number | null;
  readonly measures: Measures;
}

const INK = 'var(--ff-colors-ink)';
const SOFT = 'var(--ff-colors-soft)';
const WATER = 'var(--ff-colors-water)';
/** As a style: the page's own text size would win over an attribute. */
const SMALL = { fontSize: 12 };
const TICK = { style: SMALL, fill: SOFT };

/** Warmth over eight hours with the band of a kitchen, thresholds as lines, and the oxygen left. */
export function CoolingChart({ bath, roomC, maxC, measures }: CoolingChartProps) {
  const degrees = (tempC: number) => (measures.temperature === 'F' ? celsiusToFahrenheit(tempC) : tempC);
  const unit = measures.temperature === 'F' ? '°F' : '°C';
  const rows = bath.curve.map((point) => ({
    hours: point.minutes / 60,
    band: [degrees(point.low), degrees(point.high)],
    warmth: degrees(point.likely),
    oxygen: point.oxygenLeft === null ? null : Math.round(point.oxygenLeft * 100),
  }));
  const ticks = ticksBetween(degrees(Math.min(roomC, bath.startC)), degrees(Math.max(bath.startC, roomC)));
  const hasOxygen = bath.oxygenMgPerL !== null;
  const thresholds = [40, 30].filter((tempC) => tempC < bath.startC && tempC > roomC);
  const words = bath.below
    .flatMap(({ tempC, minutes }) =>
      minutes ? [`below ${tempC} °C after about ${Math.round(minutes.likely / 6) / 10} h`] : [],
    )
    .join(', ');
  return (
    <Box
      role="img"
      aria-label={`Warmth over eight hours: from ${Math.round(bath.startC)} °C, ${words || 'hardly changing'}.`}
    >
      <Box fontSize="13px" color="soft" display="flex" justifyContent="space-between">
        <span>warmth, {unit} — band: draught to still air</span>
        {hasOxygen && <span>– – oxygen left, %</span>}
      </Box>
      <ResponsiveContainer width="100%" height={170}>
        <ComposedChart
          data={rows}
          margin={{ top: 8, right: hasOxygen ? 2 : 12, bottom: 0, left: -18 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--ff-colors-line)" vertical={false} />
          <XAxis
            dataKey="hours"
            type="number"
            domain={[0, 8]}
            ticks={[0, 2, 4, 6, 8]}
            tick={TICK}
            tickFormatter={(hours: number) => `${hours} h`}
            stroke={SOFT}
          />
          <YAxis
            yAxisId="warmth"
            domain={[ticks[0] ?? 0, ticks.at(-1) ?? 100]}
            ticks={ticks}
            tick={TICK}
            stroke={SOFT}
          />
          {hasOxygen && (
            <YAxis
              yAxisId="oxygen"
              orientation="right"
              domain={[0, 100]}
              ticks={[0, 50, 100]}
              tick={TICK}
              width={40}
              stroke={SOFT}
            />
          )}
          <Area
            yAxisId="warmth"
            dataKey="band"
            stroke="none"
            fill={WATER}
            fillOpacity={0.18}
            isAnimationActive={false}
          />
          <Line
            yAxisId="warmth"
            dataKey="warmth"
            stroke={WATER}
            strokeWidth={2.2}
            dot={false}
            isAnimationActive={false}
          />
          {hasOxygen && (
            <Line
              yAxisId="oxygen"
              dataKey="oxygen"
              stroke={INK}
              strokeWidth={1.6}
              strokeDasharray="6 5"
              dot={false}
              isAnimationActive={false}
            />
          )}
          {thresholds.map((tempC) => (
            <ReferenceLine
              key={tempC}
              yAxisId="warmth"
              y={degrees(tempC)}
              stroke={SOFT}
              strokeDasharray="2 4"
              label={{
                value: `${Math.round(degrees(tempC))}`,
                position: 'insideTopRight',
                style: SMALL,
                fill: SOFT,
              }}
            />
          ))}
          {maxC !== null && maxC < bath.startC + 25 && (
            <ReferenceLine
              yAxisId="warmth"
              y={degrees(maxC)}
              stroke="var(--ff-colors-brick)"
              strokeDasharray="7 4"
              label={{
                value: 'the piece stops here',
                position: 'insideTopLeft',
                style: SMALL,
                fill: 'var(--ff-colors-brick)',
              }}
            />
          )}
          <Tooltip
            contentStyle={{
              background: 'var(--ff-colors-card)',
              border: '1px solid var(--ff-colors-line)',
              borderRadius: 6,
              fontSize: 13,
            }}
            labelFormatter={(hours) => `after ${Number(hours).toFixed(1)} h`}
            formatter={(value, key) =>
              key === 'band'
                ? [
                    `${(value as unknown as number[]).map((one) => Math.round(one)).join('–')} ${unit}`,
                    'between',
                  ]
                : key === 'oxygen'
                  ? [`${value} %`, 'oxygen left']
                  : [`${Math.round(Number(value))} ${unit}`, 'likely']
            }
          />
        </ComposedChart>
      </ResponsiveContainer>
    </Box>
  );
}

/** Whole tens, or twenties where tens would crowd. */
function ticksBetween(low: number, high: number): number[] {
  const step = high - low > 45 ? 20 : 10;
  const from = Math.floor(low / step) * step;
  const to = Math.ceil((high + 1) / step) * step;
  return Array.from({ length: Math.round((to - from) / step) + 1 }, (_, index) => from + index * step);
}
