import type { Agent, Deed, Item, Knowledge, Method } from '@feverfew/knowledge';
import { WETTINGS } from '@feverfew/knowledge';
import type { BathAskedFor } from '../../bath/selectVessel.js';
import type { Envelope } from '../../envelope/envelope.js';
import type { Evidence } from '../../evidence/evidence.js';
import type { Household } from '../../household/household.js';
import type { Occupancy } from '../../household/occupancy.js';
import type { KnowledgeIndex } from '../../lookup/knowledgeIndex.js';
import type { UsualTaken } from '../../trouble/assumeUsual.js';
import type { Choices } from '../../trouble/choices.js';
import type { FollowedPosition } from '../../trouble/followedPositions.js';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import type { WorkMark } from '../../trouble/workMarks.js';

/** Everything one planning run looks at. */
export interface PlanContext {
  /** As given, and as usual where a washable piece was not described. */
  readonly facts: TroubleFacts;
  /** What of the facts was taken as usual; null = nothing. */
  readonly usual: UsualTaken | null;
  readonly household: Household;
  readonly knowledge: Knowledge;
  readonly index: KnowledgeIndex;
  readonly envelope: Envelope;
  readonly marks: readonly WorkMark[];
  /** All entered marks, gone ones included: cautions and bans that protect people go by them. */
  readonly told: readonly WorkMark[];
  readonly item: Item;
  readonly dryMassG: number;
  /** False for pieces that water cannot be drained through: carpets, upholstery, anything kept from immersion. */
  readonly rinsable: boolean;
  readonly positions: ReadonlyMap<string, FollowedPosition>;
  /** Agents in the house, by id, with their strength. */
  readonly cupboard: ReadonlyMap<string, number | null>;
  /** Products tried before that may still be in it. */
  readonly residues: readonly Agent[];
  /** Deeds forbidden on this piece, by its tag and its cautions. */
  readonly barred: ReadonlySet<Deed>;
  readonly choices: Choices;
  /** Only the marked place is worked on: what is sewn on at its side is kept dry. */
  readonly keepsOff: boolean;
  readonly occupancy: Occupancy;
  /** What the household's own log has seen of the methods. */
  readonly evidence: Evidence;
}

/** The bath a method asks for here. */
export const bathAskedFor = (
  method: Method,
  { index, dryMassG, item, facts }: PlanContext,
): BathAskedFor => ({
  liquorRatioLPerKg: method.liquorRatioLPerKg,
  agents: index.factsOf(method).agents,
  dryMassG,
  isDivisible: item.divisible || (facts.pieces ?? 1) > 1,
});

export const isRinsable = (item: Item, envelope: Envelope): boolean =>
  !item.surfaceOnly && WETTINGS.indexOf(envelope.wetting.most) >= WETTINGS.indexOf('immersion');
