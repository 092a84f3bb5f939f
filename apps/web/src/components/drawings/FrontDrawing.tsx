import { Box } from '@chakra-ui/react';
import { useId } from 'react';
import { ClothFill, lineOn } from './cloth';
import type { DrawnPiece } from './ShelfDrawing';

type Point = readonly [x: number, y: number];

interface Front {
  /** Outlines from back to front, on 360 × 300. */
  readonly paths: readonly string[];
  /** Seams and edges. */
  readonly seams: string;
  /** Where lines to the words begin, from the top down. */
  readonly anchors: readonly [Point, Point, Point, Point];
  readonly mark: Point;
}

const FRONTS: Readonly<Record<DrawnPiece['silhouette'], Front>> = {
  top: {
    paths: ['M132 24L64 50L8 214L58 232L92 142V290H268V142L302 232L352 214L296 50L228 24L180 66Z'],
    seams:
      'M132 24L150 72L180 66L210 72L228 24Q180 44 132 24 M172 66V290 M188 66V290 M16 192L66 210 M344 192L294 210 M204 102H240V132L222 142L204 132Z',
    anchors: [
      [214, 44],
      [262, 120],
      [318, 150],
      [320, 204],
    ],
    mark: [132, 150],
  },
  sleeveless: {
    paths: ['M140 16L112 40L128 104L84 292H276L232 104L248 40L220 16L180 84Z'],
    seams: 'M180 84V292 M128 104Q180 122 232 104',
    anchors: [
      [222, 50],
      [236, 130],
      [252, 196],
      [266, 262],
    ],
    mark: [150, 190],
  },
  legs: {
    paths: ['M112 14H248L268 290H200L180 108L160 290H92Z'],
    seams: 'M110 38H250 M180 38V108 M124 44Q130 70 116 78 M236 44Q230 70 244 78',
    anchors: [
      [246, 26],
      [244, 96],
      [256, 176],
      [262, 262],
    ],
    mark: [136, 170],
  },
  cloth: {
    paths: ['M52 24Q180 14 308 24L318 244L268 290Q150 292 44 284Z', 'M318 244L262 238L268 290Z'],
    seams: 'M64 36Q180 27 297 36L306 232 M64 36L57 272Q150 280 256 278',
    anchors: [
      [300, 60],
      [304, 122],
      [308, 180],
      [300, 246],
    ],
    mark: [150, 130],
  },
  small: {
    paths: ['M96 60Q180 52 264 60L270 222L232 256Q160 258 90 252Z', 'M270 222L226 216L232 256Z'],
    seams: 'M108 72Q180 65 252 72L257 212',
    anchors: [
      [260, 82],
      [262, 130],
      [264, 178],
      [254, 220],
    ],
    mark: [160, 140],
  },
  roll: {
    paths: ['M40 70L296 34L330 226L64 268Z'],
    seams:
      'M58 82L284 50L314 214L76 252Z M40 70L28 62 M44 90L31 84 M48 112L35 106 M52 140L39 134 M56 170L43 164',
    anchors: [
      [292, 62],
      [304, 112],
      [312, 162],
      [318, 212],
    ],
    mark: [150, 150],
  },
  block: {
    paths: ['M60 110Q66 52 100 52L286 62Q320 64 316 110V214Q316 250 284 250H92Q60 250 60 214Z'],
    seams: 'M60 128Q188 148 316 128 M188 138V250',
    anchors: [
      [304, 84],
      [314, 136],
      [314, 180],
      [306, 232],
    ],
    mark: [140, 96],
  },
};

/** Anchors of the lines that lead to words, as many as there are words, at most four. */
const MAX_LINES = 4;
const SIZE = { width: 460, height: 300, drawing: 360 } as const;

interface FrontDrawingProps {
  readonly piece: DrawnPiece;
  /** Words next to it, each in a row of one height. */
  readonly lines: number;
}

/** A piece from the front, with a line to each row of words at its side. On a phone they are below it. */
export function FrontDrawing({ piece, lines }: FrontDrawingProps) {
  const fill = useId();
  const { paths, seams, anchors, mark } = FRONTS[piece.silhouette];
  const drawn = anchors.slice(0, Math.min(lines, MAX_LINES));
  return (
    <svg
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      width="100%"
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
      strokeLinejoin="round"
      strokeLinecap="round"
      aria-hidden="true"
      style={{ display: 'block' }}
    >
      <defs>
        <ClothFill id={fill} group={piece.group} colour={piece.colour} />
      </defs>
      <g stroke={lineOn(piece.colour)}>
        {paths.map((d) => (
          <path key={d} d={d} fill={`url(#${fill})`} />
        ))}
        <path d={seams} strokeWidth="1.5" />
        {piece.isMarked && (
          <ellipse
            cx={mark[0]}
            cy={mark[1]}
            rx="22"
            ry="13"
            fill="#8a5a3c"
            fillOpacity="0.75"
            strokeDasharray="4 3"
            strokeWidth="1.4"
          />
        )}
      </g>
      <Box as="g" display={{ base: 'none', md: 'inline' }} stroke="edge" strokeWidth="1.3">
        {drawn.map(([x, y], at) => (
          <path
            key={`${x} ${y}`}
            d={`M${x} ${y}L${SIZE.width} ${((at + 0.5) * SIZE.height) / drawn.length}`}
          />
        ))}
      </Box>
    </svg>
  );
}
