import { Box, Grid } from '@chakra-ui/react';
import { effectRange, type StallView } from '@feverfew/contracts';
import { LevelPicture } from '../../../components/drawings/LevelPicture';
import { stallWords } from './stallWords';

const WIDTH = 360;
const HEIGHT = 186;
const ALL_THERE = 26;
const GONE = 162;
/** A box is at least so high, that an eye finds it. */
const MIN_BOX = 14;
const INK = 'var(--ff-colors-ink)';
const SOFT = 'var(--ff-colors-soft)';
const LINE = 'var(--ff-colors-line)';
const BRICK = 'var(--ff-colors-brick)';
/** Words above a line higher than this would run into the curve: they are below the drawing, %. */
const ROOM_ABOVE_PCT = 50;
/** As much as there is room for: the last rounds. */
const MAX_SHOWN = 5;

const yOf = (leftPct: number): number => GONE - (leftPct / 100) * (GONE - ALL_THERE);

/** What was left after each round, what comes of the same again, and the line to change the way; each with its words. */
export function StallCurve({ view }: { view: StallView }) {
  if (view.points.length < 2) return null;
  const shown = view.points.slice(-MAX_SHOWN);
  // Stalled: the same again is no way on, so nothing is drawn ahead.
  const ahead = view.verdict === 'stalled' ? [] : view.forecast.slice(0, 1);
  // One look is no trend yet: the line to change the way comes with the second.
  const changePct = ahead.length > 0 && view.points.length > 2 ? view.changeLinePct : null;
  const isLow = changePct !== null && changePct <= ROOM_ABOVE_PCT;
  const all = [...shown, ...ahead];
  const step = WIDTH / all.length;
  const xOf = (at: number) => (at + 0.5) * step;
  const last = shown.length - 1;
  return (
    <Box role="img" aria-label={stallWords(view)} maxWidth="30rem">
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width="100%" aria-hidden="true" style={{ display: 'block' }}>
        <path d={`M0 ${ALL_THERE}H${WIDTH}M0 ${GONE}H${WIDTH}`} stroke={LINE} strokeWidth="2" />
        <Words x={0} y={ALL_THERE - 8} text="all there" />
        <Words x={0} y={GONE + 18} text="gone" />
        <polyline
          points={shown.map(({ leftPct }, at) => `${xOf(at)},${yOf(leftPct.likely)}`).join(' ')}
          fill="none"
          stroke={INK}
          strokeWidth="3"
        />
        {ahead.map(({ leftPct }) => (
          <path
            key="ahead"
            d={`M${xOf(last)} ${yOf(shown[last]?.leftPct.likely ?? 0)}L${xOf(last + 1)} ${yOf(leftPct.likely)}`}
            stroke={INK}
            strokeWidth="3"
            strokeDasharray="1 7"
            strokeLinecap="round"
          />
        ))}
        {changePct !== null && (
          <path
            d={`M${xOf(last) + step * 0.35} ${yOf(changePct)}H${WIDTH}`}
            stroke={BRICK}
            strokeWidth="3"
            strokeDasharray="8 4"
          />
        )}
        {isLow &&
          [`above ${Math.round(changePct)} %:`, 'change the way'].map((text, at) => (
            <Words
              key={text}
              x={WIDTH}
              y={yOf(changePct) - 24 + at * 16}
              anchor="end"
              fill={BRICK}
              bold
              text={text}
            />
          ))}
        {all.map(({ round, leftPct }, at) => (
          <Point
            key={round}
            x={xOf(at)}
            range={leftPct}
            state={round === 0 ? 'start' : at === last ? 'now' : at > last ? 'ahead' : 'past'}
          />
        ))}
      </svg>
      <Grid
        templateColumns={`repeat(${all.length}, minmax(0, 1fr))`}
        textAlign="center"
        fontSize="small"
        aria-hidden="true"
      >
        {all.map(({ round, leftPct }, at) => (
          <Box key={round} color={at === last ? 'ink' : 'soft'} fontWeight={at === last ? 700 : 400}>
            <Box display="flex" justifyContent="center" opacity={at > last ? 0.6 : 1}>
              <LevelPicture leftPct={Math.round(leftPct.likely)} size={52} />
            </Box>
            {round === 0 ? 'start' : at === last ? 'now' : at > last ? 'same again' : `round ${round}`}
          </Box>
        ))}
      </Grid>
      {changePct !== null && !isLow && (
        <Box color="brick" fontSize="small" fontWeight={700} aria-hidden="true">
          Dashed line, {Math.round(changePct)} %: above it, change the way.
        </Box>
      )}
    </Box>
  );
}

interface PointProps {
  readonly x: number;
  readonly range: { readonly low: number; readonly likely: number; readonly high: number };
  readonly state: 'start' | 'past' | 'now' | 'ahead';
}

/** As high as what an eye can tell. */
function Point({ x, range, state }: PointProps) {
  if (state === 'start') return <circle cx={x} cy={yOf(range.likely)} r="6" fill={INK} />;
  const height = Math.max(MIN_BOX, yOf(range.low) - yOf(range.high));
  const top = Math.min(GONE - height, (yOf(range.low) + yOf(range.high) - height) / 2);
  const text = effectRange({ low: range.low / 100, high: range.high / 100 });
  return (
    <>
      <rect
        x={x - 10}
        y={top}
        width="20"
        height={height}
        rx="6"
        fill={state === 'now' ? INK : 'var(--ff-colors-card)'}
        stroke={INK}
        strokeWidth="2.5"
        strokeDasharray={state === 'ahead' ? '2 4' : undefined}
      />
      {state === 'ahead' ? (
        <Words x={x} y={Math.min(top + height + 17, HEIGHT - 2)} anchor="middle" text={text} />
      ) : (
        <Words
          x={x - 15}
          y={Math.min(top + height + 4, GONE - 5)}
          anchor="end"
          fill={INK}
          bold={state === 'now'}
          text={text}
        />
      )}
    </>
  );
}

interface WordsProps {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  readonly anchor?: 'start' | 'middle' | 'end';
  readonly fill?: string;
  readonly bold?: boolean;
}

const Words = ({ x, y, text, anchor = 'start', fill = SOFT, bold = false }: WordsProps) => (
  <text x={x} y={y} textAnchor={anchor} fill={fill} style={{ fontSize: 14.5, fontWeight: bold ? 700 : 400 }}>
    {text}
  </text>
);
