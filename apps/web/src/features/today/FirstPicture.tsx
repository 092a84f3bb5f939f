/** A tub with a cloth over its rim, and the plant that names the tool, in line. */
export function FirstPicture() {
  return (
    <svg
      viewBox="0 0 360 190"
      width="100%"
      fill="none"
      strokeWidth="2"
      strokeLinejoin="round"
      strokeLinecap="round"
      aria-hidden="true"
    >
      <path d="M6 172H354" stroke="var(--ff-colors-soft)" />
      <path
        d="M52 84q14-6 28 0t28 0 28 0 28 0 28 0L176 164H70Z"
        fill="var(--ff-colors-water-tint)"
        stroke="var(--ff-colors-water)"
      />
      <g stroke="var(--ff-colors-ink)">
        <path d="M40 48 L62 162Q64 172 74 172H172Q182 172 184 162L206 48" />
        <path d="M30 48H216M30 48q-10 0-10 7t10 7h13M216 48q10 0 10 7t-10 7h-13" />
        <path
          d="M78 48Q78 36 90 36H146Q158 36 158 48L166 112q-13 8-26 2t-26 4-26-2-20-2Z"
          fill="var(--ff-colors-card)"
        />
      </g>
      <path d="M96 54L92 108M140 54L146 106" stroke="var(--ff-colors-soft)" />
      <path d="M110 72q8-8 16 0 6 10-2 17-10 4-16-3-4-8 2-14Z" fill="#c4607c" />
      <g stroke="var(--ff-colors-leaf)">
        <path d="M288 172Q292 110 306 66M290 144Q276 120 272 96M291 150Q312 112 334 102" />
        <path
          d="M290 150q-26-6-34-22 24-4 34 22ZM292 158q30 2 44-20-32-2-44 20Z"
          fill="var(--ff-colors-leaf-tint)"
        />
        <Flower x={306} y={52} />
        <Flower x={270} y={84} size={0.8} />
        <Flower x={338} y={94} size={0.75} />
      </g>
    </svg>
  );
}

function Flower({ x, y, size = 1 }: { x: number; y: number; size?: number }) {
  return (
    <g transform={`translate(${x} ${y}) scale(${size})`}>
      {[0, 45, 90, 135, 180, 225, 270, 315].map((turn) => (
        <ellipse
          key={turn}
          cx="0"
          cy="-15"
          rx="6"
          ry="9"
          transform={`rotate(${turn})`}
          fill="var(--ff-colors-card)"
        />
      ))}
      <circle r="9" fill="var(--ff-colors-disc)" />
    </g>
  );
}
