import { Box } from '@chakra-ui/react';
import { type LineView, PLACE_WORDS, type WetLine } from '@feverfew/contracts';
import { WeavePattern } from '../drawings/Weave';
import { pieceTitle } from '../washView';
import { chanceText, hourText, isWell, rains, rangeText, stateText } from './lineView';

/** A piece has so much of the rope, px: more where there are few. */
const COLUMN = { least: 122, most: 190 } as const;
const PICTURE = 940;
const LEFT = 92;
const ROPE_Y = 84;
const NOW_Y = 300;
const HOUR_PX = 36;
const HOUR_MS = 3_600_000;
const HOURS = 11;

/* A page's styles go before a drawing's own attributes: sizes of text stand in `style`. */

/** Cloth of each weave hangs as what it mostly is: a sheet, a shirt, trousers. */
const OUTLINES: Partial<Record<WetLine['weave'], string>> = {
  stripe: 'M16 0L0 46 16 54 18 40V116H74V40L76 54 92 46 76 0 58 0Q46 10 34 0Z',
  pique: 'M16 0L0 46 16 54 18 40V110H74V40L76 54 92 46 76 0 58 0Q46 10 34 0Z',
  knit: 'M16 0L0 56 16 62 18 44V104H74V44L76 62 92 56 76 0 58 0Q46 8 34 0Z',
  herringbone: 'M16 0L4 30 16 36V100H76V36L88 30 76 0 56 0Q46 12 36 0Z',
  denim: 'M14 0H78L84 120H54L46 40 38 120H8Z',
  drill: 'M12 0H80V112H12Z',
};
const CLOTH = 'M6 0H86V118Q46 108 6 118Z';

