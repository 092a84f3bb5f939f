import { type Agent, type Caution, type Item, type Knowledge, STANDING_CAUTIONS } from '@feverfew/knowledge';
import { drawEnvelope } from '../../envelope/drawEnvelope.js';
import { gatherLimits } from '../../envelope/gatherLimits.js';
import type { Limit } from '../../envelope/limit.js';
import { type Evidence, NO_EVIDENCE } from '../../evidence/evidence.js';
import { withTagRead, withTaken } from '../../finding/pieceAsTaken.js';
import { cupboardOf } from '../../household/bottleStrength.js';
import type { Household } from '../../household/household.js';
import { withMentioned } from '../../household/mentioned.js';
import { NOTHING_BUSY, type Occupancy } from '../../household/occupancy.js';
import { indexKnowledge, type KnowledgeIndex } from '../../lookup/knowledgeIndex.js';
import { type GentlestWash, type UsualTaken, withRareMakes } from '../../trouble/assumeUsual.js';
import { NO_CHOICES } from '../../trouble/choices.js';
import { diagnose, diagnosisOf } from '../../trouble/diagnose.js';
import { followedPositions } from '../../trouble/followedPositions.js';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import { toldMarks, type WorkMark, workMarks } from '../../trouble/workMarks.js';
import type { DiagnosisView } from '../plan/plan.js';
import { barredDeeds } from './barredDeeds.js';
import { isRinsable, type PlanContext } from './planContext.js';
import { residuesOf } from './residues.js';
import { soilCautions } from './soilCautions.js';
import { isVapour } from './vapourHere.js';

/**
 * Envelope and context; the context only once a trouble and a piece are given.
 * @param usual what to take as usual where it is not given; null = nothing, limits are the tightest it may have
 */
export function openCase(
  given: TroubleFacts,
  home: Household,
  knowledge: Knowledge,
  evidence: Evidence = NO_EVIDENCE,
  occupancy: Occupancy = NOTHING_BUSY,
  usual: UsualTaken | null = null,
) {
  const index = indexKnowledge(knowledge);
  const household = withMentioned(home, given, index);
  const piece = withTagRead(withTaken(given.piece, usual), given.seen);
  const facts = inOrder(onItsOwnPart({ ...given, piece }, index));
  const marks = workMarks(facts, knowledge);
  const told = toldMarks(facts, knowledge);
  const positions = followedPositions(facts, household, index);
  const limits = gatherLimits(
    { ...facts, piece: withRareMakes(facts, index) },
    { marks, told },
    positions,
    index,
  );
  const envelope = drawEnvelope(
    usual?.washC == null ? [...limits, ...untaggedLimits(usual?.gentlestWash ?? null)] : limits.map(asUsual),
  );
  const residues = residuesOf(facts.tried, index);
  const item = facts.piece.itemId === null ? undefined : index.items.get(facts.piece.itemId);
  // Where all of it is gone the danger may not be: it is looked for in what was there.
  const all: PlanContext | null =
    told.length > 0 && item
      ? {
          facts,
          usual,
          household,
          knowledge,
          index,
          envelope,
          marks: marks.length > 0 ? marks : told,
          told,
          item,
          // All of them lie in one bath, or go in lots.
          dryMassG: (facts.piece.dryMassG ?? item.dryMassG) * (facts.pieces ?? 1),
          rinsable: isRinsable(item, envelope),
          keepsOff: false,
          positions,
          evidence,
          choices: facts.choices ?? NO_CHOICES,
          occupancy,
          residues,
          barred: barredDeeds(facts.piece, cautionsOn(item, told, residues, knowledge)),
          cupboard: cupboardOf(household),
        }
      : null;
  const frame = {
    knowledgeVersion: knowledge.version,
    facts: given,
    envelope,
    diagnoses: diagnosesOf(facts, knowledge),
  };
  const isGone = marks.length === 0;
  return { context: isGone ? null : all, gone: isGone ? all : null, frame, item };
}

/** Where the tags of such pieces differ too much to take one, the gentlest of them counts. */
function untaggedLimits(gentlest: GentlestWash | null): Limit[] {
  if (!gentlest) return [];
  const { maxC, isByHand } = gentlest;
  const ground = {
    owner: { kind: 'label', sign: 'usualWash', tempC: maxC },
    protects: 'piece',
    sourceIds: ['commonPractice', 'memory'],
  } as const;
  return [
    { ...ground, quantity: 'tempC', maxC },
    ...(isByHand ? [{ ...ground, quantity: 'programme', most: 'hand' } as const] : []),
  ];
}

/** A limit of a tag that was not read is not the tag's. */
const asUsual = (limit: Limit): Limit =>
  limit.owner.kind === 'label' && limit.owner.sign === 'wash'
    ? { ...limit, owner: { ...limit.owner, sign: 'usualWash' } }
    : limit;

/** Cautions said of the piece, of its trouble, and of a solvent that may still be in it. */
function cautionsOn(
  item: Item,
  told: readonly WorkMark[],
  residues: readonly Agent[],
  knowledge: Knowledge,
): Caution[] {
  const ids = new Set([
    ...item.cautionIds,
    ...soilCautions(told, knowledge),
    ...(residues.some(isVapour) ? STANDING_CAUTIONS.solventOnIt : []),
  ]);
  return knowledge.cautions.filter((caution) => ids.has(caution.id));
}

/**
 * A trouble on a part that is planned as a piece of its own: the straps of a seat are webbing, whatever the tag of the
 * cover says.
 */
function onItsOwnPart(facts: TroubleFacts, { partsByName }: KnowledgeIndex): TroubleFacts {
  const part = facts.piece.parts[facts.partIndex];
  const itemId = part && partsByName.get(part.name)?.plannedAs;
  if (!part || !itemId || itemId === facts.piece.itemId) return facts;
  const piece = { ...facts.piece, itemId, parts: [part], label: null, code: null, dryMassG: null };
  return { ...facts, partIndex: 0, piece };
}

/** The order of entry changes nothing. */
function inOrder(facts: TroubleFacts): TroubleFacts {
  const by = <T>(list: readonly T[], key: (one: T) => string): T[] =>
    [...list].sort((a, b) => (key(a) < key(b) ? -1 : 1));
  return {
    ...facts,
    markIds: [...facts.markIds].sort(),
    tried: by(facts.tried, (product) => product.agentId),
    done: by(facts.done, (entry) => entry.methodId),
  };
}

function diagnosesOf(facts: TroubleFacts, knowledge: Knowledge): DiagnosisView[] {
  return [...facts.markIds].sort().flatMap((markId) => {
    const diagnosis = diagnosisOf(markId, knowledge);
    return diagnosis
      ? [{ diagnosisId: diagnosis.id, markId, causes: diagnose(diagnosis, facts.answers) }]
      : [];
  });
}
