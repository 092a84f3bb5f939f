import type { Lexicon, Mix, MixBath, MixVerdict } from '@feverfew/contracts';
import { useId } from 'react';

interface MixTubProps {
  readonly mix: Mix;
  readonly verdict: MixVerdict | undefined;
  readonly name: string;
  /** Words painted on the rim: what can hurt. */
  readonly rim: string;
  readonly say: Lexicon;
}

const TOP = 58;
/** From the surface to the foot of the large figure. */
const BELOW_SURFACE = 32;
const FLOOR = 268;
const INK = 'var(--ff-colors-ink)';
const SOFT = 'var(--ff-colors-soft)';
const WATER = 'var(--ff-colors-water)';
const BRICK = 'var(--ff-colors-brick)';

/** The vessel from the side, live: how full and how deep, how warm, what is in it, and the rim that warns. */
export function MixTub({ mix, verdict, name, rim, say }: MixTubProps) {
  const hatch = useId();
  const bath = verdict?.bath ?? null;
  const refused = (verdict?.refused.length ?? 0) > 0;
  const share = bath ? Math.min(1, bath.vessel ? bath.vessel.fillL / bath.vessel.volumeL : 0.62) : 0;
  const level = FLOOR - share * (FLOOR - TOP - 12);
  const outline = outlineOf(mix.container.kind === 'vessel' || mix.container.kind === 'cup');
  const contents = (bath?.pours ?? []).map((pour) => say.name(pour.agentId));
  const label = refused
    ? `${name}: not mixed. ${rim}`
    : `${name}, ${bath ? filled(share, say.temp(bath.startC), ['water', ...contents]) : 'empty'}. ${rim}`;
  return (
    <svg viewBox="0 0 400 310" width="100%" role="img" aria-label={label} style={{ maxWidth: 460 }}>
      <defs>
        <pattern
          id={hatch}
          width="10"
          height="10"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1="0" y1="0" x2="0" y2="10" stroke={BRICK} strokeWidth="2" opacity="0.35" />
        </pattern>
      </defs>
      {bath && (
        <path
          d={outline.water(level)}
          fill="var(--ff-colors-water-tint)"
          stroke={WATER}
          strokeWidth="1.6"
          style={{ transition: 'all 160ms' }}
        />
      )}
      {refused && (
        <path
          d={outline.barred}
          fill={`url(#${hatch})`}
          stroke={BRICK}
          strokeWidth="1.8"
          strokeDasharray="7 5"
        />
      )}
      <path
        d={outline.wall}
        fill="none"
        stroke={INK}
        strokeWidth="2"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      {rim && <Line y={34} size={15} bold fill={BRICK} text={`⚠ ${rim}`} />}
      {bath && <InTheTub bath={bath} level={level} contents={contents} say={say} />}
      {refused && <Line y={212} size={24} bold fill={BRICK} text="Not mixed" />}
      {!bath && !refused && <Line y={180} size={16} fill={SOFT} text="Pour water or a product in" />}
      <Line
        y={304}
        size={14.5}
        fill={SOFT}
        text={bath?.vessel ? `${name}, ${Math.round(share * 100)} % full` : name}
      />
    </svg>
  );
}

interface LineProps {
  readonly y: number;
  readonly size: number;
  readonly fill: string;
  readonly text: string;
  readonly bold?: boolean;
}

/** A line of words in the middle. The size as a style: the page's own would win over an attribute. */
function Line({ y, size, fill, text, bold = false }: LineProps) {
  return (
    <text
      x="200"
      y={y}
      textAnchor="middle"
      style={{ fontSize: size, ...(bold ? { fontWeight: 700 } : {}) }}
      fill={fill}
    >
      {text}
    </text>
  );
}

interface InTheTubProps {
  readonly bath: MixBath;
  /** Of the water. */
  readonly level: number;
  readonly contents: readonly string[];
  readonly say: Lexicon;
}

function InTheTub({ bath, level, contents, say }: InTheTubProps) {
  const depth = bath.vessel ? `, ${bath.vessel.depthCm} cm deep` : '';
  const lines = [`${say.volume(bath.totalML)}${depth}`, ...wrapped(contents)];
  const below = 22 + (lines.length - 1) * 18;
  // Words never cross the surface: in low water they are above it.
  const isDeep = level + BELOW_SURFACE + below <= FLOOR + 4;
  const y = isDeep ? Math.max(level + BELOW_SURFACE, Math.min(level + 42, FLOOR - 66)) : level - 14 - below;
  return (
    <>
      <Line y={y} size={30} bold fill={WATER} text={say.temp(bath.startC)} />
      {lines.map((line, index) => (
        <Line key={line} y={y + 22 + index * 18} size={14.5} fill={INK} text={line} />
      ))}
    </>
  );
}

/** Paths of the wall, of the water at a level, and of what is barred. */
function outlineOf(open: boolean) {
  const [left, right] = open ? [26, 374] : [120, 280];
  const wall = (y: number) => (open ? (34 * (y - TOP)) / (FLOOR - TOP) : 0);
  const [a, b] = [left + wall(FLOOR), right - wall(FLOOR)];
  return {
    water: (level: number) => {
      const quarter = (right - left - 2 * wall(level)) / 4;
      const wave = ` t ${quarter} 0`;
      return (
        `M${left + wall(level)} ${level} q ${quarter / 2} -6 ${quarter} 0${wave}${wave}${wave} ` +
        `L${b} ${FLOOR + 6} Q${b - 2} ${FLOOR + 11} ${b - 12} ${FLOOR + 11} ` +
        `H${a + 12} Q${a + 2} ${FLOOR + 11} ${a} ${FLOOR + 6} Z`
      );
    },
    barred: `M${left + wall(140)} 140 H${right - wall(140)} L${b} ${FLOOR} H${a} Z`,
    wall: open
      ? `M${left - 10} ${TOP} H${right + 10} M${left} ${TOP} L${a} ${FLOOR + 4} ` +
        `Q${a + 2} ${FLOOR + 12} ${a + 12} ${FLOOR + 12} ` +
        `H${b - 12} Q${b - 2} ${FLOOR + 12} ${b} ${FLOOR + 4} L${right} ${TOP}`
      : `M${left} 96 V${FLOOR + 4} Q${left} ${FLOOR + 12} ${left + 10} ${FLOOR + 12} H${right - 10} ` +
        `Q${right} ${FLOOR + 12} ${right} ${FLOOR + 4} V96 Q${right} 84 ${right - 24} 76 V${TOP} ` +
        `H${left + 24} V76 Q${left} 84 ${left} 96 M${left + 16} ${TOP} H${right - 16} V44 H${left + 16} Z`,
  };
}

/** Names in lines that fit the tub, two lines at most. */
function wrapped(names: readonly string[]): string[] {
  const lines: string[] = [];
  for (const name of names) {
    const last = lines.at(-1);
    if (last !== undefined && `${last}, ${name}`.length <= 38) lines[lines.length - 1] = `${last}, ${name}`;
    else lines.push(name);
  }
  return lines.length > 2 ? [...lines.slice(0, 1), `and ${names.length - 1} more`] : lines;
}

const filled = (share: number, warmth: string, contents: readonly string[]): string =>
  `filled to ${Math.round(share * 100)} %, ${warmth}, with ${contents.join(', ')}`;
