import { Box } from '@chakra-ui/react';
import type { Measures, MixBath } from '@feverfew/contracts';
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
import { decimal } from '../../../components/text/numbers';
import { coolingView } from './coolingView';

interface CoolingChartProps {
  readonly bath: MixBath;
  readonly roomC: number;
  /** Highest temperature the piece tolerates, °C; null if no piece is named. */
  readonly maxC: number | null;
  readonly measures: Measures;
}

const INK = 'var(--ff-colors-ink)';
const SOFT = 'var(--ff-colors-soft)';
const WATER = 'var(--ff-colors-water)';
const BRICK = 'var(--ff-colors-brick)';
const TIP = {
  background: 'var(--ff-colors-card)',
  border: '1px solid var(--ff-colors-line)',
  borderRadius: 6,
  fontSize: 13,
};
/** As a style: the page's own text size would win over an attribute. */
const SMALL = { fontSize: 12 };
const TICK = { style: SMALL, fill: SOFT };

const HOURS = {
  dataKey: 'hours',
  type: 'number',
  domain: [0, 8],
  ticks: [0, 2, 4, 6, 8],
  tick: TICK,
  tickFormatter: (hours: number) => `${hours} h`,
  stroke: SOFT,
} as const;
const OXYGEN = {
  yAxisId: 'oxygen',
  orientation: 'right',
  domain: [0, 100],
  ticks: [0, 50, 100],
  tick: TICK,
  width: 40,
  stroke: SOFT,
} as const;

/** Warmth over eight hours with the band of a kitchen, thresholds as lines, and the oxygen left. */
export function CoolingChart({ bath, roomC, maxC, measures }: CoolingChartProps) {
  const { unit, rows, ticks, thresholds, stopsAt, hasOxygen, words } = coolingView(
    bath,
    roomC,
    maxC,
    measures,
  );
  return (
    <Box role="img" aria-label={words}>
      <Box fontSize="caption" color="soft" display="flex" justifyContent="space-between">
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
          <XAxis {...HOURS} />
          <YAxis
            yAxisId="warmth"
            domain={[ticks[0] ?? 0, ticks.at(-1) ?? 100]}
            ticks={ticks}
            tick={TICK}
            stroke={SOFT}
          />
          {hasOxygen && <YAxis {...OXYGEN} />}
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
          {thresholds.map((degrees) => (
            <ReferenceLine
              key={degrees}
              yAxisId="warmth"
              y={degrees}
              stroke={SOFT}
              strokeDasharray="2 4"
              label={{
                value: `${Math.round(degrees)}`,
                position: 'insideTopRight',
                style: SMALL,
                fill: SOFT,
              }}
            />
          ))}
          {stopsAt !== null && (
            <ReferenceLine
              yAxisId="warmth"
              y={stopsAt}
              stroke={BRICK}
              strokeDasharray="7 4"
              label={{ value: 'the piece stops here', position: 'insideTopLeft', style: SMALL, fill: BRICK }}
            />
          )}
          <Tooltip
            contentStyle={TIP}
            labelFormatter={(hours) => `after ${decimal(Number(hours))} h`}
            formatter={(value, key) => tipOf(value, String(key), unit)}
          />
        </ComposedChart>
      </ResponsiveContainer>
    </Box>
  );
}

function tipOf(value: unknown, key: string, unit: string): [string, string] {
  if (key === 'band') {
    const ends = (value as number[]).map((one) => Math.round(one));
    return [`${ends.join('–')} ${unit}`, 'between'];
  }
  return key === 'oxygen'
    ? [`${value} %`, 'oxygen left']
    : [`${Math.round(Number(value))} ${unit}`, 'likely'];
}
