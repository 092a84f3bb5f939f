interface TubDrawingProps {
  readonly name: string;
  readonly fillL: number;
  readonly volumeL: number;
  readonly temp: string;
  readonly contents: string;
  readonly width?: number;
}

/** A vessel from the side: how full, how warm, what is in it. */
export function TubDrawing({ name, fillL, volumeL, temp, contents, width = 260 }: TubDrawingProps) {
  const share = Math.min(1, fillL / volumeL);
  const top = 22 + (1 - share) * 108;
  const inset = 16 * (1 - share);
  const label = `${name}, filled to ${Math.round(share * 100)} %, ${temp}, with ${contents}`;
  return (
    <svg width={width} viewBox="0 0 260 160" role="img" aria-label={label} style={{ maxWidth: '100%' }}>
      <path
        d={
          `M${24 + 16 - inset} ${top} q 16 -5 32 0 t 32 0 t 32 0 t 32 0 t 32 0 L ${220 + inset} ${top} L 208 130 ` +
          `Q 206 136 200 136 H 60 Q 54 136 52 130 Z`
        }
        fill="var(--ff-colors-water-tint)"
        stroke="var(--ff-colors-water)"
        strokeWidth="1.6"
      />
      <path
        d="M20 18 H240 M26 18 L48 132 Q50 142 60 142 H200 Q210 142 212 132 L234 18"
        fill="none"
        stroke="var(--ff-colors-ink)"
        strokeWidth="1.6"
        strokeLinecap="round"
      />
      <text
        x="130"
        y={Math.min(118, top + 34)}
        textAnchor="middle"
        style={{ fontSize: 22, fontWeight: 700 }}
        fill="var(--ff-colors-water)"
      >
        {temp}
      </text>
      <text x="130" y="156" textAnchor="middle" style={{ fontSize: 13 }} fill="var(--ff-colors-soft)">
        {`${name}, ${Math.round(share * 100)} % full`}
      </text>
    </svg>
  );
}
