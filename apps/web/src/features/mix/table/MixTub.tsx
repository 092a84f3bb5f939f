import type { Lexicon, Mix, MixVerdict } from '@feverfew/contracts';
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
const FLOOR = 268;

/** The vessel from the side, live: how full and how deep, how warm, what is in it, and the rim that warns. */
export function MixTub({ mix, verdict, name, rim, say }: MixTubProps) {
  const hatch = useId();
  const bath = verdict?.bath ?? null;
  const refused = (verdict?.refused.length ?? 0) > 0;
  const open = mix.container.kind === 'vessel' || mix.container.kind === 'cup';
  const share = bath ? Math.min(1, bath.vessel ? bath.vessel.fillL / bath.vessel.volumeL : 0.62) : 0;
  const level = FLOOR - share * (FLOOR - TOP - 12);
  const [left, right] = open ? [26, 374] : [120, 280];
  const wall = (y: number) => (open ? (34 * (y - TOP)) / (FLOOR - TOP) : 0);
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
          <line x1="0" y1="0" x2="0" y2="10" stroke="var(--ff-colors-brick)" strokeWidth="2" opacity="0.35" />
        </pattern>
      </defs>
      {bath && (
        <path
          d={
            `M${left + wall(level)} ${level} q ${(right - left - 2 * wall(level)) / 8} -6 ` +
            `${(right - left - 2 * wall(level)) / 4} 0 t ${(right - left - 2 * wall(level)) / 4} 0 t ` +
            `${(right - left - 2 * wall(level)) / 4} 0 t ${(right - left - 2 * wall(level)) / 4} 0 ` +
            `L${right - wall(FLOOR)} ${FLOOR + 6} Q${right - wall(FLOOR) - 2} ${FLOOR + 11} ` +
            `${right - wall(FLOOR) - 12} ${FLOOR + 11} H${left + wall(FLOOR) + 12} Q${left + wall(FLOOR) + 2} ` +
            `${FLOOR + 11} ${left + wall(FLOOR)} ${FLOOR + 6} Z`
          }
          fill="var(--ff-colors-water-tint)"
          stroke="var(--ff-colors-water)"
          strokeWidth="1.6"
          style={{ transition: 'all 160ms' }}
        />
      )}
      {refused && (
        <path
          d={`M${left + wall(140)} 140 H${right - wall(140)} L${right - wall(FLOOR)} ${FLOOR} H${left + wall(FLOOR)} Z`}
          fill={`url(#${hatch})`}
          stroke="var(--ff-colors-brick)"
          strokeWidth="1.8"
          strokeDasharray="7 5"
        />
      )}
      <path
        d={
          open
            ? `M${left - 10} ${TOP} H${right + 10} M${left} ${TOP} L${left + wall(FLOOR)} ${FLOOR + 4} ` +
              `Q${left + wall(FLOOR) + 2} ${FLOOR + 12} ${left + wall(FLOOR) + 12} ${FLOOR + 12} ` +
              `H${right - wall(FLOOR) - 12} Q${right - wall(FLOOR) - 2} ${FLOOR + 12} ${right - wall(FLOOR)} ` +
              `${FLOOR + 4} L${right} ${TOP}`
            : `M${left} 96 V${FLOOR + 4} Q${left} ${FLOOR + 12} ${left + 10} ${FLOOR + 12} H${right - 10} ` +
              `Q${right} ${FLOOR + 12} ${right} ${FLOOR + 4} V96 Q${right} 84 ${right - 24} 76 V${TOP} ` +
              `H${left + 24} V76 Q${left} 84 ${left} 96 M${left + 16} ${TOP} H${right - 16} V44 H${left + 16} Z`
        }
        fill="none"
        stroke="var(--ff-colors-ink)"
        strokeWidth="2"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      {rim && (
        <text
          x="200"
          y="34"
          textAnchor="middle"
          style={{ fontSize: 15, fontWeight: 700 }}
          fill="var(--ff-colors-brick)"
        >
          ⚠ {rim}
        </text>
      )}
      {bath && (
        <>
          <text
            x="200"
            y={Math.min(FLOOR - 66, level + 42)}
            textAnchor="middle"
            style={{ fontSize: 30, fontWeight: 700 }}
            fill="var(--ff-colors-water)"
          >
            {say.temp(bath.startC)}
          </text>
          {[
            `${say.volume(bath.totalML)}${bath.vessel ? `, ${bath.vessel.depthCm} cm deep` : ''}`,
            ...wrapped(contents),
          ].map((line, index) => (
            <text
              key={line}
              x="200"
              y={Math.min(FLOOR - 66, level + 42) + 22 + index * 18}
              textAnchor="middle"
              style={{ fontSize: 14.5 }}
              fill="var(--ff-colors-ink)"
            >
              {line}
            </text>
          ))}
        </>
      )}
      {refused && (
        <text
          x="200"
          y="212"
          textAnchor="middle"
          style={{ fontSize: 24, fontWeight: 700 }}
          fill="var(--ff-colors-brick)"
        >
          Not mixed
        </text>
      )}
      {!bath && !refused && (
        <text x="200" y="180" textAnchor="middle" style={{ fontSize: 16 }} fill="var(--ff-colors-soft)">
          Pour water or a product in
        </text>
      )}
      <text x="200" y="304" textAnchor="middle" style={{ fontSize: 14.5 }} fill="var(--ff-colors-soft)">
        {name}
        {bath?.vessel ? `, ${Math.round(share * 100)} % full` : ''}
      </text>
    </svg>
  );
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
