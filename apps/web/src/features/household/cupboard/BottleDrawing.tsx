import type { Catalogue } from '@feverfew/contracts';
import { useId } from 'react';
import type { Family } from './cupboardView';

type Form = Catalogue['agents'][number]['form'];

/** Outlines on 80 × 96; the floor is at y 96. */
const OUTLINES: Readonly<
  Record<Form, { readonly body: string; readonly more: string; readonly top: number }>
> = {
  liquid: { body: 'M30 20V26Q16 34 16 48V96H64V48Q64 34 50 26V20Z', more: 'M28 8H52V18H28Z', top: 26 },
  powder: { body: 'M14 24H66V96H14Z', more: 'M14 38H66', top: 38 },
  solid: { body: 'M8 74H60V96H8Z', more: 'M8 74L18 64H70L60 74 M70 64V86L60 96', top: 74 },
};
/** Straw, sage, sand and the yellow of warning; blue stays water. */
const CONTENTS: Readonly<Record<Family, string>> = {
  detergents: '#e6dcae',
  oxygen: '#e4dccf',
  acids: '#dde5d0',
  sodas: '#e3e4db',
  solvents: '#ecdfc3',
  others: '#eae7da',
  alone: '#efe3a6',
};
const FLOOR = 96;

interface BottleDrawingProps {
  readonly form: Form;
  readonly family: Family;
  /** How full, 0 to 1; null = not entered: drawn without a level. */
  readonly share: number | null;
  /** Not in the house: an outline. */
  readonly isAbsent?: boolean;
}

/** A bottle, a box or a bar with its level. The words next to it say the same. */
export function BottleDrawing({ form, family, share, isAbsent = false }: BottleDrawingProps) {
  const { body, more, top } = OUTLINES[form];
  const inside = useId();
  const level = FLOOR - (share ?? 0) * (FLOOR - top);
  return (
    <svg
      viewBox="0 0 80 97"
      width="4.5rem"
      height="5.5rem"
      fill="none"
      stroke={isAbsent ? 'var(--ff-colors-soft)' : 'currentColor'}
      strokeWidth="2"
      strokeLinejoin="round"
      strokeLinecap="round"
      strokeDasharray={isAbsent ? '0.1 4.5' : undefined}
      aria-hidden="true"
      style={{ display: 'block', marginInline: 'auto' }}
    >
      {!isAbsent && <path d={body} fill="var(--ff-colors-card)" />}
      {share !== null && !isAbsent && (
        <>
          <clipPath id={inside}>
            <path d={body} />
          </clipPath>
          <g clipPath={`url(#${inside})`}>
            <rect x="0" y={level} width="80" height={FLOOR - level} fill={CONTENTS[family]} stroke="none" />
            <path d={`M0 ${level}H80`} strokeWidth="1.5" />
          </g>
        </>
      )}
      <path d={body} />
      <path d={more} />
    </svg>
  );
}
