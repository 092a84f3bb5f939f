import { Box } from '@chakra-ui/react';
import type { StallView } from '@feverfew/contracts';
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import { stallWords } from './stallWords';

const SOFT = 'var(--ff-colors-soft)';
const LEAF = 'var(--ff-colors-leaf)';
const BRICK = 'var(--ff-colors-brick)';
const SMALL = { fontSize: 13 };
const TICK = { style: SMALL, fill: SOFT };

/**
 * What was left after each round, the band of what an eye can tell, how it would go on, and the line to change the
 * method.
 */
export function StallCurve({ view }: { view: StallView }) {
  if (view.points.length < 2) return null;
  const last = view.points.at(-1);
  const rows = [
    ...view.points.map((point) => ({
      round: point.round,
      left: point.leftPct.likely,
      band: [point.leftPct.low, point.leftPct.high],
      ahead: point === last ? point.leftPct.likely : null,
      aheadBand: point === last ? [point.leftPct.low, point.leftPct.high] : null,
    })),
    ...view.forecast.map((point) => ({
      round: point.round,
      left: null,
      band: null,
      ahead: point.leftPct.likely,
      aheadBand: [point.leftPct.low, point.leftPct.high],
    })),
  ];
  return (
    <Box role="img" aria-label={stallWords(view)}>
      <Box fontSize="small" color="soft">
        stain left, % — band: what an eye can tell · grey – – if it goes on like this ·{' '}
        <Box as="span" color="brick">
          red – – above this next time: change the method
        </Box>
      </Box>
      <ResponsiveContainer width="100%" height={180}>
        <ComposedChart
          data={rows}
          margin={{ top: 8, right: 14, bottom: 0, left: -14 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--ff-colors-line)" vertical={false} />
          <XAxis
            dataKey="round"
            type="number"
            domain={[0, 'dataMax']}
            allowDecimals={false}
            tickCount={rows.length}
            tick={TICK}
            tickFormatter={(round: number) => (round === 0 ? 'start' : `round ${round}`)}
            stroke={SOFT}
          />
          <YAxis domain={[0, 100]} ticks={[0, 25, 50, 75, 100]} tick={TICK} stroke={SOFT} />
          <Area
            dataKey="band"
            stroke="none"
            fill={LEAF}
            fillOpacity={0.2}
            isAnimationActive={false}
            activeDot={false}
          />
          <Area
            dataKey="aheadBand"
            stroke="none"
            fill={SOFT}
            fillOpacity={0.14}
            isAnimationActive={false}
            activeDot={false}
          />
          <Line
            dataKey="left"
            stroke={LEAF}
            strokeWidth={2.4}
            dot={{ r: 4, fill: LEAF }}
            isAnimationActive={false}
            activeDot={false}
          />
          <Line
            dataKey="ahead"
            stroke={SOFT}
            strokeWidth={1.8}
            strokeDasharray="6 5"
            dot={false}
            isAnimationActive={false}
            activeDot={false}
          />
          {view.changeLinePct !== null && (
            <ReferenceLine y={view.changeLinePct} stroke={BRICK} strokeDasharray="7 4" />
          )}
        </ComposedChart>
      </ResponsiveContainer>
    </Box>
  );
}