/**
 * Threads down two trunks: each piece hangs with its water in it; from its hem a thread falls through the day and
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
  const height = NOW_Y + HOURS * HOUR_PX + 70;
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
            <text
              x={LEFT - 42}
              y={y(at) + 5}
              textAnchor="end"
              fill="var(--ff-colors-soft)"
              style={{ fontSize: 14 }}
            >
              {hourText(at)}
            </text>
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
              <text
                x={LEFT + 10}
                y={y(from) + 17}
                fill="var(--ff-colors-water)"
                style={{ fontSize: 14, fontWeight: 700 }}
              >
                rain, {chanceText(chance)}, {hourText(from)}–{hourText(to)}
              </text>
            </g>
          ))}
        <line x1={LEFT} x2={right} y1={NOW_Y} y2={NOW_Y} stroke="var(--ff-colors-leaf)" strokeWidth="2" />
        <text
          x={LEFT - 42}
          y={NOW_Y - 8}
          textAnchor="end"
          fill="var(--ff-colors-ink)"
          style={{ fontSize: 14, fontWeight: 700 }}
        >
          now
        </text>
        {dusk > now && dusk < now + (HOURS + 0.4) * HOUR_MS && (
          <g>
            <rect x={LEFT} y={y(dusk)} width={right - LEFT} height="26" fill="var(--ff-colors-slate)" />
            <text
              x={LEFT + 12}
              y={y(dusk) + 18}
              fill="var(--ff-colors-slate-text)"
              style={{ fontSize: 14, fontWeight: 700 }}
            >
              dusk {hourText(dusk)}: nothing dries on out of doors
            </text>
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
      <Box as="details" fontSize="15px" marginTop="4px">
        <summary>As a list</summary>
        <ul style={{ listStyle: 'none' }}>
          {line.lines.map((one) => (
            <li key={one.lineId}>
              {pieceTitle(one)}: {one.waterL.toFixed(1)} L to lose, {PLACE_WORDS[one.place]},{' '}
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

function Hanging({
  one,
  x,
  ropeY,
  y,
  now,
  isChosen,
  stopsAt,
  onChoose,
}: {
  one: WetLine;
  x: number;
  ropeY: number;
  y: (at: number) => number;
  now: string;
  isChosen: boolean;
  /** Where rain, dusk or the end of the picture stops what is not dry by then. */
  stopsAt: number;
  onChoose: () => void;
}) {
  const id = `w${one.lineId}`;
  const outline = OUTLINES[one.weave] ?? CLOTH;
  const middle = x + 46;
  const wet = Math.min(26, 6 + one.waterL * 9);
  const ends = [one.earliest, one.latest].map((at) => (at ? y(Date.parse(at)) : null));
  // What does not come to an end in time ends where it is stopped.
  const last = ends[1] ?? y(stopsAt);
  const first = Math.min(ends[0] ?? last, last);
  const well = isWell(one);
  const tone = well ? 'var(--ff-colors-leaf)' : 'var(--ff-colors-brick)';
  const boxY = Math.min(last + 6, NOW_Y + HOURS * HOUR_PX + 14);
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button inside a drawing
    <g
      role="button"
      tabIndex={0}
      aria-pressed={isChosen}
      aria-label={`${pieceTitle(one)}: ${rangeText(one, now)}, ${stateText(one)}`}
      style={{ cursor: 'pointer' }}
      onClick={onChoose}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onChoose();
      }}
    >
      {/* The whole strip is one target, not the lines of it alone. */}
      <rect x={x - 8} y={ropeY - 40} width="108" height={boxY + 44 - ropeY + 40} fill="transparent" />
      <defs>
        <WeavePattern id={id} weave={one.weave} colour={one.colour} />
        <clipPath id={`${id}c`}>
          <path d={outline} />
        </clipPath>
      </defs>
      <g transform={`translate(${x} ${ropeY})`} opacity={one.hungAt ? 1 : 0.75}>
        <path d={outline} fill={`url(#${id})`} />
        <g clipPath={`url(#${id}c)`}>
          <path d="M0 58Q23 52 46 58T92 58V130H0Z" fill="var(--ff-colors-water)" fillOpacity="0.4" />
        </g>
        <path
          d={outline}
          fill="none"
          stroke="var(--ff-colors-ink)"
          strokeWidth={isChosen ? 3 : 1.6}
          strokeDasharray={one.hungAt ? undefined : '5 4'}
          strokeLinejoin="round"
        />
        {[18, 68].map((at) => (
          <rect
            key={at}
            x={at}
            y="-8"
            width="6"
            height="15"
            rx="2"
            fill="var(--ff-colors-card)"
            stroke="var(--ff-colors-ink)"
            strokeWidth="1.2"
          />
        ))}
      </g>
      {one.order > 0 && (
        <g>
          <circle
            cx={middle}
            cy={ropeY - 26}
            r="13"
            fill="var(--ff-colors-card)"
            stroke="var(--ff-colors-leaf)"
            strokeWidth="1.8"
          />
          <text
            x={middle}
            y={ropeY - 21}
            textAnchor="middle"
            fill="var(--ff-colors-leaf)"
            style={{ fontSize: 15, fontWeight: 700 }}
          >
            {one.order}
          </text>
        </g>
      )}
      <text
        x={middle}
        y={NOW_Y - 56}
        textAnchor="middle"
        fill="var(--ff-colors-ink)"
        style={{ fontSize: 15, fontWeight: 700 }}
      >
        {short(pieceTitle(one))}
      </text>
      <text
        x={middle}
        y={NOW_Y - 38}
        textAnchor="middle"
        fill="var(--ff-colors-soft)"
        style={{ fontSize: 13.5 }}
      >
        {one.waterL.toFixed(1)} L to lose
      </text>
      <text
        x={middle}
        y={NOW_Y - 20}
        textAnchor="middle"
        fill="var(--ff-colors-ink)"
        style={{ fontSize: 13.5 }}
      >
        {PLACE_WORDS[one.place]}
      </text>
      {one.state !== 'cannotTell' && (
        <>
          <path
            d={`M${middle - wet} ${NOW_Y}H${middle + wet}L${middle} ${last}Z`}
            fill="var(--ff-colors-water-tint)"
            stroke="var(--ff-colors-water)"
            strokeWidth="1.3"
          />
          <path
            d={`M${middle - wet * 0.62} ${NOW_Y}H${middle + wet * 0.62}L${middle} ${first}Z`}
            fill="var(--ff-colors-water)"
          />
          <path
            d={`M${middle - 14} ${first}H${middle + 16}V${last}H${middle - 14}`}
            fill="none"
            stroke={tone}
            strokeWidth="2.2"
            strokeDasharray={well ? undefined : '5 4'}
          />
        </>
      )}
      <rect
        x={middle - 56}
        y={boxY}
        width="112"
        height="42"
        rx="7"
        fill={well ? 'var(--ff-colors-card)' : 'var(--ff-colors-brick-tint)'}
        stroke={tone}
        strokeWidth="1.6"
        strokeDasharray={one.state === 'cannotTell' ? '2 4' : well ? undefined : '5 4'}
      />
      <text
        x={middle}
        y={boxY + 17}
        textAnchor="middle"
        fill={tone}
        style={{ fontSize: 14, fontWeight: 700 }}
      >
        {rangeText(one, now)}
      </text>
      <text
        x={middle}
        y={boxY + 34}
        textAnchor="middle"
        fill={well ? 'var(--ff-colors-ink)' : tone}
        style={{ fontSize: 13.5 }}
      >
        {stateText(one).split(',')[0]}
      </text>
    </g>
  );
}

const short = (text: string): string => (text.length > 17 ? `${text.slice(0, 16)}…` : text);
