import type { HeapPiece } from '@feverfew/contracts';
import { useId } from 'react';
import { WeavePattern } from './Weave';

const CENTRE = 70;
const GLASS = 55;
const RING = 64;

/** Where a share of the ring ends, clockwise from the foot; a whole ring has a hair's breadth left, or it would be none. */
function arc(share: number): string {
  const angle = 2 * Math.PI * Math.min(0.997, Math.max(0, share));
  const [x, y] = [CENTRE - RING * Math.sin(angle), CENTRE + RING * Math.cos(angle)];
  return `M${CENTRE} ${CENTRE + RING}A${RING} ${RING} 0 ${share > 0.5 ? 1 : 0} 1 ${x.toFixed(1)} ${y.toFixed(1)}`;
}

interface PortholeProps {
  readonly pieces: readonly Pick<HeapPiece, 'id' | 'weave' | 'colour' | 'massG'>[];
  /** Of what this programme holds, 0–1. */
  readonly full: number;
  readonly number: number;
  readonly size?: number;
  /** Time left in place of how full it is. */
  readonly running?: number | null;
  readonly answer?: 'may' | 'mayNot' | null;
}

/** A drum from the front: its pieces in layers, in the order of the list, as high as they are heavy. */
export function Porthole({ pieces, full, number, size = 150, running = null, answer = null }: PortholeProps) {
  const id = useId();
  const massG = pieces.reduce((sum, piece) => sum + piece.massG, 0) || 1;
  // A full drum leaves a hand's breadth free.
  const filled = GLASS * 2 * Math.min(0.86, 0.16 + 0.7 * full);
  let at = CENTRE + GLASS - filled;
  const share = running === null ? full : running;
  return (
    <svg width={size} height={size} viewBox="0 0 140 140" aria-hidden="true" style={{ flexShrink: 0 }}>
      <defs>
        <clipPath id={`${id}c`}>
          <circle cx={CENTRE} cy={CENTRE} r={GLASS} />
        </clipPath>
        {pieces.map((piece) => (
          <WeavePattern key={piece.id} id={`${id}${piece.id}`} weave={piece.weave} colour={piece.colour} />
        ))}
      </defs>
      <circle cx={CENTRE} cy={CENTRE} r={RING} fill="none" stroke="var(--ff-colors-track)" strokeWidth="7" />
      <path
        d={arc(share)}
        fill="none"
        stroke={running === null ? 'var(--ff-colors-leaf)' : 'var(--ff-colors-water)'}
        strokeWidth="7"
        strokeLinecap="round"
      />
      <circle cx={CENTRE} cy={CENTRE} r={GLASS} fill="var(--ff-colors-water-tint)" />
      <g clipPath={`url(#${id}c)`}>
        {pieces.map((piece, index) => {
          const height = (filled * piece.massG) / massG;
          const top = at;
          at += height;
          const bend = index % 2 === 0 ? 5 : -5;
          return (
            <path
              key={piece.id}
              d={`M10 ${top}Q${CENTRE - 25} ${top - bend} ${CENTRE} ${top}T130 ${top}V${top + height + 8}H10Z`}
              fill={`url(#${id}${piece.id})`}
              stroke="var(--ff-colors-ink)"
              strokeWidth="1.3"
            />
          );
        })}
        <path
          d="M32 46Q44 28 64 24"
          fill="none"
          stroke="var(--ff-colors-card)"
          strokeWidth="3.5"
          strokeLinecap="round"
          opacity="0.8"
        />
      </g>
      <circle cx={CENTRE} cy={CENTRE} r={GLASS} fill="none" stroke="var(--ff-colors-ink)" strokeWidth="2" />
      {answer === 'mayNot' && (
        <circle
          cx={CENTRE}
          cy={CENTRE}
          r={RING}
          fill="none"
          stroke="var(--ff-colors-brick)"
          strokeWidth="3"
          strokeDasharray="7 5"
        />
      )}
      {answer === 'may' && (
        <circle
          cx={CENTRE}
          cy={CENTRE}
          r={RING + 4}
          fill="none"
          stroke="var(--ff-colors-leaf)"
          strokeWidth="2"
        />
      )}
      <circle cx="22" cy="22" r="15" fill="var(--ff-colors-leaf)" />
      <text
        x="22"
        y="28"
        textAnchor="middle"
        style={{ fontFamily: 'var(--ff-fonts-heading)', fontWeight: 700, fontSize: 17 }}
        fill="var(--ff-colors-on-leaf)"
      >
        {number}
      </text>
    </svg>
  );
}
