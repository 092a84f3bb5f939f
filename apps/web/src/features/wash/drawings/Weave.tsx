import type { HeapPiece } from '@feverfew/contracts';
import { useId } from 'react';

type WeaveName = HeapPiece['weave'];

/** The lightness of the cloth, and the line on it. The word is next to it: a drawing is never the only sign. */
const TONES: Readonly<Record<HeapPiece['colour'], { readonly cloth: string; readonly thread: string }>> = {
  white: { cloth: '#fbfaf4', thread: '#c9cbbd' },
  natural: { cloth: '#eadfc3', thread: '#b39f6f' },
  pale: { cloth: '#cfe0ea', thread: '#7ea6bf' },
  mid: { cloth: '#86a08f', thread: '#55705f' },
  dark: { cloth: '#33423a', thread: '#70837a' },
  multicoloured: { cloth: '#e2d2c9', thread: '#a2584d' },
  unknown: { cloth: '#e4e4da', thread: '#8d978f' },
};

/** Lines of each pattern on 12 × 12. */
const LINES: Readonly<Record<WeaveName, string>> = {
  percale: 'M0 3h12M0 9h12M3 0v12M9 0v12',
  loops: 'M1 4a2 2 0 0 1 4 0M7 4a2 2 0 0 1 4 0M4 10a2 2 0 0 1 4 0M-2 10a2 2 0 0 1 4 0M10 10a2 2 0 0 1 4 0',
  damask: 'M6 1l2.4 5L6 11 3.6 6ZM0 -5l2.4 5L0 5-2.4 0ZM12 7l2.4 5',
  muslin: 'M0 1h12M0 5h12M0 9h12M1 0v12M5 0v12M9 0v12',
  stripe: 'M2 0v12M6 0v12M10 0v12',
  pique: 'M0 6l3-3 3 3-3 3ZM6 6l3-3 3 3-3 3ZM3 12l3-3 3 3M3 0l3 3 3-3',
  herringbone: 'M0 4l3-3 3 3 3-3 3 3M0 8l3-3 3 3 3-3 3 3M0 12l3-3 3 3 3-3 3 3',
  knit: 'M0 2l3 3 3-3 3 3 3-3M0 6l3 3 3-3 3 3 3-3M0 10l3 3 3-3 3 3 3-3',
  smooth: 'M0 6h12',
  denim: 'M-2 10L10 -2M2 14L14 2M-2 4L4 -2M8 14L14 8',
  drill: 'M-1 5L5 -1M-1 9L9 -1M1 13L13 1M5 13L13 5',
  slick: 'M0 2L12 4M0 8L12 10',
};

/** A pattern of our own for each weave, to be used as a fill: `url(#id)`. */
export function WeavePattern({
  id,
  weave,
  colour,
}: {
  id: string;
  weave: WeaveName;
  colour: HeapPiece['colour'];
}) {
  const { cloth, thread } = TONES[colour];
  return (
    <pattern id={id} width="12" height="12" patternUnits="userSpaceOnUse" patternTransform="scale(0.6)">
      <rect width="12" height="12" fill={cloth} />
      <path d={LINES[weave]} fill="none" stroke={thread} strokeWidth="1.3" />
    </pattern>
  );
}

/** A folded piece, as thick as its mass. */
export function FoldedPiece({
  piece,
  stays = false,
}: {
  piece: Pick<HeapPiece, 'weave' | 'colour' | 'massG'>;
  stays?: boolean;
}) {
  const id = useId();
  const height = Math.min(16, 5 + Math.sqrt(piece.massG) / 4);
  const top = 26 - height;
  return (
    <svg
      width="46"
      height="30"
      viewBox="0 0 46 30"
      aria-hidden="true"
      style={{ flexShrink: 0, opacity: stays ? 0.5 : 1 }}
    >
      <defs>
        <WeavePattern id={id} weave={piece.weave} colour={piece.colour} />
      </defs>
      <g stroke="var(--ff-colors-ink)" strokeWidth="1.4" strokeLinejoin="round">
        <path d={`M2 ${top}L10 ${top - 7}H44L36 ${top}Z`} fill={`url(#${id})`} />
        <path d={`M36 ${top}L44 ${top - 7}V${19}L36 26Z`} fill={`url(#${id})`} />
        <path d={`M2 ${top}H36V26H2Z`} fill={`url(#${id})`} />
      </g>
    </svg>
  );
}
