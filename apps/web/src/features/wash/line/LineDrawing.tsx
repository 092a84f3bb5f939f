import { Box } from '@chakra-ui/react';
import { type LineView, PLACE_WORDS, type WetLine } from '@feverfew/contracts';
import { timeOfDay } from '../../../clock/timeOfDay';
import { decimal } from '../../../components/text/numbers';
import { Written } from '../drawings/Written';
import { pieceTitle } from '../washView';
import { Hanging } from './Hanging';
import { chanceText, rains, rangeText, stateText } from './lineView';
import { FOOT_Y, HOUR_PX, HOURS, NOW_Y } from './scale';

/** A piece has so much of the rope, px: more where there are few. */
const COLUMN = { least: 122, most: 190 } as const;
const PICTURE = 940;
const LEFT = 92;
const ROPE_Y = 84;
const HOUR_MS = 3_600_000;

/**
 * Threads down two trunks: each piece hangs with its water in it. From its hem a thread falls through the day and
 * narrows to nothing when it is dry. Rain and dusk lie across all threads.
 */
export function LineDrawing({
  line,
  chosenId,
  onChoose,
}: {
  line: LineView;
  chosenId: string | null;
  onChoose: (id: string | null) => void;
}) {
  const column = Math.min(
    COLUMN.most,
    Math.max(COLUMN.least, (PICTURE - 2 * LEFT) / Math.max(1, line.lines.length)),
  );
  const width = Math.max(PICTURE, LEFT * 2 + line.lines.length * column);
  const height = FOOT_Y + 88;
  const now = Date.parse(line.now);
  const y = (at: number) => NOW_Y + Math.min(HOURS + 0.6, Math.max(0, (at - now) / HOUR_MS)) * HOUR_PX;
  const firstTick = Math.ceil(now / HOUR_MS) * HOUR_MS;
  const dusk = Date.parse(line.dusk);
  const right = width - LEFT;
  return (
    <Box overflowX="auto">
      <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`}>
        <title>The line: {line.lines.length} things to dry</title>
        <Trunk x={LEFT - 34} height={height} />
        <Trunk x={right + 8} height={height} />
        <path
          d={`M${LEFT - 22} ${ROPE_Y - 8}Q${width / 2} ${ROPE_Y + 22} ${right + 22} ${ROPE_Y - 8}`}
          fill="none"
          stroke="var(--ff-colors-ink)"
          strokeWidth="2"
        />
        {Array.from({ length: HOURS + 1 }, (_, index) => firstTick + index * HOUR_MS).map((at) => (
          <g key={at}>
            <line
              x1={LEFT}
              x2={right}
              y1={y(at)}
              y2={y(at)}
              stroke="var(--ff-colors-track)"
              strokeWidth="2"
            />
            <Written x={LEFT - 42} y={y(at) + 5} anchor="end" tone="soft">
              {' '}
              {timeOfDay(at)}
            </Written>
          </g>
        ))}
        {rains(line)
          .filter(({ to, from }) => to > now && from < now + (HOURS + 0.6) * HOUR_MS)
          .map(({ from, to, chance, counts }) => (
            <g key={from}>
              <rect
                x={LEFT}
                y={y(from)}
                width={right - LEFT}
                height={Math.max(4, y(to) - y(from))}
                fill="var(--ff-colors-water-tint)"
                fillOpacity={counts ? 0.9 : 0.4}
                stroke="var(--ff-colors-water)"
                strokeDasharray={counts ? undefined : '2 5'}
                strokeWidth="1.4"
              />
              <Written x={LEFT + 10} y={y(from) + 17} tone="water" bold>
                {' '}
                rain, {chanceText(chance)}, {timeOfDay(from)}–{timeOfDay(to)}
              </Written>
            </g>
          ))}
        <line x1={LEFT} x2={right} y1={NOW_Y} y2={NOW_Y} stroke="var(--ff-colors-leaf)" strokeWidth="2" />
        <Written x={LEFT - 42} y={NOW_Y - 8} anchor="end" bold>
          {' '}
          now
        </Written>
        {dusk > now && dusk < now + (HOURS + 0.4) * HOUR_MS && (
          <g>
            <rect x={LEFT} y={y(dusk)} width={right - LEFT} height="26" fill="var(--ff-colors-slate)" />
            <Written x={LEFT + 12} y={y(dusk) + 18} tone="slate-text" bold>
              {' '}
              dusk {timeOfDay(dusk)}: nothing dries on out of doors
            </Written>
          </g>
        )}
        {line.lines.map((one, index) => (
          <Hanging
            key={one.lineId}
            one={one}
            x={LEFT + (width - 2 * LEFT - line.lines.length * column) / 2 + (index + 0.5) * column - 46}
            ropeY={ROPE_Y + sag(index, line.lines.length)}
            y={y}
            now={line.now}
            isChosen={chosenId === one.lineId}
            stopsAt={stopOf(one, line)}
            onChoose={() => onChoose(chosenId === one.lineId ? null : one.lineId)}
          />
        ))}
      </svg>
      <Box as="details" fontSize="note" marginTop="1">
        <summary>As a list</summary>
        <ul style={{ listStyle: 'none' }}>
          {line.lines.map((one) => (
            <li key={one.lineId}>
              {pieceTitle(one)}: {decimal(one.waterL)} L to lose, {PLACE_WORDS[one.place]},{' '}
              {rangeText(one, line.now)}, {stateText(one)}
            </li>
          ))}
        </ul>
      </Box>
    </Box>
  );
}

/** When rain or dusk stops a piece; else the foot of the picture. */
function stopOf({ state, hungAt }: WetLine, line: LineView): number {
  const now = Date.parse(line.now);
  const from = hungAt ? Date.parse(hungAt) : now;
  if (state === 'rainFirst') return rains(line).find(({ counts, to }) => counts && to > from)?.from ?? now;
  return state === 'duskFirst' ? Math.max(now, Date.parse(line.dusk)) : now + HOURS * HOUR_MS;
}

/** How far the rope hangs through at a place. */
const sag = (index: number, count: number): number =>
  12 * Math.sin((Math.PI * (index + 0.5)) / Math.max(1, count));

function Trunk({ x, height }: { x: number; height: number }) {
  return (
    <g>
      <path
        d={`M${x} 60L${x + 2} ${height}H${x + 26}L${x + 24} 60Z`}
        fill="var(--ff-colors-track)"
        stroke="var(--ff-colors-ink)"
        strokeWidth="1.6"
      />
      <path
        d={`M${x - 26} 62a18 18 0 0 1 2 -34 22 22 0 0 1 36 -14 20 20 0 0 1 34 16 17 17 0 0 1 2 32Z`}
        fill="var(--ff-colors-leaf-tint)"
        stroke="var(--ff-colors-leaf)"
        strokeWidth="1.8"
      />
    </g>
  );
}
