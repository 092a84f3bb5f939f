import {
  type Agent,
  type Circumstances,
  type CoursePass,
  HARD_FROM_MG_L,
  type StepCondition,
} from '@feverfew/knowledge';
import type { PlanContext } from './planContext.js';

/** What the facts say of a circumstance. */
export type Truth = 'true' | 'false' | 'unknown';

/** What has been done to the piece when the step begins. */
export interface DoneBefore {
  readonly agents: readonly Agent[];
  /** Water has been on it. */
  readonly wetted: boolean;
}

export const NOTHING_DONE: DoneBefore = { agents: [], wetted: false };

const is = (holds: boolean): Truth => (holds ? 'true' : 'false');
const ifKnown = (known: boolean, holds: boolean): Truth => (known ? is(holds) : 'unknown');

/** Ages at which a mark of unknown wetness counts as wet: water still runs something out of it. */
const JUST_NOW = ['minutes', 'hours'];

/** Wet or dry as given; where that is not known, as its age makes it likely. */
export function wetnessOf({ wetness, age }: PlanContext['facts']): 'wet' | 'dry' | 'unknown' {
  if (wetness !== 'unknown' || age === 'unknown') return wetness;
  return JUST_NOW.includes(age) ? 'wet' : 'dry';
}

/** Neither its age nor whether it is wet is known. */
export const isFreshnessOpen = (facts: PlanContext['facts']): boolean =>
  wetnessOf(facts) === 'unknown' && facts.age === 'unknown';

type Known = readonly [context: PlanContext, before: DoneBefore];
type Deciders = {
  readonly [Key in keyof Circumstances]-?: (
    wanted: NonNullable<Circumstances[Key]>,
    ...known: Known
  ) => Truth;
};

function madeWith(ids: readonly string[], { facts, index }: PlanContext): Truth {
  const { parts } = facts.piece;
  const fibreIds = parts.flatMap(({ fibres }) => fibres.map(({ fibreId }) => fibreId));
  if (fibreIds.some((id) => ids.includes(id))) return 'true';
  const isOpen =
    fibreIds.length === 0 || fibreIds.some((id) => (index.fibres.get(id)?.group ?? 'unknown') === 'unknown');
  return isOpen ? 'unknown' : 'false';
}

const NOT: Readonly<Record<Truth, Truth>> = { true: 'false', false: 'true', unknown: 'unknown' };

/** A trouble whose cause is not known may be any of its causes. */
function isMark(ids: readonly string[], { marks }: PlanContext): Truth {
  if (marks.some(({ mark }) => ids.includes(mark.id))) return 'true';
  return marks.some(({ causes }) => causes.some(({ mark }) => ids.includes(mark.id))) ? 'unknown' : 'false';
}

const OLD: readonly string[] = ['days', 'weeks', 'months'];

