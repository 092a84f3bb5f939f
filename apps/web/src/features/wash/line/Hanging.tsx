import { isOutdoors, PLACE_WORDS, type WetLine } from '@feverfew/contracts';
import { decimal } from '../../../components/text/numbers';
import { WeavePattern } from '../drawings/Weave';
import { Written } from '../drawings/Written';
import { pieceTitle } from '../washView';
import { isWell, rangeText, stateText } from './lineView';
import { FOOT_Y, NOW_Y } from './scale';

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

/** One piece on the rope, with its water and its thread. */
export function Hanging({
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
  const lines = [...rangeLines(rangeText(one, now)), stateText(one).split(',')[0] ?? ''];
  const tone = well ? 'leaf' : 'brick';
  const boxY = Math.min(last + 6, FOOT_Y + 14);
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
        <Support of={one.place} />
        {(isOutdoors(one.place) ? [18, 68] : []).map((at) => (
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
          <Written x={middle} y={ropeY - 21} anchor="middle" tone="leaf" size={15} bold>
            {' '}
            {one.order}
          </Written>
        </g>
      )}
      <Written x={middle} y={NOW_Y - 56} anchor="middle" size={15} bold>
        {' '}
        {short(pieceTitle(one))}
      </Written>
      <Written x={middle} y={NOW_Y - 38} anchor="middle" tone="soft" size={13.5}>
        {' '}
        {decimal(one.waterL)} L to lose
      </Written>
      <Written x={middle} y={NOW_Y - 20} anchor="middle" size={13.5}>
        {' '}
        {PLACE_WORDS[one.place]}
      </Written>
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
            stroke={`var(--ff-colors-${tone})`}
            strokeWidth="2.2"
            strokeDasharray={well ? undefined : '5 4'}
          />
        </>
      )}
      <rect
        x={middle - 56}
        y={boxY}
        width="112"
        height={lines.length * 17 + 8}
        rx="7"
        fill={well ? 'var(--ff-colors-card)' : 'var(--ff-colors-brick-tint)'}
        stroke={`var(--ff-colors-${tone})`}
        strokeWidth="1.6"
        strokeDasharray={one.state === 'cannotTell' ? '2 4' : well ? undefined : '5 4'}
      />
      {lines.map((text, at) => {
        const isState = at === lines.length - 1;
        return (
          <Written
            key={text}
            x={middle}
            y={boxY + 17 * (at + 1)}
            anchor="middle"
            tone={isState && well ? 'ink' : tone}
            {...(isState ? { size: 13.5 } : { bold: true })}
          >
            {' '}
            {text}
          </Written>
        );
      })}
    </g>
  );
}

/** What holds it where it is not pegged to the line: a rod, the back of a chair, or what it lies on. */
function Support({ of }: { of: WetLine['place'] }) {
  const path = { rack: 'M-6 0H98M2 0V10M90 0V10', chair: 'M-2 0H94V10M-2 0V10', flat: 'M-6 124H98' };
  return of === 'line' || of === 'shade' ? null : (
    <path
      d={path[of]}
      fill="none"
      stroke="var(--ff-colors-ink)"
      strokeWidth={of === 'flat' ? 2 : 4}
      strokeLinecap="round"
    />
  );
}

/** In the width of a box: with a day in it, a range takes two lines. */
const rangeLines = (text: string): string[] => {
  const [from = text, to] = text.split('–');
  return text.length > 13 && to ? [`${from} to`, to] : [text];
};

const short = (text: string): string => (text.length > 17 ? `${text.slice(0, 16)}…` : text);
