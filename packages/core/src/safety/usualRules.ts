import { UNKNOWN_FIBRE_ID, type UsualPiece } from '@feverfew/knowledge';
import type { FindingFacts } from '../finding/finding.js';
import { pieceAsTaken } from '../finding/pieceAsTaken.js';
import { USUAL_CHECK_ID } from '../finding/usualCheckId.js';
import type { CareLabel } from '../textile/careLabel.js';
import type { PieceFacts, PiecePart } from '../textile/piece.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import type { CaseRead } from './readCase.js';
import type { Violation } from './violation.js';
import type { WorkList } from './work.js';

/** Makes and tags rarer than this are left out. */
const ASKED_FROM = 0.01;
/** What was taken must hold for at least this share of such pieces. */
const MIN_USUAL = 0.5;

/** So many must be white for white to be taken. */
const MIN_WHITE = 0.8;

/** What ruins a piece for good. */
const RUINS: ReadonlySet<Violation['code']> = new Set([
  'agentOnForbiddenFibre',
  'agentAgainstLabel',
  'boundsExceeded',
  'tooHot',
  'pHOutsideFibre',
  'tooWet',
  'programmeTooStrong',
  'actionTooStrong',
  'againstTag',
  'againstConstruction',
  'dryingForbidden',
  'hiddenTestMissing',
]);

/** The facts a plan was made for: as given, and as usual where it says so. */
export const factsAsTaken = ({ facts, findings }: Plan): TroubleFacts => {
  const piece = pieceAsTaken(facts.piece, findings);
  return piece === facts.piece ? facts : { ...facts, piece };
};

/**
 * Holds what a plan took as usual against what was given and against what such pieces are. Work before the look at the
 * tag is then checked on every other make and tag from one in a hundred. Without such a look, all work is.
 * @param check work against facts
 */
export function usualFaults(
  plan: Plan,
  list: WorkList,
  { knowledge }: Pick<CaseRead, 'knowledge'>,
  check: (list: WorkList, facts: TroubleFacts) => readonly Violation[],
): Violation[] {
  const { facts } = plan;
  const taken = plan.findings.find((one) => one.code === 'usualTaken');
  if (!taken) return [];
  const usual = knowledge.usualPieces.find(({ itemId }) => itemId === facts.piece.itemId);
  const partNames = knowledge.items.find(({ id }) => id === facts.piece.itemId)?.partNames ?? [];
  if (!usual || isAgainst(facts.piece, taken.facts, usual, partNames))
    return [{ code: 'usualWrong', where: 'usualTaken' }];
  if (facts.seen?.[USUAL_CHECK_ID]) return [];
  const turn = plan.passes.findIndex(({ passId }) =>
    plan.rounds.some(({ passes }) =>
      passes.some(({ id, checks }) => id === passId && checks.some((one) => one.id === USUAL_CHECK_ID)),
    ),
  );
  const before = {
    ...list,
    work: list.work.filter(
      (one) => turn < 0 || one.turn < turn || (one.turn === turn && one.kind === 'firstAid'),
    ),
  };
  if (before.work.length === 0) return [];
  const known = new Set(check(before, factsAsTaken(plan)).map(keyOf));
  return othersOf(factsAsTaken(plan), facts, usual, partNames)
    .flatMap((other) => check(before, other))
    .filter((one) => RUINS.has(one.code) && !known.has(keyOf(one)))
    .map(({ where }): Violation => ({ code: 'usualUnguarded', where }))
    .slice(0, 1);
}

const keyOf = ({ code, where }: Violation): string => `${code} ${where}`;

const isOpen = ({ fibres }: PiecePart): boolean =>
  fibres.every(({ fibreId }) => fibreId === UNKNOWN_FIBRE_ID);

/** It overrides what was given, or is not what most such pieces are. */
function isAgainst(
  piece: PieceFacts,
  { parts, washC, colour }: FindingFacts['usualTaken'],
  { compositions, tags, tagsOfFibres, whiteShare }: UsualPiece,
  partNames: readonly string[],
): boolean {
  const overrides = piece.parts.some((part, at) => !isOpen(part) && parts && !isSame(part, parts[at]));
  const filled = (parts ?? []).filter((_, at) => isOpen(piece.parts[at] ?? { name: '', fibres: [] }));
  const unusual = filled.some(
    (part) =>
      !compositions.some((make) => isSame({ fibres: make.parts[partNames.indexOf(part.name)] ?? [] }, part)),
  );
  const given = piece.parts.flatMap(({ fibres }) => fibres.map(({ fibreId }) => fibreId));
  const ofFibre = tagsOfFibres.find(({ fibreIds }) => fibreIds.some((id) => given.includes(id)));
  const allowed = (ofFibre?.tags ?? tags).reduce(
    (sum, { says, share }) => (typeof says === 'number' && says >= (washC ?? 0) ? sum + share : sum),
    0,
  );
  const overTag = washC !== null && (piece.label !== null || allowed < MIN_USUAL);
  const overColour = colour !== null && (piece.colour !== 'unknown' || (whiteShare ?? 0) < MIN_WHITE);
  return overrides || unusual || overColour || overTag || piece.condition !== 'sound';
}

const isSame = (one: Pick<PiecePart, 'fibres'>, other: Pick<PiecePart, 'fibres'> | undefined): boolean =>
  one.fibres.length === other?.fibres.length &&
  one.fibres.every(({ fibreId, sharePct }) =>
    other.fibres.some((share) => share.fibreId === fibreId && share.sharePct === sharePct),
  );

/** The same trouble on every other make, and with every other tag, of such a piece. */
function othersOf(
  taken: TroubleFacts,
  given: TroubleFacts,
  { compositions, tags, tagsOfFibres }: UsualPiece,
  partNames: readonly string[],
): TroubleFacts[] {
  const on = (piece: Partial<PieceFacts>): TroubleFacts => ({
    ...taken,
    piece: { ...taken.piece, ...piece },
  });
  const isFilled = (at: number) => isOpen(given.piece.parts[at] ?? { name: '', fibres: [] });
  const makes = compositions
    .filter(({ share }) => share >= ASKED_FROM)
    .map((make) =>
      on({
        parts: taken.piece.parts.map((part, at) =>
          isFilled(at) ? { ...part, fibres: make.parts[partNames.indexOf(part.name)] ?? part.fibres } : part,
        ),
      }),
    );
  const labels =
    given.piece.label === null
      ? [...tags, ...tagsOfFibres.flatMap((own) => own.tags)]
          .filter(({ share }) => share >= ASKED_FROM)
          .flatMap(({ says }) => labelOf(says, taken.piece.label) ?? [])
      : [];
  // What was taken for white may be dyed, and its dye is not tested.
  const dyed = taken.piece.colour === given.piece.colour ? [] : [on({ colour: 'mid' })];
  return [...makes, ...labels.map((label) => on({ label })), ...dyed];
}

function labelOf(says: UsualPiece['tags'][number]['says'], taken: CareLabel | null): CareLabel | null {
  if (!taken || says === 'none') return null;
  if (says === 'hand' || says === 'never') return { ...taken, wash: { kind: says } };
  return { ...taken, wash: { kind: 'machine', maxC: says, bars: 0 } };
}