const DECIDERS: Deciders = {
  wet: (wanted, { facts }) => {
    const wetness = wetnessOf(facts);
    return ifKnown(wetness !== 'unknown', (wetness === 'wet') === wanted);
  },
  dryNow: (_, { facts }, { wetted }) => (wetnessOf(facts) === 'dry' && !wetted ? 'true' : 'unknown'),
  ages: (wanted, { facts }) => ifKnown(facts.age !== 'unknown', wanted.includes(facts.age)),
  allOver: (wanted, { facts }) => ifKnown(facts.size !== 'unknown', (facts.size === 'allOver') === wanted),
  notOld: (_, { facts }) => is(!OLD.includes(facts.age)),
  notAllOver: (_, { facts }) => is(facts.size !== 'allOver'),
  colours: (wanted, { facts }) =>
    ifKnown(facts.piece.colour !== 'unknown', wanted.includes(facts.piece.colour)),
  fast: (_, { facts }) => ifKnown(facts.piece.fastness !== 'unknown', facts.piece.fastness === 'proven'),
  fibreIds: (wanted, context) => madeWith(wanted, context),
  notFibreIds: (wanted, context) => NOT[madeWith(wanted, context)],
  itemIds: (wanted, { item }) => is(wanted.includes(item.id)),
  notItemIds: (wanted, { item }) => is(!wanted.includes(item.id)),
  markIds: (wanted, context) => isMark(wanted, context),
  notMarkIds: (wanted, context) => NOT[isMark(wanted, context)],
  states: (wanted, { facts }) => is(wanted.includes(facts.piece.condition)),
  tagFromC: (wanted, { facts }) => {
    const wash = facts.piece.label?.wash ?? null;
    return ifKnown(wash !== null, wash?.kind === 'machine' && wash.maxC >= wanted);
  },
  tagBelowC: (wanted, { facts }) => {
    const wash = facts.piece.label?.wash ?? null;
    return ifKnown(wash !== null, wash?.kind !== 'machine' || wash.maxC < wanted);
  },
  tagTumbles: (_, { facts }) => {
    const tumble = facts.piece.label?.tumble ?? null;
    return ifKnown(tumble !== null, tumble !== 'never');
  },
  noWashOnTag: (_, { facts }) =>
    is(['machine', 'hand'].every((kind) => facts.piece.label?.wash?.kind !== kind)),
  noneOnIt: (wanted, { residues }, { agents }) =>
    [...residues, ...agents].some(({ chemistries }) => chemistries.some((one) => wanted.includes(one)))
      ? 'unknown'
      : 'true',
  stillThere: (wanted, { facts }) => is(wanted.some((id) => !facts.goneComponentIds.includes(id))),
  untried: (wanted, { facts, index }) =>
    is(
      !facts.tried.some(({ agentId }) =>
        index.agents.get(agentId)?.chemistries.some((one) => wanted.includes(one)),
      ),
    ),
  metalFree: (_, { facts }) => (facts.piece.metalParts ? 'unknown' : 'true'),
  without: (wanted, { household }) => is(wanted.every((who) => !household[who])),
  hardWater: (wanted, { household }) => is(household.hardnessMgL >= HARD_FROM_MG_L === wanted),
};

/** What the facts say of circumstances that must all hold; none = true. */
export function decideOne(circumstances: Circumstances, ...known: Known): Truth {
  const truths = Object.entries(circumstances).map(([key, wanted]) => {
    const decide = DECIDERS[key as keyof Circumstances] as (wanted: unknown, ...rest: Known) => Truth;
    return decide(wanted, ...known);
  });
  if (truths.includes('false')) return 'false';
  return truths.includes('unknown') ? 'unknown' : 'true';
}

/**
 * What the facts say of a condition. One of its circumstances is enough; what they leave open an earlier look may have
 * answered.
 */
export function decide(
  { anyOf, checkId, isAsked }: StepCondition,
  context: PlanContext,
  before: DoneBefore = NOTHING_DONE,
): Truth {
  const truths = anyOf.map((one) => decideOne(one, context, before));
  if (truths.includes('true')) return 'true';
  if (truths.length > 0 && !truths.includes('unknown')) return 'false';
  const seen = context.facts.seen?.[checkId];
  if (seen !== undefined) return is(seen);
  return isAsked ? 'unknown' : 'false';
}

/** No condition of the pass is false here. */
export const mayHold = (when: CoursePass['when'], context: PlanContext): boolean =>
  when === 'always' || when.every((condition) => decide(condition, context) !== 'false');

/** Conditions of the pass that the facts leave open. */
export const openConditions = (
  when: CoursePass['when'],
  context: PlanContext,
  before: DoneBefore,
): StepCondition[] => {
  if (when === 'always') return [];
  const open = when.filter((condition) => decide(condition, context, before) === 'unknown');
  return open.filter((condition) => !open.some((other) => other !== condition && implies(other, condition)));
};

/** What fulfils one always fulfils the other, so only the narrower is asked. */
const implies = ({ anyOf: narrow }: StepCondition, { anyOf: wide }: StepCondition): boolean =>
  narrow.length > 0 &&
  narrow.length < wide.length &&
  narrow.every((one) => wide.some((other) => isSame(one, other)));

const isSame = (one: Circumstances, other: Circumstances): boolean =>
  JSON.stringify(one) === JSON.stringify(other);

/** The pass is not for what the piece is made of. */
export const isForOtherFibres = (when: CoursePass['when'], context: PlanContext): boolean =>
  when !== 'always' &&
  when.some(({ anyOf }) =>
    anyOf.some(({ notFibreIds }) => notFibreIds && madeWith(notFibreIds, context) === 'true'),
  );
