import { leftAfter } from '../../effect/workedShares.js';
import type { PlanContext } from '../case/planContext.js';
import { workOf } from './goneAfter.js';
import { FRESH, isMain, MIN_GAIN, type Placing, PREPARING, WHILE_FRESH } from './placement.js';

/** One starts with the gentlest that takes about a third of what the best would, on what it acts on at all. */
const FAIR_SHARE = 1 / 3;
/** A component below this share of a trouble decides nothing: our own choice. */
const WORTH_COUNTING = 0.1;

/** What is old or unknown starts gentler than that; what prepares, or works on what nothing else does, has its place. */
export function hasFairChance(one: Placing, all: readonly Placing[], context: PlanContext): boolean {
  const { facts, marks } = context;
  const frail =
    ['antique', 'irreplaceable'].includes(facts.piece.condition) || facts.piece.parts.length === 0;
  const fresh = FRESH.includes(facts.age) || facts.size === 'allOver';
  const purpose = one.fitted.asked?.purpose;
  // A person's explicit choice keeps its place.
  if (purpose === undefined || isMain(one.fitted)) return true;
  if (frail || (PREPARING.includes(purpose) && (fresh || !WHILE_FRESH.includes(purpose)))) return true;
  const taken = (of: Placing, m: number, c: number): number => {
    const left = leftAfter(workOf(of.fitted.eligible, context)[m]?.[c] ?? []);
    return 1 - (left.low + left.high) / 2;
  };
  return marks.some(({ components }, m) =>
    components.some(({ weight }, c) => {
      if (weight < WORTH_COUNTING) return false;
      const own = taken(one, m, c);
      return own >= MIN_GAIN && all.every((other) => own >= FAIR_SHARE * taken(other, m, c));
    }),
  );
}
