import type { DryingWay, Knowledge } from '@feverfew/knowledge';
import type { Envelope } from '../envelope/envelope.js';
import type { Household } from '../household/household.js';
import { indexKnowledge, type KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import type { PieceFacts } from '../textile/piece.js';
import { openCase } from '../treatment/case/openCase.js';
import type { DrumPiece, Held, Tumble } from './drumPiece.js';
import type { HeapEntry } from './heapEntry.js';

type InAir = Pick<DrumPiece, 'tumble' | 'flat' | 'sun'>;

/** How a wet piece may dry, wherever it was washed. */
export interface DryingLimits extends InAir {
  /** What felts is best laid out, though it may hang. */
  readonly felts: boolean;
}

export function dryingLimitsOf(entry: HeapEntry, household: Household, knowledge: Knowledge): DryingLimits {
  const { envelope } = openCase(entry.facts, household, knowledge).frame;
  const felting = feltingIn(entry.facts.piece, indexKnowledge(knowledge));
  return { ...dryingIn(envelope, entry), felts: felting !== undefined };
}

export const dryingIn = (envelope: Envelope, entry: HeapEntry): InAir => ({
  tumble: tumbleOf(envelope, entry),
  flat: barredWay(envelope, 'line') !== undefined,
  sun: sunOf(envelope),
});

/** The part and fibre of a piece that felts. */
export const feltingIn = ({ parts }: PieceFacts, index: KnowledgeIndex) =>
  parts
    .flatMap((part) => part.fibres.map((fibre) => ({ ...fibre, part: part.name })))
    .find(({ fibreId }) => index.fibres.get(fibreId)?.felts);

/** A mark still there would be set by it, and what solvent was in could burn. */
function tumbleOf(envelope: Envelope, entry: HeapEntry): Held<Tumble> {
  if (entry.solvent !== 'none') return { value: 'none', by: { kind: 'solvent' } };
  const low = barredWay(envelope, 'tumbleLow');
  if (low) return { value: 'none', by: low.limits[0]?.owner ?? null };
  const normal = barredWay(envelope, 'tumbleNormal');
  return normal ? { value: 'low', by: normal.limits[0]?.owner ?? null } : { value: 'normal', by: null };
}

const barredWay = ({ drying }: Envelope, way: DryingWay) =>
  drying.find((window) => window.way === way && !window.allowed);

function sunOf(envelope: Envelope): Held<'may' | 'never'> {
  const barred = barredWay(envelope, 'sun');
  return barred ? { value: 'never', by: barred.limits[0]?.owner ?? null } : { value: 'may', by: null };
}
