import type { VesselForm } from '@feverfew/contracts';

export type WorkplaceGlyph = VesselForm | 'machine' | 'line' | 'place';

/** Walls of a vessel from the side on 48 × 40: rim and body, and the left edge at rim and floor. */
const WALLS: Readonly<
  Record<VesselForm, { body: string; rim: readonly [number, number]; floor: readonly [number, number] }>
> = {
  bucket: {
    body: 'M12 8 L15.5 34 H32.5 L36 8 M9.5 8 H38.5 M12 8 C14 1.5 34 1.5 36 8',
    rim: [12, 8],
    floor: [15.5, 34],
  },
  basin: { body: 'M7 12 L12 32 H36 L41 12 M4 12 H44', rim: [7, 12], floor: [12, 32] },
  bowl: { body: 'M8 14 C10 26 14 32 18 32 H30 C34 32 38 26 40 14 M6 14 H42', rim: [8, 14], floor: [17, 32] },
  sink: { body: 'M9 12 L11.5 32 H36.5 L39 12 M5 12 H43 M24 12 V5 H31 V8', rim: [9, 12], floor: [11.5, 32] },
  bathtub: {
    body: 'M5 10 L8.5 31 Q9 33 11 33 H37 Q39 33 39.5 31 L43 10 M2 10 H46 M12 33 V36 M36 33 V36',
    rim: [5, 10],
    floor: [9, 33],
  },
  jar: {
    body: 'M15 10 V32 Q15 34 17 34 H31 Q33 34 33 32 V10 M13 10 H35 M16 6 H32 V10 H16 Z',
    rim: [15, 10],
    floor: [15, 34],
  },
};

interface VesselGlyphProps {
  readonly of: WorkplaceGlyph;
  /** How full, 0–1. */
  readonly full?: number;
  readonly width?: number;
  /** Not there yet, or in use by something else. */
  readonly quiet?: boolean;
}

/** A vessel, a machine or a line, small, in 1.6 px lines; the words next to it say the same. */
export function VesselGlyph({ of, full = 0.6, width = 44, quiet = false }: VesselGlyphProps) {
  const stroke = quiet ? 'var(--ff-colors-soft)' : 'currentColor';
  return (
    <svg
      width={width}
      height={(width * 40) / 48}
      viewBox="0 0 48 40"
      fill="none"
      stroke={stroke}
      strokeWidth="1.6"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
      style={{ flexShrink: 0 }}
    >
      {of === 'machine' ? (
        <>
          <rect x="9" y="3" width="30" height="34" rx="2" />
          <path d="M13 8h6 M33 8h2" />
          <circle cx="24" cy="23" r="9" />
          <path d="M15.8 25c2.7-2 5.4 2 8.2 0s5.5-2 8.2 0a9 9 0 0 1-16.4 0Z" {...WATER} />
        </>
      ) : of === 'line' ? (
        <path d="M6 6V36 M42 6V36 M3 8C14 11 34 11 45 8 M14 10v19h20V10 M19 8.5v4 M29 8.5v4" />
      ) : of === 'place' ? (
        <path d="M6 26C14 20 34 20 42 26 M6 26v8h36v-8 M24 6v9 M20 11.5l4 4 4-4" />
      ) : (
        <Vessel {...WALLS[of]} full={full} />
      )}
    </svg>
  );
}

const WATER = { fill: 'var(--ff-colors-water-tint)', stroke: 'var(--ff-colors-water)' } as const;

function Vessel({ body, rim, floor, full }: (typeof WALLS)['bucket'] & { full: number }) {
  const top = floor[1] - (floor[1] - rim[1] - 2) * Math.min(1, Math.max(0, full));
  const left = rim[0] + ((floor[0] - rim[0]) * (top - rim[1])) / (floor[1] - rim[1]);
  const quarter = (48 - 2 * left) / 4;
  return (
    <>
      {full > 0 && (
        <path
          d={`M${left} ${top}q${quarter / 2} -2 ${quarter} 0t${quarter} 0 ${quarter} 0 ${quarter} 0L${48 - floor[0]} ${floor[1]}H${floor[0]}Z`}
          {...WATER}
        />
      )}
      <path d={body} />
    </>
  );
}
