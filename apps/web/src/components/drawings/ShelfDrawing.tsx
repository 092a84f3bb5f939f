import type { Catalogue, PieceFacts } from '@feverfew/contracts';
import { useId } from 'react';
import { ClothFill, type FibreGroup, lineOn } from './cloth';

type Silhouette = Catalogue['items'][number]['silhouette'];

export interface DrawnPiece {
  readonly silhouette: Silhouette;
  readonly isHung: boolean;
  readonly massG: number;
  readonly colour: PieceFacts['colour'];
  readonly group: FibreGroup;
  /** It has a trouble that is open. */
  readonly isMarked: boolean;
  /** It is in the water: only its outline is left on the shelf. */
  readonly isAway: boolean;
}

/** Size of a drawing, px of its own; the shelf is at its lower edge. */
export const DRAWN = { width: 128, height: 92 } as const;
const FLOOR = DRAWN.height;
/** What hangs is taller. */
const HUNG_HEIGHT = 106;

/** Width of a folded stack by its silhouette. */
const FOLDED: Readonly<Record<Silhouette, number>> = {
  cloth: 100,
  top: 94,
  sleeveless: 90,
  legs: 92,
  small: 66,
  roll: 100,
  block: 104,
};
/** On a hanger: shoulders at y 22, hem at y 104. */
const HUNG: Readonly<Partial<Record<Silhouette, string>>> = {
  top: 'M50 18L64 36L78 18L95 25L107 66L95 71L88 48V104H40V48L33 71L21 66L33 25Z',
  sleeveless: 'M51 18L64 38L77 18L90 24L85 42L94 104H34L43 42L38 24Z',
  legs: 'M44 22H84L90 104H68L64 56L60 104H38Z',
};
const HANGER = 'M64 0V9 M64 9L30 25 M64 9L98 25';

/** Thickness of a folded piece on the shelf: with its mass, between two bounds. */
const THICK = { leastPx: 15, mostPx: 76, fullG: 1200, layerPx: 17 } as const;

/** A piece on its shelf: folded, on a hanger, rolled or in its place. The words below it say the same. */
export function ShelfDrawing(piece: DrawnPiece) {
  const fill = useId();
  return (
    <svg
      viewBox={`0 0 ${DRAWN.width} ${hungOf(piece) ? HUNG_HEIGHT : DRAWN.height}`}
      width="100%"
      style={{ display: 'block', maxWidth: '8rem', marginInline: 'auto' }}
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
      strokeLinejoin="round"
      strokeLinecap="round"
      aria-hidden="true"
    >
      {piece.isAway ? (
        <path d={outlineOf(piece)} stroke="var(--ff-colors-soft)" strokeDasharray="0.1 5" strokeWidth="2.4" />
      ) : (
        <>
          <defs>
            <ClothFill id={fill} group={piece.group} colour={piece.colour} />
          </defs>
          {hungOf(piece) && <path d={HANGER} strokeWidth="1.8" />}
          <g stroke={lineOn(piece.colour)}>
            <Body {...piece} fill={`url(#${fill})`} />
          </g>
        </>
      )}
    </svg>
  );
}

const hungOf = ({ isHung, silhouette }: DrawnPiece): string | undefined =>
  isHung ? HUNG[silhouette] : undefined;

type BodyProps = DrawnPiece & { readonly fill: string };

function Body(piece: BodyProps) {
  const hung = hungOf(piece);
  if (hung)
    return (
      <>
        <path d={hung} fill={piece.fill} />
        <path d="M64 38V104" strokeWidth="1.4" />
        {piece.isMarked && <Mark x={52} y={62} />}
      </>
    );
  if (piece.silhouette === 'roll') return <Roll {...piece} />;
  if (piece.silhouette === 'block') return <Block {...piece} />;
  return <Folded {...piece} />;
}

function thicknessOf({ massG }: DrawnPiece): number {
  const { leastPx, mostPx, fullG } = THICK;
  return leastPx + (mostPx - leastPx) * Math.min(1, massG / fullG);
}

function Folded(piece: BodyProps) {
  const width = FOLDED[piece.silhouette];
  const thick = thicknessOf(piece);
  const layers = Math.max(1, Math.round(thick / THICK.layerPx));
  const height = thick / layers;
  const left = (DRAWN.width - width - 12) / 2;
  const right = left + width;
  const round = height / 2;
  const top = FLOOR - thick;
  return (
    <>
      <path d={`M${left + round} ${top}l12 -12H${right + 12}l-12 12Z`} fill={piece.fill} />
      <path d={`M${right} ${top}l12 -12V${FLOOR - 12}L${right} ${FLOOR}Z`} fill={piece.fill} />
      {Array.from({ length: layers }, (_, at) => {
        const y = top + at * height;
        return (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: layers of one drawing have no identity of their own
            key={at}
            d={`M${left + round} ${y}H${right}v${height}H${left + round}a${round} ${round} 0 0 1 0 ${-height}Z`}
            fill={piece.fill}
          />
        );
      })}
      {piece.isMarked && <Mark x={left + width * 0.4} y={Math.min(FLOOR - 6, top + round)} />}
    </>
  );
}

function Roll(piece: BodyProps) {
  const radius = Math.min(26, 9 + thicknessOf(piece) / 4);
  const y = FLOOR - 2 * radius;
  return (
    <>
      <path d={`M12 ${y}H102V${FLOOR}H12Z`} fill={piece.fill} />
      <circle cx="102" cy={FLOOR - radius} r={radius} fill={piece.fill} />
      <path
        d={`M102 ${FLOOR - radius}m-3 0a3 3 0 0 1 6 1a6 6 0 0 1 -12 1a9 9 0 0 1 ${radius > 12 ? '17 -4' : '12 -4'}`}
        strokeWidth="1.5"
      />
      {piece.isMarked && <Mark x={46} y={FLOOR - radius} />}
    </>
  );
}

function Block(piece: BodyProps) {
  const height = Math.min(62, 20 + piece.massG / 320);
  const y = FLOOR - height;
  return (
    <>
      <path
        d={`M16 ${FLOOR}V${y + 8}q0 -8 10 -8Q64 ${y - 7} 102 ${y}q10 0 10 8V${FLOOR}Z`}
        fill={piece.fill}
      />
      <path d={`M16 ${y + height * 0.45}H112`} strokeWidth="1.4" />
      {piece.isMarked && <Mark x={58} y={y + height * 0.3} />}
    </>
  );
}

/** A place that needs care. Its colour is no statement about the mark. */
const Mark = ({ x, y }: { readonly x: number; readonly y: number }) => (
  <ellipse cx={x} cy={y} rx="9" ry="5.5" fill="#8a5a3c" stroke="none" />
);

function outlineOf(piece: DrawnPiece): string {
  const hung = hungOf(piece);
  if (hung) return hung;
  const y = FLOOR - Math.max(34, thicknessOf(piece)) - 12;
  return `M14 ${FLOOR - 2}V${y + 12}L26 ${y}H114V${FLOOR - 14}L102 ${FLOOR - 2}Z`;
}
