interface LevelPictureProps {
  readonly leftPct: number;
  readonly size?: number;
}

/** Outline of the mark, in a cloth of 64 × 44: the clean control lies left of the seam. */
const BLOB = 'M38 8 Q52 2 58 12 Q64 22 57 33 Q49 42 38 38 Q27 33 28 21 Q29 11 38 8 Z';

/**
 * A piece of cloth with the rest of a mark, next to a clean part: fewer lines and a smaller mark the less is
 * is.
 */
export function LevelPicture({ leftPct, size = 76 }: LevelPictureProps) {
  const share = leftPct / 100;
  const scale = leftPct === 0 ? 0 : 0.55 + 0.45 * share;
  const lines = Math.round(2 + 9 * share);
  return (
    <svg
      width={size}
      height={(size * 44) / 64}
      viewBox="0 0 64 44"
      aria-hidden="true"
      style={{ flexShrink: 0 }}
    >
      <defs>
        <clipPath id={`mark-${leftPct}`}>
          <path d={BLOB} transform={`translate(${44 - 44 * scale} ${22 - 22 * scale}) scale(${scale})`} />
        </clipPath>
      </defs>
      <rect
        x="1"
        y="1"
        width="62"
        height="42"
        rx="4"
        fill="var(--ff-colors-card)"
        stroke="var(--ff-colors-ink)"
        strokeWidth="1.6"
      />
      <path d="M25 3 V41" stroke="var(--ff-colors-soft)" strokeWidth="1.6" strokeDasharray="2 3" />
      {leftPct > 0 && (
        <g clipPath={`url(#mark-${leftPct})`}>
          <rect
            x="26"
            y="2"
            width="37"
            height="40"
            fill="var(--ff-colors-brick)"
            opacity={0.08 + 0.5 * share}
          />
          {Array.from({ length: lines }, (_, index) => {
            const x = 22 + (48 / lines) * (index + 0.5);
            return (
              <path
                key={x}
                d={`M${x} 44 L${x + 12} 0`}
                stroke="var(--ff-colors-brick)"
                strokeWidth="1.6"
                opacity={0.35 + 0.65 * share}
              />
            );
          })}
        </g>
      )}
    </svg>
  );
}
