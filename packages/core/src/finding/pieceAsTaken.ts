import { BLANK_LABEL, type CareLabel } from '../textile/careLabel.js';
import type { PieceFacts } from '../textile/piece.js';
import type { Finding, FindingFacts } from './finding.js';
import { TAG_CHECK_ID } from './usualCheckId.js';

type Taken = FindingFacts['usualTaken'];

/** A tag of 30 °C mostly has a bar under the tub. */
const BARS: Readonly<Record<NonNullable<Taken['washC']>, 0 | 1>> = { 30: 1, 40: 0, 60: 0 };

/** A tag of which only the number in the tub is known. */
const tagOf = (washC: NonNullable<Taken['washC']>): CareLabel => ({
  ...BLANK_LABEL,
  wash: { kind: 'machine', maxC: washC, bars: BARS[washC] },
});

/** The piece with its tag as a look has found it: crossed out. */
export const withTagRead = (
  piece: PieceFacts,
  seen: Readonly<Record<string, boolean>> | undefined,
): PieceFacts =>
  piece.label === null && seen?.[TAG_CHECK_ID] === false
    ? { ...piece, label: { ...BLANK_LABEL, wash: { kind: 'never' } } }
    : piece;

/** The piece with what was taken as usual filled in; the same piece where nothing was. */
export function withTaken(
  piece: PieceFacts,
  taken: Pick<Taken, 'parts' | 'washC' | 'colour'> | null,
): PieceFacts {
  if (!taken) return piece;
  return {
    ...piece,
    parts: taken.parts ?? piece.parts,
    colour: taken.colour ?? piece.colour,
    label: taken.washC === null ? piece.label : tagOf(taken.washC),
  };
}

/** The piece a plan was made for: as it was given, and as usual where it was not. */
export function pieceAsTaken(piece: PieceFacts, findings: readonly Finding[]): PieceFacts {
  const taken = findings.find((one) => one.code === 'usualTaken');
  return withTaken(piece, taken?.facts ?? null);
}
